import type { Playing } from '../formats/format.ts';
import type { Finding } from '../model/finding.ts';
import type { Presence } from '../model/period.ts';
import type { RunEvent } from '../model/run.ts';
import type { PlayFold } from '../play/foldPlay.ts';
import type { PlayView, Sheet } from '../play/playRules.ts';
import type { Boxed } from '../play/sideBox.ts';
import { inBlock, type RanStep, type RunFold, type RunStep } from './runFold.ts';
import type { PlanBlock, RunPlan } from './runPlan.ts';
import { visitSecond } from './visits.ts';

/** Where one play stands at the second `at` of its block. */
export interface PlayNow {
  setup: unknown;
  view: PlayView;
  refused: readonly Finding[];
  box: readonly Boxed[];
  sheet: Sheet;
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
  /** By block id: the plays of each visit to a place that is a game of its own. */
  visits: Record<string, PlayNow[][]>;
  /** What was said of students while the lesson ran. */
  presence: Record<string, Presence>;
  /** Offences of each student so far. */
  offences: Record<string, number>;
  counts: Record<string, number>;
  countsAt: RunFold['countsAt'];
  notes: string[];
  /** Events that still hold and can be struck, oldest first. */
  undoable: RunEvent[];
}

/** A play after the time of it that has passed. */
function playNow(play: PlayFold, at: number): PlayNow {
  const now = play.due <= at ? play.until(at) : play;
  return { setup: now.setup, view: now.view(), refused: now.refused, box: now.box, sheet: now.sheet(), at };
}

/** What a fold shows: plays as they are after the time of their block, or of their round, that has passed. */
export function showRun(fold: RunFold, undoable: RunEvent[]): RunState {
  const { plan, steps, step, lengthMs, paused, ended, activeMs, pausedMs, ran, presence, offences, counts, countsAt, notes } = fold;
  const upTo = (block: number) => Math.min(activeMs, fold.over[block] ?? activeMs);
  const games = plan.blocks.map((block, i) => ({ block, i })).filter(({ block }) => block.game);
  const plays = games.map(({ block: { id }, i }) => [id, fold.plays[id].map((play) => playNow(play, inBlock(fold, i, upTo(i))))]);
  const visits = games.map(({ block: { id }, i }) => {
    const now = (play: PlayFold, visit: number) => playNow(play, visitSecond(fold, i, visit, upTo(i)) ?? 0);
    return [id, fold.visits[id].map((list, visit) => list.map((play) => now(play, visit)))];
  });
  return {
    ...{ plan, steps, step, lengthMs, paused, ended, activeMs, pausedMs, ran, presence, offences, counts, countsAt, notes, undoable },
    stepWall: fold.fromWall,
    remainingMs: Math.max(0, fold.from + lengthMs - activeMs),
    plays: Object.fromEntries(plays),
    visits: Object.fromEntries(visits),
  };
}

/** A block's plays with where each stands, as its format's board and results take them. */
export const playing = (plays: readonly PlayNow[] | undefined): Playing<unknown>[] =>
  (plays ?? []).map(({ setup, view, sheet, at }) => ({ setup, view, sheet, at }));

/** The visits that go on now: those of the round that is on in the current block. */
export function visitsNow(
  block: Pick<PlanBlock, 'id' | 'game'> | undefined,
  state: Pick<RunState, 'steps' | 'step' | 'visits'>,
): { visit: number; plays: PlayNow[] }[] {
  const { segment } = state.steps[state.step] ?? {};
  if (!block?.game?.visits || segment?.kind !== 'work') return [];
  return block.game.visits.flatMap(({ round }, visit) =>
    round === segment.round ? [{ visit, plays: state.visits[block.id][visit] }] : [],
  );
}

/** The round that is on in a run's current block; before, between and after rounds the one that comes next, else the last. */
export function roundNow({ steps, step }: Pick<RunState, 'steps' | 'step'>): number {
  const now = steps[step];
  const mine = steps.map((each, i) => ({ ...each, i })).filter((each) => each.block === now?.block && each.segment.round !== undefined);
  return now?.segment.round ?? (mine.find((each) => each.i > step) ?? mine.at(-1))?.segment.round ?? 0;
}
