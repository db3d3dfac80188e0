import { clearLine } from '../geometry/clearLine.ts';
import type { Placement } from '../geometry/packUnits.ts';
import { checkPolygon, distance, edgesOf, millimetres, type Point, type Polygon, turnsLeft } from '../geometry/point.ts';
import type { SharedFinding } from '../model/findingCodes.ts';

const CORNERS = ['A', 'B', 'C', 'D'] as const;
export type Corner = (typeof CORNERS)[number];

/** One mark: where it lies by two walls, and a distance to an earlier mark that proves it. */
export interface SetOutStep {
  /** placements[unit]; A lower left, then anticlockwise. */
  mark: { unit: number; corner: Corner };
  /** Wall i runs from outline[i] to outline[i + 1]; perpendicular metres, to 1 mm; the two walls at least 20° apart. */
  from: [Offset, Offset];
  check?: { to: { unit: number; corner: Corner }; distance: number };
}
export interface Offset {
  wall: number;
  distance: number;
}
/** A room as it is measured in: walls that cannot be reached are blocked. */
export interface MeasuredRoom {
  outline: Polygon;
  keepOut?: readonly Polygon[];
  blockedWalls?: readonly number[];
}

/** Walls less than this apart make a mark too vague: an error of 1 mm would move it by 3. */
const LEAST_SINE = Math.sin((20 * Math.PI) / 180);
/** Metres of tape in the usual case. */
export const TAPE_M = 30;
const NEAR = 1e-9;

/** The four corners of a placement, A lower left, then anticlockwise. */
export function cornersOf({ x, y, width, depth }: Placement): Record<Corner, Point> {
  return { A: { x, y }, B: { x: x + width, y }, C: { x: x + width, y: y + depth }, D: { x, y: y + depth } };
}

/** Walls that a tape reaches from the mark at a right angle, unobstructed, with how far it is. */
function reachable(room: MeasuredRoom, mark: Point, tapeM: number): (Offset & { x: number; y: number })[] {
  const inward = turnsLeft(room.outline) ? 1 : -1;
  return edgesOf(room.outline).flatMap(([a, b], wall) => {
    if (room.blockedWalls?.includes(wall)) return [];
    const length = distance(a, b);
    const x = (b.x - a.x) / length;
    const y = (b.y - a.y) / length;
    const along = (mark.x - a.x) * x + (mark.y - a.y) * y;
    // Behind the wall's line (around a corner) the distance would count the wrong way.
    const inside = inward * (x * (mark.y - a.y) - y * (mark.x - a.x));
    if (along < -NEAR || along > length + NEAR || inside < -NEAR) return [];
    const foot = { x: a.x + along * x, y: a.y + along * y };
    const far = distance(mark, foot);
    if (far > tapeM + NEAR || !clearLine(mark, foot, room.outline, room.keepOut)) return [];
    return [{ wall, distance: far, x, y }];
  });
}

/** The two walls whose offsets are short and cross well: least sum over the sine of their angle. */
function bestPair(room: MeasuredRoom, mark: Point, tapeM: number): [Offset, Offset] | undefined {
  const walls = reachable(room, mark, tapeM);
  let best: [Offset, Offset] | undefined;
  let cost = Number.POSITIVE_INFINITY;
  for (let i = 0; i < walls.length; i++)
    for (let j = i + 1; j < walls.length; j++) {
      const sine = Math.abs(walls[i].x * walls[j].y - walls[i].y * walls[j].x);
      const price = (walls[i].distance + walls[j].distance + 0.1) / sine;
      if (sine < LEAST_SINE || price >= cost - NEAR) continue;
      cost = price;
      best = [
        { wall: walls[i].wall, distance: millimetres(walls[i].distance) },
        { wall: walls[j].wall, distance: millimetres(walls[j].distance) },
      ];
    }
  return best;
}

/** Units in a short round: always the nearest next from the room's first corner, then turned round wherever that is shorter (2-opt). */
export function walkingOrder(units: readonly Corners[], start: Point): number[] {
  const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  const middle = units.map((u) => ({ x: mean(u.map(([, p]) => p.x)), y: mean(u.map(([, p]) => p.y)) }));
  const left = new Set(units.keys());
  const order: number[] = [];
  let at = start;
  while (left.size) {
    const next = [...left].reduce((a, b) => (distance(at, middle[b]) < distance(at, middle[a]) - NEAR ? b : a));
    left.delete(next);
    order.push(next);
    at = middle[next];
  }
  const place = (i: number) => (i < 0 ? start : middle[order[i]]);
  const hop = (i: number, j: number) => (j >= order.length ? 0 : distance(place(i), place(j)));
  for (let round = 0, better = true; better && round < 20; round++) {
    better = false;
    for (let i = 0; i < order.length - 1; i++)
      for (let j = i + 1; j < order.length; j++) {
        const before = hop(i - 1, i) + hop(j, j + 1);
        const after = hop(i - 1, j) + hop(i, j + 1);
        if (after < before - 1e-6) {
          order.splice(i, j - i + 1, ...order.slice(i, j + 1).reverse());
          better = true;
        }
      }
  }
  return order;
}

function checkInput(room: MeasuredRoom, placements: readonly Placement[], tapeM: number): void {
  checkPolygon('outline', room?.outline);
  for (const polygon of room.keepOut ?? []) checkPolygon('keepOut', polygon);
  for (const wall of room.blockedWalls ?? [])
    if (!Number.isInteger(wall) || wall < 0 || wall >= room.outline.length) throw new RangeError(`invalid blockedWalls: ${wall}`);
  if (!Number.isFinite(tapeM) || tapeM <= 0) throw new RangeError(`invalid tapeM: ${tapeM}`);
  placements.forEach((p, i) => {
    for (const key of ['x', 'y', 'width', 'depth'] as const)
      if (!Number.isFinite(p?.[key]) || (key !== 'x' && key !== 'y' && p[key] <= 0))
        throw new RangeError(`invalid placements[${i}].${key}: ${p?.[key]}`);
  });
}

/**
 * What one person with one tape does, in walking order: every corner of every placement once, by its perpendicular distances
 * (m, to 1 mm) from two walls at least 20° apart, along lines that run unobstructed in the room and no longer than the tape;
 * with a straight distance to an earlier mark where one can be measured, the diagonal first. What cannot be reached so is a
 * finding `mark-unreachable` at { unit, corner }. RangeError for a broken room, placement or tape.
 */
export function setOut(
  room: MeasuredRoom,
  placements: readonly Placement[],
  options: { tapeM?: number } = {},
): { steps: SetOutStep[]; findings: SharedFinding[] } {
  const tapeM = options.tapeM ?? TAPE_M;
  checkInput(room, placements, tapeM);
  return setOutCorners(
    room,
    placements.map((p) => Object.entries(cornersOf(p)) as [Corner, Point][]),
    tapeM,
  );
}

/** A unit by its marks in order round it: four corners, two ends, or its middle. */
export type Corners = readonly (readonly [Corner, Point])[];

/** The same for units of any shape and turn, told by their marks. */
export function setOutCorners(
  room: MeasuredRoom,
  units: readonly Corners[],
  tapeM: number,
): { steps: SetOutStep[]; findings: SharedFinding[] } {
  const steps: SetOutStep[] = [];
  const findings: SharedFinding[] = [];
  const done: { unit: number; corner: Corner; at: Point }[] = [];
  let here: Point = room.outline[0];
  for (const unit of walkingOrder(units, here)) {
    const corners = units[unit];
    const near = corners.map(([, p]) => distance(here, p));
    const first = near.reduce((best, d, i) => (d < near[best] - NEAR ? i : best), 0);
    for (let k = 0; k < corners.length; k++) {
      const [corner, at] = corners[(first + k) % corners.length];
      const from = bestPair(room, at, tapeM);
      if (!from) {
        findings.push({
          code: 'mark-unreachable',
          weight: 'caution',
          at: { unit: String(unit), corner },
          data: { x: millimetres(at.x), y: millimetres(at.y), tapeM },
        });
        continue;
      }
      steps.push({ mark: { unit, corner }, from, ...provedBy(room, unit, corner, at, done, tapeM) });
      done.push({ unit, corner, at });
      here = at;
    }
  }
  return { steps, findings };
}

/** The earlier mark that proves this one: its unit's diagonal, else a side of the unit, else the nearest mark of another unit. */
function provedBy(
  room: MeasuredRoom,
  unit: number,
  corner: Corner,
  at: Point,
  done: readonly { unit: number; corner: Corner; at: Point }[],
  tapeM: number,
): Pick<SetOutStep, 'check'> {
  const opposite = CORNERS[(CORNERS.indexOf(corner) + 2) % 4];
  const rank = (d: (typeof done)[number]) => (d.unit !== unit ? 2 : d.corner === opposite ? 0 : 1);
  const sorted = done
    .map((d) => ({ ...d, far: distance(at, d.at), rank: rank(d) }))
    .filter((d) => d.far <= tapeM && d.far > 1e-3)
    .sort((a, b) => a.rank - b.rank || a.far - b.far);
  const found = sorted.find((d) => clearLine(at, d.at, room.outline, room.keepOut));
  return found ? { check: { to: { unit: found.unit, corner: found.corner }, distance: millimetres(found.far) } } : {};
}
