import { unitsInBlock, unitsInRows } from '../arrange/grid.ts';
import { type RectPlace, rectPlaces } from '../arrange/rectPlaces.ts';
import { straightAroundPinned } from '../arrange/straighten.ts';
import { stockOf } from '../gear/cover.ts';
import type { GearNeed } from '../gear/need.ts';
import type { Area } from '../geometry/area.ts';
import type { Placement, UnitSize } from '../geometry/packRows.ts';
import { memoize } from '../memoize.ts';
import { type LaidPiece, piecesOf } from '../model/laidPiece.ts';
import { roomArea } from '../model/room.ts';
import type { BlockDraft, PlanContext, PlanInput } from './format.ts';

const LAYOUTS = { close: memoize(unitsInBlock), wide: memoize(unitsInRows) };

/** Courts of one size in straight rows, close together or spread out; `order` puts their spots in another order; `within`: on this part of the floor. */
export function courtPlaces(
  context: PlanInput & { values: { spacing: 'close' | 'wide' } },
  unit: UnitSize,
  list: readonly { id: string; title: string }[],
  order: (spots: readonly Placement[]) => Placement[] = (spots) => [...spots],
  within?: Area,
): { places: RectPlace[]; unplaced: BlockDraft<unknown>['unplaced'] } {
  const { room, wallClearanceM, placed, taken, values, roundM } = context;
  const spots = order(LAYOUTS[values.spacing](within ?? roomArea(room, wallClearanceM, taken), unit, list.length));
  const { places, unplaced } = rectPlaces(list, unit, spots, placed);
  return {
    places: straightAroundPinned(
      within ? { ...within, wallClearance: 0 } : roomArea(room, 0, taken),
      places,
      wallClearanceM,
      unit.gap,
      roundM,
    ),
    unplaced,
  };
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

/** What a game on courts is played with. */
interface CourtGame {
  objectsEach: number;
  implement?: string;
  markers: { gearKind: string; count: number };
}

/** How many courts the objects and implements are enough for, with so many implements on each; Infinity if nothing is short. */
export function courtsOfGear(
  { setup, values, cupboard }: Pick<PlanContext<CourtGame, { object: string }>, 'setup' | 'values' | 'cupboard'>,
  implementsEach: number,
): number {
  const objects = Math.floor(stockOf(cupboard, values.object) / setup.objectsEach);
  return setup.implement ? Math.min(objects, Math.floor(stockOf(cupboard, setup.implement) / implementsEach)) : objects;
}

/** What stays on one court: its objects, its markers, and so many implements. */
export function courtGear(
  { setup, values }: Pick<PlanContext<CourtGame, { object: string }>, 'setup' | 'values'>,
  court: Pick<GearNeed, 'pieceId' | 'title'>,
  implementsEach: number,
): GearNeed[] {
  const at = { ...court, use: 'stays' as const };
  return [
    { ...at, gearKind: values.object, count: setup.objectsEach },
    ...(setup.markers.count ? [{ ...at, gearKind: setup.markers.gearKind, count: setup.markers.count }] : []),
    ...(setup.implement ? [{ ...at, gearKind: setup.implement, count: implementsEach }] : []),
  ];
}
