import type { Rect } from '../../geometry/point.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { rectShape } from '../../model/shape.ts';
import type { BlockDraft } from '../format.ts';
import { type CallUpContext, fieldsOf } from './group.ts';
import type { CallUpValues } from './setup.ts';

/** Depth of the strip in which a side stands, m. */
const STRIP_M = 1.2;
/** What lies between the strips is at least this deep, m. */
const LEAST_M = 2.4;

/** The two sidelines of a field along its longer edges, and what is between them. */
function partsOf(field: Rect): { sides: [Rect, Rect]; middle: Rect; isFlat: boolean } {
  const isFlat = field.width >= field.depth;
  const strip = Math.max(0.6, Math.min(STRIP_M, ((isFlat ? field.depth : field.width) - LEAST_M) / 2));
  const { x, y, width, depth } = field;
  return isFlat
    ? {
        sides: [
          { x, y, width, depth: strip },
          { x, y: y + depth - strip, width, depth: strip },
        ],
        middle: { x, y: y + strip, width, depth: depth - 2 * strip },
        isFlat,
      }
    : {
        sides: [
          { x, y, width: strip, depth },
          { x: x + width - strip, y, width: strip, depth },
        ],
        middle: { x: x + strip, y, width: width - 2 * strip, depth },
        isFlat,
      };
}

/** A goal at either end and the caller at one of them, from where the object is rolled in: all run the same way, none meet head down. */
function middleThings(id: string, middle: Rect, isFlat: boolean, goalM: number): LaidPiece[] {
  const own = piecesOf(id);
  const [cx, cy] = [middle.x + middle.width / 2, middle.y + middle.depth / 2];
  const widthM = Math.min(goalM, (isFlat ? middle.depth : middle.width) * 0.8);
  const ends = isFlat
    ? [
        { x: middle.x, y: cy },
        { x: middle.x + middle.width, y: cy },
      ]
    : [
        { x: cx, y: middle.y },
        { x: cx, y: middle.y + middle.depth },
      ];
  const off = (isFlat ? middle.depth : middle.width) / 2 - 0.4;
  const caller = isFlat ? { x: middle.x + 0.4, y: cy + off } : { x: cx + off, y: middle.y + 0.4 };
  return [
    ...ends.map((at, i) => own('goal', `goal-${i + 1}`, at, { widthM, turnedDeg: isFlat ? 90 : 0 })),
    own('home', 'caller', caller, { title: 'Caller' }),
  ];
}

/** Two sidelines for each field, with the field between them. */
export function callUpLayout(context: CallUpContext, groups: string[][]): Pick<BlockDraft<CallUpValues>, 'pieces' | 'things' | 'unplaced'> {
  const { setup, values, placed } = context;
  const count = groups.length / 2;
  const named = (i: number) => ({ id: `side-${i + 1}`, number: i + 1, title: setup.sides[i % 2] });
  const fields = fieldsOf(context, count);
  if (!fields.length) return { pieces: [], things: [], unplaced: groups.map((_, i) => named(i)) };
  const parts = fields.map(partsOf);
  const sides = parts.flatMap(({ sides }, f) =>
    sides.map((side, k): Piece => {
      const name = named(2 * f + k);
      const at = { ...side, ...placed[name.id] };
      return {
        ...name,
        shape: rectShape(at),
        taped: false,
        label: { x: at.x + 0.2, y: at.y + at.depth },
        pinned: placed[name.id] !== undefined,
      };
    }),
  );
  const lines = sides.flatMap((piece, i): LaidPiece[] => {
    const { middle, isFlat } = parts[Math.floor(i / 2)];
    const k = i % 2;
    const at = isFlat
      ? { x: middle.x + middle.width / 2, y: k ? middle.y + middle.depth : middle.y }
      : { x: k ? middle.x + middle.width : middle.x, y: middle.y + middle.depth / 2 };
    return [
      piecesOf(piece.id)('line', 'sideline', at, {
        widthM: isFlat ? middle.width : middle.depth,
        turnedDeg: isFlat ? 0 : 90,
        title: 'Sideline',
      }),
    ];
  });
  return {
    pieces: sides,
    things: [...lines, ...parts.flatMap(({ middle, isFlat }, f) => middleThings(`side-${2 * f + 1}`, middle, isFlat, values.goalM))],
    unplaced: [],
  };
}
