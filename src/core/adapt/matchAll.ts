import type { Finding } from '../model/finding.ts';
import { abilityOf } from './abilityOf.ts';
import { keepAccepted } from './accepted.ts';
import { disagreements, lostPurposes, type Wanted, wantedTwice } from './conflicts.ts';
import type { Option } from './minimalSets.ts';
import { needsFor } from './needs.ts';
import { openTo, takesOf } from './openTo.ts';
import { type Gap, type MatchBlock, type MatchRequest, orderOf, type Place, type StudentPlan } from './place.ts';
import { classmatesFor, planOf } from './planOf.ts';
import { chooseTogether } from './together.ts';

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
  const used = new Map<string, number>();
  for (const place of places)
    keepAccepted(
      place,
      request.accepted,
      (option) => takes(place, option),
      (resource) => stock(resource, place.at),
      used,
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
