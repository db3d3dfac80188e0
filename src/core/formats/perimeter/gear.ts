import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import { hoopCounts, isRings, type PerimeterContext } from './group.ts';
import type { PerimeterValues } from './setup.ts';

/** Cones that show a loop: its corners and the middle of each side. */
const LOOP_CONES = 8;

/** The hoops, and cones that show each loop. */
export const perimeterGear = (context: PerimeterContext, draft: Pick<BlockDraft<PerimeterValues>, 'pieces'>): GearNeed[] => {
  const at = { pieceId: 'track', title: isRings(context) ? 'Outer ring' : 'Track', use: 'stays' as const };
  return [
    ...(isRings(context) ? [] : [{ ...at, gearKind: context.setup.hoop, count: hoopCounts(context).first }]),
    { ...at, gearKind: 'cone', count: LOOP_CONES * Math.max(1, draft.pieces.length) },
  ];
};
