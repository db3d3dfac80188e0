import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { courseWords } from './words.en.ts';

export type CourseIdea = IdeaOf<typeof courseWords>;
export type CourseNoticed = NoticedOf<typeof courseWords>;
