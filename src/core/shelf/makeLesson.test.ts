import { describe, expect, it } from 'vitest';
import { ROOMS, ROSTERS } from '../../content/demo.ts';
import { demoDesk } from '../../content/desk.fixture.ts';
import { draftFit } from '../fit/draftFit.ts';
import { applyEdit } from '../model/edit.ts';
import { Lesson } from '../model/lesson.ts';
import type { ShelfInput } from './judge.ts';
import type { LessonWish } from './lessonParts.ts';
import { makeLessons, takeLesson } from './makeLesson.ts';

const WISH: LessonWish = { families: [], minutes: 45, school: null };
function made(input: ShelfInput, wish: Partial<LessonWish> = {}, played: readonly string[] = []) {
  const making = makeLessons(input, { ...WISH, ...wish }, played);
  for (let step = making.next(); ; step = making.next()) if (step.done) return step.value;
}
const facts = (roster: (typeof ROSTERS)[number], room = ROOMS[0]): ShelfInput => {
  const { lesson: _, ...input } = demoDesk({ ...roster, room });
  return input;
};
const roles = (lesson: ReturnType<typeof made>[number]) => lesson.parts.map((p) => p.role);

describe('make me a lesson', () => {
  it.each(ROSTERS.map((r) => [r.schoolClass.name, r] as const))(
    'offers %s three lessons without a stop, unlike one another, the best first',
    (_, roster) => {
      const input = facts(roster);
      const lessons = made(input);
      expect(lessons).toHaveLength(3);
      for (const { blocks } of lessons) {
        const lesson = Lesson.parse({ ...demoDesk().lesson, blocks, accepted: [] });
        expect(draftFit({ ...input, lesson }).noticed.filter((n) => n.weight === 'stop')).toEqual([]);
      }
      const games = lessons.map((l) => new Set(l.parts.map((p) => p.gameId)));
      for (const [i, mine] of games.entries())
        for (const other of games.slice(i + 1)) expect([...mine].filter((id) => other.has(id)).length).toBeLessThanOrEqual(1);
      expect(lessons.map((l) => l.merit)).toEqual([...lessons.map((l) => l.merit)].sort((a, b) => b - a));
    },
  );

  it('goes either way: skill before the game, or the game before and after it', () => {
    const input = facts(ROSTERS[2]);
    for (const lesson of made(input, { school: 'build-up' })) {
      expect(lesson.school).toBe('build-up');
      expect(roles(lesson).at(-1)).toBe('game');
    }
    const first = made(input, { school: 'game-first', minutes: 45 });
    for (const lesson of first) expect(roles(lesson)[0]).toBe('game');
    const whole = first.find((l) => roles(l).includes('again'))!;
    expect(whole.parts[0].gameId).toBe(whole.parts[2].gameId);
    expect(new Set(made(input).map((l) => l.school)).size).toBe(2);
  });

  it('is about what is wanted, says why, and stays within the minutes', () => {
    const input = facts(ROSTERS[3]);
    const [best] = made(input, { families: ['dodge and flee'], minutes: 30 }, ['Toll bridge']);
    const main = input.games.find((g) => g.id === best.parts.find((p) => p.role === 'game')!.gameId)!;
    expect(main.families).toContain('dodge and flee');
    expect(best.reasons.map((r) => r.code)).toEqual(expect.arrayContaining(['for', 'on-task', 'waits']));
    const end = Math.max(...best.fitted.map((b) => b.at + b.seconds));
    expect(end).toBeLessThanOrEqual(30 * 60);
    expect(best.periodSeconds).toBe(30 * 60);
    const fresh = best.reasons.find((r) => r.code === 'fresh');
    expect((fresh?.data.titles as string[] | undefined) ?? []).not.toContain('Toll bridge');
  });

  it('gives the same lessons for the same question, and none where nothing fits', () => {
    const input = facts(ROSTERS[1]);
    expect(made(input)).toEqual(made(input));
    expect(made({ ...input, cupboard: [], games: input.games.filter((g) => g.format === 'stations') })).toEqual([]);
  });

  it('is taken in one gesture and undone in one', () => {
    const input = demoDesk();
    const [best] = made(input);
    let id = 0;
    const taken = applyEdit(
      input.lesson,
      takeLesson(input.lesson, best, () => `n${++id}`),
    );
    if (!taken.ok) throw new Error(taken.code);
    expect(taken.lesson.title).toBe(best.title);
    expect(taken.lesson.blocks.map((b) => b.title)).toEqual(best.blocks.map((b) => b.title));
    const back = applyEdit(taken.lesson, taken.inverse);
    expect(back).toMatchObject({ ok: true, lesson: { title: input.lesson.title, blocks: input.lesson.blocks } });
  });
});
