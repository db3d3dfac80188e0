import { type RectPlace, rectPiece } from '../../arrange/rectPlaces.ts';
import { gapBetween, validateLayout } from '../../arrange/validate.ts';
import type { Area } from '../../geometry/area.ts';
import type { Placement } from '../../geometry/packRows.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { roomArea } from '../../model/room.ts';
import { courtPlaces, courtTape } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { type LadderContext, ladderUnit } from './group.ts';
import type { LadderValues } from './setup.ts';

/** Units in rows numbered there and back, so that the next court is beside the last. */
function thereAndBack(units: readonly Placement[]): Placement[] {
  const rows = new Map<number, Placement[]>();
  for (const unit of units) rows.set(unit.y, [...(rows.get(unit.y) ?? []), unit]);
  return [...rows.values()].flatMap((row, i) => (i % 2 ? [...row].reverse() : row));
}

/** The last unit, moved away from the others by so much if the floor has it: the top court is seen by all. */
function topApart(area: Area, units: readonly RectPlace[], apartM: number, want: number, gap: number): RectPlace[] {
  const top = units.at(-1);
  if (!top || top.pinned || units.length < 2 || !apartM) return [...units];
  const others = units.slice(0, -1);
  const ways = [
    { x: top.x + apartM, y: top.y },
    { x: top.x - apartM, y: top.y },
    { x: top.x, y: top.y - apartM },
    { x: top.x, y: top.y + apartM },
  ];
  const far = (at: { x: number; y: number }) => Math.min(...others.map((o) => gapBetween({ ...top, ...at }, o)));
  const clear = ways
    .filter((at) => far(at) >= gap - 1e-6 && far(at) > far(top) + 1e-6 && !validateLayout(area, [{ ...top, ...at }], [want], 0).length)
    .sort((a, b) => far(b) - far(a));
  return clear.length ? [...others, { ...top, ...clear[0] }] : [...units];
}

/** A court's tape, and where each side stands. */
function courtThings(place: RectPlace): LaidPiece[] {
  const { x, y, width, depth } = place;
  const own = piecesOf(place.id);
  return [
    ...courtTape(place),
    own('position', 'a', { x: x + width / 2, y: y + depth * 0.25 }, { title: 'A' }),
    own('position', 'b', { x: x + width / 2, y: y + depth * 0.75 }, { title: 'B' }),
  ];
}

/** Courts side by side in the order of the ladder, the top one a little apart. */
export function ladderLayout(context: LadderContext, groups: string[][]): Pick<BlockDraft<LadderValues>, 'pieces' | 'things' | 'unplaced'> {
  const { room, wallClearanceM, taken, values, setup } = context;
  const unit = ladderUnit(context);
  const list = groups.map((_, i) => ({ id: `court-${i + 1}`, title: i === groups.length - 1 && i > 0 ? setup.top : setup.court }));
  const { places, unplaced } = courtPlaces(context, unit, list, thereAndBack);
  const courts = topApart(roomArea(room, 0, taken), places, values.apartM, wallClearanceM, unit.gap);
  return {
    pieces: courts.map((p) => ({ ...rectPiece(p, false), label: { x: p.x, y: p.y + p.depth } })),
    things: courts.flatMap(courtThings),
    unplaced,
  };
}
