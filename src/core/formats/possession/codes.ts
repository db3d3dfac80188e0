import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { possessionWords } from './words.en.ts';

export type PossessionIdea = IdeaOf<typeof possessionWords>;
export type PossessionNoticed = NoticedOf<typeof possessionWords>;
