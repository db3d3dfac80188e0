import { stockOf } from '../../gear/cover.ts';
import type { PlanContext } from '../format.ts';
import { insideOf, type LoopPlace, loopOnFloor } from '../loopFloor.ts';
import type { PerimeterGame, PerimeterValues } from './setup.ts';

export type PerimeterContext = PlanContext<PerimeterGame, PerimeterValues>;

/** Metres of the loop for each who travels, so that nobody treads on the one in front. House figure. */
const EACH_M = 0.8;
/** Between two rings, so that those who pass one another do not touch, m. House figure. */
const BETWEEN_M = 0.6;

export const isRings = ({ setup }: Pick<PerimeterContext, 'setup'>): boolean => setup.mode === 'rings';

/** The loop of everyone, or of the outer ring. */
export function trackOf(context: PerimeterContext): LoopPlace | undefined {
  const { values, players } = context;
  const n = isRings(context) ? Math.ceil(players.length / 2) : players.length;
  return loopOnFloor(context, {
    ...{ id: 'track', title: isRings(context) ? 'Outer ring' : 'Track', number: 1, widthM: values.trackM },
    ...{ leastM: Math.max(8, EACH_M * n), spacing: 'wide' as const },
  });
}

/** The ring inside the outer one; undefined if there is no room for it. */
export function innerRing(context: PerimeterContext, track: LoopPlace): LoopPlace | undefined {
  const { values, players } = context;
  const inside = insideOf(track.path, BETWEEN_M);
  if (!inside) return undefined;
  const wish = { id: 'inner', title: 'Inner ring', number: 2, widthM: values.trackM, leastM: 4 };
  return loopOnFloor(context, { ...wish, leastM: Math.max(4, EACH_M * Math.floor(players.length / 2)), spacing: 'wide' }, inside);
}

/** Fewest hoops that hold everybody without contact. */
export const holding = ({ players, values }: Pick<PerimeterContext, 'players' | 'values'>): number =>
  Math.max(1, Math.ceil(players.length / values.perHoop));

/** Hoops at the start: the teacher's number, else one for each within the stock; and those that stay to the end. */
export function hoopCounts(context: PerimeterContext): { first: number; least: number } {
  const { setup, values, players, cupboard } = context;
  const first = values.hoops ?? Math.max(1, Math.min(players.length, stockOf(cupboard, setup.hoop)));
  return { first, least: Math.min(first, values.leastHoops ?? holding(context)) };
}
