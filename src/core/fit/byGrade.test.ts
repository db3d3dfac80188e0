import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { BANDS } from '../model/band.ts';
import { applyEdit, gesture } from '../model/edit.ts';
import { byGrade, changedFrom, editsForBand } from './byGrade.ts';
import { fitUnweighed } from './fit.ts';

const deskOf = (game: string, values: Record<string, unknown> = {}) => demoDesk({ lesson: lessonWith(game, values) });
const blockOf = (desk: ReturnType<typeof deskOf>) => desk.lesson.blocks.find((b) => b.game)!;

describe('a game by grade', () => {
  it.each(GAMES.map((g) => [g.id as string]))('%s has six columns, each with values for every setting and why', (id) => {
    const desk = deskOf(id);
    const { columns, settings } = byGrade(desk, blockOf(desk).id)!;
    expect(columns.map((c) => c.band)).toEqual([...BANDS]);
    expect(columns.filter((c) => c.isHere).map((c) => c.band)).toEqual(['4-5']);
    for (const column of columns) {
      expect(Object.keys(column.sources).sort()).toEqual(settings.map((m) => m.key).sort());
      expect(column.rules.length).toBeGreaterThan(0);
      expect(column.groups.most).toBeGreaterThanOrEqual(column.groups.least);
    }
  });

  it('says what a game says itself, what the grades are for, and marks what the next band changes', () => {
    const desk = deskOf('nine-mills');
    const { columns } = byGrade(desk, blockOf(desk).id)!;
    const [preK, k1] = columns;
    expect(preK.sources.picks).toBe('game');
    expect((preK.values.picks as string[]).length).toBe(4);
    expect(changedFrom(undefined, preK).size).toBe(0);
    expect(changedFrom(preK, k1)).toContain('picks');
    expect(changedFrom(k1, k1).size).toBe(0);
  });

  it('is what the lesson is then, once its settings are taken, and taken back by the class’s own band', () => {
    const desk = deskOf('wind-and-leaves');
    const block = blockOf(desk);
    const { columns } = byGrade(desk, block.id)!;
    const own = columns.find((c) => c.isHere)!;
    const young = columns[0];
    const edits = editsForBand(young, own, block.id, block.game!.settings);
    expect(edits.length).toBeGreaterThan(0);
    const applied = applyEdit(desk.lesson, gesture(edits));
    if (!applied.ok) throw new Error(applied.code);
    const played = fitUnweighed({ ...desk, lesson: applied.lesson }).blocks.find((b) => b.game)!.game!;
    for (const [key, value] of Object.entries(young.values))
      if (young.sources[key] !== 'solved') expect(played.values[key], key).toEqual(value);
    const back = editsForBand(own, own, block.id, blockOf({ ...desk, lesson: applied.lesson }).game!.settings);
    const again = applyEdit(applied.lesson, gesture(back));
    expect(again.ok && again.lesson.blocks.find((b) => b.game)!.game!.settings).toEqual({});
  });

  it('shows a class that joins in its own band, and is nothing for a block without a game', () => {
    const desk = deskOf('bell-rows');
    const { columns } = byGrade(desk, blockOf(desk).id, ['2'])!;
    expect(columns.filter((c) => c.isHere).map((c) => c.band)).toEqual(['2-3', '4-5']);
    expect(byGrade(desk, 'nothing')).toBeUndefined();
  });

  it('marks the other grade of a mixed class, and who plays as another band than the class', () => {
    const desk = deskOf('nine-mills');
    const [first, second] = desk.students;
    const bands: Record<string, '2-3' | '4-5'> = { [first.id]: '2-3', [second.id]: '4-5' };
    const ratings = desk.ratings.map((r) => ({ ...r, band: bands[r.studentId] }));
    const mixed = { ...desk, ratings, schoolClass: { ...desk.schoolClass, alsoGrade: '6' as const } };
    const { columns } = byGrade(mixed, blockOf(desk).id)!;
    expect(columns.filter((c) => c.isHere).map((c) => c.band)).toEqual(['4-5', '6-8']);
    expect(columns.flatMap((c) => c.own.map((id) => [c.band, id]))).toEqual([['2-3', first.id]]);
  });

  it('tells how many have met each stage of the game before', () => {
    const desk = deskOf('lantern-roll');
    const [first, second] = desk.students.map((s) => s.id as string);
    const day = { days: 1, up: 0, down: 0 };
    const stages = { 'near-big': { [first]: day, [second]: day, gone: day }, slide: { [first]: day } };
    const { met } = byGrade({ ...desk, history: { met: {}, roles: {}, stages, lessons: 3 } }, blockOf(desk).id)!;
    expect(met.map((m) => m.students)).toEqual([2, 0, 0, 0, 0]);
    const other = deskOf('nine-mills');
    expect(byGrade(other, blockOf(other).id)!.met).toEqual([]);
  });
});
