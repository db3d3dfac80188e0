import { type Rect, rectPolygon } from '../../geometry/point.ts';
import { spreadSpots } from '../../geometry/spreadSpots.ts';
import { memoize } from '../../memoize.ts';
import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { coneSpots } from '../classField.ts';
import type { BlockDraft } from '../format.ts';
import { alongEdge } from '../loopFloor.ts';
import { fieldFor, isOwn, type OpenFloorContext } from './group.ts';
import type { OpenFloorValues } from './setup.ts';

const spread = memoize(spreadSpots);
/** Metres from the edge of the field to what stands in it, and to a home marker. */
const INSIDE_M = 1.2;
const HOME_M = 0.4;

/** Obstacles, gates and a defender's hoops, as far apart as can be. */
function inField({ setup, values }: OpenFloorContext, field: Rect, groups: readonly string[][]): LaidPiece[] {
  const own = piecesOf('field');
  const obstacles = setup.obstacles ? values.obstacles : 0;
  const gates = setup.gates ? values.gates : 0;
  const hoops = setup.mode === 'defend' ? groups.length : 0;
  const count = obstacles + gates + hoops;
  if (!count || Math.min(field.width, field.depth) < 2 * INSIDE_M + 0.5) return [];
  const spots = spread({ outline: rectPolygon(field), wallClearance: INSIDE_M }, count).spots;
  return spots.map((at, i) => {
    if (i < hoops) return own('hoop', `hoop-${i + 1}`, at, { colour: 'green' });
    if (i < hoops + gates) return own('gate', `gate-${i - hoops + 1}`, at, { turnedDeg: ((i - hoops) % 4) * 45 });
    return own('cone', `obstacle-${i - hoops - gates + 1}`, at, { title: 'Obstacle', colour: 'red' });
  });
}

/** One field with its cones, a home at the boundary for everyone who shares, and what stands in it. */
export function openFloorLayout(
  context: OpenFloorContext,
  groups: string[][],
): Pick<BlockDraft<OpenFloorValues>, 'pieces' | 'things' | 'unplaced'> {
  const name = { id: 'field', number: 1, title: 'Field' };
  const found = fieldFor(context);
  if (!found) return { pieces: [], things: [], unplaced: [name] };
  const field = context.placed.field ? { ...found, ...context.placed.field } : found;
  const own = piecesOf(name.id);
  const inner = { x: field.x + HOME_M, y: field.y + HOME_M, width: field.width - 2 * HOME_M, depth: field.depth - 2 * HOME_M };
  const shared = (isOwn(context) ? [] : groups)
    .map((g, i) => ({ i, size: g.length }))
    .filter(({ size }) => size > (context.setup.mode === 'defend' ? 2 : 1));
  const homes = alongEdge(inner, shared.length);
  return {
    pieces: [{ ...name, shape: { shape: 'zone', outline: rectPolygon(field) }, taped: false, pinned: context.placed.field !== undefined }],
    things: [
      ...coneSpots(field).map((at, i) => own('cone', `cone-${i + 1}`, at)),
      ...inField(context, field, groups),
      ...homes.map((at, k) => own('home', `home-${shared[k].i + 1}`, at, { students: Math.max(1, shared[k].size - 1) })),
    ],
    unplaced: [],
  };
}
