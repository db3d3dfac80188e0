import { useMemo } from 'react';
import type { FittedBlock } from '../../../core/fit/fitted.ts';
import { traitsOf } from '../../../core/fit/traitsOf.ts';
import type { RegroupRequest } from '../../../core/groups/regroup.ts';
import type { MetBefore } from '../../../core/live/met.ts';
import type { Locks } from '../../../core/model/lesson.ts';
import type { Desk } from '../../api.ts';

/** What dealing again takes: who plays, their wishes and past, and the groups as they stand. */
export function useRegroupRequest(
  desk: Desk,
  block: FittedBlock | undefined,
  playing: readonly string[],
  locks: Locks,
  past: MetBefore | undefined,
  seed: number,
): Omit<RegroupRequest, 'aim'> {
  const { ratings, wishes } = desk;
  return useMemo(() => {
    const own = new Map(ratings.map((r) => [r.studentId as string, r]));
    const here = new Set(playing);
    const pairs = (wish: 'apart' | 'together') =>
      wishes.filter((w) => w.wish === wish && w.students.every((id) => here.has(id))).map((w) => [w.students[0], w.students[1]] as const);
    return {
      players: playing.map((id) => traitsOf(id, own.get(id))),
      count: block?.game?.groups.length ?? 1,
      apart: pairs('apart'),
      together: pairs('together'),
      met: past?.met ?? {},
      thirds: past?.thirds ?? {},
      before: block?.game?.groups ?? [],
      locks,
      seed,
    };
  }, [ratings, wishes, playing, block, locks, past, seed]);
}
