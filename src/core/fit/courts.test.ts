import { describe, expect, it } from 'vitest';
import { classOf, demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { formatOf } from '../formats/registry.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import { findingKey } from '../model/finding.ts';
import { newHeader } from '../model/record.ts';
import { plainRoom, Room, rectangleOutline } from '../model/room.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

const game = (input: FitInput) => fit(input).blocks.find((b) => b.game)!.game!;
const bridges = (settings: Record<string, unknown> = {}, change: Partial<FitInput> = {}) =>
  demoDesk({ lesson: lessonWith('bridge-keepers', settings), ...change });

/** Every fix offered removes the finding when it is really applied; at least `least` are offered. */
function expectMended(input: FitInput, code: string, least = 1) {
  const finding = fit(input).findings.find((f) => f.code === code);
  if (!finding) throw new Error(`no ${code} among ${fit(input).findings.map((f) => f.code)}`);
  expect(finding.fixes!.length, code).toBeGreaterThanOrEqual(least);
  for (const fix of finding.fixes!) {
    const applied = applyEdit(input.lesson, { kind: 'many', edits: [...fix.edits] as Edit[] });
    if (!applied.ok) throw new Error(applied.code);
    expect(fit({ ...input, lesson: applied.lesson }).findings.map(findingKey)).not.toContain(findingKey(finding));
  }
  return finding;
}

describe('an advance court lesson', () => {
  it('takes as many courts as keep lines short, within floor and cupboard', () => {
    const fitted = game(bridges());
    expect(fitted.groups).toHaveLength(7);
    expect(fitted.pieces).toHaveLength(7);
    expect(Math.max(...fitted.groups.map((g) => g.length))).toBe(5);
    const few = demoDesk().cupboard.map((g) => (g.gearKind === 'light ball' ? { ...g, count: 3 } : g));
    expect(game(bridges({}, { cupboard: few })).groups).toHaveLength(3);
    expect(fit(bridges()).findings.filter((f) => f.weight !== 'note')).toEqual([]);
  });

  it('shows waiting over the limit, with another court and a task for the line as ways out', () => {
    const { data, fixes } = expectMended(bridges({ groups: 4 }), 'court-waiting', 3);
    expect(Number(data.share)).toBeCloseTo((31 - 16) / 31, 9);
    expect(data.seconds).toBe(4 * 8);
    expect(fixes!.map((f) => f.code)).toEqual(expect.arrayContaining(['courts', 'line-task']));
    const task = fit(bridges({ groups: 5, lineTask: 'Juggle' })).findings.find((f) => f.code === 'court-line-works');
    expect(task?.weight).toBe('note');
  });

  it('wants one ball a court', () => {
    const cupboard = demoDesk().cupboard.map((g) => (g.gearKind === 'light ball' ? { ...g, count: 5 } : g));
    const { data } = expectMended(bridges({ groups: 7 }, { cupboard }), 'gear-short');
    expect(data).toMatchObject({ gearKind: 'light ball', need: 7, have: 5, short: 2 });
  });

  it('says which courts have no floor, and what size would', () => {
    const room = Room.parse({
      ...newHeader('room', 3),
      id: 'small',
      name: 'Small',
      ...plainRoom(rectangleOutline(14, 12)),
    });
    expectMended(bridges({ groups: 7 }, { room }), 'court-does-not-fit');
    expect(game(bridges({ groups: 7 }, { room })).unplaced.length).toBeGreaterThan(0);
  });

  it('keeps the line clear of play and long enough', () => {
    expectMended(bridges({ lineGapM: 0.6 }), 'line-too-near');
    expectMended(bridges({ groups: 3, courtM: 2.2 }), 'line-too-short');
  });

  it('sees courts that cannot rally and courts that are uneven', () => {
    const students = classOf(5);
    expectMended(bridges({ groups: 4 }, { students, ratings: [], wishes: [] }), 'court-too-few');
    const ids = demoDesk().students.map((s) => s.id);
    const groups = { value: [ids.slice(0, 12), ids.slice(12, 22), ids.slice(22)], by: 'teacher', pinned: true };
    expectMended(demoDesk({ lesson: lessonWith('bridge-keepers', { groups: 3 }, { groups }) }), 'courts-uneven');
  });

  it('stands in one lesson with stations, each block by its own rules', () => {
    const lesson = lessonWith('nine-mills', { workSeconds: 90, walkSeconds: 0, rehearseSeconds: 0 });
    const other = lessonWith('bridge-keepers').blocks.find((b) => b.game)!;
    const mixed = { ...lesson, blocks: [...lesson.blocks.slice(0, 3), { ...other, id: 'courts' as typeof other.id }, lesson.blocks[3]] };
    const fitted = fit(demoDesk({ lesson: mixed }));
    const games = fitted.blocks.filter((b) => b.game).map((b) => b.game!);
    expect(games.map((g) => g.format)).toEqual(['stations', 'advance-court']);
    for (const g of games) for (const setup of g.plays) expect(formatOf(g.format).replay(setup, []).refused).toEqual([]);
    expect(fitted.blocks.reduce((sum, b) => sum + b.seconds, 0) + fitted.spareSeconds).toBe(45 * 60);
    expect(new Set(fitted.gear.map((l) => l.blockId)).size).toBe(2);
  });

  it('forecasts the waiting that the line shows, to the second', () => {
    const fitted = game(bridges({ groups: 5 }));
    const longest = Math.max(...fitted.groups.map((g) => g.length)) - 4;
    expect(fitted.forecast.longestWait.p90).toBe(longest * 8);
  });
});
