import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { spotCollectWords } from './words.en.ts';

export type SpotIdea = IdeaOf<typeof spotCollectWords>;
export type SpotNoticed = NoticedOf<typeof spotCollectWords>;
