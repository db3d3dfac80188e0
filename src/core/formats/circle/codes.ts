import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { circleWords } from './words.en.ts';

export type CircleIdea = IdeaOf<typeof circleWords>;
export type CircleNoticed = NoticedOf<typeof circleWords>;
