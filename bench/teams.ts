import { chance } from '../src/core/chance.ts';
import { balanceTeams } from '../src/core/groups/balanceTeams.ts';
import { fixed, measure } from './measure.ts';

type Student = { id: string; rating: number };

/** The naive reference: by rank, dealt there and back. */
function snake(students: Student[], teams: number): number {
  const dealt: number[][] = Array.from({ length: teams }, () => []);
  [...students]
    .sort((a, b) => b.rating - a.rating)
    .forEach((s, i) => {
      const lap = Math.floor(i / teams);
      dealt[lap % 2 ? teams - 1 - (i % teams) : i % teams].push(s.rating);
    });
  const means = dealt.map((t) => t.reduce((a, b) => a + b, 0) / t.length);
  return Math.max(...means) - Math.min(...means);
}

/** Spread of mean rating against dealing by rank in snake order. */
export function benchTeams(): void {
  console.log('  students teams   ours  snake  ours/snake   time');
  for (const [count, teams] of [
    [12, 3],
    [20, 4],
    [24, 5],
    [31, 9],
    [36, 6],
    [40, 7],
  ]) {
    const random = chance(count * 100 + teams);
    const students = Array.from({ length: count }, (_, i) => ({ id: `s${i}`, rating: 1 + random.below(9) / 2 }));
    let spread = 0;
    const { median } = measure(5, (i) => {
      const result = balanceTeams({ students, teams, seed: i });
      if (result.ok) spread = result.spread;
    });
    const naive = snake(students, teams);
    console.log(
      `  ${String(count).padStart(8)} ${String(teams).padStart(5)} ${fixed(spread, 3).padStart(6)} ${fixed(naive, 3).padStart(6)} ${fixed(naive ? spread / naive : 1, 2).padStart(11)} ${fixed(median)} ms`,
    );
  }
}
