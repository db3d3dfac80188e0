import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../content/demo.ts';
import { areaOf, boundsOf, distance, insidePolygon } from '../geometry/point.ts';
import { HOUSE_DEFAULTS } from '../model/band.ts';
import { newLaid } from '../model/laidPiece.ts';
import { HOUSE_FLOOR_LIMITS } from '../model/limits.ts';
import { NEW_SCHOOL } from '../model/newSchool.ts';
import { limitsFor, School } from '../model/school.ts';
import { circlePolygon, rectShape } from '../model/shape.ts';
import { floorZones, laneRunOut, swingAt } from './floorZones.ts';
import { betweenDeg, lanesMeet } from './lanes.ts';

const band = HOUSE_DEFAULTS['4-5'];

describe('floor that safety asks for', () => {
  it('a longer run wants more room to stop, never more than the sprint does; a slower band wants less', () => {
    const wants = [2, 4, 8, 16, 32].map((lengthM) => laneRunOut({ lengthM }, band));
    expect([...wants].sort((a, b) => a - b)).toEqual(wants);
    expect(wants[4]).toBe(wants[3]);
    // 6 m/s, 2.6 m/s²: 6.92 m and 0.3 m.
    expect(wants[4]).toBeCloseTo(7.22, 2);
    expect(laneRunOut({ lengthM: 8 }, HOUSE_DEFAULTS['k-1'])).toBeLessThan(laneRunOut({ lengthM: 8 }, HOUSE_DEFAULTS['9-12']));
  });

  it('a swing takes reach, implement and step', () => {
    expect(swingAt({ implementM: 0.7 }, band)).toBeCloseTo(0.66 + 0.7 + 0.6, 9);
    expect(swingAt({}, band)).toBeCloseTo(1.26, 9);
    const circle = circlePolygon({ x: 3, y: 4 }, 2);
    for (const p of circle) expect(distance(p, { x: 3, y: 4 })).toBeCloseTo(2, 9);
    expect(areaOf(circle)).toBeGreaterThan(0.99 * Math.PI * 4);
  });

  it('is drawn: doors, running places, flights, run-outs and swings, each where it lies', () => {
    const lane = { ...newLaid('lane', 'a', { x: 10, y: 5 }), lengthM: 4 };
    const place = {
      id: 'p',
      number: 1,
      title: 'x',
      shape: rectShape({ x: 18, y: 4, width: 4, depth: 3 }),
      taped: true,
      pinned: false,
    };
    const laid = [lane, { ...lane, id: 'b', x: 14, use: 'run' as const }, { ...newLaid('spot', 'c', { x: 5, y: 5 }), implementM: 0.8 }];
    const zones = floorZones(MILL_GYM, [place], { p: { metres: 1.8, running: true } }, laid, band);
    const of = (zone: string) => zones.filter((z) => z.zone === zone).map((z) => boundsOf(z.outline));
    expect(of('door')).toHaveLength(2);
    expect(of('flight')).toEqual([{ x: 9.25, y: 3, width: 1.5, depth: 7 }]);
    const [grown, run] = of('run-out');
    expect(grown.x).toBeCloseTo(16.2, 9);
    expect(grown.width).toBeCloseTo(7.6, 9);
    expect(run.depth).toBeCloseTo(4 + laneRunOut({ lengthM: 4 }, band), 6);
    expect(of('swing')[0].width).toBeCloseTo(2 * (0.66 + 0.8 + 0.6), 1);
    for (const z of zones.filter((z) => z.zone === 'door')) expect(z.outline.some((p) => insidePolygon(MILL_GYM.outline, p))).toBe(true);
    expect(floorZones(MILL_GYM, [place], { p: { metres: 1, running: false } }, [], band).filter((z) => z.zone === 'run-out')).toEqual([]);
  });
});

describe('two lanes', () => {
  const lane = (x: number, y: number, turnedDeg: number) => ({
    ...newLaid('lane', `${x}-${y}`, { x, y }, turnedDeg),
    lengthM: 6,
    use: 'throw' as const,
  });
  it('meet or miss, whichever is asked first', () => {
    const cases: [ReturnType<typeof lane>, ReturnType<typeof lane>, string | undefined][] = [
      [lane(5, 5, 0), lane(7, 5, 0), undefined],
      [lane(5, 5, 0), lane(5.6, 5, 0), 'overlap'],
      [lane(5, 5, 0), lane(5, 14, 180), 'oppose'],
      [lane(5, 5, 0), lane(5, 14, 0), undefined],
      [lane(5, 5, 0), lane(9, 9, 270), 'cross'],
      [lane(5, 14, 0), lane(5, 5, 180), undefined],
      [lane(5, 5, 350), lane(3.4, 14, 170), 'oppose'],
      [lane(5, 5, 350), lane(5, 14, 170), undefined],
    ];
    for (const [a, b, meet] of cases) {
      expect(lanesMeet(a, b), `${a.turnedDeg} and ${b.turnedDeg}`).toBe(meet);
      expect(lanesMeet(b, a)).toBe(meet);
    }
  });
  it('know the angle between them', () => {
    expect([
      betweenDeg(lane(0, 0, 10), lane(0, 0, 350)),
      betweenDeg(lane(0, 0, 0), lane(0, 0, 180)),
      betweenDeg(lane(0, 0, 270), lane(0, 0, 0)),
    ]).toEqual([20, 180, 90]);
  });
});

describe('the limits of the floor', () => {
  it("are the house's own until the school changes one, and nonsense is refused by name", () => {
    expect(limitsFor(NEW_SCHOOL)).toEqual(HOUSE_FLOOR_LIMITS);
    expect(limitsFor({ limits: { routeM: 1.1 } })).toEqual({ ...HOUSE_FLOOR_LIMITS, routeM: 1.1 });
    for (const [key, value] of [
      ['routeM', 0],
      ['mostAtOnce', 2.5],
      ['closingSpeedMs', 'fast'],
    ] as const)
      expect(School.safeParse({ ...NEW_SCHOOL, limits: { [key]: value } }).error?.issues[0].path).toEqual(['limits', key]);
  });
});
