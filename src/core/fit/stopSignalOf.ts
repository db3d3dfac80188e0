import type { FitInput, FittedGame } from './fitted.ts';

/** What stops everyone in a game: what the teacher set, else the game's own signal, else the school's. */
export const stopSignalOf = (
  { games, school }: Pick<FitInput, 'games' | 'school'>,
  { gameId, roles }: Pick<FittedGame, 'gameId' | 'roles'>,
): string => String(roles['stop-signal']?.value || games.find((g) => g.id === gameId)?.stopSignal || school.stopSignal);
