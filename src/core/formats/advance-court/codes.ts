import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { advanceCourtWords } from './words.en.ts';

export type CourtIdea = IdeaOf<typeof advanceCourtWords>;
export type CourtNoticed = NoticedOf<typeof advanceCourtWords>;
