import { boundsOf, middleOf, type Point, type Rect, rectPolygon } from '../../geometry/point.ts';
import { spreadSpots } from '../../geometry/spreadSpots.ts';
import { memoize } from '../../memoize.ts';
import { piecesOf } from '../../model/laidPiece.ts';
import { coneSpots } from '../classField.ts';
import type { BlockDraft } from '../format.ts';
import { type ChaseContext, fieldFor, hunterCount } from './hunters.ts';
import type { ChaseValues } from './setup.ts';

const spread = memoize(spreadSpots);
/** Metres from the ends of a field to its start lines, and of a jail's sides. */
const START_M = 1.5;
const JAIL_M = 2;

/** Where safe spots lie: as far apart as can be, away from the edge. */
export function safeSpotsIn(field: Rect, count: number): Point[] {
  if (!count || field.width < 4 || field.depth < 4) return [];
  return spread({ outline: rectPolygon(field), wallClearance: 1.5 }, count).spots;
}

/** The field with its cones, start lines, safe spots, jail and the hunters' place. */
export function chaseLayout(context: ChaseContext): Pick<BlockDraft<ChaseValues>, 'pieces' | 'things' | 'unplaced'> {
  const { setup, values, placed, players } = context;
  const name = { id: 'field', number: 1, title: 'Field' };
  const found = fieldFor(context);
  if (!found) return { pieces: [], things: [], unplaced: [name] };
  const field = placed.field ? { ...found, ...placed.field } : found;
  const hunters = hunterCount(context);
  const own = piecesOf(name.id);
  const middle = middleOf(field);
  const lines = setup.crossing || setup.caught === 'back' ? [field.x + START_M, field.x + field.width - START_M] : [];
  return {
    pieces: [{ ...name, shape: { shape: 'zone', outline: rectPolygon(field) }, taped: false, pinned: placed.field !== undefined }],
    things: [
      ...coneSpots(field).map((at, i) => own('cone', `cone-${i + 1}`, at)),
      ...lines.map((x, i) =>
        own('no-cross', `line-${i + 1}`, { x, y: middle.y }, { title: i ? 'East line' : 'West line', widthM: field.depth, turnedDeg: 90 }),
      ),
      ...safeSpotsIn(field, values.safeSpots).map((at, i) => own('hoop', `safe-${i + 1}`, at, { title: 'Safe', colour: 'green' })),
      ...(setup.caught === 'jail'
        ? [
            own(
              'side-box',
              'jail',
              { x: field.x + JAIL_M / 2, y: field.y + JAIL_M / 2 },
              { title: 'Jail', widthM: JAIL_M, lengthM: JAIL_M },
            ),
          ]
        : []),
      ...(setup.objective
        ? [own('cone', 'item', { x: field.x + field.width - 2.5, y: middle.y }, { title: 'Treasure', colour: 'yellow' })]
        : []),
      own('home', 'hunters', middle, { title: setup.hunters, students: Math.min(60, Math.max(1, Math.min(hunters, players.length))) }),
    ],
    unplaced: [],
  };
}

/** The field as it lies, from the pieces of a draft. */
export const fieldOfDraft = ({ pieces }: Pick<BlockDraft<ChaseValues>, 'pieces'>): Rect | undefined =>
  pieces[0]?.shape.shape === 'zone' ? boundsOf(pieces[0].shape.outline) : undefined;
