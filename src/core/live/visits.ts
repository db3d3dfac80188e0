import type { Segment } from '../formats/format.ts';
import { formatOf } from '../formats/registry.ts';
import type { Presence } from '../model/period.ts';
import type { PlayFold } from '../play/foldPlay.ts';
import { applyPresence } from './applyPresence.ts';
import type { PlanBlock, RunPlan } from './runPlan.ts';

/** What of a run's fold visits need. */
interface Folded {
  plan: RunPlan;
  activeMs: number;
  /** Running time at which each round began, by block and round; ms. */
  rounds: Record<number, Record<number, number>>;
  /** By block id: the plays of each visit to a place that is a game of its own. */
  visits: Record<string, PlayFold[][]>;
}

/** The plays of every visit at second 0: each begins with its round. */
export const openVisits = ({ game }: PlanBlock): PlayFold[][] =>
  (game?.visits ?? []).map(({ format, playVersion, plays }) => plays.map((setup) => formatOf(format).open(setup, playVersion)));

/** Seconds that a visit has gone on at a moment of running time; undefined before its round. */
export function visitSecond(
  { plan, rounds }: Pick<Folded, 'plan' | 'rounds'>,
  block: number,
  visit: number,
  at: number,
): number | undefined {
  const began = rounds[block]?.[plan.blocks[block].game?.visits?.[visit]?.round ?? -1];
  return began === undefined ? undefined : Math.max(0, (at - began) / 1000);
}

/** The visits of a round that is over have ended. */
export function endedVisits<F extends Folded>(fold: F, block: number, segment: Segment, at: number): F {
  const { id, game } = fold.plan.blocks[block];
  if (!game?.visits || segment.kind !== 'work') return fold;
  const visits = fold.visits[id].map((plays, v) =>
    game.visits?.[v].round === segment.round
      ? plays.map((play) => play.step({ at: visitSecond(fold, block, v, at) ?? 0, type: 'end' }))
      : plays,
  );
  return { ...fold, visits: { ...fold.visits, [id]: visits } };
}

/** The run after an event of a visit; a visit that has not begun takes none. */
export function stepVisit<F extends Folded>(
  fold: F,
  block: number,
  visit: number,
  play: number,
  event: { type: string; [field: string]: unknown },
): F {
  const { id } = fold.plan.blocks[block];
  const at = visitSecond(fold, block, visit, fold.activeMs);
  const plays = fold.visits[id]?.[visit];
  if (at === undefined || !plays?.[play]) return fold;
  const stepped = plays.with(play, plays[play].step({ ...event, at }));
  return { ...fold, visits: { ...fold.visits, [id]: fold.visits[id].with(visit, stepped) } };
}

/** The visits of a block once a student has left or joined: whoever joins is where their group is, in every visit that is not over. */
export function visitsWith(fold: Folded, block: number, plays: readonly PlayFold[], player: string, presence: Presence): PlayFold[][] {
  const { id, game } = fold.plan.blocks[block];
  const group = plays.map((play) => play.groupOf(player)).find((g) => g !== undefined);
  return fold.visits[id].map((there, v) => {
    const visit = game?.visits?.[v];
    if (!visit || visit.group !== group || there.every((play) => play.view().done)) return there;
    return applyPresence(formatOf(visit.format), there, player, presence, visitSecond(fold, block, v, fold.activeMs) ?? 0);
  });
}
