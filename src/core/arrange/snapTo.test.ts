import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../content/demo.ts';
import { paintedGuides, SNAP_M, snapTo } from './snapTo.ts';

const box = (x: number, y: number, width = 4, depth = 3) => ({ x, y, width, depth, turned: 0 as const });

describe('snapping', () => {
  it('leaves a place alone where nothing is near', () => {
    expect(snapTo(box(10, 10), [box(1, 1)], [])).toEqual({ x: 10, y: 10, guides: [] });
  });

  it('brings edges and middles into line, each way by itself', () => {
    const { x, y, guides } = snapTo(box(8.13, 5.9), [box(8, 1)], []);
    expect([x, y]).toEqual([8, 5.9]);
    expect(guides).toEqual([{ along: 'x', at: 8, from: 1, to: 8.9, kind: 'edge' }]);
    const both = snapTo(box(4.1, 1.15), [box(8, 1)], []);
    expect([both.x, both.y], 'right edge to its left, lower edges level').toEqual([4, 1]);
    expect(snapTo(box(9.05, 6, 2, 2), [box(8, 1)], []).x, 'middle over middle').toBe(9);
  });

  it('finds the middle between two neighbours', () => {
    const { x, guides } = snapTo(box(8.4, 2.3, 3), [box(1, 2), box(15, 2)], []);
    expect(x).toBe(8.5);
    expect(guides[0]).toMatchObject({ kind: 'even', at: 10 });
    expect(x - 5).toBe(15 - (x + 3));
  });

  it('prefers paint: a court lies down on the lines of the floor', () => {
    const painted = paintedGuides(MILL_GYM);
    expect(painted).toEqual(expect.arrayContaining([{ along: 'x', at: 4, from: 3, to: 12, kind: 'painted' }]));
    const { x, y, guides } = snapTo(box(4.16, 3.11, 6, 4), [box(4.1, 9)], painted.slice(0, 7));
    expect([x, y]).toEqual([4, 3]);
    expect(guides.map((g) => g.kind)).toEqual(['painted', 'painted']);
    expect(snapTo(box(4.1, 13), [], painted).guides, 'beyond the end of the line').toEqual([]);
  });

  it('never moves a place farther than it says, and what it lies on it lies on', () => {
    const others = [box(2, 2), box(9, 2.2), box(2.3, 8)];
    const painted = paintedGuides(MILL_GYM);
    for (let i = 0; i < 400; i++) {
      const moving = box(((i * 37) % 190) / 10, ((i * 53) % 110) / 10);
      const { x, y, guides } = snapTo(moving, others, painted);
      expect(Math.abs(x - moving.x)).toBeLessThanOrEqual(SNAP_M + 1e-3);
      expect(Math.abs(y - moving.y)).toBeLessThanOrEqual(SNAP_M + 1e-3);
      for (const g of guides) {
        const [low, size] = g.along === 'x' ? [x, 4] : [y, 3];
        const on = [low, low + size / 2, low + size].some((v) => Math.abs(v - g.at) < 2e-3);
        expect(on, JSON.stringify(g)).toBe(true);
      }
    }
  });
});
