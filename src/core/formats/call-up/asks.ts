import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { PlanContext } from '../format.ts';
import type { CallUpGame, CallUpValues } from './setup.ts';

/** A few seconds of full play when the own number is called, and watching until then. */
export function callUpAsks({ setup, values, gearKinds }: PlanContext<CallUpGame, CallUpValues>): Ask[] {
  const used = [values.object, ...(setup.implement ? [setup.implement] : [])];
  return [
    askWith(
      askOfKinds(used, gearKinds),
      { ...IN_CLASS, stand: 1, travel: 3, turn: 2, breath: 2, judge: 2, wait: 2, lose: 1, 'hear-signal': 2, 'remember-steps': 2 },
      ['send', 'decide', ...(values.atOnce > 1 ? (['work-together'] as const) : [])],
    ),
  ];
}
