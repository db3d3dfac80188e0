import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { skillLaneWords } from './words.en.ts';

export type LaneIdea = IdeaOf<typeof skillLaneWords>;
export type LaneNoticed = NoticedOf<typeof skillLaneWords>;
