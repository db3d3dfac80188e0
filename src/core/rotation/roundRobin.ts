import { circleRounds } from '../groups/designs.ts';
import { seededRng } from '../rng.ts';

export interface RoundRobin {
  slots: { matches: [string, string][]; resting: string[] }[];
}

/** Changes of the order that are tried; fixed. Fewer where there are many slots. */
const TRIES = 6_000_000;

/** Slots of matches as pairs of indices; in a slot every team plays at most once. */
type Slots = [number, number][][];

/** Of two slots' matches, those hanging together with `start` by shared teams: they may change slots as one. */
function chain(a: Slots[number], b: Slots[number], start: [number, number]): Set<[number, number]> {
  const found = new Set([start]);
  const teams = new Set(start);
  for (let grown = true; grown; ) {
    grown = false;
    for (const match of [...a, ...b]) {
      if (found.has(match) || !match.some((t) => teams.has(t))) continue;
      found.add(match);
      for (const t of match) teams.add(t);
      grown = true;
    }
  }
  return found;
}

/** Both slots with the chain's matches changed over. */
function changed(a: Slots[number], b: Slots[number], moved: Set<[number, number]>): [Slots[number], Slots[number]] {
  const stay = (slot: Slots[number]) => slot.filter((m) => !moved.has(m));
  const go = (slot: Slots[number]) => slot.filter((m) => moved.has(m));
  return [
    [...stay(a), ...go(b)],
    [...stay(b), ...go(a)],
  ];
}

/**
 * Slots whose sizes differ by at most one: of two that differ by more, some chain has one match more in the larger, and it
 * changes over. Ends because the sum of squares falls. Source: D. de Werra, equitable colorations of graphs (1971).
 */
function level(slots: Slots): void {
  for (;;) {
    const sizes = slots.map((s) => s.length);
    const most = sizes.indexOf(Math.max(...sizes));
    const least = sizes.indexOf(Math.min(...sizes));
    if (sizes[most] - sizes[least] < 2) return;
    const [large, small] = [slots[most], slots[least]];
    for (const match of large) {
      const moved = chain(large, small, match);
      const more = large.filter((m) => moved.has(m)).length - small.filter((m) => moved.has(m)).length;
      if (more !== 1) continue;
      [slots[most], slots[least]] = changed(large, small, moved);
      break;
    }
  }
}

/** How often a team is idle in two slots that follow one another. */
function idleTwice(slots: Slots, n: number): number {
  let count = 0;
  let before = new Uint8Array(n).fill(1);
  for (const slot of slots) {
    const plays = new Uint8Array(n);
    for (const [a, b] of slot) {
      plays[a] = 1;
      plays[b] = 1;
    }
    for (let t = 0; t < n; t++) if (!plays[t] && !before[t]) count++;
    before = plays;
  }
  return count;
}

/** Reorders the slots, and lets chains change over between them, as long as teams are idle twice running and work is left. */
function spread(slots: Slots, n: number, most: number): Slots {
  const random = seededRng(n * 100 + most);
  let now = idleTwice(slots, n);
  let best = { cost: now, slots };
  let current = slots;
  const tries = Math.floor(TRIES / (slots.length * n));
  for (let i = 0; i < tries && best.cost > 0 && slots.length > 2; i++) {
    const a = random.below(slots.length);
    const b = (a + 1 + random.below(slots.length - 1)) % slots.length;
    const next = [...current];
    if (random.below(3) === 0) {
      const all = [...current[a], ...current[b]];
      const moved = chain(current[a], current[b], all[random.below(all.length)]);
      [next[a], next[b]] = changed(current[a], current[b], moved);
      if (next[a].length > most || next[b].length > most) continue;
    } else if (random.below(2)) [next[a], next[b]] = [next[b], next[a]];
    else next.splice(b, 0, next.splice(a, 1)[0]);
    const cost = idleTwice(next, n);
    const warmth = 1.2 * (1 - i / tries) ** 2 + 0.05;
    if (cost > now && random.float() >= Math.exp((now - cost) / warmth)) continue;
    current = next;
    now = cost;
    if (now < best.cost) best = { cost: now, slots: current };
  }
  return best.slots;
}

/**
 * Every pair of teams once in the fewest slots, max(n − 1 (n even) or n (odd), ⌈n(n−1)/2 ÷ min(courts, ⌊n/2⌋)⌉), at most
 * `courts` matches in each. Every team rests equally often; in the order found, as seldom as can be twice running.
 * RangeError on a repeated or empty team, or on courts that are no whole number from 1.
 */
export function roundRobin(request: { teams: readonly string[]; courts: number }): RoundRobin {
  const { teams, courts } = request;
  if (!Array.isArray(teams)) throw new RangeError(`invalid teams: ${String(teams)}`);
  const seen = new Set<string>();
  for (const team of teams) {
    if (typeof team !== 'string' || team === '' || seen.has(team))
      throw new RangeError(`invalid or repeated team: ${JSON.stringify(team)}`);
    seen.add(team);
  }
  if (!Number.isInteger(courts) || courts < 1) throw new RangeError(`invalid courts: ${courts}`);
  const n = teams.length;
  if (n < 2) return { slots: [] };
  const atOnce = Math.min(courts, Math.floor(n / 2));
  const slots = circleRounds(n).map((round) => round.filter((pair) => pair.length === 2).map(([a, b]): [number, number] => [a, b]));
  const wanted = Math.max(slots.length, Math.ceil((n * (n - 1)) / 2 / atOnce));
  while (slots.length < wanted) slots.push([]);
  level(slots);
  return {
    slots: spread(slots, n, atOnce).map((slot) => {
      const playing = new Set(slot.flat());
      return { matches: slot.map(([a, b]) => [teams[a], teams[b]]), resting: teams.filter((_, t) => !playing.has(t)) };
    }),
  };
}
