/** When a student in the box may come back: with the next restart, the next round, a task that is done, or after a rest. */
export const RELEASES = ['restart', 'round', 'task', 'rest'] as const;
export type Release = (typeof RELEASES)[number];

/** A student who sits out. `until`: the second of the block at which that ends by itself. */
export interface Boxed {
  player: string;
  release: Release;
  until?: number;
}

const ROUND = ['rotate', 'round', 'switch', 'stop', 'swap', 'endRound', 'reset'];
const RESTART = ['error', 'rotate', 'switch', 'stop', 'over', 'goal', 'round', 'reset', 'endRound', 'turnover'];

/** Who comes back with an own event of that type, in the order in which they went out. */
export function letBack(box: readonly Boxed[], type: string): Boxed[] {
  return box.filter(({ release }) => (release === 'restart' && RESTART.includes(type)) || (release === 'round' && ROUND.includes(type)));
}

/** The second at which the next one comes back by themselves, Infinity if nobody does. */
export const nextBack = (box: readonly Boxed[]): number =>
  box.reduce((next, { until }) => Math.min(next, until ?? next), Number.POSITIVE_INFINITY);
