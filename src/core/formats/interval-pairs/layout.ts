import { rectPiece } from '../../arrange/rectPlaces.ts';
import { spotsAlong } from '../../arrange/sidesOf.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { courtPlaces } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { areaUnit, exercisesOf, floorInside, type IntervalContext, trackOf } from './group.ts';
import type { IntervalPairsValues } from './setup.ts';

/** The exercises in straight rows inside the track, with the spots of those whose repetitions follow a path. */
export function intervalLayout(context: IntervalContext): Pick<BlockDraft<IntervalPairsValues>, 'pieces' | 'things' | 'unplaced'> {
  const list = exercisesOf(context);
  const named = list.map(({ id, title }) => ({ id, title }));
  const track = trackOf(context);
  const within = floorInside(context);
  const { places, unplaced } = within
    ? courtPlaces({ ...context, values: { spacing: 'wide' } }, areaUnit(context), named, undefined, within)
    : { places: [], unplaced: named.map((name, i) => ({ ...name, number: i + 1 })) };
  const things = places.flatMap((place): LaidPiece[] => {
    const own = piecesOf(place.id);
    const { spots = 0 } = list[place.number - 1];
    return spotsAlong(place, spots, 'x').map((at, i) => own('spot', `spot-${i + 1}`, at, { colour: i === spots - 1 ? 'green' : 'white' }));
  });
  return {
    pieces: [...places.map((p) => ({ ...rectPiece(p, true), label: { x: p.x, y: p.y + p.depth } })), ...(track ? [track.piece] : [])],
    things,
    unplaced: [...unplaced, ...(track ? [] : [{ id: 'track', number: list.length + 1, title: 'Track' }])],
  };
}
