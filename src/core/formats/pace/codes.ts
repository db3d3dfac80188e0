import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { paceWords } from './words.en.ts';

export type PaceIdea = IdeaOf<typeof paceWords>;
export type PaceNoticed = NoticedOf<typeof paceWords>;
