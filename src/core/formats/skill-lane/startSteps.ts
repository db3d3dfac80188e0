import type { LaneContext } from './group.ts';

/** On how many days a step must have gone well, or badly, before a student begins at another one. */
const DAYS = 2;

type Starting = Pick<LaneContext, 'setup' | 'values' | 'stages'>;

/** Index of the step that the class begins at. */
export const classStart = ({ setup, values }: Pick<LaneContext, 'setup' | 'values'>): number =>
  Math.min(values.step, setup.ladder.length) - 1;

/** Index of the step that a student begins at: beyond every step that went well on two days, one back from one that went badly on two. */
export function startOf(context: Starting, student: string): number {
  const first = classStart(context);
  if (context.values.startAt === 'same') return first;
  const at = (step: number) => context.stages?.[context.setup.ladder[step].id]?.[student];
  let step = first;
  while (step < context.setup.ladder.length - 1 && (at(step)?.up ?? 0) >= DAYS) step += 1;
  return step === first && step > 0 && (at(step)?.down ?? 0) >= DAYS ? step - 1 : step;
}

/** How many begin beyond the class's step, and how many before it. */
export function ownStarts(context: Starting & Pick<LaneContext, 'players'>): { ahead: number; behind: number } {
  const starts = context.players.map((p) => startOf(context, p.id) - classStart(context));
  return { ahead: starts.filter((by) => by > 0).length, behind: starts.filter((by) => by < 0).length };
}
