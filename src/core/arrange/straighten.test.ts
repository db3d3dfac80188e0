import { describe, expect, it } from 'vitest';
import { MILL_GYM, OLD_DINING_HALL, UPPER_YARD } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { boundsOf, type Rect } from '../geometry/point.ts';
import { boxed } from '../model/boxed.fixture.ts';
import { roomArea } from '../model/room.ts';
import { seededRng } from '../rng.ts';
import { unitsInBlock, unitsInRows } from './grid.ts';
import { ontoPaint } from './ontoPaint.ts';
import { laidMarks } from './setOutUnit.ts';
import { paintedGuides } from './snapTo.ts';
import { straighten } from './straighten.ts';
import { validateLayout } from './validate.ts';
import { walkRound } from './walkRound.ts';

const GAP = 1;
const HALL = roomArea({ ...UPPER_YARD, fixed: [], doors: [], painted: [] }, 0);
const unit = (x: number, y: number, pinned = false) => ({ x, y, width: 4, depth: 3, pinned });
/** Edges that are nearly in line without being so, metres apart. */
const nearMisses = (units: readonly Rect[]) =>
  units.flatMap((a, i) =>
    units.slice(i + 1).flatMap((b) => [Math.abs(a.x - b.x), Math.abs(a.y - b.y)].filter((off) => off > 1e-6 && off < 0.35)),
  );

describe('straighten', () => {
  it('brings a row onto one line at a round distance from the wall, with the least movement', () => {
    const units = [unit(3.13, 2), unit(10, 2.14), unit(16, 1.87)];
    const straight = straighten(HALL, units, [1, 1, 1], GAP);
    expect(straight.map((u) => u.y)).toEqual([2, 2, 2]);
    expect(straight[0].x).toBe(3.1);
  });

  it('measures from the wall that is nearer, in six inches where that is round', () => {
    const [one] = straighten(HALL, [unit(33.33, 2)], [1], GAP, 0.1524);
    const inSixInches = (metres: number) => metres / 0.1524;
    for (const offset of [40 - 4 - one.x, one.y]) expect(inSixInches(offset)).toBeCloseTo(Math.round(inSixInches(offset)), 2);
  });

  it('leaves a pinned unit and brings its row to it', () => {
    const straight = straighten(HALL, [unit(3, 2.17, true), unit(10, 2)], [1, 1], GAP);
    expect(straight[0]).toEqual(unit(3, 2.17, true));
    expect(straight[1].y).toBe(2.17);
  });

  it('never makes a layout worse, in 200 random ones', () => {
    const random = seededRng(7).float;
    for (let round = 0; round < 200; round++) {
      const units = Array.from({ length: 6 }, (_, i) => unit(1 + (i % 3) * 12 + random() * 3, 2 + Math.floor(i / 3) * 9 + random() * 2));
      const wants = units.map(() => 1);
      const before = validateLayout(HALL, units, wants, GAP).length;
      expect(validateLayout(HALL, straighten(HALL, units, wants, GAP), wants, GAP).length).toBeLessThanOrEqual(before);
    }
  });
});

describe('no place of a plan is off by a little', () => {
  const layouts = [MILL_GYM, UPPER_YARD, OLD_DINING_HALL].flatMap((room) =>
    (['nine-mills', 'bell-tower', 'orchard-rows'] as const).flatMap((game) =>
      (['close', 'wide'] as const).map((spacing) => [room.name, game, spacing, room] as const),
    ),
  );
  it.each(layouts)('in %s: %s, %s', (_, game, spacing, room) => {
    const block = fitUnweighed(demoDesk({ lesson: lessonWith(game, { spacing }), room })).blocks.find((b) => b.game)!.game!;
    const boxes = boxed(block.pieces);
    expect(boxes.length).toBeGreaterThan(0);
    expect(nearMisses(boxes)).toEqual([]);
  });
});

describe('rows', () => {
  it('that are spread out have one gap between columns and one between rows', () => {
    for (const room of [MILL_GYM, UPPER_YARD])
      for (const count of [2, 4, 6]) {
        const units = unitsInRows(roomArea(room, 1), { width: 3.6, depth: 5, gap: GAP }, count);
        const xs = [...new Set(units.map((u) => u.x))].sort((a, b) => a - b);
        const gaps = new Set(xs.slice(1).map((x, i) => Math.round((x - xs[i]) * 1000)));
        expect(gaps.size, `${room.name}, ${count}`).toBeLessThanOrEqual(1);
      }
  });

  it('move onto paint as one: straight first, tape saved second', () => {
    const area = roomArea(MILL_GYM, 0);
    const block = unitsInBlock(roomArea(MILL_GYM, 1), { width: 3.6, depth: 5.4, gap: GAP }, 6).map((u) => ({ ...u, pinned: false }));
    const on = ontoPaint(
      area,
      block,
      (u) => u,
      paintedGuides(MILL_GYM),
      block.map(() => 1),
      GAP,
    );
    expect(on).not.toEqual(block);
    const shift = (i: number) => [Math.round((on[i].x - block[i].x) * 1e6), Math.round((on[i].y - block[i].y) * 1e6)];
    for (const i of block.keys()) expect(shift(i)).toEqual(shift(0));
  });
});

describe('walkRound', () => {
  const farOf = (points: readonly { x: number; y: number }[]) => points.map((a) => points.map((b) => Math.hypot(a.x - b.x, a.y - b.y)));
  const longest = (far: number[][], walk: readonly number[]) => Math.max(...walk.map((p, i) => far[p][walk[(i + 1) % walk.length]]));
  const orders = (rest: number[]): number[][] =>
    rest.length < 2 ? [rest] : rest.flatMap((r) => orders(rest.filter((o) => o !== r)).map((o) => [r, ...o]));

  it('has the shortest longest leg of all orders, in 40 random rooms of seven places', () => {
    const random = seededRng(3).float;
    const all = orders([1, 2, 3, 4, 5, 6]).map((o) => [0, ...o]);
    for (let round = 0; round < 40; round++) {
      const far = farOf(Array.from({ length: 7 }, () => ({ x: random() * 26, y: random() * 15 })));
      const walk = walkRound(far, [...far.keys()]);
      expect([...walk].sort()).toEqual([...far.keys()]);
      expect(longest(far, walk)).toBeCloseTo(Math.min(...all.map((o) => longest(far, o))), 9);
    }
  });

  it('of sixteen places in four rows has no diagonal: rows there and back', () => {
    const points = Array.from({ length: 16 }, (_, i) => ({ x: (i % 4) * 5, y: Math.floor(i / 4) * 4 }));
    const far = farOf(points);
    expect(longest(far, walkRound(far, [...far.keys()]))).toBe(5);
  });
});

describe('what lies in the places of a plan', () => {
  const games = ['lantern-roll', 'bridge-run', 'weather-course', 'toll-bridge', 'mill-sacks', 'bell-rows'] as const;
  it.each(games)('of %s has its first mark at a round distance from two walls, if it is not turned askew', (game) => {
    const { things } = fitUnweighed(demoDesk({ lesson: lessonWith(game), room: UPPER_YARD })).blocks.find((b) => b.game)!.game!;
    const marked = things.filter((t) => t.turnedDeg % 90 === 0 && !['court', 'lane', 'line'].includes(t.laid) && laidMarks(t).length);
    expect(marked.length).toBeGreaterThan(0);
    for (const thing of marked) {
      const { x, y } = boundsOf(laidMarks(thing).map(([, p]) => p));
      for (const metres of [x, y]) expect(Math.abs(metres * 10 - Math.round(metres * 10)), `${thing.id} ${x} ${y}`).toBeLessThan(0.02);
    }
  });
});
