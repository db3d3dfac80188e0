import { inLane } from '../../arrange/lanesIn.ts';
import type { RectPlace } from '../../arrange/rectPlaces.ts';
import { type LaidKind, type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { BlockDraft } from '../format.ts';
import { laneUnits } from '../lanes.ts';
import { distancesOf, farthest, STAND_M, type TossContext, tossUnit } from './group.ts';
import type { TossTargetsValues } from './setup.ts';

/** What lies in a lane: the lane, its target with its zones, where those who wait stand, and a line for each round's distance. */
function laneThings(context: TossContext, place: RectPlace, turnedDeg: 0 | 90, students: number): LaidPiece[] {
  const { setup, values } = context;
  const at = inLane(place, turnedDeg);
  const piece = piecesOf(place.id);
  const half = tossUnit(context).widthM / 2;
  const own = (laid: LaidKind, name: string, across: number, along: number, more: Partial<LaidPiece>): LaidPiece =>
    piece(laid, name, at(across, along), { turnedDeg, ...more });
  const far = farthest(context);
  const goal = STAND_M + far;
  const distances = [...new Set(distancesOf(context))];
  return [
    own('lane', 'lane', half, STAND_M + far / 2, {
      title: `${place.number} ${place.title}`.slice(0, 40),
      ...{ widthM: values.laneM, lengthM: far, use: setup.use },
      ...(setup.lofted ? { lofted: true } : {}),
    }),
    own('target', 'target', half, goal, { widthM: values.targetM, lengthM: values.targetM, zones: setup.zones.length }),
    own('waiting-line', 'side', half, STAND_M / 2, {
      students: Math.max(1, students),
      widthM: Math.min(0.8, values.laneM),
      lengthM: STAND_M - 0.2,
    }),
    // The lane's own end is the farthest line; nearer ones are drawn across it.
    ...distances
      .filter((d) => d < far - 1e-9)
      .map((d, i) => own('line', `line-${i + 1}`, half, goal - d, { widthM: values.laneM, title: `Round ${i + 1}` })),
  ];
}

/** Lanes side by side with one direction, a target at the far end of each. */
export function tossLayout(
  context: TossContext,
  groups: string[][],
): Pick<BlockDraft<TossTargetsValues>, 'pieces' | 'things' | 'unplaced'> {
  const { lanes, pieces, turnedDeg, unplaced } = laneUnits(context, tossUnit(context), groups.length, context.setup.lane, 0);
  return {
    pieces,
    things: lanes.flatMap((lane) => laneThings(context, lane, turnedDeg, groups[lane.number - 1]?.length ?? 1)),
    unplaced,
  };
}
