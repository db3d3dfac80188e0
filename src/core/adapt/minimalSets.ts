import type { Demand, Demands, PurposeAction } from '../model/demand.ts';
import type { Abilities } from './abilityOf.ts';
import type { BlockFacts, Candidate } from './candidate.ts';
import { areCompatible } from './compatible.ts';

/** What a set of changes is weighed by: an unmet demand is worst, then a lost purpose, then a wish, then what it costs. */
export interface Option {
  chosen: Candidate[];
  /** Demands that stay beyond the student. */
  unmet: Demand[];
  keepsPurpose: boolean;
  cost: number;
  /** What is made least: the cost with what ranks before it. */
  weight: number;
}

const UNMET = 1000;
const LOST_PURPOSE = 200;
/** Of two plans that work, one that the student likes comes first. */
const LIKED = 60;
/** Sets that are looked at for one student in one block, at most: a fixed amount of work. */
const MOST_LOOKED = 6000;
/** Changes in one plan, at most. */
const MOST_CHANGES = 6;

/**
 * Levels of demands with changes made. What a change brings with it is not eased by another one: a signal that is seen does not make a
 * sounding ball heard.
 */
export function levelsWith(levels: Demands, chosen: readonly Candidate[]): Demands {
  const now: Demands = { ...levels };
  for (const { eases } of chosen)
    for (const [demand, level] of Object.entries(eases) as [Demand, number][]) if ((now[demand] ?? 0) > level) now[demand] = level;
  for (const { adds } of chosen)
    for (const [demand, level] of Object.entries(adds) as [Demand, number][]) now[demand] = Math.max(now[demand] ?? 0, level);
  return now;
}

/** Demands that are more than a student can meet, in the order of the list of demands. */
export const exceededIn = (levels: Demands, student: Abilities): Demand[] =>
  (Object.keys(levels) as Demand[]).filter((demand) => (levels[demand] ?? 0) > student.of(demand)).sort();

/** What only people ease is not taken out of the game: a limit asks for that. */
const liftsLimit = ({ dial, eases }: Candidate, demand: Demand): boolean => dial.dial !== 'people' && eases[demand] === 0;

/** True if a change brings a demand down to what a student can meet. */
export const meets = (candidate: Candidate, demand: Demand, student: Abilities): boolean =>
  student.limits.has(demand) ? liftsLimit(candidate, demand) : (candidate.eases[demand] ?? 4) <= student.of(demand);

export interface SetRequest {
  levels: Demands;
  student: Abilities;
  block: BlockFacts;
  candidates: readonly Candidate[];
  likes: ReadonlySet<string>;
}

/** True if the game with these changes is one that the student can play. */
export function works({ levels, student, block }: SetRequest, chosen: readonly Candidate[], unmet: readonly Demand[] = []): boolean {
  const beyond = exceededIn(levelsWith(levels, chosen), student).filter((d) => !unmet.includes(d));
  if (beyond.length > 0) return false;
  const limited = (Object.keys(levels) as Demand[]).filter((d) => student.limits.has(d) && !unmet.includes(d));
  return limited.every((d) => chosen.some((c) => liftsLimit(c, d))) && areCompatible(chosen, student, block);
}

/** Every proper part of a set, the smaller first; the empty one too. */
function parts<T>(set: readonly T[]): T[][] {
  const all: T[][] = [];
  for (let mask = 0; mask < (1 << set.length) - 1; mask++) all.push(set.filter((_, i) => mask & (1 << i)));
  return all;
}

const lost = (chosen: readonly Candidate[], purpose: readonly PurposeAction[]): boolean =>
  chosen.some(({ dial }) => purpose.some((action) => !dial.keeps.includes(action)));

/** An option of a set of changes. */
export function optionOf(request: SetRequest, chosen: Candidate[], unmet: Demand[]): Option {
  const cost = Math.round(chosen.reduce((sum, c) => sum + c.dial.cost, 0) * 100) / 100;
  const keepsPurpose = !lost(chosen, request.block.purpose);
  const liked = chosen.filter((c) => request.likes.has(c.dial.to)).length;
  return { chosen, unmet, keepsPurpose, cost, weight: cost + (keepsPurpose ? 0 : LOST_PURPOSE) - liked * LIKED + unmet.length * UNMET };
}

const keyOf = (chosen: readonly Candidate[]): string =>
  chosen
    .map((c) => c.key)
    .sort()
    .join('&');

/** Options in the order in which they are proposed: of equals the one whose changes come first by what they are. */
export const byWeight = (a: Option, b: Option): number =>
  a.weight - b.weight || a.chosen.length - b.chosen.length || (keyOf(a.chosen) < keyOf(b.chosen) ? -1 : 1);

/**
 * The least changes that let a student play, least weight first, at most `most`: sets of which no proper part works too. A demand that
 * nothing meets stays in `unmet`, once for every option. Looks at a fixed number of sets.
 */
export function minimalSets(request: SetRequest, most: number): Option[] {
  const { levels, student, block, likes } = request;
  // What a change brings is not eased: one that brings too much is out.
  const candidates = request.candidates.filter(({ adds }) => exceededIn(adds, student).length === 0);
  if (exceededIn(levels, student).length === 0) return [optionOf(request, [], [])];
  const found = new Map<string, Option>();
  let looked = 0;
  let worst = Number.POSITIVE_INFINITY;
  const keep = (chosen: Candidate[], unmet: Demand[]) => {
    const key = `${keyOf(chosen)}#${unmet.join()}`;
    if (found.has(key) || parts(chosen).some((part) => works(request, part, unmet))) return;
    found.set(key, optionOf(request, chosen, unmet));
    if (found.size >= most) worst = [...found.values()].map((o) => o.weight).sort((a, b) => a - b)[most - 1];
  };
  const helpers = candidates.filter((c) => c.object && c.eases.lift !== undefined);
  const search = (chosen: Candidate[], unmet: Demand[], weight: number) => {
    if (++looked > MOST_LOOKED || weight > worst) return;
    const beyond = exceededIn(levelsWith(levels, chosen), student).filter((d) => !unmet.includes(d));
    if (beyond.length === 0) {
      if (works(request, chosen, unmet)) keep(chosen, unmet);
      else if (!chosen.some((c) => c.object) && chosen.some((c) => c.implement))
        for (const helper of helpers) search([...chosen, helper], unmet, weight + helper.dial.cost);
      return;
    }
    // The demand with the fewest answers first.
    const answers = beyond.map((demand) => ({ demand, by: candidates.filter((c) => meets(c, demand, student) && !chosen.includes(c)) }));
    const [next] = answers.sort((a, b) => a.by.length - b.by.length || (a.demand < b.demand ? -1 : 1));
    if (chosen.length < MOST_CHANGES)
      for (const candidate of next.by) {
        const liked = likes.has(candidate.dial.to) ? LIKED : 0;
        const isLost = block.purpose.some((a) => !candidate.dial.keeps.includes(a)) && !lost(chosen, block.purpose);
        search([...chosen, candidate], unmet, weight + candidate.dial.cost + (isLost ? LOST_PURPOSE : 0) - liked);
      }
    search(chosen, [...unmet, next.demand].sort(), weight + UNMET);
  };
  search([], [], 0);
  if (found.size === 0) return [optionOf(request, [], exceededIn(levels, student))];
  return [...found.values()].sort(byWeight).slice(0, most);
}
