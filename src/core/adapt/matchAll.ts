import type { Demand, Demands } from '../model/demand.ts';
import type { Finding } from '../model/finding.ts';
import type { AdaptStudent } from '../model/support.ts';
import { type Abilities, abilityOf } from './abilityOf.ts';
import { type Accepted, acceptedOption } from './accepted.ts';
import { type AdaptAdult, type BlockFacts, candidateOf, type Dial } from './candidate.ts';
import { cautionsOf } from './cautionsOf.ts';
import { disagreements, lostPurposes, type Wanted, wantedTwice } from './conflicts.ts';
import { DIAL_KINDS } from './dialKinds.ts';
import { type Option, optionOf } from './minimalSets.ts';
import { needsFor } from './needs.ts';
import { type Opened, openTo, takesOf } from './openTo.ts';
import { nearby } from './steps.ts';
import type { Thing } from './things.ts';
import { chooseTogether } from './together.ts';

/** How one student plays in one block (contract.ts). */
export interface StudentPlan {
  student: string;
  block: string;
  role?: string;
  dials: Dial[];
  keepsPurpose: boolean;
  leaves: boolean;
  cautions: string[];
  withoutAdult?: Dial[];
  easier?: Dial[];
  harder?: Dial[];
  alternatives: { dials: Dial[]; cost: number; keepsPurpose: boolean }[];
}
export interface Gap {
  student: string;
  block: string;
  demand: Demand;
  needs: string[];
}

/** A student in a block: what the role they have asks for. */
export interface Part {
  student: string;
  role?: string;
  group?: number;
  levels: Demands;
}
export interface MatchBlock {
  facts: BlockFacts;
  parts: readonly Part[];
  /** Classmates who may be asked to help: ids of those without supports. */
  classmates: readonly { id: string; group?: number }[];
}
export interface MatchRequest {
  students: readonly AdaptStudent[];
  blocks: readonly MatchBlock[];
  things: readonly Thing[];
  adults: readonly AdaptAdult[];
  accepted: readonly Accepted[];
  refused: readonly { student: string; block: string; to: string }[];
}

/** Next best plans that are shown. */
const MOST_ALTERNATIVES = 3;

const LEAVING: Dial = candidateOf('another-task', DIAL_KINDS['another-task']).dial;

/** One student in one block on the way to a plan. */
interface Place {
  student: AdaptStudent;
  abilities: Abilities;
  block: MatchBlock;
  part: Part;
  opened: Opened;
  options: Option[];
  at: number;
}

/** Blocks that overlap in time have the same number, from 0 in order of time. */
function timesOf(blocks: readonly MatchBlock[]): Map<MatchBlock, number> {
  const sorted = [...blocks].sort((a, b) => a.facts.from - b.facts.from || a.facts.until - b.facts.until);
  const times = new Map<MatchBlock, number>();
  let until = Number.NEGATIVE_INFINITY;
  let time = -1;
  for (const block of sorted) {
    if (block.facts.from >= until) time++;
    until = Math.max(until, block.facts.until);
    times.set(block, time);
  }
  return times;
}

/** Plans for all students together: least change first, nothing twice at once, nobody worse off (contract.ts: fitForAll). */
export function matchAll(request: MatchRequest): { plans: StudentPlan[]; gaps: Gap[]; conflicts: Finding[] } {
  const { students, blocks, things, adults } = request;
  const abilities = new Map(students.map((s) => [s.id, abilityOf(s)]));
  const times = timesOf(blocks);
  const conflicts: Finding[] = students.flatMap((s) => disagreements(s, abilities.get(s.id)!));
  const places: Place[] = blocks.flatMap((block) =>
    block.parts.flatMap((part): Place[] => {
      const student = students.find((s) => s.id === part.student);
      if (!student) return [];
      const at = times.get(block)!;
      const near = blocks.filter((b) => times.get(b) === at).flatMap((b) => b.parts.map((p) => p.student));
      const others = [...new Set(near)].filter((id) => id !== student.id).flatMap((id) => abilities.get(id) ?? []);
      const refused = new Set(request.refused.filter((r) => r.student === student.id && r.block === block.facts.id).map((r) => r.to));
      const own = abilities.get(student.id)!;
      const opened = openTo({ student, abilities: own, levels: part.levels, block: block.facts, things, adults, others, refused });
      return [{ student, abilities: own, block, part, opened, options: opened.options, at }];
    }),
  );
  const stock = stockOf(request, times);
  const takes = (place: Place, option: Option) =>
    summed(takesOf(option).map(([name, count]) => [name === 'classmate' ? `classmate|${place.block.facts.id}` : name, count]));
  for (const place of places)
    keepAccepted(
      place,
      request.accepted,
      (option) => takes(place, option),
      (resource) => stock(resource, place.at),
      conflicts,
    );
  const picked = chooseTogether(
    places.map((p) => ({ key: orderOf(p), options: p.options, at: p.at })),
    (option, i) => takes(places[i], option),
    stock,
  );
  const chosen = places.map((p, i) => p.options[picked[i]]);
  conflicts.push(...wantedTwice(places.map((p, i): Wanted => wantedBy(p, chosen[i]))));
  conflicts.push(
    ...lostPurposes(
      places.map((p, i) => ({
        student: p.student.id,
        block: p.block.facts,
        exceeded: p.opened.exceeded,
        abilities: p.abilities,
        option: chosen[i],
      })),
    ),
  );
  const asked = classmatesFor(places, chosen);
  return {
    plans: places.map((p, i) => planOf(p, chosen[i], asked[i])),
    gaps: places.flatMap((p, i) =>
      chosen[i].unmet.map((demand) => ({
        student: p.student.id,
        block: p.block.facts.id,
        demand,
        needs: needsFor(demand, p.abilities, p.block.facts, p.opened.unbearable),
      })),
    ),
    conflicts,
  };
}

/** How many there are at a time of a thing (less what classes have themselves), an adult, own lanes, or classmates of a block (`classmate|<block>`). */
function stockOf(
  { things, adults, blocks }: MatchRequest,
  times: ReadonlyMap<MatchBlock, number>,
): (resource: string, at: number) => number {
  const counts = new Map<string, number>([
    ...things.map((t): [string, number] => [`gear:${t.id}`, t.count]),
    ...adults.map((a): [string, number] => [`adult:${a.id}`, 1]),
    ...blocks.map((b): [string, number] => [`classmate|${b.facts.id}`, b.classmates.length]),
    ['lane', Math.min(...blocks.map((b) => b.facts.lanes))],
  ]);
  const taken = new Map<string, number>();
  for (const block of blocks)
    for (const [id, count] of Object.entries(block.facts.taken ?? {})) {
      const key = `${times.get(block)}|gear:${id}`;
      taken.set(key, Math.max(taken.get(key) ?? 0, count));
    }
  return (resource, at) => Math.max(0, (counts.get(resource) ?? 0) - (taken.get(`${at}|${resource}`) ?? 0));
}

const summed = (list: readonly (readonly [string, number])[]): [string, number][] => {
  const sums = new Map<string, number>();
  for (const [name, count] of list) sums.set(name, (sums.get(name) ?? 0) + count);
  return [...sums];
};

const wantedBy = ({ student, block, options, at }: Place, chosen: Option): Wanted => ({
  student: student.id,
  block: block.facts.id,
  at,
  first: takesOf(options[0]).map(([name]) => name),
  got: takesOf(chosen).map(([name]) => name),
  isFirst: chosen === options[0],
});

/** What is known of a student in a block, then the id. */
function orderOf({ student: { id, ...known }, part, block }: Place): string {
  return `${JSON.stringify([known, part.role ?? '', part.group ?? -1, part.levels, block.facts.from])}|${id}`;
}

/** A plan that was accepted is the only option as long as what it takes is there. */
function keepAccepted(
  place: Place,
  accepted: readonly Accepted[],
  takes: (option: Option) => [string, number][],
  stock: (resource: string) => number,
  conflicts: Finding[],
): void {
  const mine = accepted.find((a) => a.student === place.student.id && a.block === place.block.facts.id);
  if (!mine) return;
  const at = { student: place.student.id, block: place.block.facts.id };
  const chosen = acceptedOption(mine.dials, place.opened.request, place.abilities);
  const option = optionOf(place.opened.request, chosen.candidates, chosen.beyond);
  const missing = takes(option).filter(([name, count]) => count > stock(name));
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
  place.options = [option];
}

/** Who is asked to help, by rota: the next one each time, of the same group first, never twice at once. */
function classmatesFor(places: readonly Place[], chosen: readonly Option[]): (string | undefined)[] {
  const busy = new Map<number, Set<string>>();
  const times = new Map<string, number>();
  const order = places.map((p, i) => ({ p, i })).sort((a, b) => (orderOf(a.p) < orderOf(b.p) ? -1 : 1));
  const asked: (string | undefined)[] = places.map(() => undefined);
  for (const { p, i } of order) {
    if (!chosen[i].chosen.some((c) => c.classmate)) continue;
    const taken = busy.get(p.at) ?? new Set();
    const rank = (c: { id: string; group?: number }) => (times.get(c.id) ?? 0) + (c.group === p.part.group ? 0 : 1000);
    const free = p.block.classmates.filter((c) => !taken.has(c.id));
    const [next] = [...free].sort((a, b) => rank(a) - rank(b) || (a.id < b.id ? -1 : 1));
    if (!next) continue;
    busy.set(p.at, taken.add(next.id));
    times.set(next.id, (times.get(next.id) ?? 0) + 1);
    asked[i] = next.id;
  }
  return asked;
}

function planOf(place: Place, option: Option, peerId: string | undefined): StudentPlan {
  const { student, abilities, block, part, opened, options } = place;
  const dialsOf = (o: Option): Dial[] =>
    o.chosen.map(({ dial, classmate }) => (classmate && peerId !== undefined ? { ...dial, peerId } : { ...dial }));
  const rest = opened.options.filter((o) => o !== option && o.unmet.length <= option.unmet.length && o.chosen.length > 0);
  // Where the game goes on making a demand that is a limit, the student is not in it.
  const leaves = option.unmet.some((demand) => abilities.limits.has(demand));
  const { easier, harder, withoutAdult } = nearby(opened.request, opened.open, option, options);
  return {
    student: student.id,
    block: block.facts.id,
    ...(part.role === undefined ? {} : { role: part.role }),
    dials: leaves ? [...dialsOf(option), LEAVING] : dialsOf(option),
    keepsPurpose: option.keepsPurpose && !leaves,
    leaves,
    cautions: cautionsOf(option.chosen, abilities, block.facts),
    ...(withoutAdult ? { withoutAdult: dialsOf(withoutAdult) } : {}),
    ...(easier ? { easier: dialsOf(easier) } : {}),
    ...(harder ? { harder: dialsOf(harder) } : {}),
    alternatives: rest.slice(0, MOST_ALTERNATIVES).map((o) => ({ dials: dialsOf(o), cost: o.cost, keepsPurpose: o.keepsPurpose })),
  };
}
