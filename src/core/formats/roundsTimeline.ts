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
  /** How long each round is against `workSeconds`; 1 if left out. */
  shares?: readonly number[];
  /** What comes before each round but the first; a break if left out. */
  breaks?: readonly { code: string; seconds: number }[];
}

const breakBefore = ({ breaks, breakSeconds }: RoundsOfBlock, round: number) => breaks?.[round] ?? { code: 'break', seconds: breakSeconds };
const listed = ({ bouts }: RoundsOfBlock): number[] => Array.from({ length: bouts }, (_, round) => round);
const fixedSeconds = (v: RoundsOfBlock) =>
  v.walkSeconds +
  v.rehearseSeconds +
  v.resetSeconds +
  listed(v).reduce((sum, round) => sum + (round ? breakBefore(v, round).seconds : 0), 0);
/** How many rounds of full length all of them come to. */
const fullRounds = ({ bouts, shares }: RoundsOfBlock) => shares?.reduce((sum, share) => sum + share, 0) ?? bouts;

/** The shortest and the longest that the block can be, if a round takes `least` to `most` seconds. */
export function roundsSpan(values: RoundsOfBlock, [least, most]: readonly [number, number]): { least: number; most: number } {
  const at = (round: number) => fixedSeconds(values) + fullRounds(values) * (values.workSeconds ?? round);
  return { least: at(least), most: at(most) };
}

/** Walk-through, rehearsal, rounds with a break between them, reset: what is left over goes to the reset. `stays`: where everyone is in a round. */
export function roundsTimeline(values: RoundsOfBlock, seconds: number, stays: (round: number) => Stay[]): Timeline {
  const workSeconds = values.workSeconds ?? fives((seconds - fixedSeconds(values)) / fullRounds(values));
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
    const { code, seconds: pause } = breakBefore(values, round);
    if (round) add({ kind: 'phase', code }, pause);
    const length = workSeconds * (values.shares?.[round] ?? 1);
    bouts.push({ at, until: at + length, lap: round, stays: stays(round) });
    add({ kind: 'work', code: 'work', round }, length);
  }
  add({ kind: 'phase', code: 'reset' }, Math.max(values.resetSeconds, seconds - at));
  return { segments, bouts, workSeconds };
}
