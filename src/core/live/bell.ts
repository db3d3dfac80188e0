import type { Run } from '../model/run.ts';
import type { RunPlan } from './runPlan.ts';
import type { RunState } from './runState.ts';

/** Minutes before its first bell from which a lesson counts to its own last bell. */
const EARLY_MS = 15 * 60_000;

/** The last bell of a lesson that is blown in its period or shortly before; undefined at any other time, as in a rehearsal. Milliseconds. */
export const realBell = (now: number, firstBell: number, lastBell: number): number | undefined =>
  now >= firstBell - EARLY_MS && now < lastBell ? lastBell : undefined;

/** When the bell of a run is, in milliseconds. */
export const bellOf = (
  { startedAt, bellAt }: Pick<Run, 'startedAt' | 'bellAt'>,
  { periodSeconds }: Pick<RunPlan, 'periodSeconds'>,
): number => bellAt ?? startedAt + periodSeconds * 1000;

/** Seconds that everything that is left still takes as it is planned. */
export const secondsPlanned = ({ steps, step, remainingMs }: Pick<RunState, 'steps' | 'step' | 'remainingMs'>): number =>
  Math.ceil(remainingMs / 1000) + steps.slice(step + 1).reduce((sum, s) => sum + s.seconds, 0);

/** Seconds by which what is left runs past the bell; negative if there is time to spare. */
export const pastBell = (state: Pick<RunState, 'steps' | 'step' | 'remainingMs'>, bell: number, now: number): number =>
  secondsPlanned(state) - Math.round((bell - now) / 1000);
