import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { winnersRingWords } from './words.en.ts';

export type RingIdea = IdeaOf<typeof winnersRingWords>;
export type RingNoticed = NoticedOf<typeof winnersRingWords>;
