import { fitUnweighed } from '../fit/fit.ts';
import type { FitInput, FittedLesson } from '../fit/fitted.ts';
import { newHeader } from '../model/record.ts';
import { freeze } from './freeze.ts';
import type { PlanBlock } from './runPlan.ts';
import type { RunState } from './runState.ts';

/** What is left of a lesson under way, planned anew. */
export interface RestOfLesson {
  /** The blocks to come, frozen. */
  blocks: PlanBlock[];
  /** Seconds from the end of the block under way to the bell, and by how many the rest is longer at its shortest. */
  secondsLeft: number;
  overSeconds: number;
  /** Turns of the average student in what is to come, as it was and as it would be. */
  turns: { before: number; after: number };
}

/** Seconds that the block under way still takes as it stands. */
const restOfBlock = ({ steps, step, remainingMs }: RunState): number =>
  Math.ceil(remainingMs / 1000) + steps.slice(step + 1).reduce((sum, s) => (s.block === steps[step].block ? sum + s.seconds : sum), 0);

/** The floor that lies there: of the latest block with a game that has begun. */
function standingNow({ blocks }: RunState['plan'], begun: readonly string[]): Pick<FitInput, 'standing'> {
  const block = blocks.findLast((b) => begun.includes(b.id) && b.game);
  if (!block?.game) return {};
  const { pieces, things, groups } = block.game;
  return { standing: { title: block.title, pieces, laid: things, groups } };
}

/** What is left without some blocks, as it is fitted into the time to the bell: with who is here now. */
export function fitRest(
  input: FitInput,
  state: RunState,
  toBell: number,
  drop: readonly string[],
): { kept: FitInput; fitted: FittedLesson; secondsLeft: number } {
  const begun = state.plan.blocks.slice(0, (state.steps[state.step]?.block ?? -1) + 1).map((b) => b.id);
  const blocks = input.lesson.blocks.filter((b) => !begun.includes(b.id) && !drop.includes(b.id));
  const secondsLeft = Math.max(0, Math.round(toBell) - restOfBlock(state));
  const entries = { ...input.attendance?.entries, ...state.presence };
  const attendance = { ...(input.attendance ?? newHeader('attendance', 1)), periodId: input.period.id, entries } as FitInput['attendance'];
  const kept = { ...input, attendance, secondsLeft, ...standingNow(state.plan, begun), lesson: { ...input.lesson, blocks } };
  return { kept, fitted: fitUnweighed(kept), secondsLeft };
}

/**
 * The blocks that have not begun, fitted into the time to the bell as the lesson stands on the desk now, with who is here now.
 * `drop`: ids of blocks that are left out. `toBell`: seconds to the bell.
 */
export function restOf(input: FitInput, state: RunState, toBell: number, drop: readonly string[] = []): RestOfLesson {
  const { kept, fitted, secondsLeft } = fitRest(input, state, toBell, drop);
  const before = drop.length ? fitRest(input, state, toBell, []).fitted : fitted;
  return {
    blocks: freeze(kept, fitted).blocks,
    secondsLeft,
    overSeconds: fitted.numbers.overSeconds,
    turns: { before: before.numbers.turns, after: fitted.numbers.turns },
  };
}
