import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { assign } from '../assign.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { boundsOf, distance } from '../geometry/point.ts';
import { type LaidPiece, newLaid } from '../model/laidPiece.ts';
import { movedTo } from '../model/shape.ts';
import { seededRng } from '../rng.ts';
import { floorChange, floorThings, onOldTape } from './floorChange.ts';

const at = (kind: LaidPiece['laid'], id: string, x: number, y: number) => newLaid(kind, id, { x, y });
const DOOR = { x: 0, y: 0 };
const BARE = { painted: [] };
const piecesOf = (gameId: string, settings: Record<string, unknown> = {}) =>
  fitUnweighed(demoDesk({ lesson: lessonWith(gameId, settings) })).blocks.find((b) => b.game)!.game!.pieces;

describe('assign', () => {
  /** The least sum by trying everything. */
  function least(costs: number[][], row = 0, taken = new Set<number>()): number {
    if (row === costs.length) return 0;
    let best = Number.POSITIVE_INFINITY;
    costs[row].forEach((cost, j) => {
      if (taken.has(j)) return;
      best = Math.min(best, cost + least(costs, row + 1, new Set([...taken, j])));
    });
    return best;
  }
  it('gives the least sum, each column once, for 200 tables', () => {
    const { float: random } = seededRng(11);
    for (let k = 0; k < 200; k++) {
      const n = 1 + Math.floor(random() * 5);
      const m = n + Math.floor(random() * 3);
      const costs = Array.from({ length: n }, () => Array.from({ length: m }, () => Math.floor(random() * 20)));
      const taken = assign(costs);
      expect(new Set(taken).size).toBe(n);
      expect(taken.reduce((sum, j, i) => sum + costs[i][j], 0)).toBe(least(costs));
    }
    expect(assign([])).toEqual([]);
    expect(() => assign([[1], [2]])).toThrowError(RangeError);
  });
});

describe('from one floor to the next', () => {
  it('the same floor stays as it is', () => {
    const things = floorThings(piecesOf('nine-mills'), [at('cone', 'a', 3, 3)], BARE);
    expect(floorChange(things, things, DOOR)).toMatchObject({ tapeInM: 0, tapeOutM: 0, walkM: 0 });
    expect(floorChange(things, things, DOOR).changes.every((c) => c.change === 'stays')).toBe(true);
  });

  it('gear is carried the least way to where its like is wanted; the rest goes and comes', () => {
    const before = floorThings([], [at('cone', 'a', 1, 1), at('cone', 'b', 5, 1), at('hoop', 'h', 9, 9), at('cone', 'c', 20, 1)], BARE);
    const after = floorThings([], [at('cone', 'x', 4, 1), at('cone', 'y', 2, 1), at('cone', 'z', 20, 1.05), at('goal', 'g', 12, 3)], BARE);
    const { changes, tapeInM } = floorChange(before, after, DOOR);
    const told = changes.map(
      (c) => `${c.change} ${c.before === undefined ? '' : before[c.before].id}>${c.after === undefined ? '' : after[c.after].id}`,
    );
    expect(told.sort()).toEqual(['comes >g', 'goes h>', 'moves a>y', 'moves b>x', 'stays c>z']);
    expect(tapeInM).toBe(0);
  });

  it('everything of both floors is told exactly once', () => {
    const { float: random } = seededRng(5);
    for (let k = 0; k < 100; k++) {
      const some = (n: number) =>
        Array.from({ length: n }, (_, i) =>
          at(
            (['cone', 'hoop', 'lane', 'barrier'] as const)[Math.floor(random() * 4)],
            `p${i}`,
            Math.round(random() * 20),
            Math.round(random() * 12),
          ),
        );
      const [before, after] = [
        floorThings([], some(Math.floor(random() * 12)), BARE),
        floorThings([], some(Math.floor(random() * 12)), BARE),
      ];
      const { changes, walkM } = floorChange(before, after, DOOR);
      expect(changes.flatMap((c) => (c.before === undefined ? [] : [c.before])).sort()).toEqual([...before.keys()].sort());
      expect(changes.flatMap((c) => (c.after === undefined ? [] : [c.after])).sort()).toEqual([...after.keys()].sort());
      for (const c of changes) {
        if (c.before !== undefined && c.after !== undefined) expect(before[c.before].what).toBe(after[c.after].what);
        if (c.change === 'moves') expect(after[c.after!].tapeM, 'tape is not carried').toBe(0);
      }
      expect(walkM >= 0 && Number.isFinite(walkM)).toBe(true);
    }
  });

  it('places of the next floor can be put on tape that lies there: then no tape of that size is laid', () => {
    const size = { areaWidthM: 4, areaDepthM: 3 };
    const before = floorThings(piecesOf('nine-mills', size), [], BARE);
    const sparse = piecesOf('nine-mills', { ...size, picks: ['ribbon-arcs', 'stone-slide', 'low-net', 'two-catch', 'windmill'] });
    const after = floorThings(sparse, [], BARE);
    const plain = floorChange(before, after, DOOR);
    expect(plain.tapeInM).toBeGreaterThan(0);
    const moves = onOldTape(before, after);
    const moved = sparse.map((piece, j) => {
      const to = moves.find((m) => m.after === j);
      const box = to && boundsOf(before[to.before].outline);
      return box ? { ...piece, shape: movedTo(piece.shape, box) } : piece;
    });
    const won = floorChange(before, floorThings(moved, [], BARE), DOOR);
    expect(won.tapeInM).toBe(0);
    expect(won.walkM).toBeLessThan(plain.walkM);
    const way = moves.reduce((sum, m) => sum + distance(before[m.before].outline[0], after[m.after].outline[0]), 0);
    expect(way).toBeGreaterThan(0);
  });
});
