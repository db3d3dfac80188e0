import { describe, expect, it } from 'vitest';
import { packUnits } from '../geometry/packUnits.ts';
import { rectPolygon } from '../geometry/point.ts';
import { generatedRoom } from '../geometry/rooms.fixture.ts';
import { aroundPinned } from './aroundPinned.ts';
import { clearRays } from './clearRays.ts';
import { legsOf, loopOrder, settleLoop, unitsOnLoop } from './loop.ts';
import { nearestClear } from './nearestClear.ts';
import { ontoPaint } from './ontoPaint.ts';
import { gapBetween, roomAround, validateLayout } from './validate.ts';

const hall = { outline: rectPolygon({ x: 0, y: 0, width: 26, depth: 15 }), wallClearance: 1 };
const post = rectPolygon({ x: 13, y: 7, width: 0.4, depth: 0.4 });
const unit = { width: 4, depth: 3, gap: 1 };

describe('unitsOnLoop', () => {
  it.each([2, 5, 8, 9, 12])('lays %d stations clear, apart and on a loop', (count) => {
    const loop = unitsOnLoop(hall, unit, count);
    expect(loop).toHaveLength(count);
    expect(
      validateLayout(
        hall,
        loop,
        loop.map(() => 1),
        1,
      ),
    ).toEqual([]);
  });
  it('leaves the middle free while the walls hold them all', () => {
    const loop = unitsOnLoop(hall, unit, 8);
    expect(loop.some((u) => u.x < 13 && u.x + u.width > 13 && u.y < 7.5 && u.y + u.depth > 7.5)).toBe(false);
  });
  it('gives as many as fit where not all do', () => {
    const small = { outline: rectPolygon({ x: 0, y: 0, width: 9, depth: 6 }), wallClearance: 0.5 };
    expect(unitsOnLoop(small, unit, 9).length).toBe(1);
  });
  it('walks a shorter loop than the order of packing, and never crosses itself in a ring', () => {
    const loop = unitsOnLoop(hall, unit, 10);
    const shuffled = [...loop].sort((a, b) => a.x * 7 + a.y - (b.x * 7 + b.y));
    const length = (units: typeof loop) => legsOf(units).reduce((a, b) => a + b, 0);
    expect(length(loop)).toBeLessThanOrEqual(length(shuffled) + 1e-9);
    expect(length(loopOrder(shuffled))).toBeCloseTo(length(loop), 6);
  });
});

describe('settleLoop', () => {
  it('moves a unit that wants more room, and only that one', () => {
    const loop = unitsOnLoop(hall, unit, 6);
    const wants = loop.map((_, i) => (i === 2 ? 2 : 1));
    const settled = settleLoop(hall, loop, wants, 1);
    expect(roomAround(hall, settled[2])).toBeGreaterThanOrEqual(2 - 1e-6);
    settled.forEach((u, i) => {
      if (i !== 2) expect(u).toEqual(loop[i]);
    });
  });
});

describe('validateLayout', () => {
  it('names what is outside, near and close with both numbers', () => {
    const area = { outline: hall.outline, keepOut: [post] };
    const at = (x: number, y: number) => ({ x, y, width: 4, depth: 3 });
    const troubles = validateLayout(area, [at(-1, 5), at(0.4, 10), at(9.5, 6), at(20, 10), at(21.5, 11)], [1, 1, 1, 1, 0.5], 1);
    expect(troubles.map((t) => [t.kind, t.unit, t.other])).toEqual([
      ['outside', 0, -1],
      ['near', 1, -1],
      ['near', 2, 0],
      ['close', 3, 4],
    ]);
    expect(troubles[1].found).toBeCloseTo(0.4);
    expect(troubles[3].found).toBeCloseTo(-2);
  });
  it('measures gaps along x or y', () => {
    expect(gapBetween({ x: 0, y: 0, width: 2, depth: 2 }, { x: 5, y: 1, width: 2, depth: 2 })).toBe(3);
    expect(gapBetween({ x: 0, y: 0, width: 2, depth: 2 }, { x: 1, y: 1, width: 2, depth: 2 })).toBe(-1);
  });
});

describe('nearestClear', () => {
  it('finds the place that a fine search finds', () => {
    const area = { outline: hall.outline, keepOut: [post] };
    const stuck = { x: 11, y: 6, width: 4, depth: 3 };
    const others = [{ x: 16.5, y: 6, width: 4, depth: 3 }];
    const found = nearestClear(area, stuck, others, 1, 1)!;
    expect(validateLayout(area, [{ ...stuck, ...found }, ...others], [1, 0], 1)).toEqual([]);
    let best = Number.POSITIVE_INFINITY;
    for (let x = 0; x <= 22; x += 0.1) {
      for (let y = 0; y <= 12; y += 0.1) {
        if (Math.hypot(x - 11, y - 6) < best && !validateLayout(area, [{ ...stuck, x, y }, ...others], [1, 0], 1).length)
          best = Math.hypot(x - 11, y - 6);
      }
    }
    expect(Math.hypot(found.x - 11, found.y - 6)).toBeLessThanOrEqual(best + 0.11);
  });
  it('says so where there is none', () => {
    expect(
      nearestClear({ outline: rectPolygon({ x: 0, y: 0, width: 5, depth: 4 }) }, { x: 0, y: 0, width: 4, depth: 3 }, [], 1, 1),
    ).toBeUndefined();
  });
});

describe('clearRays', () => {
  it('measures to walls, fixed things and neighbours', () => {
    const rays = clearRays({ outline: hall.outline, keepOut: [post] }, { x: 6, y: 6, width: 4, depth: 2.4 }, [
      { x: 7, y: 11, width: 2, depth: 2 },
    ]);
    const by = Object.fromEntries(rays.map((r) => [r.side, r]));
    expect(by.west.metres).toBeCloseTo(6);
    expect(by.east.metres).toBeCloseTo(3);
    expect(by.east.meets.kind).toBe('fixed');
    expect(by.north.metres).toBeCloseTo(2.6);
    expect(by.north.meets).toEqual({ kind: 'unit', index: 0 });
    expect(by.south.metres).toBeCloseTo(6);
    expect(by.south.to).toEqual({ x: 8, y: expect.closeTo(0) });
  });
});

describe('ontoPaint', () => {
  const line = (along: 'x' | 'y', at: number) => ({ along, at, from: 0, to: 26, kind: 'painted' as const });
  const unit = (x: number, y: number, pinned = false) => ({ x, y, width: 4, depth: 3, turned: 0 as const, pinned });
  const wants = [1, 1];
  const laid = (units: ReturnType<typeof unit>[], painted: ReturnType<typeof line>[]) =>
    ontoPaint(hall, units, (u) => u, painted, wants, 1);

  it('moves what lies near a line onto it as one, by either edge, where most of it comes to lie on paint', () => {
    const [a, b] = laid([unit(3.1, 5), unit(12, 5)], [line('x', 3), line('x', 16.15), line('x', 12.15)]);
    // Both sides of the second save twice the tape; the first keeps its distance from it.
    expect(b.x).toBeCloseTo(12.15, 6);
    expect(a.x).toBeCloseTo(3.25, 6);
    expect(laid([unit(3.1, 5), unit(12, 5)], [line('x', 3)])[0]).toMatchObject({ x: 3, y: 5 });
    expect(laid([unit(3.3, 5), unit(12, 5)], [line('x', 3)])).toEqual([unit(3.3, 5), unit(12, 5)]);
  });
  it('never too near to a wall or another, and never what is stuck down', () => {
    expect(laid([unit(1.05, 5), unit(12, 5)], [line('x', 0.9)])[0].x).toBe(1.05);
    expect(laid([unit(3, 5, true), unit(8.1, 5)], [line('x', 7.95)])[1].x).toBe(8.1);
    expect(laid([unit(3.1, 5, true), unit(12, 5)], [line('x', 3)])).toEqual([unit(3.1, 5, true), unit(12, 5)]);
  });
});

describe('aroundPinned', () => {
  it('in 200 generated rooms: what is pinned stays, what was in its way stands clear and apart or where it stood, the rest never moves', () => {
    let moved = 0;
    for (let seed = 1; seed <= 200; seed++) {
      const room = generatedRoom(seed);
      const packed = packUnits(room, { width: 2.4, depth: 1.8, gap: 0.6 }, { max: 6, turn: 'never' });
      if (packed.length < 3) continue;
      const area = { ...room, wallClearance: 0 };
      const units = packed.map((u, i) => ({ ...u, pinned: i === 0, ...(i === 0 ? { x: packed[1].x, y: packed[1].y } : {}) }));
      const wants = units.map(() => room.wallClearance);
      const after = aroundPinned(area, units, wants, 0.6);
      expect(after[0]).toEqual(units[0]);
      for (const i of units.keys()) if (i > 1) expect(after[i], `seed ${seed}`).toEqual(units[i]);
      if (after[1].x === units[1].x && after[1].y === units[1].y) continue;
      moved += 1;
      expect(validateLayout(area, after, wants, 0.6), `seed ${seed}`).toEqual([]);
    }
    expect(moved).toBeGreaterThan(120);
  });
});
