import type { GearNeed } from '../../gear/need.ts';
import { exercisesOf, type IntervalContext, pairsAtOne } from './group.ts';

/** Cones that show the track: its corners and the middle of each side. */
const TRACK_CONES = 8;

/** What stays at an exercise, for each who is there at once if it is not shared; spots of its path; cones of the track. */
export function intervalGear(context: IntervalContext): GearNeed[] {
  const each = pairsAtOne(context);
  const own = exercisesOf(context).flatMap(({ id, title, gear, spots }): GearNeed[] => {
    const at = { pieceId: id, title, use: 'stays' as const };
    return [
      ...(gear ? [{ ...at, gearKind: gear.gearKind, count: gear.per === 'each' ? gear.count * each : gear.count }] : []),
      ...(spots ? [{ ...at, gearKind: 'floor spot', count: spots }] : []),
    ];
  });
  return [...own, { pieceId: 'track', title: 'Track', use: 'stays', gearKind: 'cone', count: TRACK_CONES }];
}
