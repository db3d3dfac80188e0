import type { RectPlace } from '../../arrange/rectPlaces.ts';
import type { Point } from '../../geometry/point.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { fieldLayout } from '../fields.ts';
import type { BlockDraft } from '../format.ts';
import { type InningsContext, inningsFields, isBases } from './group.ts';
import type { InningsValues } from './setup.ts';

/** From the edge of a field to its markers, and between the running path and the fielders' bases, m. House figures. */
const EDGE_M = 0.7;
const CLEAR_M = 1.2;

/** Metres of an implement that is swung at home; 0 if the hand hits. */
const implementOf = ({ setup, gearKinds }: InningsContext): number =>
  setup.implement ? (gearKinds.find((k) => k.kind === setup.implement)?.typical.lengthM ?? 0.5) : 0;

/** A running path along the left side, the hitter's box at its start, the fielders' two bases clear of it. */
function shuttleThings(context: InningsContext, place: RectPlace): LaidPiece[] {
  const own = piecesOf(place.id);
  const run = Math.min(context.values.runM, place.depth - 2 * EDGE_M);
  const home = { x: place.x + EDGE_M, y: place.y + EDGE_M };
  const bases = place.x + Math.min(place.width - EDGE_M, EDGE_M + CLEAR_M + place.width * 0.3);
  return [
    own('spot', 'home', home, { title: 'Home', colour: 'green', implementM: implementOf(context) }),
    own('cone', 'far', { x: home.x, y: home.y + run }, { title: 'Far marker' }),
    own('line', 'path', { x: home.x, y: home.y + run / 2 }, { widthM: run, turnedDeg: 90, bare: true, title: 'Running path' }),
    own('spot', 'base-1', { x: bases, y: home.y }, { title: 'Base', colour: 'yellow' }),
    own('spot', 'base-2', { x: bases, y: home.y + run }, { title: 'Base', colour: 'yellow' }),
  ];
}

/** Home and three bases in a square on its corner, and where those who bat next wait. */
function basesThings(context: InningsContext, place: RectPlace): LaidPiece[] {
  const own = piecesOf(place.id);
  const half = (Math.min(context.values.runM, (Math.min(place.width, place.depth) - 2 * EDGE_M) / Math.SQRT2) * Math.SQRT2) / 2;
  const middle: Point = { x: place.x + place.width / 2, y: place.y + EDGE_M + half };
  const base = (id: string, title: string, dx: number, dy: number, more: Partial<LaidPiece> = {}) =>
    own('spot', id, { x: middle.x + dx, y: middle.y + dy }, { title, colour: 'yellow', ...more });
  return [
    base('home', 'Home', 0, -half, { colour: 'green', implementM: implementOf(context) }),
    base('first', 'First', half, 0),
    base('second', 'Second', 0, half),
    base('third', 'Third', -half, 0),
    own('waiting-line', 'batters', { x: place.x + EDGE_M, y: place.y + EDGE_M + 0.5 }, { students: 6, widthM: 0.8, lengthM: 1.4 }),
  ];
}

/** Small fields side by side. */
export const inningsLayout = (context: InningsContext): Pick<BlockDraft<InningsValues>, 'pieces' | 'things' | 'unplaced'> =>
  fieldLayout(context, inningsFields(context), context.setup.field, (place) =>
    isBases(context) ? basesThings(context, place) : shuttleThings(context, place),
  );
