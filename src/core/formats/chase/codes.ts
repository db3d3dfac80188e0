import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { chaseWords } from './words.en.ts';

export type ChaseIdea = IdeaOf<typeof chaseWords>;
export type ChaseNoticed = NoticedOf<typeof chaseWords>;
