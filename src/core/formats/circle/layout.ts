import { type RectPlace, rectPiece } from '../../arrange/rectPlaces.ts';
import { middleOf } from '../../geometry/point.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { courtPlaces } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { type CircleContext, circleUnit, isBarrier, radiusOf, ringCount } from './group.ts';
import { numberOf } from './play.ts';
import type { CircleValues } from './setup.ts';

/** Everyone's spot round the edge with the number that is dealt there, and a cone in the middle. */
function ringThings(context: CircleContext, place: RectPlace, students: number): LaidPiece[] {
  const own = piecesOf(place.id);
  const middle = middleOf(place);
  const radius = radiusOf(context, students);
  return Array.from({ length: students }, (_, i) => {
    const angle = Math.PI / 2 - (2 * Math.PI * i) / students;
    const at = { x: middle.x + radius * Math.cos(angle), y: middle.y + radius * Math.sin(angle) };
    return own('home', `at-${i + 1}`, at, {
      students: 1,
      bare: true,
      ...(context.setup.mode === 'sequence' ? { title: `${numberOf(i, context.values.numbers)}` } : {}),
    });
  });
}

/** A court in two halves with the barrier between them. */
function barrierThings(place: RectPlace): LaidPiece[] {
  const own = piecesOf(place.id);
  const middle = middleOf(place);
  return [
    own('court', 'court', middle, { title: `${place.number} ${place.title}`.slice(0, 40), widthM: place.width, lengthM: place.depth }),
    own('barrier', 'barrier', middle, { widthM: place.width, heightM: 0.8 }),
  ];
}

/** Circles side by side, or courts with a barrier. */
export function circleLayout(context: CircleContext, groups: string[][]): Pick<BlockDraft<CircleValues>, 'pieces' | 'things' | 'unplaced'> {
  const count = ringCount(context);
  const list = Array.from({ length: count }, (_, i) => ({ id: `ring-${i + 1}`, title: context.setup.ring }));
  const { places, unplaced } = courtPlaces(context, circleUnit(context, count), list);
  const pieces = places.map((place): Piece => {
    const piece = { ...rectPiece(place, false), label: { x: place.x, y: place.y + place.depth } };
    if (isBarrier(context)) return piece;
    // Number and name stand in the middle: all around it people do.
    const middle = middleOf(place);
    return { ...piece, shape: { shape: 'circle', ...middle, radiusM: place.width / 2 }, label: { x: middle.x - 0.8, y: middle.y + 0.5 } };
  });
  const things = places.flatMap((place) =>
    isBarrier(context) ? barrierThings(place) : ringThings(context, place, Math.max(2, groups[place.number - 1]?.length ?? 2)),
  );
  return { pieces, things, unplaced };
}
