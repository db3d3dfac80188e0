import type { SkillTries } from '../adapt/progress.ts';
import type { Run, RunEvent } from '../model/run.ts';
import { PROMPTS, type Prompt } from '../model/skillLadder.ts';
import { attemptsIn, keepsAttempts } from './attemptsIn.ts';
import { held } from './effective.ts';

type Mark = Extract<RunEvent, { type: 'mark' }>;

const noneMade = (): Record<Prompt, number> => ({ alone: 0, word: 0, model: 0, hand: 0 });

/** A mark as one more try at its cell. */
const ofMark = ({ student, skill, cell, made, count = 1, prompt, at }: Mark, date: string): SkillTries => ({
  ...{ student, skill, at: cell, time: at, date, from: 'mark', tries: count },
  made: { ...noneMade(), ...(made ? { [prompt]: count } : {}) },
});

const keyOf = ({ student, skill, at, date, from }: SkillTries) => JSON.stringify([student, skill, at, date, from]);

/** Tries of one cell, one source and one day added up. The time is the last one's. */
function summed(list: readonly SkillTries[]): SkillTries[] {
  const sums = new Map<string, SkillTries>();
  for (const each of list) {
    const known = sums.get(keyOf(each));
    const made = { ...each.made };
    for (const prompt of PROMPTS) made[prompt] += known?.made[prompt] ?? 0;
    sums.set(keyOf(each), { ...each, tries: each.tries + (known?.tries ?? 0), made });
  }
  return [...sums.values()];
}

/** Marks that a lesson's log still holds, each as it was made. */
export const marksIn = (events: readonly RunEvent[], date: string): SkillTries[] =>
  held(events).flatMap((event) => (event.type === 'mark' ? [ofMark(event, date)] : []));

/**
 * Every try of a lesson that counts for a student's ladders: marks on Whistle, and tries in lanes whose game says where on the ladder
 * of its skill each of its steps is. Added up by student, skill, cell and source; corrections counted. Private.
 */
export function skillTriesIn(run: Run, events: readonly RunEvent[]): SkillTries[] {
  const lanes = keepsAttempts(run) ? attemptsIn(run, events) : [];
  const ofLanes = lanes.flatMap(({ player: student, skill, cell: at, tries, made, date }): SkillTries[] =>
    skill && at ? [{ student, skill, at, time: run.startedAt, date, from: 'lane', tries, made }] : [],
  );
  return summed([...marksIn(events, run.date), ...ofLanes]);
}
