import type { LadderStep } from '../model/school.ts';

/** What follows an offense. */
export const LADDER_WORDS: Record<LadderStep, string> = {
  word: 'a word',
  restart: 'out until the next restart',
  rest: 'out for the rest of the game',
};
