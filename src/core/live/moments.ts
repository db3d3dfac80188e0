import type { BoardAction } from '../formats/board.ts';
import { actionsOf, answered } from '../formats/boardActions.ts';
import type { RunEvent } from '../model/run.ts';
import { boardsOf } from './boardsOf.ts';
import { effective } from './effective.ts';
import { foldRun } from './foldRun.ts';
import type { RunPlan } from './runPlan.ts';
import { type RunState, roundNow } from './runState.ts';

/** A run as far as it has come. */
export interface RunSoFar {
  plan: RunPlan;
  startedAt: number;
  log: readonly RunEvent[];
  state: RunState;
}

/** A moment of a run that has a name: a bout began, or something was tapped. `at`: wall clock just after it, ms. */
export interface Moment {
  blockId: string;
  at: number;
  /** The bout that began, from 0. */
  round?: number;
  /** What was tapped. */
  event?: RunEvent;
}

type PlayEntry = Extract<RunEvent, { type: 'play' }>;
const isPlay = (event: RunEvent): event is PlayEntry => event.type === 'play';

/** The moments of blocks with a game in the order in which they came. */
export function momentsOf({ plan, log, state }: RunSoFar): Moment[] {
  const begun = [...state.ran, { step: state.step, wall: state.stepWall }].flatMap(({ step, wall }): Moment[] => {
    const { block, segment } = state.steps[step] ?? {};
    const { game, id } = plan.blocks[block] ?? {};
    return game && segment.kind === 'work' ? [{ blockId: id, at: wall + 1, round: segment.round ?? 0 }] : [];
  });
  const taps = effective(log)
    .filter(isPlay)
    .map((event): Moment => ({ blockId: event.blockId, at: event.at + 1, event }));
  return [...begun, ...taps].sort((a, b) => a.at - b.at);
}

/** What the block's board offered at that moment: the actions that could be tapped then. */
export function actionsAt({ plan, startedAt, log }: RunSoFar, blockId: string, at: number): BoardAction[] {
  const game = plan.blocks.find((b) => b.id === blockId)?.game;
  if (!game) return [];
  const before = effective(log).filter((event) => event.at <= at);
  const then = foldRun(plan, startedAt, before, at);
  return boardsOf({ id: blockId, game }, then, roundNow(then))
    .flatMap(({ parts }) => parts)
    .flatMap(actionsOf)
    .filter((action) => action.enabled)
    .flatMap(answered);
}

/** What else could have been tapped in place of an entry: the other actions of its kind at that moment. */
export function insteadOf(run: RunSoFar, entry: RunEvent): BoardAction[] {
  const event = effective(run.log).find((e) => e.id === entry.id);
  if (!event || !isPlay(event)) return [];
  const own = JSON.stringify(Object.entries(event.event).sort());
  const earlier = run.log.filter((e) => e.id !== entry.id);
  return actionsAt({ ...run, log: earlier }, event.blockId, event.at).filter(
    (action) =>
      action.event.type === event.event.type &&
      action.play === (event.play ?? 0) &&
      action.visit === event.visit &&
      JSON.stringify(Object.entries(action.event).sort()) !== own,
  );
}
