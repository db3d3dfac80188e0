import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { tossTargetsWords } from './words.en.ts';

export type TossIdea = IdeaOf<typeof tossTargetsWords>;
export type TossNoticed = NoticedOf<typeof tossTargetsWords>;
