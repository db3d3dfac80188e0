import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { perimeterWords } from './words.en.ts';

export type PerimeterIdea = IdeaOf<typeof perimeterWords>;
export type PerimeterNoticed = NoticedOf<typeof perimeterWords>;
