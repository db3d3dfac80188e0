import type { BoardAction } from '../formats/board.ts';
import { type PlayView, wherePlaced } from '../play/playRules.ts';
import { foldRun } from './foldRun.ts';
import type { RunSoFar } from './moments.ts';

/** Somebody's way to another place: its id in play. */
export interface Onward {
  player: string;
  from: string;
  to: string;
}

const placeOf = (view: PlayView): Map<string, string> =>
  new Map(wherePlaced(view).flatMap(([place, ids]) => ids.map((id) => [id, place] as const)));

/** Who goes where once an action counts, in the order of the places that they go to: before it happens. Nobody if it would be refused. `now`: wall clock, ms. */
export function placesAfter(run: RunSoFar, blockId: string, action: BoardAction, now: number): Onward[] {
  const playOf = (state: RunSoFar['state']) =>
    action.visit === undefined ? state.plays[blockId]?.[action.play] : state.visits[blockId]?.[action.visit]?.[action.play];
  const { plan, startedAt, log, state } = run;
  const event = { id: 'then', at: now, type: 'play' as const, blockId, play: action.play, visit: action.visit, event: action.event };
  const [before, after] = [playOf(state), playOf(foldRun(plan, startedAt, [...log, event] as RunSoFar['log'], now))];
  if (!before || !after || after.refused.length > before.refused.length) return [];
  const was = placeOf(before.view);
  return [...placeOf(after.view)].flatMap(([player, to]) => {
    const from = was.get(player);
    return from === undefined || from === to ? [] : [{ player, from, to }];
  });
}
