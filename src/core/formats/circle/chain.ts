import { added } from '../../play/ledger.ts';
import { sideOf } from '../sideRoster.ts';
import type { CirclePlaySetup } from './setup.ts';
import type { CircleState } from './state.ts';

/** The chain after a break: nobody has hit it last, and it begins again unless it is resumed. */
export const broken = (state: CircleState, resume = false): CircleState => ({
  ...state,
  chain: resume ? state.chain : 0,
  last: undefined,
  giver: undefined,
  repeats: 0,
});

function counted(state: CircleState, by: string, repeats: number): CircleState {
  const chain = state.chain + 1;
  return {
    ...{ ...state, chain, best: Math.max(state.best, chain), last: by, repeats },
    giver: state.last === by ? state.giver : state.last,
    turns: added(state.turns, [by]),
  };
}

/** A hit of a chain that is kept up: one more, or a break by a double hit or by giving it straight back. */
export function keptUp(setup: Extract<CirclePlaySetup, { mode: 'keep-up' }>, state: CircleState, by: string): CircleState {
  const repeats = state.last === by ? state.repeats + 1 : 1;
  const isDouble = repeats > (setup.twice ? 2 : 1);
  const isBack = state.last !== by && state.giver === by && !setup.giveBack && state.centre === undefined;
  return isDouble || isBack ? broken(state, setup.resume) : counted(state, by, repeats);
}

/** A hit across a barrier: a break if the same one hits twice, or a side more often than it may. */
export function overBarrier(setup: Extract<CirclePlaySetup, { mode: 'barrier' }>, state: CircleState, by: string): CircleState {
  const side = sideOf(state.here, by);
  const isSame = state.last !== undefined && sideOf(state.here, state.last) === side;
  const touches = isSame ? state.repeats + 1 : 1;
  const isOver = setup.touches !== undefined && touches > setup.touches;
  return state.last === by || isOver ? broken(state) : counted(state, by, touches);
}
