import { type Bodies, STEP_S } from './bodies.ts';

/** Steps between two looks at a track: often enough to be smooth. */
const LOOK_STEPS = 2;

/** Where everyone was at every second step of a play. */
export class Track {
  private readonly spots: { at: number; x: Float64Array; y: Float64Array }[] = [];

  keep(step: number, { x, y }: Pick<Bodies, 'x' | 'y'>): void {
    if (step % LOOK_STEPS === 0) this.spots.push({ at: step * STEP_S, x: x.slice(), y: y.slice() });
  }
  /** By player: seconds and metres. */
  frames(players: readonly string[]): Record<string, { at: number; x: number; y: number }[]> {
    return Object.fromEntries(players.map((id, i) => [id, this.spots.map(({ at, x, y }) => ({ at, x: x[i], y: y[i] }))]));
  }
}
