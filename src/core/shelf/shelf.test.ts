import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { draftFit } from '../fit/draftFit.ts';
import { applyEdit } from '../model/edit.ts';
import type { Game } from '../model/game.ts';
import { usualIndex } from '../model/newLesson.ts';
import { judge, judgeWhole, type ShelfInput } from './judge.ts';
import { putAt, putInstead } from './putIn.ts';
import { findGames, indexGames } from './search.ts';
import { isWished, isWishedThere, NO_WISH, rankRows } from './wish.ts';

const { lesson: _, ...period } = demoDesk();
const game = (id: string) => GAMES.find((g) => g.id === id)!;
const HELP = { adults: [], homeMade: [] };
const judged = (id: string, change: Partial<ShelfInput> = {}) => judge({ ...period, ...change }, game(id));

describe('a game judged for a period', () => {
  it('is what the desk makes of it: floor, minutes, time on task', () => {
    const row = judged('nine-mills');
    const input = demoDesk({ lesson: lessonWith('nine-mills') });
    const block = draftFit(input).blocks.find((b) => b.game)!;
    expect(row.state).toBe('fits');
    expect(row.pieces.length).toBe(block.game!.pieces.length);
    expect(row.measures.activeShare).toBeCloseTo(block.game!.forecast.activeShare.mean, 1);
    expect(row.least).toBeLessThan(row.most);
    expect(row.most).toBeLessThanOrEqual(45 * 60);
  });

  it('says what is short, and the one change that makes it fit', () => {
    const cupboard = period.cupboard.map((g) => (g.gearKind === 'beanbag' ? { ...g, count: 2 } : g));
    const quick = judged('mill-steps', { cupboard });
    expect(quick.state).toBe('no');
    expect(quick.stops.length).toBeGreaterThan(0);
    expect(judged('nine-mills', { cupboard: [] }).short.find((s) => s.gearKind === 'disc')!.count).toBeGreaterThan(0);
    const whole = judgeWhole({ ...period, cupboard }, game('mill-steps'), HELP);
    expect(whole.state).toBe('change');
    expect(whole.change!.code).toBeTruthy();
    // With that change it goes into a lesson without a stop.
    const lesson = { ...lessonWith('nine-mills'), blocks: lessonWith('nine-mills').blocks.filter((b) => !b.game) };
    const put = applyEdit(lesson, putAt(usualIndex(lesson), game('mill-steps'), 'b9', whole.settings));
    if (!put.ok) throw new Error(put.code);
    expect(draftFit({ ...period, cupboard, lesson: put.lesson }).noticed.filter((n) => n.weight === 'stop')).toEqual([]);
  });

  it('says who needs something changed, and for whom nothing was found', () => {
    const [student] = period.students;
    const own = { ...period.ratings[0], studentId: student.id, supports: [{ kind: 'no-jolt' as const }, { kind: 'wheelchair' as const }] };
    const ratings = [...period.ratings.filter((r) => r.studentId !== student.id).map((r) => ({ ...r, supports: [] })), own];
    const row = judgeWhole({ ...period, ratings }, game('wind-and-leaves'), HELP);
    expect(row.toAdapt.every((id) => id === student.id)).toBe(true);
    expect(row.isWhole).toBe(true);
    expect(judgeWhole({ ...period, ratings: ratings.slice(0, -1) }, game('wind-and-leaves'), HELP).toAdapt).toEqual([]);
  });
});

describe('searching the shelf', () => {
  const index = indexGames(GAMES, (g) => (g.id === 'toll-bridge' ? ['They asked for it again'] : []));
  const first = (text: string) => findGames(index, text)[0];

  it('finds by title first, then by what it is for, then by rules, gear and own notes', () => {
    expect(findGames(index, 'wind').slice(0, 2)).toEqual(['wind-and-leaves', 'windfalls']);
    expect(first('windf')).toBe('windfalls');
    expect(findGames(index, 'mill').slice(0, 3)).toContain('mill-race');
    expect(findGames(index, 'asked for it')).toEqual(['toll-bridge']);
    expect(findGames(index, 'WINDFALLS sack')).toEqual(['windfalls']);
    expect(findGames(index, 'xylophone')).toEqual([]);
    expect(findGames(index, '  ')).toHaveLength(GAMES.length);
  });

  it('looks through many games at once', () => {
    const many = Array.from({ length: 500 }, (_, i): Game => ({ ...GAMES[i % GAMES.length], id: `g${i}` as Game['id'] }));
    const large = indexGames(many);
    expect(findGames(large, 'orchard').length).toBeGreaterThan(50);
  });
});

describe('what a teacher looks for', () => {
  const row = judged('nine-mills');

  it('narrows by what games are for, format, place and noise', () => {
    const ids = (wish: object) => GAMES.filter((g) => isWished(g, { ...NO_WISH, ...wish })).map((g) => g.id as string);
    expect(ids({})).toHaveLength(GAMES.length);
    expect(ids({ families: ['rhythm'] })).toEqual(expect.arrayContaining(['bell-tower', 'mill-stands-still']));
    expect(ids({ families: ['rhythm'], format: 'pods' })).toHaveLength(2);
    expect(GAMES.filter((g) => ids({ place: 'out' }).includes(g.id)).every((g) => g.outdoors !== 'in')).toBe(true);
    expect(GAMES.filter((g) => ids({ noise: 1 }).includes(g.id)).every((g) => g.noise === 1)).toBe(true);
  });

  it.each([
    [{ minutes: 5 }, false],
    [{ minutes: 30 }, true],
    [{ gear: 'ours' as const }, true],
    [{ toAll: true }, false],
    [{ vigour: 3 as const }, false],
    [{ half: true }, true],
  ])('narrows what was judged by %j', (wish, isThere) => expect(isWishedThere(row, { ...NO_WISH, ...wish })).toBe(isThere));

  it('puts those that fit first, then by the two measures as they are told', () => {
    const rows = [
      { id: 'stopped', state: 'no' as const, measures: { ...row.measures, activeShare: 0.99 } },
      { id: 'more', state: 'fits' as const, measures: { ...row.measures, activeShare: 0.8, waitSeconds: 40 } },
      { id: 'alike', state: 'fits' as const, measures: { ...row.measures, activeShare: 0.801, waitSeconds: 10 } },
      { id: 'change', state: 'change' as const, measures: { ...row.measures, activeShare: 0.9 } },
    ];
    expect(rankRows(rows, NO_WISH).map((r) => r.id)).toEqual(['alike', 'more', 'change', 'stopped']);
    expect(rankRows(rows, { first: 'waitSeconds', second: 'activeShare' }).map((r) => r.id)[0]).toBe('alike');
  });
});

describe('a game instead of a block', () => {
  const lesson = lessonWith('mill-stands-still');
  const block = lesson.blocks.find((b) => b.game)!;

  it('keeps the groups if it makes as many, and a length that was chosen, and tells the difference first', () => {
    const pinned = {
      ...lesson,
      blocks: lesson.blocks.map((b) => (b === block ? { ...b, seconds: { value: 650, by: 'teacher' as const, pinned: true } } : b)),
    };
    const input = demoDesk({ lesson: pinned });
    const found = putInstead(input, block.id, game('bells-hang-still'), 'b9')!;
    const before = draftFit(input).blocks.find((b) => b.id === block.id)!;
    const applied = applyEdit(pinned, found.edit);
    if (!applied.ok) throw new Error(applied.code);
    const after = draftFit({ ...input, lesson: applied.lesson });
    expect(after.blocks.find((b) => b.id === 'b9')!.seconds).toBe(650);
    expect(found.keeps).toEqual({ groups: true, seconds: true });
    expect(after.blocks.find((b) => b.id === 'b9')!.game!.groups).toEqual(before.game!.groups);
    expect(found.after.numbers).toEqual(after.numbers);
    expect(found.before.numbers).toEqual(draftFit(input).numbers);
    // One gesture: undone with one.
    expect(applyEdit(applied.lesson, applied.inverse)).toMatchObject({ ok: true, lesson: { blocks: pinned.blocks } });
  });

  it('deals groups anew if it makes another number of them, and knows no block that is not there', () => {
    const found = putInstead(demoDesk({ lesson }), block.id, game('wind-and-leaves'), 'b9')!;
    expect(found.keeps).toEqual({ groups: false, seconds: false });
    expect(putInstead(demoDesk({ lesson }), 'nothing', game('wind-and-leaves'), 'b9')).toBeUndefined();
  });
});
