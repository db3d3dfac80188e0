import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { SpotContext } from './group.ts';

/** To aim from many places, fetch, and move on. */
export const spotAsks = ({ setup, values, gearKinds }: SpotContext): Ask[] => [
  askWith(
    askOfKinds([values.object, setup.target.gearKind], gearKinds),
    { ...IN_CLASS, stand: 1, travel: 2, turn: 1, breath: 1, 'down-up': setup.mode === 'collect' ? 2 : 1, judge: 1, lose: 1 },
    ['send', 'aim', 'decide'],
  ),
];
