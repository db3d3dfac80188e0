/** From where to where somebody walks: indices of places. */
export type Move = readonly [from: number, to: number];

/** The same moves, each once, in the order in which they come first. */
export const eachOnce = (moves: readonly Move[]): Move[] =>
  moves.filter(([from, to], i) => moves.findIndex((m) => m[0] === from && m[1] === to) === i);

/** The walks of all groups between two rounds, each once; who waits before or after, or stays, does not walk. */
export const movesBetween = (places: readonly number[], next: readonly number[]): Move[] =>
  eachOnce(places.map((from, g): Move => [from, next[g] ?? -1]).filter(([from, to]) => from >= 0 && to >= 0 && from !== to));
