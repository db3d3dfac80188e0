import { candidateOf, type Dial } from './candidate.ts';
import { cautionsOf } from './cautionsOf.ts';
import { DIAL_KINDS } from './dialKinds.ts';
import type { Option } from './minimalSets.ts';
import { orderOf, type Place, type StudentPlan } from './place.ts';
import { nearby } from './steps.ts';

/** Next best plans that are shown. */
const MOST_ALTERNATIVES = 3;

const LEAVING: Dial = candidateOf('another-task', DIAL_KINDS['another-task']).dial;

/** The plan of a student in a block. */
export function planOf(place: Place, option: Option, peerId: string | undefined): StudentPlan {
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
    dials: leaves ? [...dialsOf(option).filter((d) => d.to !== LEAVING.to), LEAVING] : dialsOf(option),
    keepsPurpose: option.keepsPurpose && !leaves,
    leaves,
    exceeds: opened.exceeded,
    cautions: cautionsOf(option.chosen, abilities, block.facts),
    ...(withoutAdult ? { withoutAdult: dialsOf(withoutAdult) } : {}),
    ...(easier ? { easier: dialsOf(easier) } : {}),
    ...(harder ? { harder: dialsOf(harder) } : {}),
    alternatives: rest.slice(0, MOST_ALTERNATIVES).map((o) => ({ dials: dialsOf(o), cost: o.cost, keepsPurpose: o.keepsPurpose })),
  };
}

/** Who is asked to help, by rota: the next one each time, of the same group first, never twice at once. */
export function classmatesFor(places: readonly Place[], chosen: readonly Option[]): (string | undefined)[] {
  const busy = new Map<number, Set<string>>();
  const times = new Map<string, number>();
  const order = places.map((p, i) => ({ p, i })).sort((a, b) => (orderOf(a.p) < orderOf(b.p) ? -1 : 1));
  const asked: (string | undefined)[] = places.map(() => undefined);
  for (const { p, i } of order) {
    if (!chosen[i].chosen.some((c) => c.classmate)) continue;
    const taken = busy.get(p.at) ?? new Set();
    const rank = (c: { id: string; group?: number }) => (times.get(c.id) ?? 0) + (c.group === p.part.group ? 0 : 1000);
    const free = p.block.classmates.filter((c) => !taken.has(c.id));
    // Who was said yes to stays, as long as they are there.
    const kept = chosen[i].chosen.find((c) => c.classmate)?.dial.peerId;
    const next = free.find((c) => c.id === kept) ?? [...free].sort((a, b) => rank(a) - rank(b) || (a.id < b.id ? -1 : 1))[0];
    if (!next) continue;
    busy.set(p.at, taken.add(next.id));
    times.set(next.id, (times.get(next.id) ?? 0) + 1);
    asked[i] = next.id;
  }
  return asked;
}
