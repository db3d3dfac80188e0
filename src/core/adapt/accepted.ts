import type { Demand } from '../model/demand.ts';
import type { Finding } from '../model/finding.ts';
import type { Abilities } from './abilityOf.ts';
import { type Candidate, candidateOf, type Dial } from './candidate.ts';
import { DIAL_KINDS } from './dialKinds.ts';
import { exceededIn, levelsWith, type Option, optionOf, type SetRequest } from './minimalSets.ts';
import type { Place } from './place.ts';

/** A plan that the teacher accepted for a student in a block. */
export interface Accepted {
  student: string;
  block: string;
  dials: readonly Dial[];
}

const takes = ({ uses = [], adultId }: Dial) => JSON.stringify([uses.map((u) => [u.gearId, u.count]).sort(), adultId ?? '']);

/** A plan that was accepted, made of today's changes: those that are not open any more are `gone`; `beyond` is what it leaves too hard. */
function acceptedOption(
  dials: readonly Dial[],
  request: SetRequest,
  abilities: Abilities,
): { candidates: Candidate[]; gone: string[]; beyond: Demand[] } {
  const candidates: Candidate[] = [];
  const gone: string[] = [];
  for (const dial of dials) {
    const same = request.candidates.find((c) => c.dial.to === dial.to && takes(c.dial) === takes(dial));
    const kind = DIAL_KINDS[dial.to];
    if (same) candidates.push(dial.peerId === undefined ? same : { ...same, dial: { ...same.dial, peerId: dial.peerId } });
    else if (kind && !kind.adult) candidates.push({ ...candidateOf(dial.to, kind), dial });
    else if (dial.adultId !== undefined) gone.push(`adult:${dial.adultId}`);
    else if (dial.uses?.length) candidates.push({ ...candidateOf(dial.to, { dial: dial.dial, tier: 'object', eases: {} }), dial });
    else gone.push(dial.to);
  }
  return { candidates, gone, beyond: exceededIn(levelsWith(request.levels, candidates), abilities) };
}

/** A plan that was accepted is the only option as long as what it takes is there. */
export function keepAccepted(
  place: Place,
  accepted: readonly Accepted[],
  takes: (option: Option) => [string, number][],
  stock: (resource: string) => number,
  used: Map<string, number>,
  conflicts: Finding[],
): void {
  const mine = accepted.find((a) => a.student === place.student.id && a.block === place.block.facts.id);
  if (!mine) return;
  const at = { student: place.student.id, block: place.block.facts.id };
  const chosen = acceptedOption(mine.dials, place.opened.request, place.abilities);
  const option = optionOf(place.opened.request, chosen.candidates, chosen.beyond);
  const key = (name: string) => `${place.at}|${name}`;
  const missing = takes(option).filter(([name, count]) => count + (used.get(key(name)) ?? 0) > stock(name));
  if (missing.length > 0 || chosen.gone.length > 0) {
    conflicts.push({
      code: 'accepted-not-there',
      weight: 'caution',
      at,
      data: { missing: [...missing.map(([name]) => name), ...chosen.gone] },
    });
    return;
  }
  if (chosen.beyond.length > 0) conflicts.push({ code: 'accepted-falls-short', weight: 'note', at, data: { demands: chosen.beyond } });
  for (const [name, count] of takes(option)) used.set(key(name), (used.get(key(name)) ?? 0) + count);
  place.options = [option];
}
