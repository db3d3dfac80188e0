import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { OpenFloorContext } from './group.ts';
import { stagePlan } from './stagesOf.ts';

/** An object kept close among many who move; a defender keeps one foot where it is. */
export function openFloorAsks(context: OpenFloorContext): Ask[] {
  const { setup, values, gearKinds } = context;
  const kinds = new Set(stagePlan(context).stages.map((s) => s.kind));
  const used = [...(setup.implement ? [setup.implement] : []), values.object];
  const shared = { ...IN_CLASS, travel: 2, turn: 2, judge: 2, 'be-among-many': 2, 'hear-signal': 2 } as const;
  const all = askWith(askOfKinds(used, gearKinds), setup.mode === 'steal' ? { ...shared, breath: 2, lose: 2 } : shared, [
    'carry-or-dribble',
    ...(kinds.has('pass') ? (['send', 'receive'] as const) : []),
    ...(setup.mode === 'share' ? [] : (['decide'] as const)),
  ]);
  if (setup.mode !== 'defend') return [all];
  return [
    all,
    askWith({ demands: {}, purpose: [], gearKinds: [] }, { ...IN_CLASS, balance: 2, reach: 2, judge: 2 }, ['decide'], { role: 'defender' }),
  ];
}
