import type { TieBreak, TournamentPlaySetup } from './setup.ts';

/** A result as it was last told: the teams' names and what each scored. */
export interface Result {
  a: string;
  b: string;
  score: readonly [number, number];
}

/** How a team stands: matches, table points, scored less conceded, scored. */
export interface Standing {
  played: number;
  points: number;
  difference: number;
  scored: number;
}

type Points = TournamentPlaySetup['points'];

/** The standings of teams by their results among one another. */
export function standingsOf(teams: readonly string[], results: readonly Result[], points: Points): Record<string, Standing> {
  const table = Object.fromEntries(teams.map((team): [string, Standing] => [team, { played: 0, points: 0, difference: 0, scored: 0 }]));
  for (const { a, b, score } of results) {
    if (!table[a] || !table[b]) continue;
    [a, b].forEach((team, i) => {
      const [own, other] = [score[i], score[1 - i]];
      const row = table[team];
      table[team] = {
        played: row.played + 1,
        points: row.points + (own > other ? points.win : own < other ? points.loss : points.draw),
        difference: row.difference + own - other,
        scored: row.scored + own,
      };
    });
  }
  return table;
}

/**
 * Teams in their order, those that nothing divides in one place together. Points among the tied ('between') are taken afresh among those
 * that are still tied whenever they have divided some.
 */
export function ranked(teams: readonly string[], results: readonly Result[], points: Points, order: readonly TieBreak[]): string[][] {
  const table = standingsOf(teams, results, points);
  const divide = (tied: readonly string[], from: number): string[][] => {
    if (tied.length < 2 || from >= order.length) return [[...tied]];
    const by = order[from];
    const among = by === 'between' ? standingsOf(tied, results, points) : table;
    const worthOf = (team: string) => among[team][by === 'between' ? 'points' : by];
    const values = [...new Set(tied.map(worthOf))].sort((a, b) => b - a);
    const next = by === 'between' && values.length > 1 ? from : from + 1;
    return values.flatMap((value) =>
      divide(
        tied.filter((team) => worthOf(team) === value),
        next,
      ),
    );
  };
  return teams.length ? divide(teams, 0) : [];
}
