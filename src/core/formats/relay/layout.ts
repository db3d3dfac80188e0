import { inLane } from '../../arrange/lanesIn.ts';
import type { RectPlace } from '../../arrange/rectPlaces.ts';
import { middleOf, type Rect } from '../../geometry/point.ts';
import { type LaidKind, type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { rectShape } from '../../model/shape.ts';
import { courtPlaces } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { laneUnits } from '../lanes.ts';
import { crossingShape } from './crossing.ts';
import { BEHIND_M, CORNERS, crossingUnit, isCrossing, type RelayContext, relayUnit, unitOf } from './group.ts';
import type { RelayValues } from './setup.ts';

type Laid = Pick<BlockDraft<RelayValues>, 'pieces' | 'things' | 'unplaced'>;

/** A line behind its start, and what stands at the far end. */
function lineThings(context: RelayContext, place: RectPlace, turnedDeg: 0 | 90, students: number, count: number): LaidPiece[] {
  const { setup, values } = context;
  const at = inLane(place, turnedDeg);
  const piece = piecesOf(place.id);
  const { lengthM, widthM } = relayUnit(context, count);
  const behind = lengthM - values.legM - BEHIND_M;
  const own = (laid: LaidKind, name: string, across: number, along: number, more: Partial<LaidPiece>): LaidPiece =>
    piece(laid, name, at(across, along), { turnedDeg, ...more });
  const half = widthM / 2;
  return [
    own('waiting-line', 'line', half, behind / 2, {
      students: Math.max(1, students),
      widthM: Math.min(0.8, values.laneM),
      lengthM: Math.max(0.4, behind - 0.2),
    }),
    own('line', 'start', half, behind, { widthM: values.laneM, title: 'Start' }),
    ...(setup.target
      ? [own('target', 'target', half, behind + values.legM, { widthM: Math.min(1, values.laneM), lengthM: 1, zones: 1 })]
      : [own('cone', 'turn', half, behind + values.legM, {})]),
  ];
}

/** Lines side by side, all with one direction. */
function linesLayout(context: RelayContext, groups: string[][]): Laid {
  const { lanes, pieces, turnedDeg, unplaced } = laneUnits(
    context,
    relayUnit(context, groups.length),
    groups.length,
    context.setup.line,
    0,
  );
  return {
    // Along the room number and name stand between start and far end: at the line itself students do.
    pieces: pieces.map((p, i) =>
      turnedDeg ? { ...p, label: { x: lanes[i].x + lanes[i].width * 0.55, y: lanes[i].y + lanes[i].depth } } : p,
    ),
    things: lanes.flatMap((lane) => lineThings(context, lane, turnedDeg, groups[lane.number - 1]?.length ?? 1, groups.length)),
    unplaced,
  };
}

/** Four lines at the corners of each rectangle, each straight behind its start, outside of it. */
function crossingLayout(context: RelayContext, groups: string[][]): Laid {
  const { values, setup, placed } = context;
  const named = (i: number) => ({ id: `lane-${i + 1}`, number: i + 1, title: setup.line });
  const unit = crossingUnit(context, groups.length);
  const { isTurned, lineM } = unit;
  const shape = crossingShape(context);
  const list = Array.from({ length: groups.length / CORNERS }, (_, i) => ({ id: `crossing-${i + 1}`, title: '' }));
  const { places } = courtPlaces({ ...context, placed: {} }, unitOf(unit), list);
  const [width, depth] = isTurned ? [values.laneM, lineM] : [lineM, values.laneM];
  const boxes = places.flatMap((place) =>
    shape.starts.map(({ x, y }, k) => {
      const name = named((place.number - 1) * CORNERS + k);
      // Lines 1 and 4 stand before the rectangle, lines 2 and 3 behind it.
      const isAfter = k === 1 || k === 2;
      const [along, across] = [isAfter ? lineM + x : 0, y];
      const at = { x: place.x + (isTurned ? across : along), y: place.y + (isTurned ? along : across) };
      return { name, isAfter, box: { ...(placed[name.id] ?? at), width, depth } };
    }),
  );
  return {
    pieces: boxes.map(({ name, box }) => ({
      ...{ ...name, shape: rectShape(box), taped: false, label: { x: box.x, y: box.y }, pinned: placed[name.id] !== undefined },
    })),
    things: boxes.flatMap(({ name, isAfter, box }) => cornerThings(name, box, isAfter, isTurned, groups[name.number - 1].length)),
    unplaced: groups.map((_, i) => named(i)).filter(({ id }) => !boxes.some(({ name }) => name.id === id)),
  };
}

/** A line at a corner, its start and its cone. */
function cornerThings({ id }: { id: string }, box: Rect, isAfter: boolean, isTurned: boolean, students: number): LaidPiece[] {
  const own = piecesOf(id);
  const middle = middleOf(box);
  const end = isTurned ? { x: middle.x, y: isAfter ? box.y : box.y + box.depth } : { x: isAfter ? box.x : box.x + box.width, y: middle.y };
  const [long, wide] = isTurned ? [box.depth, box.width] : [box.width, box.depth];
  const deg = (isTurned ? 0 : 90) + (isAfter ? 180 : 0);
  return [
    own('waiting-line', 'line', middle, {
      ...{ students: Math.max(1, students), widthM: Math.min(0.8, wide), lengthM: Math.max(0.4, long - 0.4), turnedDeg: deg },
    }),
    own('line', 'start', end, { widthM: wide, title: 'Start', turnedDeg: isTurned ? 0 : 90 }),
  ];
}

/** The lines of a relay on the floor. */
export const relayLayout = (context: RelayContext, groups: string[][]): Laid =>
  isCrossing(context) ? crossingLayout(context, groups) : linesLayout(context, groups);
