import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { TossContext } from './group.ts';

/** From a line to a target, then to the side to fetch; with a striker somebody aims at what lies there. */
export const tossAsks = ({ setup, values, gearKinds }: TossContext): Ask[] => [
  askWith(
    askOfKinds([values.object, setup.target.gearKind], gearKinds),
    { ...IN_CLASS, stand: 1, travel: 1, judge: 1, wait: values.turns === 'one' ? 2 : 1, 'see-contrast': 1, 'down-up': 1 },
    ['send', 'aim'],
  ),
];
