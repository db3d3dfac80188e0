import { inLane, lanesIn } from '../../arrange/lanesIn.ts';
import { type RectPlace, rectPiece, rectPlaces } from '../../arrange/rectPlaces.ts';
import { straightAroundPinned } from '../../arrange/straighten.ts';
import { memoize } from '../../memoize.ts';
import { type LaidKind, type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { roomArea } from '../../model/room.ts';
import type { BlockDraft } from '../format.ts';
import { type LaneContext, laneUnit, reachOf, STAND_M } from './group.ts';
import type { SkillLaneValues } from './setup.ts';

const lanes = memoize(lanesIn);

/** What lies in a lane: the lane itself, where its student stands, the target, where the partner stands. */
function laneThings(context: LaneContext, place: RectPlace, turnedDeg: 0 | 90): LaidPiece[] {
  const { setup, values } = context;
  const at = inLane(place, turnedDeg);
  const reach = reachOf(context);
  const half = values.laneM / 2;
  const piece = piecesOf(place.id);
  const own = (laid: LaidKind, name: string, across: number, along: number, more: Partial<LaidPiece>): LaidPiece =>
    piece(laid, name, at(across, along), { turnedDeg, ...more });
  const title = `${place.number} ${place.title}`.slice(0, 40);
  const end = STAND_M + reach;
  return [
    own('lane', 'lane', half, STAND_M + reach / 2, { title, widthM: values.laneM, lengthM: reach, use: setup.use }),
    own('home', 'stand', values.laneM * 0.8, STAND_M * 0.55, {}),
    ...(setup.target
      ? [own('target', 'target', half, end + 0.35, { widthM: Math.round(values.laneM * 6) / 10, lengthM: 0.6, zones: 1 })]
      : []),
    ...(values.perLane > 1 ? [own('spot', 'partner', values.laneM - 0.2, end + 0.35, { title: 'Partner', colour: 'green' })] : []),
  ];
}

/** Lanes side by side with one direction, each with its student, its target and the partner's spot. */
export function laneLayout(context: LaneContext, groups: string[][]): Pick<BlockDraft<SkillLaneValues>, 'pieces' | 'things' | 'unplaced'> {
  const { room, wallClearanceM, placed, taken, values } = context;
  const unit = laneUnit(context);
  const { spots, turnedDeg } = lanes(roomArea(room, wallClearanceM, taken), unit, groups.length, values.spacing);
  const size = turnedDeg ? { width: unit.lengthM, depth: unit.widthM } : { width: unit.widthM, depth: unit.lengthM };
  const list = groups.map((_, i) => ({ id: `lane-${i + 1}`, title: context.setup.lane }));
  const { places, unplaced } = rectPlaces(list, size, spots, placed);
  const clear = straightAroundPinned(roomArea(room, 0, taken), places, wallClearanceM, unit.gapM, context.roundM);
  return {
    // Number and name beside the place where one stands to send.
    pieces: clear.map((p) => ({ ...rectPiece(p, false), label: turnedDeg ? { x: p.x, y: p.y + p.depth } : { x: p.x, y: p.y + STAND_M } })),
    things: clear.flatMap((p) => laneThings(context, p, turnedDeg)),
    unplaced,
  };
}
