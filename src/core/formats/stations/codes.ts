import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { stationsWords } from './words.en.ts';

export type StationsIdea = IdeaOf<typeof stationsWords>;
export type StationsNoticed = NoticedOf<typeof stationsWords>;
