import { type Prompt, Skill } from '../../model/skillLadder.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import type { Attempts } from '../format.ts';
import type { LanePlaySetup } from './setup.ts';

/** Tries of a play by the step they were at, in the order in which the steps came; a step come back to goes on where it was. */
export function laneAttempts(
  { player, ladder, step, enough, up, down, skill, cells }: LanePlaySetup,
  events: readonly PlayEvent[],
): Attempts[] {
  const bySteps = new Map<number, Attempts>();
  const known = Skill.safeParse(skill);
  const fresh = (at: number): Attempts => ({
    ...{ player, step: at, stepId: ladder[at], tries: 0, alone: 0, helped: 0, fallen: 0, suggest: 0 },
    made: { alone: 0, word: 0, model: 0, hand: 0 },
    ...(known.success && cells?.[at] ? { skill: known.data, cell: cells[at] } : {}),
  });
  let at = step;
  for (const event of events) {
    if (event.type === 'step') at = Number(event.to);
    if (event.type !== 'try') continue;
    const count = Number(event.count ?? 1);
    const before = bySteps.get(at) ?? fresh(at);
    const prompt = (event.prompt ?? 'alone') as Prompt;
    const isAlone = prompt === 'alone';
    bySteps.set(at, {
      ...before,
      tries: before.tries + count,
      made: { ...before.made, [prompt]: before.made[prompt] + (event.made ? count : 0) },
      alone: before.alone + (event.made && isAlone ? count : 0),
      helped: before.helped + (event.made && !isAlone ? count : 0),
      fallen: before.fallen + Number(event.fallen ?? 0),
    });
  }
  const suggest = ({ tries, alone, helped }: Attempts) => {
    const share = (alone + helped) / Math.max(1, tries);
    if (tries < enough) return 0;
    return share >= up ? 1 : share <= down ? -1 : 0;
  };
  return [...bySteps.values()].map((each) => ({ ...each, suggest: suggest(each) }));
}
