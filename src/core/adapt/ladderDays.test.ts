import { describe, expect, it } from 'vitest';
import { SKILL_LADDERS } from '../../content/ladders.ts';
import { FIRST_CELL } from '../model/skillLadder.ts';
import { ladderDays } from './ladderDays.ts';
import { mostUsed } from './mostUsed.ts';
import type { SkillTries } from './progress.ts';

const tries = (student: string, date: string, distance: number, alone: number, word: number, all: number): SkillTries => ({
  ...{ student, skill: 'throw', at: { ...FIRST_CELL, distance }, time: Number(date), date, from: 'mark', tries: all },
  made: { alone, word, model: 0, hand: 0 },
});

describe('a student’s days at a skill', () => {
  it('are in order, with the tries of lanes and marks at one step together', () => {
    const days = ladderDays(SKILL_LADDERS[0], 'ada', [
      tries('ada', '20', 1, 2, 1, 4),
      { ...tries('ada', '10', 0, 1, 0, 2), from: 'lane' },
      tries('ada', '10', 0, 0, 2, 3),
      tries('bo', '10', 0, 5, 0, 5),
    ]);
    expect(days.map(({ at: _, ...day }) => day)).toEqual([
      { date: '10', height: 0, tries: 5, alone: 1, helped: 2, missed: 2 },
      { date: '20', height: 1, tries: 4, alone: 2, helped: 1, missed: 1 },
    ]);
  });
});

describe('changes in use', () => {
  const dial = (to: string, gearId?: string) => ({
    ...{ dial: 'object' as const, to, data: {}, keeps: [], cost: 2 },
    ...(gearId ? { uses: [{ gearId, count: 1 }] } : {}),
  });
  const lesson = (lessonId: string, ...accepted: ReturnType<typeof dial>[]) => ({
    lessonId,
    choices: [{ student: 's', block: 'b', accepted, refused: [] }],
  });

  it('are counted by lessons, those of most lessons first, another item apart', () => {
    const used = mostUsed([
      lesson('one', dial('near-target'), dial('light-object', 'scarf')),
      lesson('two', dial('light-object', 'scarf'), dial('light-object', 'scarf')),
      lesson('three', dial('light-object', 'ball')),
    ]);
    expect(used.map(({ dial: { to, uses }, lessons }) => [to, uses?.[0].gearId, lessons])).toEqual([
      ['light-object', 'scarf', 2],
      ['light-object', 'ball', 1],
      ['near-target', undefined, 1],
    ]);
  });
});
