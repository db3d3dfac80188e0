import { loopOrder } from '../../arrange/loop.ts';
import { type RectPlace, rectPiece } from '../../arrange/rectPlaces.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { courtPlaces, courtTape } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { bayUnit, LINE_M, type RingContext } from './group.ts';
import type { WinnersRingValues } from './setup.ts';

/** A bay's tape, and behind it where its line stands. */
function bayThings(place: RectPlace): LaidPiece[] {
  const court = { ...place, y: place.y + LINE_M, depth: place.depth - LINE_M };
  const own = piecesOf(place.id);
  return [
    ...courtTape(court),
    own(
      'waiting-line',
      'line',
      { x: place.x + place.width / 2, y: place.y + LINE_M / 2 },
      {
        ...{ students: 3, turnedDeg: 90, widthM: LINE_M - 0.4, lengthM: Math.min(2, place.width) },
      },
    ),
  ];
}

/** Bays in a ring: numbered so that the next one is near, and the first is next to the last. */
export function ringLayout(
  context: RingContext,
  groups: string[][],
): Pick<BlockDraft<WinnersRingValues>, 'pieces' | 'things' | 'unplaced'> {
  const list = Array.from({ length: groups.length / 2 }, (_, i) => ({ id: `bay-${i + 1}`, title: context.setup.bay }));
  const { places, unplaced } = courtPlaces(context, bayUnit(context), list, loopOrder);
  return {
    pieces: places.map((p) => ({ ...rectPiece(p, false), label: { x: p.x, y: p.y + p.depth } })),
    things: places.flatMap(bayThings),
    unplaced,
  };
}
