import { balanceTeams } from '../src/core/groups/balanceTeams.ts';
import { mixGroups } from '../src/core/groups/mixGroups.ts';
import { seededRng } from '../src/core/rng.ts';
import { exactSpread } from './exactTeams.ts';
import { fixed, measure } from './measure.ts';

type Student = { id: string; rating: number };

/** The naive reference: by rank, dealt there and back. */
function snakeTeams(students: readonly Student[], teams: number): Student[][] {
  const dealt: Student[][] = Array.from({ length: teams }, () => []);
  [...students]
    .sort((a, b) => b.rating - a.rating)
    .forEach((s, i) => {
      const lap = Math.floor(i / teams);
      dealt[lap % 2 ? teams - 1 - (i % teams) : i % teams].push(s);
    });
  return dealt;
}
function spreadOf(teams: readonly (readonly Student[])[]): number {
  const means = teams.map((t) => t.reduce((a, b) => a + b.rating, 0) / t.length);
  return Math.max(...means) - Math.min(...means);
}

/** The most students for whom the exact solver is asked. */
const EXACT = 24;

/** Spread of mean rating against dealing by rank in snake order and, up to 24 students, against an exact solver (HiGHS). */
export async function benchTeams(): Promise<void> {
  console.log('  students teams   ours  snake  exact  ours/snake  ours − exact    time');
  for (const [count, teams] of [
    [12, 3],
    [16, 4],
    [20, 4],
    [22, 3],
    [24, 5],
    [28, 7],
    [31, 9],
    [36, 6],
    [40, 7],
  ]) {
    const random = seededRng(count * 100 + teams);
    const students = Array.from({ length: count }, (_, i) => ({ id: `s${i}`, rating: 1 + random.below(9) / 2 }));
    const sizes = Array.from({ length: teams }, (_, t) => Math.floor(count / teams) + (t < count % teams ? 1 : 0));
    let spread = 0;
    const { median } = measure(5, (i) => {
      const result = balanceTeams({ students, teams, seed: i });
      if (result.ok) spread = result.spread;
    });
    const naive = spreadOf(snakeTeams(students, teams));
    const exact =
      count <= EXACT
        ? await exactSpread(
            students.map((s) => s.rating),
            sizes,
          )
        : undefined;
    const against = exact ? (exact.proven ? fixed(spread - exact.spread, 3) : 'time out') : '';
    console.log(
      `  ${String(count).padStart(8)} ${String(teams).padStart(5)} ${fixed(spread, 3).padStart(6)} ${fixed(naive, 3).padStart(6)} ${(exact?.proven ? fixed(exact.spread, 3) : '').padStart(6)} ${fixed(naive ? spread / naive : 1, 2).padStart(11)} ${against.padStart(13)} ${fixed(median).padStart(4)} ms`,
    );
  }
  benchMixing();
}

/** Pairs that meet again over several lessons: by design and search, against snake order with ratings that change a little, and by count. */
function benchMixing(): void {
  console.log('\n  students size rounds  repeats  snake  fewest by count   time');
  for (const [count, size, rounds] of [
    [12, 3, 4],
    [15, 3, 7],
    [16, 4, 5],
    [20, 4, 8],
    [24, 3, 9],
    [28, 4, 7],
    [31, 4, 9],
    [32, 4, 10],
    [36, 4, 9],
    [40, 5, 8],
    [40, 4, 13],
  ]) {
    const students = Array.from({ length: count }, (_, i) => `s${String(i).padStart(2, '0')}`);
    let repeats = 0;
    let pairs = 0;
    const { median } = measure(1, () => {
      const found = mixGroups({ students, groupSize: size, rounds, seed: 1 });
      repeats = found.repeats;
      pairs = found.rounds.flat().reduce((sum, g) => sum + (g.length * (g.length - 1)) / 2, 0);
    });
    const random = seededRng(count);
    const met = new Set<string>();
    let naive = 0;
    for (let r = 0; r < rounds; r++) {
      const rated = students.map((id) => ({ id, rating: Number(id.slice(1)) / 4 + random.float() * 4 }));
      for (const group of snakeTeams(rated, Math.ceil(count / size))) {
        for (const a of group) {
          for (const b of group) {
            if (a.id >= b.id) continue;
            const pair = `${a.id}|${b.id}`;
            if (met.has(pair)) naive++;
            met.add(pair);
          }
        }
      }
    }
    const fewest = Math.max(0, pairs - (count * (count - 1)) / 2);
    console.log(
      `  ${String(count).padStart(8)} ${String(size).padStart(4)} ${String(rounds).padStart(6)} ${String(repeats).padStart(8)} ${String(naive).padStart(6)} ${String(fewest).padStart(16)} ${fixed(median).padStart(6)} ms`,
    );
  }
}
