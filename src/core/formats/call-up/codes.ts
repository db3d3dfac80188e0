import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { callUpWords } from './words.en.ts';

export type CallUpIdea = IdeaOf<typeof callUpWords>;
export type CallUpNoticed = NoticedOf<typeof callUpWords>;
