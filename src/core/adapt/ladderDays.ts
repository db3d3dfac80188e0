import type { Cell, SkillLadder } from '../model/skillLadder.ts';
import { heightOf, isSameCell, onLadder } from './ladder.ts';
import { madeIn, type SkillTries } from './progress.ts';

/** A day's tries at one step of a skill: made alone, made with help, missed. */
export interface LadderDay {
  date: string;
  at: Cell;
  /** Steps above the ladder's start. */
  height: number;
  tries: number;
  alone: number;
  helped: number;
  missed: number;
}

/** A student's tries at a skill by day and step, lanes and marks together, in the order of days. */
export function ladderDays(ladder: SkillLadder, student: string, tries: readonly SkillTries[]): LadderDay[] {
  const days: LadderDay[] = [];
  const mine = tries.filter((t) => t.skill === ladder.skill && t.student === student).sort((a, b) => a.time - b.time);
  for (const each of mine) {
    const at = onLadder(ladder, each.at);
    const known = days.find((d) => d.date === each.date && isSameCell(d.at, at));
    const day = known ?? { date: each.date, at, height: heightOf(at), tries: 0, alone: 0, helped: 0, missed: 0 };
    const made = madeIn(each.made);
    day.tries += each.tries;
    day.alone += each.made.alone;
    day.helped += made - each.made.alone;
    day.missed += each.tries - made;
    if (!known) days.push(day);
  }
  return days;
}
