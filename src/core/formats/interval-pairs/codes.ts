import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { intervalPairsWords } from './words.en.ts';

export type IntervalIdea = IdeaOf<typeof intervalPairsWords>;
export type IntervalNoticed = NoticedOf<typeof intervalPairsWords>;
