import { inLane } from '../../arrange/lanesIn.ts';
import type { RectPlace } from '../../arrange/rectPlaces.ts';
import { type LaidKind, type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { BlockDraft } from '../format.ts';
import { laneUnits } from '../lanes.ts';
import { type LaneContext, laneUnit, reachOf, STAND_M } from './group.ts';
import type { SkillLaneValues } from './setup.ts';

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
  const { lanes, pieces, turnedDeg, unplaced } = laneUnits(context, laneUnit(context), groups.length, context.setup.lane, STAND_M);
  return { pieces, things: lanes.flatMap((p) => laneThings(context, p, turnedDeg)), unplaced };
}
