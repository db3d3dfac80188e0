import { type RectPlace, rectPiece } from '../../arrange/rectPlaces.ts';
import { middleOf } from '../../geometry/point.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { courtPlaces } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { type PodsContext, podUnit } from './group.ts';
import type { PodsValues } from './setup.ts';

/** The object on its marker, and where each of a pod starts, evenly around it; the first up the room. */
function podThings(place: RectPlace, students: number, { values, setup }: PodsContext): LaidPiece[] {
  const own = piecesOf(place.id);
  const middle = middleOf(place);
  // Where the object is held onto nobody dashes for it.
  const grab = setup.mode === 'take';
  return [
    own('hoop', 'object', middle, { widthM: 0.5, lengthM: 0.5, ...(grab ? { grab } : {}) }),
    ...Array.from({ length: Math.max(2, students) }, (_, i) => {
      const angle = Math.PI / 2 - (2 * Math.PI * i) / Math.max(2, students);
      const at = { x: middle.x + values.startM * Math.cos(angle), y: middle.y + values.startM * Math.sin(angle) };
      return own('home', `start-${i + 1}`, at, { students: 1 });
    }),
  ];
}

/** Pods side by side, each a circle of starts around its object. */
export function podLayout(context: PodsContext, groups: string[][]): Pick<BlockDraft<PodsValues>, 'pieces' | 'things' | 'unplaced'> {
  const list = groups.map((_, i) => ({ id: `pod-${i + 1}`, title: context.setup.pod }));
  const { places, unplaced } = courtPlaces(context, podUnit(context), list);
  return {
    pieces: places.map((p) => ({ ...rectPiece(p, false), label: { x: p.x, y: p.y + p.depth } })),
    things: places.flatMap((p) => podThings(p, groups[p.number - 1]?.length ?? 2, context)),
    unplaced,
  };
}
