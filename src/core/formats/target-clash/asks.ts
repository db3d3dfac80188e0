import { type Ask, askWith, IN_CLASS } from '../asks.ts';
import type { PlanContext } from '../format.ts';
import type { TargetClashGame, TargetClashValues } from './setup.ts';

/** Sides send small objects over a line, many at once; feeders bring them back, guards stand in front of what is aimed at. */
export function clashAsks({ setup, values }: PlanContext<TargetClashGame, TargetClashValues>): Ask[] {
  const base = { demands: {}, purpose: [], gearKinds: [values.object, setup.target.gearKind] };
  const shared = {
    ...IN_CLASS,
    ...{ stand: 1, travel: 2, grip: 1, judge: 1, 'see-contrast': 2, 'track-fast': 1, 'be-among-many': 2, 'bear-noise': 2 },
    ...{ 'stop-on-signal': 2, 'down-up': 2, breath: 1, lose: 1 },
  };
  const asks = [askWith(base, { ...shared, swing: 2 }, ['send', 'aim', 'work-together'], { role: 'thrower' })];
  if (values.feeders > 0) asks.push(askWith(base, { ...shared, travel: 3 }, ['carry-or-dribble', 'work-together'], { role: 'feeder' }));
  if (values.guards > 0)
    asks.push(askWith(base, { ...shared, 'track-fast': 2, reach: 1 }, ['receive', 'decide', 'work-together'], { role: 'guard' }));
  return asks;
}
