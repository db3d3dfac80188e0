import { fives } from '../rotation/fives.ts';
import type { Bout, Segment, Stay, Timeline } from './format.ts';

/** What decides how a block's time is cut into rounds. Seconds; `workSeconds` is solved if it is not set. */
export interface RoundsOfBlock {
  bouts: number;
  workSeconds?: number;
  breakSeconds: number;
  walkSeconds: number;
  rehearseSeconds: number;
  resetSeconds: number;
}

const fixedSeconds = (v: RoundsOfBlock) => v.walkSeconds + v.rehearseSeconds + v.resetSeconds + (v.bouts - 1) * v.breakSeconds;

/** The shortest and the longest that the block can be, if a round takes `least` to `most` seconds. */
export function roundsSpan(values: RoundsOfBlock, [least, most]: readonly [number, number]): { least: number; most: number } {
  const at = (round: number) => fixedSeconds(values) + values.bouts * (values.workSeconds ?? round);
  return { least: at(least), most: at(most) };
}

/** Walk-through, rehearsal, rounds with a break between them, reset: what is left over goes to the reset. `stays`: where everyone is in a round. */
export function roundsTimeline(values: RoundsOfBlock, seconds: number, stays: (round: number) => Stay[]): Timeline {
  const workSeconds = values.workSeconds ?? fives((seconds - fixedSeconds(values)) / values.bouts);
  const segments: Segment[] = [];
  const bouts: Bout[] = [];
  let at = 0;
  const add = (segment: Omit<Segment, 'at' | 'until'>, length: number) => {
    if (length > 0) segments.push({ ...segment, at, until: at + length });
    at += Math.max(0, length);
  };
  add({ kind: 'phase', code: 'walk-through' }, values.walkSeconds);
  add({ kind: 'phase', code: 'rehearse' }, values.rehearseSeconds);
  for (let round = 0; round < values.bouts; round++) {
    if (round) add({ kind: 'phase', code: 'break' }, values.breakSeconds);
    bouts.push({ at, until: at + workSeconds, lap: round, stays: stays(round) });
    add({ kind: 'work', code: 'work', round }, workSeconds);
  }
  add({ kind: 'phase', code: 'reset' }, Math.max(values.resetSeconds, seconds - at));
  return { segments, bouts, workSeconds };
}
