import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { PlanContext } from '../format.ts';
import type { ChaseGame, ChaseValues } from './setup.ts';

/** Both kinds run and turn among many; who is caught waits, unless they are back at once. */
export function chaseAsks({ setup, values, gearKinds }: PlanContext<ChaseGame, ChaseValues>): Ask[] {
  const gear = askOfKinds([], gearKinds);
  const kinds = setup.gear.map((g) => g.gearKind);
  const shared = {
    ...IN_CLASS,
    ...{ stand: 1, travel: 3, turn: 2, breath: 2, judge: 2, 'be-among-many': 3, 'bear-noise': 2, 'stop-on-signal': 2 },
    ...{ 'see-contrast': values.dim ? 3 : 2, 'see-side': 2, lose: 1 },
    ...(values.dim ? { 'dim-light': 1 } : {}),
    ...(setup.how === 'touch' || setup.how === 'together' ? { 'bear-touch': 2 } : {}),
    ...(setup.types ? { 'hear-signal': 2, 'remember-steps': 2 } : {}),
  };
  const caught = setup.caught === 'frozen' || setup.caught === 'jail' || setup.caught === 'out' ? { wait: 2 } : {};
  const together = setup.release === 'touch' || setup.release === 'escort' || setup.how === 'together' ? (['work-together'] as const) : [];
  const base = { ...gear, gearKinds: kinds };
  const hunts = setup.how === 'throw' ? { swing: 1, grip: 1 } : { reach: 1 };
  return [
    askWith(base, { ...shared, ...hunts }, ['travel', 'chase', 'decide', ...together], { role: 'hunter' }),
    askWith(base, { ...shared, ...caught }, ['travel', 'dodge-or-flee', 'decide', ...together], { role: 'runner' }),
  ];
}
