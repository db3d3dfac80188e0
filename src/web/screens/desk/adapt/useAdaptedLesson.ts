import { useMemo } from 'react';
import { type AdaptInput, studentsOf } from '../../../../core/fit/adaptLesson.ts';
import type { FitInput, FittedLesson } from '../../../../core/fit/fitted.ts';
import type { Desk } from '../../../api.ts';
import { useSchool } from '../../../parts/units.ts';
import { useAdapt } from '../../../worker/useAdapt.ts';
import type { Adaptations } from './useAdaptations.ts';

/**
 * Plans for the students of a lesson with what was chosen for them and the adults who are there. Nothing is worked out where nobody has
 * supports, and none again while fixes of one and the same plan are weighed.
 */
export function useAdaptedLesson(desk: Desk, input: FitInput, fitted: FittedLesson | null, { choices, homeMade, isKnown }: Adaptations) {
  const school = useSchool();
  const here = desk.period.adults;
  const adults = useMemo(() => (school.adults ?? []).filter((a) => here?.includes(a.id)), [school.adults, here]);
  const { band, blocks, people, gear } = fitted ?? {};
  const request = useMemo<AdaptInput | null>(() => {
    if (!band || !blocks || !people || !gear || !isKnown || studentsOf(input, people.playing).length === 0) return null;
    return { fitted: { band, blocks, people, gear }, input, adults: adults.map(({ id, can }) => ({ id, can })), homeMade, chosen: choices };
  }, [band, blocks, people, gear, input, adults, homeMade, choices, isKnown]);
  const state = useAdapt(request);
  const nobody = fitted !== null && isKnown && request === null;
  return { adults, request, ...state, stale: state.stale && !nobody, adapted: nobody ? NOBODY : state.adapted };
}
const NOBODY = { cells: [], conflicts: [] };
