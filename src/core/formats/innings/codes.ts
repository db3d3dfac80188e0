import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { inningsWords } from './words.en.ts';

export type InningsIdea = IdeaOf<typeof inningsWords>;
export type InningsNoticed = NoticedOf<typeof inningsWords>;
