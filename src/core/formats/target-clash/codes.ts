import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { targetClashWords } from './words.en.ts';

export type ClashIdea = IdeaOf<typeof targetClashWords>;
export type ClashNoticed = NoticedOf<typeof targetClashWords>;
