import { unitsThatFit } from '../arrange/grid.ts';
import { lanesIn } from '../arrange/lanesIn.ts';
import { type RectPlace, rectPiece, rectPlaces } from '../arrange/rectPlaces.ts';
import { straightAroundPinned } from '../arrange/straighten.ts';
import { memoize } from '../memoize.ts';
import type { Piece } from '../model/piece.ts';
import { roomArea } from '../model/room.ts';
import type { BlockDraft, PlanInput } from './format.ts';

const fits = memoize(unitsThatFit);
const lay = memoize(lanesIn);

/** What one lane takes of the floor: across, along, and between two; metres. */
export interface LaneUnit {
  widthM: number;
  lengthM: number;
  gapM: number;
}

/** How many lanes the floor has, all up the room or all along it. */
export function lanesOnFloor({ room, wallClearanceM, taken }: PlanInput, { widthM, lengthM, gapM }: LaneUnit): number {
  const area = roomArea(room, wallClearanceM, taken);
  return Math.max(fits(area, { width: widthM, depth: lengthM, gap: gapM }), fits(area, { width: lengthM, depth: widthM, gap: gapM }));
}

/** Lanes side by side with one direction, number and name `labelM` along from the end where one stands. */
export function laneUnits(
  context: PlanInput & { values: { spacing: 'close' | 'wide' } },
  unit: LaneUnit,
  count: number,
  title: string,
  labelM: number,
): { lanes: RectPlace[]; pieces: Piece[]; turnedDeg: 0 | 90; unplaced: BlockDraft<unknown>['unplaced'] } {
  const { room, wallClearanceM, placed, taken, values, roundM } = context;
  const { spots, turnedDeg } = lay(roomArea(room, wallClearanceM, taken), unit, count, values.spacing);
  const size = turnedDeg ? { width: unit.lengthM, depth: unit.widthM } : { width: unit.widthM, depth: unit.lengthM };
  const list = Array.from({ length: count }, (_, i) => ({ id: `lane-${i + 1}`, title }));
  const { places, unplaced } = rectPlaces(list, size, spots, placed);
  const lanes = straightAroundPinned(roomArea(room, 0, taken), places, wallClearanceM, unit.gapM, roundM);
  return {
    lanes,
    pieces: lanes.map((p) => ({ ...rectPiece(p, false), label: turnedDeg ? { x: p.x, y: p.y + p.depth } : { x: p.x, y: p.y + labelM } })),
    turnedDeg,
    unplaced,
  };
}
