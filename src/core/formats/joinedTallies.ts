import type { BoardPart } from './board.ts';

/** Parts of several plays, their tallies as one: a row for each side of every field, so that nothing is squeezed; whole-board actions come after it. */
export function joinedTallies(parts: readonly BoardPart[]): BoardPart[] {
  const tallies = parts.flatMap((p) => (p.part === 'tally' ? [p] : []));
  if (tallies.length < 2) return [...parts];
  const actions = tallies.flatMap((p) => p.actions ?? []);
  const one: BoardPart = { ...tallies[0], rows: tallies.flatMap((p) => p.rows), actions };
  return [one, ...parts.filter((p) => p.part !== 'tally')];
}
