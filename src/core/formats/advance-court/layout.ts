import { unitsInBlock, unitsInRows } from '../../arrange/grid.ts';
import { ontoPaint } from '../../arrange/ontoPaint.ts';
import { type RectPlace, rectPiece, rectPlaces } from '../../arrange/rectPlaces.ts';
import { paintedGuides } from '../../arrange/snapTo.ts';
import { straightAroundPinned } from '../../arrange/straighten.ts';
import type { Rect } from '../../geometry/point.ts';
import { memoize } from '../../memoize.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { roomArea } from '../../model/room.ts';
import type { BlockDraft } from '../format.ts';
import { type CourtContext, courtUnit, LINE_M } from './group.ts';
import type { AdvanceCourtValues } from './setup.ts';

const LAYOUTS = { close: memoize(unitsInBlock), wide: memoize(unitsInRows) };

/** The court itself: the place without the floor of its waiting line along the lower edge. */
const squareOf = <R extends Rect>(place: R, lineM: number): R => ({ ...place, y: place.y + lineM, depth: place.depth - lineM });

/** A court's tape: its outline, what parts its cells (two columns, the lowest at the lower left, an odd one over the whole top row), their numbers, the waiting line. */
export function courtThings(place: RectPlace, lineM: number, cells: number, waiting: number): LaidPiece[] {
  const { x, y, width, depth } = squareOf(place, lineM);
  const rowsOf = Math.ceil(cells / 2);
  const step = depth / rowsOf;
  const middle = x + width / 2;
  const upright = depth - (cells % 2 ? step : 0);
  const own = piecesOf(place.id);
  return [
    own(
      'court',
      'court',
      { x: middle, y: y + depth / 2 },
      { title: `${place.number} ${place.title}`.slice(0, 40), widthM: width, lengthM: depth },
    ),
    ...Array.from({ length: rowsOf - 1 }, (_, r) => own('line', `row-${r + 1}`, { x: middle, y: y + step * (r + 1) }, { widthM: width })),
    own('line', 'middle', { x: middle, y: y + upright / 2 }, { widthM: upright, turnedDeg: 90 }),
    ...Array.from({ length: cells }, (_, i) => {
      const alone = cells % 2 === 1 && i === cells - 1;
      const at = { x: x + width * (alone ? 0.5 : i % 2 ? 0.75 : 0.25), y: y + step * ((i >> 1) + 0.5) };
      return own('position', `cell-${i + 1}`, at, { title: String(i + 1) });
    }),
    own(
      'waiting-line',
      'line',
      { x: middle, y: place.y + LINE_M / 2 },
      {
        widthM: LINE_M,
        lengthM: width,
        turnedDeg: 270,
        bare: true,
        students: waiting || undefined,
      },
    ),
  ];
}

/** Courts in rows, each with its waiting line along the lower edge, clear of the court by the chosen gap; on painted lines where one is near. */
export function courtLayout(
  context: CourtContext,
  groups: string[][],
): Pick<BlockDraft<AdvanceCourtValues>, 'pieces' | 'things' | 'unplaced'> {
  const { values, room, wallClearanceM, placed, taken } = context;
  const { lineM, ...unit } = courtUnit(context);
  const spots = LAYOUTS[values.spacing](roomArea(room, wallClearanceM, taken), unit, groups.length);
  const list = groups.map((_, i) => ({ id: `court-${i + 1}`, title: context.setup.court }));
  const { places, unplaced } = rectPlaces(list, unit, spots, placed);
  const wants = places.map(() => wallClearanceM);
  const area = roomArea(room, 0, taken);
  const settled = straightAroundPinned(area, places, wallClearanceM, unit.gap, context.roundM);
  const onPaint = ontoPaint(area, settled, (p) => squareOf(p, lineM), paintedGuides(room), wants, unit.gap);
  return {
    // A court's number and title stand in the gap before its waiting line: its cells are not written over.
    pieces: onPaint.map((p) => ({ ...rectPiece(p, false), label: { x: p.x, y: p.y + lineM } })),
    things: onPaint.flatMap((p) => {
      const size = groups[p.number - 1].length;
      return courtThings(p, lineM, Math.max(2, Math.min(values.positions, size)), Math.max(0, size - values.positions));
    }),
    unplaced,
  };
}
