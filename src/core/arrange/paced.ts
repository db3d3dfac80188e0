import { distance, edgesOf, type Point } from '../geometry/point.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import { walkingOrder } from './setOut.ts';
import { layingSeconds, SET_OUT_RATES, type SetOutRates } from './setOutList.ts';
import { type SetOutUnit, setOutUnits } from './setOutUnit.ts';
import { paintedGuides } from './snapTo.ts';

/** How many paces from which wall, painted line or thing already put down, along one direction of the room. */
export interface PacesFrom {
  from: 'wall' | 'line' | 'unit';
  /** Of the room's walls, of its painted sets, or of the list's units. */
  index: number;
  /** Which way one walks from there. */
  towards: 'east' | 'west' | 'north' | 'south';
  metres: number;
  /** To half a pace; 0: in line with it. */
  paces: number;
}
/** One thing to put down: its middle is found by counting paces along both directions of the room. */
export interface PacedStep {
  unit: number;
  at: Point;
  from: PacesFrom[];
}
export interface PacedList {
  units: SetOutUnit[];
  steps: PacedStep[];
  walkM: number;
  layOutSeconds: number;
}

/** Metres of a usual pace. */
export const PACE_M = 0.75;
/** Seconds to look, count and put down one thing. */
const SECONDS_A_STEP = 5;
/** Nearer than this across, two are in one line; metres. */
const IN_LINE_M = 0.75;

const middleOfMarks = (unit: SetOutUnit): Point => ({
  x: unit.marks.reduce((sum, [, p]) => sum + p.x, 0) / unit.marks.length,
  y: unit.marks.reduce((sum, [, p]) => sum + p.y, 0) / unit.marks.length,
});

/** Everything that paces can be counted from along one axis, the nearest first. */
function nearest(room: Room, at: Point, axis: 'x' | 'y', placed: readonly { unit: number; at: Point }[], paceM: number): PacesFrom[] {
  const other = axis === 'x' ? 'y' : 'x';
  const found: Omit<PacesFrom, 'paces' | 'towards'>[] = [];
  const add = (from: PacesFrom['from'], index: number, where: number) => found.push({ from, index, metres: at[axis] - where });
  edgesOf(room.outline).forEach(([a, b], i) => {
    const isAcross = Math.abs(a[axis] - b[axis]) < 1e-6;
    if (isAcross && at[other] >= Math.min(a[other], b[other]) && at[other] <= Math.max(a[other], b[other])) add('wall', i, a[axis]);
  });
  room.painted.forEach((painted, i) => {
    for (const line of paintedGuides({ painted: [painted] }))
      if (line.along === axis && at[other] >= line.from - IN_LINE_M && at[other] <= line.to + IN_LINE_M) add('line', i, line.at);
  });
  for (const p of placed) if (Math.abs(p.at[other] - at[other]) < IN_LINE_M) add('unit', p.unit, p.at[axis]);
  const towards = (metres: number) => (axis === 'x' ? (metres < 0 ? 'west' : 'east') : metres < 0 ? 'south' : 'north');
  return found
    .map(
      (f) =>
        ({
          ...f,
          towards: towards(f.metres),
          metres: Math.abs(f.metres),
          paces: Math.round((Math.abs(f.metres) / paceM) * 2) / 2,
        }) as PacesFrom,
    )
    .sort((a, b) => a.metres - b.metres);
}

/**
 * The steps by which one person sets a layout up without a tape measure, in walking order: for each thing, the paces to its middle from
 * the nearest wall, painted line or thing already put down. Corners get cones instead of tape. Paces are rounded to halves, which is
 * good to about 20 cm: enough for a lesson, not for a match. `paceM`: length of that person's pace, metres.
 */
export function pacedList(
  room: Room,
  pieces: readonly Piece[],
  gear: number,
  paceM: number,
  laid: readonly LaidPiece[] = [],
  rates: SetOutRates = SET_OUT_RATES,
): PacedList {
  if (!(paceM > 0.2 && paceM < 2)) throw new RangeError(`invalid pace: ${paceM}, 0.2 to 2 m`);
  const units = setOutUnits(pieces, laid).filter((u) => u.marks.length > 0);
  const placed: { unit: number; at: Point }[] = [];
  const steps = walkingOrder(
    units.map((u) => u.marks),
    room.outline[0],
  ).map((unit): PacedStep => {
    const at = middleOfMarks(units[unit]);
    const from = (['x', 'y'] as const).flatMap((axis) => nearest(room, at, axis, placed, paceM).slice(0, 1));
    placed.push({ unit, at });
    return { unit, at, from };
  });
  const walkM = steps.slice(1).reduce((sum, s, i) => sum + distance(s.at, steps[i].at), 0);
  const corners = units.reduce((sum, u) => sum + (u.marks.length === 4 ? 4 : 0), 0);
  const layOutSeconds = steps.length * SECONDS_A_STEP + layingSeconds(0, 0, gear + corners, rates) + walkM / rates.walkMs;
  return { units, steps, walkM, layOutSeconds };
}
