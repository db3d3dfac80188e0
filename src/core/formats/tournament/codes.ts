import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { tournamentWords } from './words.en.ts';

export type TournamentIdea = IdeaOf<typeof tournamentWords>;
export type TournamentNoticed = NoticedOf<typeof tournamentWords>;
