import type { RectPlace } from '../../arrange/rectPlaces.ts';
import { middleOf } from '../../geometry/point.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { fieldLayout } from '../fields.ts';
import type { BlockDraft } from '../format.ts';
import { type SpotContext, spotCount, spotFields } from './group.ts';
import type { SpotValues } from './setup.ts';

/** From the edge of a field to a spot, m; spots beyond so many lie in two rings. */
const EDGE_M = 0.4;
const ONE_RING = 8;

/** The target in the middle, spots around it in one ring or two, a home for each team at two corners. */
function fieldThings(context: SpotContext, place: RectPlace): LaidPiece[] {
  const own = piecesOf(place.id);
  const middle = middleOf(place);
  const far = Math.min(place.width, place.depth) / 2 - EDGE_M;
  const near = Math.min(context.values.nearM, far);
  const count = spotCount(context);
  const rings = count > ONE_RING ? 2 : 1;
  const spots = Array.from({ length: count }, (_, i) => {
    const angle = Math.PI / 2 - (2 * Math.PI * i) / count;
    const radius = rings === 2 && i % 2 ? near : far;
    return { x: middle.x + radius * Math.cos(angle), y: middle.y + radius * Math.sin(angle) };
  });
  const corner = (k: number) => ({
    x: k ? place.x + place.width - EDGE_M : place.x + EDGE_M,
    y: k ? place.y + place.depth - EDGE_M : place.y + EDGE_M,
  });
  return [
    own('target', 'target', middle, { widthM: 0.8, lengthM: 0.8, zones: 1 }),
    ...spots.map((at, i) => own('spot', `spot-${i + 1}`, at, { colour: 'yellow', title: `${i + 1}` })),
    ...[0, 1].map((k) => own('home', `team-${k + 1}`, corner(k), { title: context.setup.teams[k] })),
  ];
}

/** Small fields side by side. */
export const spotLayout = (context: SpotContext): Pick<BlockDraft<SpotValues>, 'pieces' | 'things' | 'unplaced'> =>
  fieldLayout(context, spotFields(context), context.setup.field, (place) => fieldThings(context, place));
