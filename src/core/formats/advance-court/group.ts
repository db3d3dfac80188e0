import { unitsThatFit } from '../../arrange/grid.ts';
import { stockOf } from '../../gear/cover.ts';
import { memoize } from '../../memoize.ts';
import { HOUSE_LIMITS } from '../../model/band.ts';
import { roomArea } from '../../model/room.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { AdvanceCourtGame, AdvanceCourtValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type CourtContext = PlanContext<AdvanceCourtGame, AdvanceCourtValues>;

/** Depth of a waiting line, m. */
export const LINE_M = 0.8;
/** What one court takes of the floor: its square, then a gap and the waiting line below it. */
export function courtUnit({ values }: Pick<CourtContext, 'values'>) {
  const lineM = Math.round((values.lineGapM + LINE_M) * 100) / 100;
  return { width: values.courtM, depth: values.courtM + lineM, gap: values.gapM, lineM };
}

/** The most students on one court whose waiting share stays within the house limit. */
export const comfortable = (positions: number) =>
  positions + Math.floor((positions * HOUSE_LIMITS.waitingShare) / (1 - HOUSE_LIMITS.waitingShare) + 1e-9);

/** How many of the object there are. */
export const objectsThere = ({ cupboard, values }: Pick<CourtContext, 'cupboard' | 'values'>) => stockOf(cupboard, values.object);

/** How many courts: what the teacher set, else as many as keep waiting short and as floor, cupboard and class allow. */
export function courtCount(context: CourtContext): number {
  const { values, players, room, wallClearanceM, taken } = context;
  if (values.groups !== undefined) return values.groups;
  const { lineM: _, ...unit } = courtUnit(context);
  const wanted = Math.ceil(players.length / comfortable(values.positions));
  const most = Math.min(fits(roomArea(room, wallClearanceM, taken), unit), objectsThere(context) || 1, Math.floor(players.length / 2));
  return Math.max(1, Math.min(wanted, most));
}

/** One group a court, balanced, wishes held where they can be. */
export const courtGroups = (context: CourtContext) => dealtGroups(context, courtCount(context));
