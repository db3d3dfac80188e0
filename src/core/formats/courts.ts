import { unitsInBlock, unitsInRows } from '../arrange/grid.ts';
import { type RectPlace, rectPlaces } from '../arrange/rectPlaces.ts';
import { straightAroundPinned } from '../arrange/straighten.ts';
import type { Placement, UnitSize } from '../geometry/packRows.ts';
import { memoize } from '../memoize.ts';
import { type LaidPiece, piecesOf } from '../model/laidPiece.ts';
import { roomArea } from '../model/room.ts';
import type { BlockDraft, PlanInput } from './format.ts';

const LAYOUTS = { close: memoize(unitsInBlock), wide: memoize(unitsInRows) };

/** Courts of one size in straight rows, close together or spread out; `order` puts their spots in another order. */
export function courtPlaces(
  context: PlanInput & { values: { spacing: 'close' | 'wide' } },
  unit: UnitSize,
  list: readonly { id: string; title: string }[],
  order: (spots: readonly Placement[]) => Placement[] = (spots) => [...spots],
): { places: RectPlace[]; unplaced: BlockDraft<unknown>['unplaced'] } {
  const { room, wallClearanceM, placed, taken, values, roundM } = context;
  const spots = order(LAYOUTS[values.spacing](roomArea(room, wallClearanceM, taken), unit, list.length));
  const { places, unplaced } = rectPlaces(list, unit, spots, placed);
  return { places: straightAroundPinned(roomArea(room, 0, taken), places, wallClearanceM, unit.gap, roundM), unplaced };
}

/** The tape of a court for two sides: its outline and the line in the middle. */
export function courtTape(place: RectPlace): LaidPiece[] {
  const middle = { x: place.x + place.width / 2, y: place.y + place.depth / 2 };
  const own = piecesOf(place.id);
  return [
    own('court', 'court', middle, { title: `${place.number} ${place.title}`.slice(0, 40), widthM: place.width, lengthM: place.depth }),
    own('line', 'middle', middle, { widthM: place.width }),
  ];
}
