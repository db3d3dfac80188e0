import { describe, expect, it } from 'vitest';
import { MILL_GYM, UPPER_YARD } from '../../content/demo.ts';
import { demoDesk } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { handfuls } from '../gear/cover.ts';
import { newLaid } from '../model/laidPiece.ts';
import { PACE_M, pacedList } from './paced.ts';
import { setOutList } from './setOutList.ts';

const lesson = fitUnweighed(demoDesk());
const { pieces } = lesson.blocks.find((b) => b.game)!.game!;

describe('three grades of setting up', () => {
  const exact = setOutList(MILL_GYM, pieces, 30, 30);
  const quick = setOutList(MILL_GYM, pieces, 30, 30, undefined, [], 'quick');
  const paced = pacedList(MILL_GYM, pieces, 30, PACE_M);

  it('take less the less exact they are: nine stations in minutes, paced', () => {
    expect(exact.marks).toHaveLength(36);
    expect(quick.marks).toHaveLength(18);
    expect(paced.steps).toHaveLength(9);
    expect(quick.layOutSeconds).toBeLessThan(exact.layOutSeconds * 0.6);
    expect(paced.layOutSeconds).toBeLessThan(quick.layOutSeconds);
  });

  it('of a lesson with nine stations and all its gear: four minutes, paced', () => {
    const { layOutSeconds } = pacedList(MILL_GYM, pieces, handfuls(lesson.gear), PACE_M);
    expect(Math.round(layOutSeconds / 60)).toBe(4);
  });

  it('mark the middles of two edges, each halfway between the corners of the exact list', () => {
    for (const mark of quick.marks) {
      const corners = exact.units[mark.mark.unit].marks.map(([, p]) => p);
      const [a, b] = mark.mark.corner === 'A' ? [corners[0], corners[1]] : [corners[3], corners[2]];
      expect(mark.at).toEqual({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
    }
  });

  it('count paces along both directions of the room, from the nearest that is there, to half a pace', () => {
    for (const { at, from } of paced.steps) {
      expect(from.map((f) => (f.towards === 'east' || f.towards === 'west' ? 'x' : 'y'))).toEqual(['x', 'y']);
      for (const f of from) {
        expect(Math.abs(f.paces * PACE_M - f.metres)).toBeLessThanOrEqual(PACE_M / 4 + 1e-9);
        if (f.from !== 'wall') continue;
        const wall = MILL_GYM.outline[f.index];
        const far = f.towards === 'east' || f.towards === 'west' ? at.x - wall.x : at.y - wall.y;
        expect(Math.abs(Math.abs(far) - f.metres)).toBeLessThan(1e-9);
      }
    }
  });

  it('count from what is there already, and from painted lines', () => {
    const cones = [3, 5.2, 7.4].map((x, i) => newLaid('cone', `c${i}`, { x, y: 6 }));
    const { steps } = pacedList({ ...MILL_GYM, painted: [] }, [], 0, PACE_M, cones);
    expect(steps.slice(1).map((s) => s.from[0].from)).toEqual(['unit', 'unit']);
    expect(steps.slice(1).map((s) => s.from[0].paces)).toEqual([3, 3]);
    const yard = pacedList(UPPER_YARD, [], 0, PACE_M, [newLaid('cone', 'c', { x: 20.3, y: 12 })]);
    expect(yard.steps[0].from[0]).toMatchObject({ from: 'line', paces: 0.5 });
    expect(() => pacedList(MILL_GYM, [], 0, 0)).toThrowError('invalid pace: 0');
  });
});
