import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { podsWords } from './words.en.ts';

export type PodsIdea = IdeaOf<typeof podsWords>;
export type PodsNoticed = NoticedOf<typeof podsWords>;
