import type { GearLine } from '../gear/cover.ts';
import { valueAt } from '../model/text.ts';
import type { RunPlan } from './runPlan.ts';
import type { RunState } from './runState.ts';

/** Every line of gear of a frozen lesson. */
export const gearIn = (plan: Pick<RunPlan, 'blocks'>): GearLine[] => plan.blocks.flatMap((b) => b.game?.gear ?? b.laidGear ?? []);

/** Gear of a lesson by kind, the most that is needed at once. */
export function gearToCount(plan: Pick<RunPlan, 'blocks'>): { gearKind: string; need: number }[] {
  const most = new Map<string, number>();
  for (const line of gearIn(plan)) most.set(line.gearKind, Math.max(most.get(line.gearKind) ?? 0, line.need));
  return [...most].map(([gearKind, need]) => ({ gearKind, need }));
}

/** A count of everything in a list: all of it is there. */
export const allThere = (list: ReturnType<typeof gearToCount>): Record<string, number> =>
  Object.fromEntries(list.map(({ gearKind, need }) => [gearKind, need]));

/** Why gear is counted now: out before the first game, at the n-th switch of a game, or back once the last game is over. */
export type CountTime = { code: 'out' | 'play' | 'back' } | { code: 'switch'; number: number };

type Steps = Pick<RunState, 'steps' | 'step' | 'plan'>;

/** Which switch of its block a step is, from 1; undefined if it is none. */
function switchNumber({ steps }: Pick<Steps, 'steps'>, step: number): number | undefined {
  const at = steps[step];
  if (at?.segment.kind !== 'move') return undefined;
  return steps.filter((s, i) => i <= step && s.block === at.block && s.segment.kind === 'move').length;
}

/** What the count is for at the current step. */
export function countTime(state: Steps): CountTime {
  const number = switchNumber(state, state.step);
  if (number !== undefined) return { code: 'switch', number };
  const isGame = (step: number) => state.plan.blocks[state.steps[step]?.block]?.game !== undefined;
  if (isGame(state.step)) return { code: 'play' };
  return { code: state.steps.some((_, i) => i > state.step && isGame(i)) ? 'out' : 'back' };
}

/** Kinds that were counted at the current step. */
export const countedNow = ({ countsAt, step }: Pick<RunState, 'countsAt' | 'step'>): Set<string> =>
  new Set(Object.keys(countsAt[step] ?? {}));

/** The switch at which a kind was first short and never complete again; undefined if it was not at a switch. */
export function missedAt(state: Pick<RunState, 'countsAt' | 'steps'>, gearKind: string, need: number): number | undefined {
  const mine = Object.entries(state.countsAt).flatMap(([step, counts]) => {
    const counted = valueAt(counts, gearKind);
    return counted === undefined ? [] : [{ step: Number(step), counted }];
  });
  const first = mine[mine.findLastIndex((c) => c.counted >= need) + 1];
  return first && switchNumber(state, first.step);
}
