import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { PlanContext } from '../format.ts';
import type { SkillLaneGame, SkillLaneValues } from './setup.ts';

const USES = {
  throw: { demands: { swing: 2, grip: 1 }, purpose: ['send'] },
  roll: { demands: { swing: 1, grip: 1, 'down-up': 1 }, purpose: ['send'] },
  strike: { demands: { swing: 2, grip: 2 }, purpose: ['strike', 'send'] },
  run: { demands: { travel: 3, breath: 1 }, purpose: ['travel', 'pace'] },
} as const;

/** One skill, again and again, along a lane of one's own. */
export function laneAsks({ setup, gearKinds }: PlanContext<SkillLaneGame, SkillLaneValues>): Ask[] {
  const { demands, purpose } = USES[setup.use];
  const aim = setup.target ? (['aim'] as const) : [];
  const sees = setup.target ? { 'see-contrast': 2 } : { 'see-contrast': 1 };
  const gear = askOfKinds(
    setup.gear.map((g) => g.gearKind),
    gearKinds,
  );
  return [
    askWith(gear, { ...IN_CLASS, ...demands, ...sees, stand: 1, travel: Math.max(1, setup.use === 'run' ? 3 : 1), wait: 1 }, [
      ...purpose,
      ...aim,
    ]),
  ];
}
