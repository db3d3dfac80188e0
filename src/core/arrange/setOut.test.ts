import { describe, expect, it } from 'vitest';
import { packUnits } from '../geometry/packUnits.ts';
import { distance, distanceToSegment, edgesOf, insidePolygon, type Point, type Polygon, rectPolygon } from '../geometry/point.ts';
import { generatedRoom } from '../geometry/rooms.fixture.ts';
import { cornersOf, type MeasuredRoom, type SetOutStep, setOut } from './setOut.ts';

const hall: MeasuredRoom = { outline: rectPolygon({ x: 0, y: 0, width: 26, depth: 15 }) };
const courts = packUnits({ outline: hall.outline, wallClearance: 1 }, { width: 5, depth: 4, gap: 1 });

/** The point that two offsets alone tell: where the lines parallel to the walls, so far inside, cross. */
function rebuilt(outline: Polygon, from: SetOutStep['from']): Point {
  const lines = from.map(({ wall, distance: d }) => {
    const [a, b] = edgesOf(outline)[wall];
    const length = distance(a, b);
    const normal = { x: -(b.y - a.y) / length, y: (b.x - a.x) / length };
    const middle = { x: (a.x + b.x) / 2 + normal.x * 1e-4, y: (a.y + b.y) / 2 + normal.y * 1e-4 };
    const inward = insidePolygon(outline, middle) ? 1 : -1;
    return { x: normal.x * inward, y: normal.y * inward, c: inward * (normal.x * a.x + normal.y * a.y) + d };
  });
  const [l, m] = lines;
  const cross = l.x * m.y - l.y * m.x;
  return { x: (l.c * m.y - l.y * m.c) / cross, y: (l.x * m.c - l.c * m.x) / cross };
}
/** Walked along in small steps: never out of the room, never in something that stands there. */
function runsFree(room: MeasuredRoom, a: Point, b: Point): boolean {
  const near = (polygon: Polygon, p: Point) => edgesOf(polygon).some((e) => distanceToSegment(p, e) < 1e-6);
  return Array.from({ length: 101 }, (_, i) => ({ x: a.x + ((b.x - a.x) * i) / 100, y: a.y + ((b.y - a.y) * i) / 100 })).every(
    (p) =>
      (insidePolygon(room.outline, p) || near(room.outline, p)) && !(room.keepOut ?? []).some((k) => insidePolygon(k, p) && !near(k, p)),
  );
}
const footOn = (outline: Polygon, wall: number, p: Point): Point => {
  const [a, b] = edgesOf(outline)[wall];
  const t = ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / distance(a, b) ** 2;
  expect(t).toBeGreaterThanOrEqual(-1e-9);
  expect(t).toBeLessThanOrEqual(1 + 1e-9);
  return { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) };
};

function expectTrue(room: MeasuredRoom, units: ReturnType<typeof packUnits>, tapeM = 30) {
  const { steps, findings } = setOut(room, units, { tapeM });
  const named = [
    ...steps.map((s) => `${s.mark.unit}${s.mark.corner}`),
    ...findings.map((f) => {
      expect(f.code).toBe('mark-unreachable');
      return `${f.at.unit}${f.at.corner}`;
    }),
  ];
  expect(named.sort()).toEqual(units.flatMap((_, u) => ['A', 'B', 'C', 'D'].map((c) => `${u}${c}`)).sort());
  const earlier = new Set<string>();
  for (const { mark, from, check } of steps) {
    const at = cornersOf(units[mark.unit])[mark.corner];
    expect(distance(rebuilt(room.outline, from), at), 'rebuilt from two offsets alone').toBeLessThan(0.005);
    const [u, v] = from.map(({ wall }) => {
      const [a, b] = edgesOf(room.outline)[wall];
      return { x: (b.x - a.x) / distance(a, b), y: (b.y - a.y) / distance(a, b) };
    });
    expect(Math.abs(u.x * v.y - u.y * v.x)).toBeGreaterThanOrEqual(Math.sin((20 * Math.PI) / 180) - 1e-9);
    for (const { wall, distance: d } of from) {
      expect(room.blockedWalls ?? []).not.toContain(wall);
      expect(d).toBeLessThanOrEqual(tapeM + 0.001);
      expect(runsFree(room, at, footOn(room.outline, wall, at))).toBe(true);
    }
    if (check) {
      expect(earlier).toContain(`${check.to.unit}${check.to.corner}`);
      const to = cornersOf(units[check.to.unit])[check.to.corner];
      expect(Math.abs(distance(at, to) - check.distance)).toBeLessThan(0.001);
      expect(check.distance).toBeLessThanOrEqual(tapeM);
      expect(runsFree(room, at, to)).toBe(true);
    }
    earlier.add(`${mark.unit}${mark.corner}`);
  }
  return { steps, findings };
}

describe('setOut', () => {
  it('tells every corner of a hall of courts once, each rebuilt from its two offsets, diagonals proved', () => {
    expect(courts.length).toBeGreaterThanOrEqual(8);
    const { steps, findings } = expectTrue(hall, courts);
    expect(findings).toEqual([]);
    const diagonals = steps.filter(
      (s) => s.check && s.check.to.unit === s.mark.unit && Math.abs(s.check.distance - Math.hypot(5, 4)) < 1e-3,
    );
    expect(diagonals.length, 'two diagonals a court').toBe(2 * courts.length);
  });

  it('goes round them without running to and fro', () => {
    const { steps } = setOut(hall, courts);
    const path = steps.map((s) => cornersOf(courts[s.mark.unit])[s.mark.corner]);
    const walked = path.slice(1).reduce((sum, p, i) => sum + distance(p, path[i]), 0);
    const asListed = courts.flatMap((c) => Object.values(cornersOf(c)));
    expect(walked).toBeLessThanOrEqual(asListed.slice(1).reduce((sum, p, i) => sum + distance(p, asListed[i]), 0) + 1e-9);
    for (const unit of courts.keys()) {
      const at = steps.flatMap((s, i) => (s.mark.unit === unit ? [i] : []));
      expect(at[3] - at[0], 'a court at a time').toBe(3);
    }
  });

  it('measures from walls that can be reached: not over a bleacher, not from a blocked wall, not beyond the tape', () => {
    const bleacher = rectPolygon({ x: 0, y: 0, width: 26, depth: 0.8 });
    const { steps } = expectTrue({ ...hall, keepOut: [bleacher] }, courts);
    expect(steps.some((s) => s.from.some((f) => f.wall === 0))).toBe(false);
    expectTrue({ ...hall, blockedWalls: [0, 1] }, courts);
    const short = expectTrue(hall, [{ x: 11, y: 6, width: 4, depth: 3, turned: 0 }], 8);
    expect(short.findings.length).toBeGreaterThan(0);
    expect(short.findings[0]).toMatchObject({ at: { unit: '0' }, data: { tapeM: 8 } });
  });

  it('holds in 100 generated rooms with packed units', () => {
    let marks = 0;
    for (let seed = 300; seed < 400; seed++) {
      const area = generatedRoom(seed);
      const units = packUnits(area, { width: 3, depth: 2, gap: 0.6 }, { max: 6 });
      const { steps } = expectTrue(area, units);
      marks += steps.length;
    }
    expect(marks).toBeGreaterThan(1000);
  });

  it('says which mark cannot be reached where walls nearly run alongside each other or none is left', () => {
    const { steps, findings } = setOut({ ...hall, blockedWalls: [0, 2] }, courts.slice(0, 1));
    expect(steps).toEqual([]);
    expect(findings.map((f) => f.at.corner).sort()).toEqual(['A', 'B', 'C', 'D']);
    const outside = setOut(hall, [{ x: 24, y: 2, width: 4, depth: 3, turned: 0 }]);
    expect(outside.findings.map((f) => f.at.corner).sort(), 'two corners lie beyond the wall').toEqual(['B', 'C']);
  });

  it.each([
    [{ ...hall, blockedWalls: [7] }, courts, 30, 'blockedWalls: 7'],
    [hall, courts, 0, 'tapeM: 0'],
    [hall, [{ x: 1, y: 1, width: -2, depth: 2, turned: 0 as const }], 30, 'placements[0].width: -2'],
    [hall, [{ x: Number.NaN, y: 1, width: 2, depth: 2, turned: 0 as const }], 30, 'placements[0].x: NaN'],
    [{ outline: hall.outline.slice(0, 2) }, courts, 30, 'outline'],
  ])('refuses broken arguments by name (%#)', (room, units, tapeM, name) => {
    expect(() => setOut(room, units, { tapeM })).toThrowError(RangeError);
    expect(() => setOut(room, units, { tapeM })).toThrowError(name);
  });
});
