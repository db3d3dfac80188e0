import type { Rng } from '../rng.ts';

/** Groups over rounds as student indices, and how often each pair has met in all: met[a · n + b], both ways round. */
export interface Mix {
  n: number;
  rounds: number[][][];
  /** Meetings of before, with these rounds not counted. */
  met: Int32Array;
}

/** Swaps tried; a fixed amount of work, so that the answer does not depend on the machine. */
const SWAPS = 1_600_000;
/** After so many the tolerance begins anew. */
const WAVE = SWAPS / 4;
/** Tolerance at the beginning of a wave, in repeats. */
const WARMEST = 0.5;
/** That a pair meets for the third time rather than the second: so little that all of it together is less than one repeat. */
const EVEN = 2 ** -20;

/** What one more meeting costs a pair that has met `times` times: one repeat, and a little for pairs that met often. */
const price = (times: number) => (times < 1 ? 0 : 1 + Math.min(times - 1, 8) * EVEN);

/** Σ over pairs of max(0, met + times − 1) − max(0, met − 1). */
export function repeatsOf({ n, rounds, met }: Mix): number {
  const total = met.slice();
  let repeats = 0;
  for (const round of rounds) {
    for (const group of round) {
      for (let i = 1; i < group.length; i++) {
        for (let j = 0; j < i; j++) {
          const [a, b] = [group[i], group[j]];
          if (total[a * n + b] > 0) repeats++;
          total[a * n + b]++;
          total[b * n + a]++;
        }
      }
    }
  }
  return repeats;
}

/** The fewest repeats that counting alone allows: every pair that has not met meets once, all other meetings are repeats. */
export function leastRepeats({ n, rounds, met }: Mix): number {
  let meetings = 0;
  for (const round of rounds) for (const group of round) meetings += (group.length * (group.length - 1)) / 2;
  let fresh = 0;
  for (let a = 1; a < n; a++) for (let b = 0; b < a; b++) if (met[a * n + b] === 0) fresh++;
  return Math.max(0, meetings - fresh);
}

/**
 * The same sizes with fewer meetings again: students of one round change places, taken where it costs less and, early on, now
 * and then where it costs more (simulated annealing). Stops at `enough` repeats. The best rounds seen; never more repeats than given.
 */
export function fewerRepeats(mix: Mix, random: Rng, enough: number): number[][][] {
  const { n } = mix;
  const rounds = mix.rounds.map((round) => round.map((group) => [...group]));
  const total = mix.met.slice();
  const change = (group: readonly number[], student: number, by: 1 | -1) => {
    for (const other of group) {
      if (other === student) continue;
      total[student * n + other] += by;
      total[other * n + student] += by;
    }
  };
  for (const round of rounds) for (const group of round) for (let i = 0; i < group.length; i++) change(group.slice(0, i), group[i], 1);
  const open = rounds.map((round, r) => (round.length > 1 ? r : -1)).filter((r) => r >= 0);
  if (!open.length) return rounds;

  /** Cost of `newcomer` meeting the others of a group in place of `leaver`. */
  const cost = (group: readonly number[], leaver: number, newcomer: number) => {
    let sum = 0;
    for (const other of group) {
      if (other === leaver) continue;
      sum += price(total[newcomer * n + other]) - price(total[leaver * n + other] - 1);
    }
    return sum;
  };
  let now = repeatsOf(mix);
  let least = now;
  let best = mix.rounds;
  for (let i = 0; i < SWAPS && least > enough; i++) {
    const round = rounds[open[random.below(open.length)]];
    const g = random.below(round.length);
    const h = (g + 1 + random.below(round.length - 1)) % round.length;
    const x = random.below(round[g].length);
    const y = random.below(round[h].length);
    const [a, b] = [round[g][x], round[h][y]];
    const delta = cost(round[g], a, b) + cost(round[h], b, a);
    const warmth = WARMEST * (1 - (i % WAVE) / WAVE) ** 2 + 0.0005;
    if (delta > 0 && random.float() >= Math.exp(-delta / warmth)) continue;
    change(round[g], a, -1);
    change(round[h], b, -1);
    round[g][x] = b;
    round[h][y] = a;
    change(round[g], b, 1);
    change(round[h], a, 1);
    now += delta;
    if (now < least) {
      least = now;
      best = rounds.map((r) => r.map((group) => [...group]));
    }
  }
  return best;
}
