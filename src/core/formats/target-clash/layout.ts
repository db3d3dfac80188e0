import { type SideArea, sidesOf, spotsAlong } from '../../arrange/sidesOf.ts';
import { middleOf, type Point, type Rect } from '../../geometry/point.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { rectShape } from '../../model/shape.ts';
import type { BlockDraft } from '../format.ts';
import { type ClashContext, fieldFor, postsOf } from './group.ts';
import type { TargetClashValues } from './setup.ts';

const BOX_M = 1.5;
/** A gap in the pen's wall, and the length of the wall on each side of it; m. */
const GAP_M = 1.2;

const isFlat = (side: SideArea) => side.facesDeg === 90 || side.facesDeg === 270;
/** A line across a side at a share of the way from its outer end to the others. */
function across(side: SideArea, share: number): { at: Point; widthM: number; turnedDeg: number } {
  const s = side.facesDeg === 90 || side.facesDeg === 0 ? share : 1 - share;
  return isFlat(side)
    ? { at: { x: side.x + side.width * s, y: side.y + side.depth / 2 }, widthM: side.depth, turnedDeg: 90 }
    : { at: { x: side.x + side.width / 2, y: side.y + side.depth * s }, widthM: side.width, turnedDeg: 0 };
}

/** Where a side's box is: in the strip beside it, at one end; in its corner if there is no strip that wide. */
function boxSpot(sides: readonly SideArea[], i: number): Point {
  const [a, b] = i < sides.length - 1 ? [sides[i], sides[i + 1]] : [sides[i - 1], sides[i]];
  const isSouth = i % 2 === 0;
  const flat = isFlat(a);
  const strip = flat ? b.x - a.x - a.width : b.y - a.y - a.depth;
  const half = BOX_M / 2;
  if (strip < BOX_M) return { x: sides[i].x + half, y: sides[i].y + half };
  return flat
    ? { x: a.x + a.width + strip / 2, y: isSouth ? a.y + half : a.y + a.depth - half }
    : { x: isSouth ? a.x + half : a.x + a.width - half, y: a.y + a.depth + strip / 2 };
}

/** What lies on one side: its no-cross line, its goal or its targets, its side box. */
function sideThings(context: ClashContext, sides: readonly SideArea[], index: number, id: string): LaidPiece[] {
  const side = sides[index];
  const { setup, values } = context;
  const { guards, feeders } = postsOf(context);
  const own = piecesOf(id);
  const along = isFlat(side) ? ('y' as const) : ('x' as const);
  const line = (name: string, share: number, title: string) => {
    const { at, ...size } = across(side, share);
    return own('no-cross', name, at, { title, ...size });
  };
  const targets = (share: number, more: Partial<LaidPiece> = {}) => {
    const from = side.facesDeg === 90 || side.facesDeg === 0 ? share : 1 - share;
    return spotsAlong(side, values.targets, along, from).map((at, i) =>
      own('target', `target-${i + 1}`, at, { widthM: 0.4, lengthM: 0.4, zones: 1, bare: true, ...more }),
    );
  };
  const box = own('side-box', 'box', boxSpot(sides, index), { title: 'Side box', widthM: BOX_M, lengthM: BOX_M });
  const middle = (share: number) => across(side, share).at;
  switch (setup.mode) {
    case 'drive':
      return [
        line('line', 1, 'No-cross line'),
        line('goal', 0, 'Goal line'),
        ...(feeders ? [own('home', 'feeders', middle(0.9), { title: 'Feeders', students: feeders })] : []),
        box,
      ];
    case 'topple':
      return [
        ...targets(0.5),
        line('flank-1', 0.15, 'Throwing line'),
        line('flank-2', 0.85, 'Throwing line'),
        ...(guards ? [own('home', 'guards', middle(0.5), { title: 'Guard of another side', students: guards })] : []),
        box,
      ];
    case 'protect':
      return [...targets(0.25), box];
    case 'pen':
      return [line('line', 1, 'No-cross line'), box];
  }
}

/** What lies between the sides: large objects to be driven, or a low pen with a gap for each side. */
function middleThings(context: ClashContext, field: Rect, sides: readonly SideArea[]): LaidPiece[] {
  const { setup, values } = context;
  const own = piecesOf('side-1');
  const middle = middleOf(field);
  if (setup.mode === 'drive') {
    const along = isFlat(sides[0]) ? ('y' as const) : ('x' as const);
    const inner = { x: field.x + 1.6, y: field.y + 1.6, width: field.width - 3.2, depth: field.depth - 3.2 };
    return spotsAlong(inner, values.targets, along).map((at, i) =>
      own('spot', `large-${i + 1}`, at, { title: `Large ${i + 1}`, colour: 'yellow' }),
    );
  }
  if (setup.mode !== 'pen') return [];
  const half = Math.max(1.2, Math.min(2.5, Math.min(field.width, field.depth) * 0.14));
  const wall = half - GAP_M / 2;
  const walls = [
    { dx: 0, dy: half, deg: 0 },
    { dx: half, dy: 0, deg: 90 },
    { dx: 0, dy: -half, deg: 0 },
    { dx: -half, dy: 0, deg: 90 },
  ];
  return [
    ...walls.flatMap(({ dx, dy, deg }, i) =>
      [-1, 1].map((s) => {
        const off = s * (GAP_M / 2 + wall / 2);
        const at = { x: middle.x + dx + (deg ? 0 : off), y: middle.y + dy + (deg ? off : 0) };
        return own('barrier', `wall-${i + 1}-${s > 0 ? 'b' : 'a'}`, at, { title: 'Pen', widthM: wall, turnedDeg: deg, heightM: 0.3 });
      }),
    ),
    ...spotsAlong({ x: middle.x - half / 2, y: middle.y - half / 2, width: half, depth: half }, values.targets, 'x').map((at, i) =>
      own('spot', `large-${i + 1}`, at, { title: `Large ${i + 1}`, colour: 'yellow' }),
    ),
  ];
}

/** Beside the lines at its upper edge. */
const labelOf = (side: SideArea, mode: string): Point => ({
  x: side.x + (mode === 'topple' && isFlat(side) ? side.width * 0.17 : 0.3),
  y: side.y + side.depth,
});

/** One place a side, what lies on it, and what lies between them. */
export function clashLayout(
  context: ClashContext,
  groups: string[][],
): Pick<BlockDraft<TargetClashValues>, 'pieces' | 'things' | 'unplaced'> {
  const { values, setup, placed } = context;
  const names = groups.map((_, i) => ({ id: `side-${i + 1}`, number: i + 1, title: setup.sides[i] }));
  const field = fieldFor(context);
  if (!field) return { pieces: [], things: [], unplaced: names };
  const sides = sidesOf(field, groups.length, values.neutralM).map((s, i): SideArea => ({ ...s, ...placed[`side-${i + 1}`] }));
  return {
    pieces: sides.map(
      (s, i): Piece => ({
        ...names[i],
        shape: rectShape(s),
        taped: false,
        label: labelOf(s, setup.mode),
        pinned: placed[names[i].id] !== undefined,
      }),
    ),
    things: [...sides.flatMap((_, i) => sideThings(context, sides, i, names[i].id)), ...middleThings(context, field, sides)],
    unplaced: [],
  };
}
