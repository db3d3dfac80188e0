import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { ladderWords } from './words.en.ts';

export type LadderIdea = IdeaOf<typeof ladderWords>;
export type LadderNoticed = NoticedOf<typeof ladderWords>;
