import { describe, expect, it } from 'vitest';
import { GRADE_1M, GRADE_5A, MILL_GYM, ROSTERS, UPPER_YARD } from '../../content/demo.ts';
import { demoDesk } from '../../content/desk.fixture.ts';
import { TEMPLATES } from '../../content/templates.ts';
import { draftFit } from '../fit/draftFit.ts';
import { CLASSROOM } from '../fit/everyRoom.fixture.ts';
import { GAME_FAMILIES } from '../model/game.ts';
import { Lesson } from '../model/lesson.ts';
import { plainRoom, type Room, rectangleOutline } from '../model/room.ts';
import type { ShelfInput } from './judge.ts';
import { SCHOOLS } from './lessonParts.ts';
import { fitTemplate, judgeOnce, type LessonTemplate } from './templates.ts';

const CORRIDOR: Room = { ...CLASSROOM, name: 'Corridor', ...plainRoom(rectangleOutline(24, 3.2)) };
const facts = (roster: (typeof ROSTERS)[number], room: Room): ShelfInput => {
  const { lesson: _, ...input } = demoDesk({ ...roster, room });
  return input;
};
/** Where a template is at home. */
const home = ({ kind, id }: LessonTemplate): ShelfInput => {
  if (kind === 'small') return facts(GRADE_1M, id.startsWith('corridor') ? CORRIDOR : CLASSROOM);
  return facts(GRADE_5A, kind === 'outside' ? UPPER_YARD : MILL_GYM);
};
const stopsIn = (input: ShelfInput, { blocks }: { blocks: Lesson['blocks'] }) => {
  const lesson = Lesson.parse({ ...demoDesk().lesson, blocks, accepted: [] });
  return draftFit({ ...input, lesson }).noticed.filter((n) => n.weight === 'stop');
};
const codes = (lesson: ReturnType<typeof fitTemplate>) => lesson.reasons.map((r) => r.code);

describe('lessons that were written down', () => {
  it('are there in both schools for every purpose, and for levels, little floor, the yard and rain', () => {
    for (const family of GAME_FAMILIES)
      for (const school of SCHOOLS)
        expect(TEMPLATES.filter((t) => t.kind === 'purpose' && t.school === school && t.families.includes(family))).toHaveLength(1);
    for (const kind of ['mixed', 'small', 'outside', 'rain']) expect(TEMPLATES.filter((t) => t.kind === kind)).toHaveLength(4);
    expect(new Set(TEMPLATES.map((t) => t.id)).size).toBe(TEMPLATES.length);
    expect(new Set(TEMPLATES.map((t) => t.title)).size).toBe(TEMPLATES.length);
  });

  it('have a rainy day for each that is outside, about something of the same', () => {
    const outside = TEMPLATES.filter((t) => t.kind === 'outside');
    const rain = outside.map((t) => TEMPLATES.find((other) => other.id === t.whenItRains && other.kind === 'rain')!);
    expect(new Set(rain).size).toBe(outside.length);
    for (const [i, t] of outside.entries()) expect(rain[i].families.some((f) => t.families.includes(f))).toBe(true);
  });

  it.each(TEMPLATES.map((t) => [t.title, t] as const))(
    '%s: has nothing that stops it at home, all of it, and is about what it says',
    (_, template) => {
      const input = home(template);
      const lesson = fitTemplate(input, template, 45);
      expect(stopsIn(input, lesson).map((n) => [n.code, n.data])).toEqual([]);
      expect(codes(lesson)).not.toContain('stops');
      expect(codes(lesson)).not.toContain('gone');
      expect(codes(lesson)).not.toContain('left-out');
      expect(lesson.parts.map((p) => p.role)).toEqual(template.parts.map((p) => p.role));
      expect(lesson.title).toBe(template.title);
      const main = input.games.find((g) => g.id === template.parts.find((p) => p.role === 'game')!.gameId)!;
      expect(template.families.some((f) => main.families.includes(f))).toBe(true);
      if (template.kind === 'outside')
        for (const { gameId } of template.parts) expect(input.games.find((g) => g.id === gameId)!.outdoors).not.toBe('in');
    },
  );

  it.each(ROSTERS.map((r) => [r.schoolClass.name, r] as const))(
    'for a purpose fit %s in the Mill Gym, but for a few without a stop',
    (_, roster) => {
      const input = facts(roster, MILL_GYM);
      const judged = judgeOnce();
      const lessons = TEMPLATES.filter((t) => t.kind === 'purpose').map((t) => fitTemplate(input, t, 45, [], judged));
      const stopped = lessons.filter((l) => codes(l).includes('stops'));
      expect(stopped.map((l) => l.title).length).toBeLessThanOrEqual(3);
    },
  );

  it('leave out the warm-up and then the practice where time is short, change a game that would not fit, and say so', () => {
    const template = TEMPLATES.find((t) => t.id === 'throw-build-up')!;
    const input = home(template);
    const short = fitTemplate(input, template, 25);
    expect(short.parts.map((p) => p.role)).not.toContain('warm-up');
    expect(short.reasons.find((r) => r.code === 'left-out')!.data.titles).toContain('The mill stands still');
    const small = fitTemplate(facts(GRADE_1M, CLASSROOM), TEMPLATES.find((t) => t.id === 'invade-build-up')!, 45);
    expect((small.reasons.find((r) => r.code === 'changed')!.data.titles as string[]).length).toBeGreaterThan(0);
  });

  it('say what still stops them, and which of their games are gone', () => {
    const template = TEMPLATES.find((t) => t.id === 'throw-build-up')!;
    const input = home(template);
    const tiny = fitTemplate({ ...input, room: CORRIDOR }, template, 45);
    expect(tiny.reasons[0]).toMatchObject({ code: 'stops' });
    expect(Number(tiny.reasons[0].data.count)).toBe(stopsIn({ ...input, room: CORRIDOR }, tiny).length);
    const fewer = fitTemplate({ ...input, games: input.games.filter((g) => g.id !== 'orchard-rows') }, template, 45);
    expect(fewer.reasons.find((r) => r.code === 'gone')!.data.count).toBe(1);
    expect(fewer.parts).toHaveLength(2);
    const none = fitTemplate({ ...input, games: [] }, template, 45);
    expect(none.parts).toEqual([]);
  });
});
