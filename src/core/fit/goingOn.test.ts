import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { validateShapes } from '../arrange/validate.ts';
import { FORMATS } from '../formats/registry.ts';
import { middleOf } from '../geometry/point.ts';
import { applyEdit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import type { GoesOn, Lesson } from '../model/lesson.ts';
import { roomArea } from '../model/room.ts';
import { boxOf } from '../model/shape.ts';
import { fitUnweighed } from './fit.ts';
import type { FittedBlock } from './fitted.ts';

type Of = [game: string, settings?: Record<string, unknown>];
/** A lesson of two games, of which the second goes on from the first. */
function twoGames([first, own = {}]: Of, [second, theirs = {}]: Of, goesOn?: Partial<GoesOn>, more: Record<string, unknown> = {}): Lesson {
  const all = { groups: false, start: false, floor: false, gear: false, ...goesOn };
  const lesson = lessonWith(first, own);
  const other = lessonWith(second, theirs, { ...(goesOn ? { goesOn: all } : {}), ...more }).blocks.find((b) => b.game)!;
  const at = lesson.blocks.findIndex((b) => b.game);
  return { ...lesson, blocks: lesson.blocks.toSpliced(at + 1, 0, { ...other, id: 'second' as BlockId }) };
}
const fitted = (lesson: Lesson) => fitUnweighed(demoDesk({ lesson })).blocks.filter((b) => b.game) as [FittedBlock, FittedBlock];
const together = (groups: readonly (readonly string[])[]) => groups.map((g) => [...g].sort().join()).sort();

describe('the groups of the game before', () => {
  it('are taken as they are where there are as many, and joined whole where there are two sides', () => {
    const [a, b] = fitted(twoGames(['weather-round'], ['toll-bridge'], { groups: true }));
    expect(b.game!.groups.length).toBeLessThan(a.game!.groups.length);
    for (const group of a.game!.groups) expect(b.game!.groups.filter((g) => group.every((id) => g.includes(id)))).toHaveLength(1);
    const count = a.game!.groups.length;
    const [first, same] = fitted(twoGames(['weather-round'], ['orchard-carry', { groups: count }], { groups: true }));
    expect(same.game!.groups).toEqual(first.game!.groups);
    expect(same.change?.movers ?? []).toEqual([]);
  });
  it('are not taken where nobody says so, nor where the teacher made others', () => {
    const free = fitted(twoGames(['nine-mills'], ['bridge-keepers']))[1].game!.groups;
    const kept = fitted(twoGames(['nine-mills'], ['bridge-keepers'], { groups: true }))[1].game!.groups;
    expect(together(free)).not.toEqual(together(kept));
    const mine = free.map((g) => [...g]).reverse();
    const own = twoGames(['nine-mills'], ['bridge-keepers'], { groups: true }, { groups: { value: mine, by: 'teacher', pinned: true } });
    expect(fitted(own)[1].game!.groups).toEqual(mine);
  });
  it.each(Object.keys(FORMATS))('can be had by any game: %s has everyone once', (format) => {
    const game = GAMES.find((g) => g.format === format)!;
    const [a, b] = fitted(twoGames(['nine-mills'], [game.id], { groups: true, start: true, floor: true, gear: true }));
    expect(b.game!.groups.flat().sort()).toEqual(a.game!.groups.flat().sort());
    expect(b.game!.unplaced).toEqual([]);
    expect(b.wentOn?.from).toBe(a.title);
  });
});

describe('a game that begins where the one before ended', () => {
  const PAIRS: [string, Of, Of][] = [
    ['stations after stations', ['nine-mills'], ['weather-round', { groups: 9 }]],
    ['courts after stations', ['weather-round'], ['bridge-keepers']],
    ['stations after lanes', ['orchard-rows'], ['orchard-carry']],
  ];
  it.each(PAIRS)('%s: walks no farther than without, on the same floor', (_, first, second) => {
    const usual = fitted(twoGames(first, second, { groups: true }))[1];
    const [before, block] = fitted(twoGames(first, second, { groups: true, start: true }));
    const { walk } = block.wentOn!;
    expect(walk!.now).toBeLessThanOrEqual(walk!.usual);
    const boxes = (b: FittedBlock) =>
      b
        .game!.pieces.map((p) => boxOf(p.shape))
        .map((r) => `${r.x.toFixed(2)} ${r.y.toFixed(2)}`)
        .sort();
    expect(boxes(block)).toEqual(boxes(usual));
    // What it says is what the two timelines say.
    const last = before.game!.timeline.bouts.at(-1)!;
    const start = block.game!.timeline.bouts[0];
    const spot = (b: FittedBlock, piece: number) => middleOf(boxOf(b.game!.pieces[piece].shape));
    const ways = start.stays.flatMap((s) =>
      s.piece < 0
        ? []
        : s.members.flatMap((id) => {
            const was = last.stays.find((o) => o.members.includes(id));
            if (!was || was.piece < 0) return [];
            const [p, q] = [spot(before, was.piece), spot(block, s.piece)];
            return [Math.hypot(p.x - q.x, p.y - q.y)];
          }),
    );
    expect(walk!.now).toBeCloseTo(ways.reduce((a, b) => a + b, 0) / ways.length, 6);
  });
  it('walks less than half as far where the same places come again', () => {
    const { walk } = fitted(twoGames(['nine-mills'], ['nine-mills'], { groups: true, start: true }))[1].wentOn!;
    expect(walk!.usual).toBeGreaterThan(2);
    expect(walk!.now).toBeLessThan(walk!.usual / 2);
  });
});

describe('a game on the floor of the one before', () => {
  it('has nothing to change where its places can be the same', () => {
    const first: Of = ['bell-tower'];
    const [, usual] = fitted(twoGames(first, ['bridge-keepers']));
    const [, block] = fitted(twoGames(first, ['bridge-keepers'], { floor: true }));
    const { floor } = block.wentOn!;
    expect(usual.change!.work.seconds).toBe(floor!.usual);
    expect(floor!.now).toBeLessThan(floor!.usual);
    expect(block.change?.work.tapeInM ?? 0).toBeLessThan(usual.change!.work.tapeInM);
  });
  it.each([
    ['weather-round', 'nine-mills'],
    ['nine-mills', 'bridge-keepers'],
    ['secret-letter', 'free-stones'],
    ['orchard-rows', 'orchard-crowns'],
    ['mill-rope', 'toll-bridge'],
  ])('%s, then %s: never more work, and nothing wrong that was right', (first, second) => {
    const [, usual] = fitted(twoGames([first], [second]));
    const [, block] = fitted(twoGames([first], [second], { floor: true }));
    const { floor } = block.wentOn!;
    expect(floor!.now).toBeLessThanOrEqual(floor!.usual);
    const wrong = ({ game }: FittedBlock) =>
      validateShapes(
        roomArea(demoDesk().room, 0),
        game!.pieces.map((p) => p.shape),
        game!.pieces.map(() => 0),
        0,
      ).length;
    expect(wrong(block)).toBeLessThanOrEqual(wrong(usual));
    expect(block.game!.pieces.every((p) => !p.pinned)).toBe(true);
  });
});

describe('a game with the gear of the one before', () => {
  it('is played with an object that is out already, where it can be and the teacher chose no other', () => {
    const objects = (b: FittedBlock) => b.game!.needs.map((need) => need.gearKind);
    const options = (b: FittedBlock) => (b.game!.settings.find((m) => m.role === 'object')?.options ?? []).map((o) => String(o.value));
    const pairs = GAMES.flatMap((first) => GAMES.map((second) => [first.id as string, second.id as string] as const)).filter(
      (_, i) => i % 41 === 0,
    );
    let shared = 0;
    for (const [first, second] of pairs) {
      const [a, b] = fitted(twoGames([first], [second], { gear: true }));
      const kind = b.wentOn?.gear?.kind;
      const both = options(b).filter((o) => objects(a).includes(o));
      expect(kind ?? null).toBe(both.includes(String(b.game!.values.object)) ? b.game!.values.object : (both[0] ?? null));
      if (kind) shared++;
    }
    expect(shared).toBeGreaterThan(3);
    const [first, second] = pairs.find(([x, y]) => fitted(twoGames([x], [y], { gear: true }))[1].wentOn?.gear?.kind)!;
    const usual = fitted(twoGames([first], [second]))[1];
    const other = options(usual).find((o) => o !== usual.game!.values.object);
    if (other) expect(fitted(twoGames([first], [second, { object: other }], { gear: true }))[1].game!.values.object).toBe(other);
  });
});

describe('the choice itself', () => {
  it('is an edit that is undone', () => {
    const lesson = twoGames(['nine-mills'], ['bridge-keepers']);
    const goesOn = { groups: true, start: false, floor: true, gear: false };
    const done = applyEdit(lesson, { kind: 'set-goes-on', blockId: 'second' as BlockId, goesOn });
    if (!done.ok) throw new Error(done.code);
    expect(done.lesson.blocks.find((b) => b.id === 'second')!.game!.goesOn).toEqual(goesOn);
    const back = applyEdit(done.lesson, done.inverse);
    expect(back).toMatchObject({ ok: true, lesson });
    const arrive = lesson.blocks[0].id;
    expect(applyEdit(lesson, { kind: 'set-goes-on', blockId: arrive, goesOn })).toMatchObject({ ok: false, code: 'not-a-game' });
  });
  it('means nothing for the first game of a lesson', () => {
    const first = lessonWith('nine-mills', {}, { goesOn: { groups: true, start: true, floor: true, gear: true } });
    expect(fitUnweighed(demoDesk({ lesson: first })).blocks.find((b) => b.game)!.wentOn).toBeUndefined();
  });
});
