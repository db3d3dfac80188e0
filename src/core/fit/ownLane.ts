import { layMany } from '../arrange/layMany.ts';
import { distance } from '../geometry/point.ts';
import type { PurposeAction } from '../model/demand.ts';
import { footprint, LAID_FACTS, type LaidPiece, type LaneUse, newLaid } from '../model/laidPiece.ts';
import { type Room, roomArea } from '../model/room.ts';
import { boxOf, partsOf } from '../model/shape.ts';
import { type FittedBlock, laidIn } from './fitted.ts';

/** The title of lanes that are laid for a plan: it says what, never for whom. */
export const OWN_LANE = 'Own lane';

export interface LaneWish {
  id: string;
  widthM: number;
  lengthM: number;
  /** The place that it should lie near; the middle of the block if left out. */
  place?: string;
  purpose: readonly PurposeAction[];
}

/** What goes along the lane, so that the floor's checks know what must be free at its end. */
function laneUse(purpose: readonly PurposeAction[]): LaneUse {
  if (purpose.includes('strike')) return 'strike';
  return purpose.includes('send') ? 'throw' : 'run';
}

/** How many lanes of their own the floor of a block has. */
export const ownLanes = ({ laid }: Pick<FittedBlock, 'laid'>): number =>
  laid.filter((p) => p.laid === 'lane' && p.title === OWN_LANE).length;

/**
 * A lane of one's own on the free floor of a block: clear of walls, places and pieces, as near to its place as can be. Undefined if
 * none is free. It is a piece like any that a teacher lays: set up, taped, checked and dragged as those are.
 */
export function ownLane(
  block: Pick<FittedBlock, 'game' | 'laid'>,
  room: Room,
  wallClearanceM: number,
  wish: LaneWish,
): LaidPiece | undefined {
  const pieces = block.game?.pieces ?? [];
  const taken = [
    ...pieces.flatMap((p) => partsOf(p.shape)),
    ...laidIn(block)
      .filter((p) => LAID_FACTS[p.laid].takesFloor)
      .map(footprint),
  ];
  const { widthM, lengthM } = wish;
  const free = layMany(roomArea(room, wallClearanceM, taken), { widthM, lengthM }, 'side-by-side', 200, 0);
  const near = pieces.filter((p) => wish.place === undefined || p.id === wish.place).map((p) => boxOf(p.shape));
  const boxes = near.length ? near : [boxOf({ shape: 'zone', outline: room.outline })];
  const mean = (of: (box: (typeof boxes)[number]) => number) => boxes.reduce((sum, box) => sum + of(box), 0) / boxes.length;
  const middle = { x: mean((b) => b.x + b.width / 2), y: mean((b) => b.y + b.depth / 2) };
  const [at] = free.sort((a, b) => distance(a, middle) - distance(b, middle));
  return at && { ...newLaid('lane', wish.id, at, at.turnedDeg), title: OWN_LANE, widthM, lengthM, use: laneUse(wish.purpose) };
}
