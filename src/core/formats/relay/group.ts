import { unitsThatFit } from '../../arrange/grid.ts';
import { stockOf } from '../../gear/cover.ts';
import type { UnitSize } from '../../geometry/packRows.ts';
import { memoize } from '../../memoize.ts';
import { HOUSE_LIMITS } from '../../model/band.ts';
import { roomArea } from '../../model/room.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { type LaneUnit, lanesOnFloor } from '../lanes.ts';
import { crossingShape, legSpeed } from './crossing.ts';
import type { RelayGame, RelayValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type RelayContext = PlanContext<RelayGame, RelayValues>;

/** Floor that one who waits takes in a line, of how many lines are drawn at most, and behind the far end; m. House figures. */
const PLACE_M = 0.5;
const MOST_IN_LINE = 8;
export const BEHIND_M = 1.5;
/** Lines of a crossing. */
export const CORNERS = 4;

const tenths = (metres: number) => Math.round(metres * 10) / 10;
export const isCrossing = ({ setup }: Pick<RelayContext, 'setup'>): boolean => setup.mode === 'crossing';

/** Seconds of one turn: there and back and what is done there; in a crossing one leg, diagonal and side taken together; where the object goes back overhead the run to the front. */
export function turnSeconds(context: RelayContext): number {
  const { values, setup } = context;
  const speed = legSpeed(context);
  const { diagonalM, sideM } = crossingShape(context);
  const metres = isCrossing(context) ? (diagonalM + sideM) / 2 : setup.mode === 'passing' ? values.legM : 2 * values.legM;
  return tenths(Math.max(1, metres / speed + values.actionSeconds));
}

/** How many may stand in a line so that nobody waits beyond the limit: all who go at once, and as many again as turns fit into it. */
export function mostInLine(context: RelayContext): number {
  const { atOnce, handoverSeconds } = context.values;
  const turn = turnSeconds(context) + handoverSeconds;
  return Math.max(2, atOnce * (1 + Math.floor(HOUSE_LIMITS.sittingOutSeconds / turn)));
}

/** Metres of a line of so many. */
export const lineM = (students: number): number => tenths(0.4 + PLACE_M * Math.max(1, Math.min(MOST_IN_LINE, students)));

/** What one line takes of the floor, if so many lines share the class. */
export function relayUnit(context: RelayContext, count: number): LaneUnit {
  const { values, players } = context;
  const size = Math.ceil(players.length / Math.max(1, count));
  return { widthM: values.laneM, lengthM: tenths(lineM(size) + values.legM + BEHIND_M), gapM: values.gapM };
}

/** What a crossing of four lines takes, if so many lines share the class: along the room, or turned if only that fits. `lineM`: of each line. */
export function crossingUnit(context: RelayContext, count: number) {
  const { room, wallClearanceM, taken, players, values } = context;
  const { acrossM, sideM } = crossingShape(context);
  // At a corner they wait two abreast.
  const length = lineM(Math.ceil(players.length / Math.max(1, count) / 2));
  const [long, short] = [tenths(acrossM + 2 * length), tenths(sideM + values.laneM)];
  const gap = Math.max(1, values.gapM);
  const area = roomArea(room, wallClearanceM, taken);
  const flat = { width: long, depth: short, gap };
  const turned = { width: short, depth: long, gap };
  const isTurned = fits(area, turned) > fits(area, flat);
  return { ...(isTurned ? turned : flat), isTurned, lineM: length };
}

/** How many lines the gear is enough for; Infinity if nothing is short. */
export function linesOfGear({ setup, values, cupboard }: Pick<RelayContext, 'setup' | 'values' | 'cupboard'>): number {
  const markers = setup.marker.count ? Math.floor(stockOf(cupboard, setup.marker.gearKind) / setup.marker.count) : Number.POSITIVE_INFINITY;
  const targets = setup.target ? Math.floor(stockOf(cupboard, setup.target.gearKind) / setup.target.count) : Number.POSITIVE_INFINITY;
  return Math.min(Math.floor(stockOf(cupboard, values.object) / values.atOnce), markers, targets);
}

/** The size of a place alone, by which packing is kept. */
export const unitOf = ({ width, depth, gap }: UnitSize): UnitSize => ({ width, depth, gap });

/** True if the floor has so many lines. */
function hasFloor(context: RelayContext, count: number): boolean {
  if (!isCrossing(context)) return lanesOnFloor(context, relayUnit(context, count)) >= count;
  const { room, wallClearanceM, taken } = context;
  return fits(roomArea(room, wallClearanceM, taken), unitOf(crossingUnit(context, count))) >= count / CORNERS;
}

/** The number of lines: the teacher's, or enough that nobody waits beyond the limit, as far as floor and gear allow. Fours for a crossing. */
function lineCount(context: RelayContext): number {
  const { values, players } = context;
  const by = isCrossing(context) ? CORNERS : 1;
  const whole = (count: number) => Math.max(1, Math.ceil(count / by)) * by;
  if (values.groups !== undefined) return whole(values.groups);
  const wanted = Math.max(players.length > 3 ? 2 : 1, Math.ceil(players.length / (values.perLine ?? mostInLine(context))));
  const most = Math.max(by, Math.floor(Math.min(16, linesOfGear(context) || 1) / by) * by);
  for (let count = Math.min(whole(wanted), most); count > by; count -= by) if (hasFloor(context, count)) return count;
  return by;
}

/** Even lines; whoever went twice least in the last lessons stands first, since a short line starts over with its first ones. */
export function relayGroups(context: RelayContext) {
  const { groups, noticed } = dealtGroups(context, lineCount(context));
  return { groups: groups.map((g) => inTurn(g, context.had?.twice)), noticed };
}
