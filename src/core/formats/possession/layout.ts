import type { RectPlace } from '../../arrange/rectPlaces.ts';
import { sidesOf, spotsAlong } from '../../arrange/sidesOf.ts';
import { rectPolygon } from '../../geometry/point.ts';
import { spreadSpots } from '../../geometry/spreadSpots.ts';
import { memoize } from '../../memoize.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { fieldLayout } from '../fields.ts';
import type { BlockDraft } from '../format.ts';
import { isHalves, isSpots, type PossessionContext, possessionFields, spotCount } from './group.ts';
import type { PossessionValues } from './setup.ts';

const spread = memoize(spreadSpots);
/** A goal's width as a share of the field's, metres that spots keep from its edge. */
const GOAL_SHARE = 0.35;
const EDGE_M = 0.6;

/** A goal at each end; or the middle line and the line behind which carriers are safe; or spots as far apart as can be. */
function fieldThings(context: PossessionContext, place: RectPlace): LaidPiece[] {
  const own = piecesOf(place.id);
  const isTall = place.depth >= place.width;
  const middle = { x: place.x + place.width / 2, y: place.y + place.depth / 2 };
  const ends = isTall
    ? [
        { x: middle.x, y: place.y },
        { x: middle.x, y: place.y + place.depth },
      ]
    : [
        { x: place.x, y: middle.y },
        { x: place.x + place.width, y: middle.y },
      ];
  const wide = isTall ? place.width : place.depth;
  const turnedDeg = isTall ? 0 : 90;
  if (isSpots(context)) {
    const spots = spread({ outline: rectPolygon(place), wallClearance: EDGE_M }, spotCount(context)).spots;
    return spots.map((at, i) => own('hoop', `spot-${i + 1}`, at, { widthM: 0.6, lengthM: 0.6 }));
  }
  const line = own('line', 'middle', middle, { widthM: wide, turnedDeg, title: 'Middle' });
  if (context.setup.mode === 'passes') return rectPolygon(place).map((at, i) => own('cone', `corner-${i + 1}`, at, {}));
  if (isHalves(context)) {
    const [low, high] = sidesOf(place, 2, 0);
    const guards = [low, high].flatMap((half, k) =>
      spotsAlong(half, context.values.guards, isTall ? 'x' : 'y').map((at, i) =>
        own('home', `guard-${k + 1}-${i + 1}`, at, { title: 'Guard' }),
      ),
    );
    return [line, ...guards];
  }
  return [
    line,
    ...ends.map((at, i) => own('gate', `goal-${i + 1}`, at, { widthM: Math.round(wide * GOAL_SHARE * 10) / 10, turnedDeg, title: 'Goal' })),
  ];
}

/** Small fields side by side. */
export const possessionLayout = (context: PossessionContext): Pick<BlockDraft<PossessionValues>, 'pieces' | 'things' | 'unplaced'> =>
  fieldLayout(context, possessionFields(context), context.setup.field, (place) => fieldThings(context, place));
