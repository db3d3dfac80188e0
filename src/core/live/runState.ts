import type { Playing } from '../formats/format.ts';
import type { Finding } from '../model/finding.ts';
import type { Presence } from '../model/period.ts';
import type { RunEvent } from '../model/run.ts';
import type { PlayView } from '../play/playRules.ts';
import type { Boxed } from '../play/sideBox.ts';
import { inBlock, type RanStep, type RunFold, type RunStep } from './runFold.ts';
import type { RunPlan } from './runPlan.ts';

/** Where one play stands at the second `at` of its block. */
export interface PlayNow {
  setup: unknown;
  view: PlayView;
  refused: readonly Finding[];
  box: readonly Boxed[];
  at: number;
}

export interface RunState {
  /** The plan as it is now: what has begun as it was frozen at the start, the rest as it was replanned last. */
  plan: RunPlan;
  steps: RunStep[];
  /** Index of the current step. */
  step: number;
  /** Wall clock when the current step began, ms. */
  stepWall: number;
  remainingMs: number;
  /** Length of the current step with what was added or taken, ms. */
  lengthMs: number;
  paused: boolean;
  ended: boolean;
  /** Running time so far, ms. */
  activeMs: number;
  pausedMs: number;
  ran: RanStep[];
  /** By block id, for blocks with a game: each of its plays. */
  plays: Record<string, PlayNow[]>;
  /** What was said of students while the lesson ran. */
  presence: Record<string, Presence>;
  /** Offences of each student so far. */
  offences: Record<string, number>;
  counts: Record<string, number>;
  notes: string[];
  /** Events that still hold and can be struck, oldest first. */
  undoable: RunEvent[];
}

/** What a fold shows: plays as they are after the time of their block that has passed. */
export function showRun(fold: RunFold, undoable: RunEvent[]): RunState {
  const { plan, steps, step, lengthMs, paused, ended, activeMs, pausedMs, ran, presence, offences, counts, notes } = fold;
  const plays = plan.blocks.flatMap((b, i) => {
    if (!b.game) return [];
    const at = inBlock(fold, i, Math.min(activeMs, fold.over[i] ?? activeMs));
    const shown = fold.plays[b.id].map((play) => (play.due <= at ? play.until(at) : play));
    return [[b.id, shown.map((play) => ({ setup: play.setup, view: play.view(), refused: play.refused, box: play.box, at }))] as const];
  });
  return {
    ...{ plan, steps, step, lengthMs, paused, ended, activeMs, pausedMs, ran, presence, offences, counts, notes, undoable },
    stepWall: fold.fromWall,
    remainingMs: Math.max(0, fold.from + lengthMs - activeMs),
    plays: Object.fromEntries(plays),
  };
}

/** A block's plays with where each stands, as its format's board and results take them. */
export const playing = (plays: readonly PlayNow[] | undefined): Playing<unknown>[] =>
  (plays ?? []).map(({ setup, view }) => ({ setup, view }));

/** The round that is on in a run's current block; before, between and after rounds the one that comes next, else the last. */
export function roundNow({ steps, step }: Pick<RunState, 'steps' | 'step'>): number {
  const now = steps[step];
  const mine = steps.map((each, i) => ({ ...each, i })).filter((each) => each.block === now?.block && each.segment.round !== undefined);
  return now?.segment.round ?? (mine.find((each) => each.i > step) ?? mine.at(-1))?.segment.round ?? 0;
}
