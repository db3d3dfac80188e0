import type { GearNeed } from '../../gear/need.ts';
import { type PaceContext, startCount } from './group.ts';

/** A marker for everyone's own start; the markers show the lap too. */
export const paceGear = (context: PaceContext): GearNeed[] => [
  { pieceId: 'lap', title: 'Lap', use: 'stays', gearKind: context.setup.marker, count: startCount(context) },
];
