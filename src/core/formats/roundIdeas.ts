import type { z } from 'zod';
import type { Edit } from '../model/edit.ts';
import type { FixIdea } from '../model/finding.ts';
import { idea, setting } from './ideas.ts';
import type { roundValues } from './sharedSetup.ts';

/** The codes of these ideas, by a format's prefix. */
export type RoundIdeaCode<P extends string> = `${P}-rounds` | `${P}-no-walk` | `${P}-automatic`;
type RoundIdea<P extends string> = FixIdea<RoundIdeaCode<P>>;
type RoundValues = z.infer<z.ZodObject<typeof roundValues>>;
/** The most rounds of a block. */
const MOST_ROUNDS = 8;

/**
 * How a block of rounds gets shorter or longer: without walk-through and rehearsal, with rounds as long as the period allows, by fewer
 * rounds or one more. Each idea's code begins with the format's prefix; `roundIdeaWords` says it. `keepsWalk`: the walk-through stays.
 */
export function roundIdeas<P extends string>(context: { blockId: string; values: RoundValues }, prefix: P, keepsWalk = false) {
  const { bouts, walkSeconds, rehearseSeconds, workSeconds } = context.values;
  const rounds = (count: number, ...more: Edit[]) =>
    idea<`${P}-rounds`>(`${prefix}-rounds`, { count }, setting(context, 'bouts', count), ...more);
  const still = [...(keepsWalk ? [] : [setting(context, 'walkSeconds', 0)]), setting(context, 'rehearseSeconds', 0)];
  const seconds = rehearseSeconds + (keepsWalk ? 0 : walkSeconds);
  const shorter: RoundIdea<P>[] = [];
  if (seconds > 0) shorter.push(idea<`${P}-no-walk`>(`${prefix}-no-walk`, { seconds }, ...still));
  if (workSeconds !== undefined) shorter.push(idea<`${P}-automatic`>(`${prefix}-automatic`, {}, setting(context, 'workSeconds', null)));
  for (let fewer = bouts - 1; fewer >= 1; fewer--) shorter.push(rounds(fewer, ...still));
  return {
    shorter,
    longer: bouts < MOST_ROUNDS ? [rounds(bouts + 1)] : [],
    /** Other numbers of rounds, as choices. */
    others: (counts: readonly number[]): RoundIdea<P>[] => counts.filter((c) => c !== bouts).map((c) => rounds(c)),
  };
}
