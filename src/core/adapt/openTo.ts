import type { Demand, Demands } from '../model/demand.ts';
import type { AdaptStudent } from '../model/support.ts';
import type { Abilities } from './abilityOf.ts';
import { type AdaptAdult, type BlockFacts, type Candidate, plainCandidates } from './candidate.ts';
import { byWeight, exceededIn, meets, minimalSets, type Option, optionOf, type SetRequest } from './minimalSets.ts';
import { pieceCandidates } from './pieces.ts';
import type { Thing } from './things.ts';

/** Options that are kept for one student in one block. */
const MOST_OPTIONS = 12;

/** Who else is in the block, and how much of a demand each bears. */
export type Others = readonly Abilities[];

/** One student in one block: what the game asks, what could be changed, and the plans that work. */
export interface Opened {
  request: SetRequest;
  exceeded: Demand[];
  options: Option[];
  /** Everything that may be changed for the student there, whether it is needed or not. */
  open: Candidate[];
  /** Changes that would help but are more than somebody else there can bear. */
  unbearable: Candidate[];
}

export interface OpenRequest {
  student: AdaptStudent;
  abilities: Abilities;
  levels: Demands;
  block: BlockFacts;
  things: readonly Thing[];
  adults: readonly AdaptAdult[];
  others: Others;
  refused: ReadonlySet<string>;
}

/** True if nobody else there is worse off with a change. */
const isBearable = ({ spreads }: Candidate, others: Others): boolean =>
  (Object.entries(spreads) as [Demand, number][]).every(([demand, level]) => others.every((other) => other.of(demand) >= level));

/** Of each thing the one code that speaks of something exceeded; what helps in no way is left out. */
function relevant(candidates: readonly Candidate[], exceeded: readonly Demand[], abilities: Abilities): Candidate[] {
  const seen = new Set<string>();
  return candidates.filter((c) => {
    if (!c.reasons) return exceeded.some((d) => meets(c, d, abilities)) || (c.implement !== undefined && exceeded.length > 0);
    const id = c.object?.id ?? '';
    const speaks = c.reasons.some((d) => exceeded.includes(d) && meets(c, d, abilities)) || c.dial.to === 'lighter-object';
    if (!speaks || seen.has(id)) return false;
    seen.add(id);
    return true;
  });
}

/** What an option takes that others may want. */
export const takesOf = ({ chosen }: Pick<Option, 'chosen'>): [string, number][] =>
  chosen.flatMap(({ dial, classmate, lane }): [string, number][] => [
    ...(dial.uses ?? []).map(({ gearId, count }): [string, number] => [`gear:${gearId}`, count]),
    ...(dial.adultId === undefined ? [] : [[`adult:${dial.adultId}`, 1] as [string, number]]),
    ...(classmate ? [['classmate', 1] as [string, number]] : []),
    ...(lane ? [['lane', 1] as [string, number]] : []),
  ]);

/**
 * The plans open to a student in a block, the best first: the least ones, for each thing or person that the best takes the best without
 * it, and last the best that takes nothing at all.
 */
export function openTo(r: OpenRequest): Opened {
  const { student, abilities, levels, block, things, adults, others, refused } = r;
  const exceeded = exceededIn(levels, abilities);
  const likes = new Set(student.wishes?.likes ?? []);
  const isRefused = ({ dial }: Candidate) => refused.has(dial.to) || (student.wishes?.refuses ?? []).includes(dial.to);
  const base: SetRequest = { levels, student: abilities, block, candidates: [], likes };
  if (exceeded.length === 0) return { request: base, exceeded, options: [optionOf(base, [], [])], open: [], unbearable: [] };
  const all = [...plainCandidates(student.id, abilities, block, adults), ...pieceCandidates(things, abilities, block)];
  const allowed = all.filter((c) => !isRefused(c));
  const candidates = relevant(
    allowed.filter((c) => isBearable(c, others)),
    exceeded,
    abilities,
  ).sort((a, b) => a.dial.cost - b.dial.cost || (a.key < b.key ? -1 : 1));
  const request: SetRequest = { ...base, candidates };
  const options = minimalSets(request, MOST_OPTIONS);
  const scarce = [...new Set(options.flatMap((o) => takesOf(o).map(([resource]) => resource)))];
  const takes = (c: Candidate) => takesOf({ chosen: [c] }).map(([resource]) => resource);
  const without = (list: readonly string[]) =>
    minimalSets({ ...request, candidates: candidates.filter((c) => !takes(c).some((t) => list.includes(t))) }, 2);
  const more = [...scarce.slice(0, 12).flatMap((resource) => without([resource]))];
  const [bare] = minimalSets({ ...request, candidates: candidates.filter((c) => takes(c).length === 0) }, 1);
  const unique = new Map(
    [...options, ...more, bare].map((o) => [`${o.chosen.map((c) => `${c.key}${c.dial.adultId ?? ''}`).join('&')}#${o.unmet}`, o]),
  );
  return {
    request,
    exceeded,
    options: [...unique.values()].sort(byWeight),
    open: allowed.filter((c) => isBearable(c, others)).sort((a, b) => a.dial.cost - b.dial.cost || (a.key < b.key ? -1 : 1)),
    unbearable: allowed.filter((c) => !isBearable(c, others) && exceeded.some((d) => meets(c, d, abilities))),
  };
}
