import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import { isRings, type PerimeterContext } from './group.ts';

/** Travel around with all the others, a stop on the signal, a place that is shared. */
export const perimeterAsks = (context: PerimeterContext): Ask[] => [
  askWith(
    isRings(context) ? { demands: {}, purpose: [], gearKinds: [] } : askOfKinds([context.setup.hoop], context.gearKinds),
    { ...IN_CLASS, stand: 1, travel: 2, turn: 1, balance: isRings(context) ? 2 : 1, breath: 2, 'hear-signal': 2, 'bear-touch': 1 },
    ['travel', ...(isRings(context) ? (['balance'] as const) : []), 'work-together'],
  ),
];
