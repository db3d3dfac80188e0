import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { openFloorWords } from './words.en.ts';

export type OpenFloorIdea = IdeaOf<typeof openFloorWords>;
export type OpenFloorNoticed = NoticedOf<typeof openFloorWords>;
