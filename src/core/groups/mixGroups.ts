import { seededRng } from '../rng.ts';
import { type Design, designsOf } from './designs.ts';
import { fewerRepeats, leastRepeats, type Mix, repeatsOf } from './mixSearch.ts';

export interface MixRequest {
  students: readonly string[];
  groupSize: number;
  rounds: number;
  /** Earlier meetings, 'a|b' with the ids sorted. */
  met?: Readonly<Record<string, number>>;
  seed: number;
}

function check({ students, groupSize, rounds, met = {}, seed }: MixRequest): void {
  if (!Array.isArray(students)) throw new RangeError(`invalid students: ${String(students)}`);
  const seen = new Set<string>();
  for (const id of students) {
    if (typeof id !== 'string' || id === '' || id.includes('|') || seen.has(id))
      throw new RangeError(`invalid or repeated student id: ${JSON.stringify(id)}`);
    seen.add(id);
  }
  if (!Number.isInteger(groupSize) || groupSize < 1) throw new RangeError(`invalid groupSize: ${groupSize}`);
  if (!Number.isInteger(rounds) || rounds < 0 || rounds > 1000) throw new RangeError(`invalid rounds: ${rounds}`);
  if (typeof met !== 'object' || met === null) throw new RangeError(`invalid met: ${String(met)}`);
  for (const [pair, times] of Object.entries(met)) {
    if (!Number.isInteger(times) || times < 0) throw new RangeError(`invalid met of ${pair}: ${times}`);
    if (pair.split('|').length !== 2) throw new RangeError(`invalid pair in met: ${JSON.stringify(pair)}`);
  }
  if (!Number.isFinite(seed)) throw new RangeError(`invalid seed: ${seed}`);
}

/** `count` points of which no two meet in the design, as far as there are; the others meet as seldom as can be. */
function strangers(design: Design, points: number, count: number): Set<number> {
  const meets = Array.from({ length: points }, () => new Set<number>());
  for (const group of design.flat()) for (const a of group) for (const b of group) if (a !== b) meets[a].add(b);
  let best: number[] = [];
  let tried = 0;
  const more = (chosen: number[], from: number): boolean => {
    if (chosen.length > best.length) best = [...chosen];
    if (best.length === count || ++tried > 20_000) return true;
    for (let p = from; p >= 0; p--) {
      if (chosen.every((c) => !meets[p].has(c)) && more([...chosen, p], p - 1)) return true;
    }
    return false;
  };
  more([], points - 1);
  for (let p = points - 1; best.length < count; p--) if (!best.includes(p)) best.push(p);
  return new Set(best);
}

/**
 * Sets of points that may be left out of a design for a class that is smaller: such as never meet, and such as meet only once,
 * all in the same group. Of the latter every round but one keeps its sizes, and that one can be left out too.
 */
function leftOut(design: Design, points: number, count: number): Set<number>[] {
  const apart = strangers(design, points, count);
  const group = design[design.length - 1]?.[0] ?? [];
  return count > 1 && count < group.length ? [apart, new Set(group.slice(0, count))] : [apart];
}

const unevenBy = (round: readonly number[][]) => Math.max(...round.map((g) => g.length)) - Math.min(...round.map((g) => g.length));

/** Moves students out of full groups into those that are more than one smaller. */
function evened(round: readonly number[][]): number[][] {
  const groups = round.map((g) => [...g]);
  for (;;) {
    if (unevenBy(groups) < 2) return groups;
    const sizes = groups.map((g) => g.length);
    const [most, least] = [Math.max(...sizes), Math.min(...sizes)];
    groups[sizes.indexOf(least)].push(groups[sizes.indexOf(most)].pop()!);
  }
}

/** Rounds to begin with, and how many of the design's keep their sizes: the more, the longer it leads on. */
interface Begun {
  rounds: number[][][];
  whole: number;
}

/**
 * The rounds of a design without the points that are gone: those that keep their sizes first, then those that repeat least after
 * what has been, in an order drawn by the seed; from the start again if there are too few.
 */
function fromDesign(design: Design, gone: ReadonlySet<number>, wanted: number, met: Int32Array, seed: number): Begun {
  const points = design.length ? design[0].flat().length : 0;
  const students = points - gone.size;
  const indexOf = Array.from({ length: points }, (_, p) => p)
    .filter((p) => !gone.has(p))
    .reduce((map, p, i) => map.set(p, i), new Map<number, number>());
  const random = seededRng(seed);
  const rounds = design
    .map((round) => round.map((group) => group.flatMap((p) => indexOf.get(p) ?? [])))
    .map((round) => ({ round: evened(round), torn: unevenBy(round) > 1 ? 1 : 0, order: random.float() }))
    .map((r) => ({ ...r, cost: repeatsOf({ n: students, rounds: [r.round], met }) }))
    .sort((a, b) => a.cost - b.cost || a.torn - b.torn || a.order - b.order);
  return {
    rounds: Array.from({ length: wanted }, (_, r) => rounds[r % rounds.length].round),
    whole: rounds.filter((r) => !r.torn).length,
  };
}

/** So often it is searched, from designs that repeat least first. */
const SEARCHES = 3;

/**
 * ⌈n / size⌉ groups a round, sizes at most one apart, in which pairs meet again as seldom as found: rounds of known designs
 * (see `designsOf`) over the students in the order of their ids, those that repeat least of what `met` tells; where counting
 * says that fewer repeats could do, improved by a seeded search of a fixed amount of work. `repeats` = Σ over pairs of
 * max(0, met + times − 1) − max(0, met − 1). Unknown ids in `met` are ignored; RangeError on an id with '|'.
 */
export function mixGroups(request: MixRequest): { rounds: string[][][]; repeats: number } {
  check(request);
  const ids = [...request.students].sort();
  const n = ids.length;
  if (n === 0) return { rounds: Array.from({ length: request.rounds }, () => []), repeats: 0 };
  const at = new Map(ids.map((id, i) => [id, i]));
  const met = new Int32Array(n * n);
  for (const [pair, times] of Object.entries(request.met ?? {})) {
    const [a, b] = pair.split('|').map((id) => at.get(id));
    if (a === undefined || b === undefined || a === b) continue;
    met[a * n + b] += times;
    met[b * n + a] = met[a * n + b];
  }
  const size = Math.ceil(n / Math.ceil(n / request.groupSize));
  const points = Math.ceil(n / size) * size;
  const begun = designsOf(points, size, points - n)
    .flatMap((design) =>
      leftOut(design, points, points - n).map((gone) => ({ n, met, ...fromDesign(design, gone, request.rounds, met, request.seed) })),
    )
    .sort((a, b) => repeatsOf(a) - repeatsOf(b) || b.whole - a.whole);
  const enough = leastRepeats(begun[0]);
  let best: Mix = begun[0];
  for (let k = 0; k < SEARCHES && repeatsOf(best) > enough; k++) {
    const mix = begun[k % begun.length];
    const found = { ...mix, rounds: fewerRepeats(mix, seededRng(request.seed + k), enough) };
    if (repeatsOf(found) < repeatsOf(best)) best = found;
  }
  return { rounds: best.rounds.map((round) => round.map((group) => group.map((i) => ids[i]))), repeats: repeatsOf(best) };
}
