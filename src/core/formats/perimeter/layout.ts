import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { BlockDraft } from '../format.ts';
import { areaInside, clearAlongEdge, insideOf, type LoopPlace } from '../loopFloor.ts';
import { hoopCounts, innerRing, isRings, type PerimeterContext, trackOf } from './group.ts';
import type { PerimeterValues } from './setup.ts';

type Laid = Pick<BlockDraft<PerimeterValues>, 'pieces' | 'things' | 'unplaced'>;

/** Hoops inside the loop, evenly along it. */
function hoopThings(context: PerimeterContext, track: LoopPlace): LaidPiece[] {
  const { values } = context;
  const inside = insideOf(track.path, values.hoopM / 2 + 0.2);
  if (!inside) return [];
  const own = piecesOf('track');
  const spots = clearAlongEdge(areaInside(context, inside), inside, hoopCounts(context).first, values.hoopM / 2 + 0.1);
  return spots.map((at, i) => own('hoop', `hoop-${i + 1}`, at, { widthM: values.hoopM, lengthM: values.hoopM }));
}

/** The loop with its hoops, or the two rings one inside the other. */
export function perimeterLayout(context: PerimeterContext): Laid {
  const name = { id: 'track', number: 1, title: isRings(context) ? 'Outer ring' : 'Track' };
  const second = { id: 'inner', number: 2, title: 'Inner ring' };
  const track = trackOf(context);
  if (!track) return { pieces: [], things: [], unplaced: isRings(context) ? [name, second] : [name] };
  if (!isRings(context)) return { pieces: [track.piece], things: hoopThings(context, track), unplaced: [] };
  const inner = innerRing(context, track);
  return { pieces: [track.piece, ...(inner ? [inner.piece] : [])], things: [], unplaced: inner ? [] : [second] };
}
