import type { Demand } from '../model/demand.ts';
import type { Abilities } from './abilityOf.ts';
import { type Candidate, candidateOf, type Dial } from './candidate.ts';
import { DIAL_KINDS } from './dialKinds.ts';
import { exceededIn, levelsWith, type SetRequest } from './minimalSets.ts';

/** What a teacher said yes to, for a student in a block. */
export interface Accepted {
  student: string;
  block: string;
  dials: readonly Dial[];
}

const takes = ({ uses = [], adultId }: Dial) => JSON.stringify([uses.map((u) => [u.gearId, u.count]).sort(), adultId ?? '']);

/** A plan that was accepted, made of today's changes: those that are not open any more are `gone`; `beyond` is what it leaves too hard. */
export function acceptedOption(
  dials: readonly Dial[],
  request: SetRequest,
  abilities: Abilities,
): { candidates: Candidate[]; gone: string[]; beyond: Demand[] } {
  const candidates: Candidate[] = [];
  const gone: string[] = [];
  for (const dial of dials) {
    const same = request.candidates.find((c) => c.dial.to === dial.to && takes(c.dial) === takes(dial));
    const kind = DIAL_KINDS[dial.to];
    if (same) candidates.push(same);
    else if (kind && !kind.adult) candidates.push({ ...candidateOf(dial.to, kind), dial });
    else if (dial.adultId !== undefined) gone.push(`adult:${dial.adultId}`);
    else if (dial.uses?.length) candidates.push({ ...candidateOf(dial.to, { dial: dial.dial, tier: 'object', eases: {} }), dial });
    else gone.push(dial.to);
  }
  return { candidates, gone, beyond: exceededIn(levelsWith(request.levels, candidates), abilities) };
}
