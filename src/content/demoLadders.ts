import type { Cell, FollowedSkill, Prompt, Skill } from '../core/model/skillLadder.ts';
import { seededRng } from '../core/rng.ts';

/** From so many weeks ago on a student is at a place of a ladder and makes this share of the tries, this share of those with no help. */
interface Stretch {
  weeksAgo: number;
  at: [object: number, implement: number, motion: number, distance: number];
  prompt: Prompt;
  makes: number;
  alone: number;
}
interface Followed {
  student: string;
  skill: Skill;
  handYes?: boolean;
  stretches: readonly Stretch[];
}

const from = (weeksAgo: number, at: Stretch['at'], prompt: Prompt, makes: number, alone = 1): Stretch => ({
  ...{ weeksAgo, at, prompt, makes, alone },
});

/** Steps of invented students over the weeks of the demo: up, up and back again, one that is ready for the next. */
const FOLLOWED: readonly Followed[] = [
  {
    student: 'grade-5a-21',
    skill: 'strike-implement',
    stretches: [
      from(8, [0, 0, 0, 0], 'model', 0.85, 0.2),
      from(6, [0, 0, 0, 0], 'word', 0.9, 0.6),
      from(5, [0, 0, 0, 1], 'word', 0.8, 0.5),
      from(3, [0, 0, 1, 1], 'word', 0.7, 0.6),
      from(1, [0, 0, 1, 1], 'alone', 0.95),
    ],
  },
  {
    student: 'grade-5a-4',
    skill: 'catch',
    stretches: [
      from(7, [0, 0, 1, 1], 'word', 0.85, 0.5),
      from(4, [1, 0, 1, 1], 'word', 0.75, 0.5),
      from(2, [1, 0, 2, 1], 'word', 0.25, 0.5),
    ],
  },
  {
    student: 'grade-3b-6',
    skill: 'guided-run',
    handYes: true,
    stretches: [from(8, [0, 0, 0, 0], 'hand', 0.9, 0.1), from(5, [0, 0, 0, 1], 'word', 0.85, 0.4), from(2, [0, 1, 0, 1], 'word', 0.9, 0.5)],
  },
  {
    student: 'grade-6d-6',
    skill: 'wheels',
    stretches: [from(8, [0, 0, 0, 0], 'alone', 0.95), from(6, [0, 0, 0, 1], 'alone', 0.9), from(4, [0, 0, 1, 1], 'alone', 0.85)],
  },
  {
    student: 'grade-8a-17',
    skill: 'throw',
    stretches: [from(8, [0, 0, 0, 1], 'alone', 0.85), from(5, [1, 0, 0, 1], 'alone', 0.35), from(3, [0, 0, 0, 1], 'alone', 0.7)],
  },
];

const cellOf = ([object, implement, motion, distance]: Stretch['at']): Cell => ({ object, implement, motion, distance });

/** Steps that the demo's teacher decided on for a student. `weeksBefore(n)`: wall clock n weeks before today, ms. */
export function demoFollowed(student: string, weeksBefore: (weeks: number) => number): { ladders?: FollowedSkill[]; handYes?: boolean } {
  const mine = FOLLOWED.filter((f) => f.student === student);
  if (!mine.length) return {};
  const ladders = mine.map(({ skill, stretches }) => ({
    skill,
    places: stretches.map(({ at, prompt, weeksAgo }) => ({ at: cellOf(at), prompt, since: weeksBefore(weeksAgo) })),
  }));
  return { ladders, ...(mine.some((f) => f.handYes) ? { handYes: true } : {}) };
}

export interface DemoMark {
  student: string;
  skill: Skill;
  cell: Cell;
  made: boolean;
  prompt: Prompt;
  saidYes?: true;
}

/** The marks of a lesson of a class so many weeks ago, by a seed. */
export function demoMarks(classId: string, weeksAgo: number, seed: number): DemoMark[] {
  const random = seededRng(seed);
  return FOLLOWED.filter((f) => f.student.startsWith(`${classId}-`)).flatMap(({ student, skill, stretches }) => {
    const now = stretches.findLast((s) => s.weeksAgo > weeksAgo);
    if (!now) return [];
    return Array.from({ length: 5 + random.below(4) }, () => {
      const made = random.float() < now.makes;
      const prompt = random.float() < now.alone ? 'alone' : now.prompt;
      return { ...{ student, skill, cell: cellOf(now.at), made, prompt }, ...(prompt === 'hand' ? { saidYes: true as const } : {}) };
    });
  });
}
