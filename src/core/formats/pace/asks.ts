import { type Ask, askWith, IN_CLASS } from '../asks.ts';
import type { PaceContext } from './group.ts';

/** To go on at an even pace, and to judge how long it takes. */
export const paceAsks = ({ values }: PaceContext): Ask[] => [
  askWith(
    { demands: {}, purpose: [], gearKinds: [] },
    { ...IN_CLASS, stand: 1, travel: 2, turn: 1, breath: values.laps > 3 ? 3 : 2, heat: 1, judge: 2, 'remember-steps': 2 },
    ['travel', 'keep-time', 'decide'],
  ),
];
