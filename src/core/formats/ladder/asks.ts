import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { PlanContext } from '../format.ts';
import type { LadderGame, LadderValues } from './setup.ts';

/** Everyone plays against one other, or two; a lost round keeps them where they are, a won one moves them on. */
export function ladderAsks({ setup, values, gearKinds }: PlanContext<LadderGame, LadderValues>): Ask[] {
  const used = [values.object, ...(setup.implement ? [setup.implement] : [])];
  return [
    askWith(askOfKinds(used, gearKinds), { ...IN_CLASS, stand: 1, travel: 1, reach: 1, judge: 1, wait: 1, lose: 2 }, [
      'send',
      'decide',
      ...(values.each > 1 ? (['work-together'] as const) : []),
    ]),
  ];
}
