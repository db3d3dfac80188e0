import type { Rng } from '../rng.ts';

/** Clumps of students that stay together, and what of them counts: all by clump index. */
export interface Clumps {
  sizes: readonly number[];
  sums: readonly number[];
  /** tags[k][clump]: how many of the clump's members have tag k. */
  tags: readonly (readonly number[])[];
  rivals: readonly ReadonlySet<number>[];
}

/** Exchanges tried in a wave, and waves: fixed work, so that the answer does not depend on the machine. */
export interface Effort {
  tries: number;
  waves: number;
}
/** For an answer that is asked for once. */
export const THOROUGH: Effort = { tries: 50_000, waves: 3 };
/** For an answer inside a re-fit, a few milliseconds. */
export const QUICK: Effort = { tries: 10_000, waves: 1 };
/** What one tag dealt unevenly costs against the spread of the division it began with. */
const UNEVEN = 0.5;

/** Teams as lists of clumps, with what an exchange needs to know kept beside them. */
class Board {
  readonly teams: number[][];
  readonly sums: number[];
  readonly sizes: number[];
  readonly tagCounts: number[][];
  private readonly clumps: Clumps;

  constructor(clumps: Clumps, teams: readonly (readonly number[])[]) {
    this.clumps = clumps;
    const total = (team: readonly number[], of: readonly number[]) => team.reduce((sum, c) => sum + of[c], 0);
    this.teams = teams.map((t) => [...t]);
    this.sums = teams.map((t) => total(t, clumps.sums));
    this.sizes = teams.map((t) => total(t, clumps.sizes));
    this.tagCounts = clumps.tags.map((of) => teams.map((t) => total(t, of)));
  }

  /** Carries a clump over, in place. */
  carry(from: number, to: number, clump: number): void {
    const { clumps, teams } = this;
    teams[from].splice(teams[from].indexOf(clump), 1);
    teams[to].push(clump);
    this.sums[from] -= clumps.sums[clump];
    this.sums[to] += clumps.sums[clump];
    this.sizes[from] -= clumps.sizes[clump];
    this.sizes[to] += clumps.sizes[clump];
    clumps.tags.forEach((of, k) => {
      this.tagCounts[k][from] -= of[clump];
      this.tagCounts[k][to] += of[clump];
    });
  }

  welcomes(team: number, clump: number, leaving: readonly number[]): boolean {
    for (const rival of this.clumps.rivals[clump]) if (this.teams[team].includes(rival) && !leaving.includes(rival)) return false;
    return true;
  }

  /** Largest minus smallest mean rating. */
  spread(): number {
    let most = Number.NEGATIVE_INFINITY;
    let least = Number.POSITIVE_INFINITY;
    for (let t = 0; t < this.sums.length; t++) {
      const mean = this.sums[t] / this.sizes[t];
      if (mean > most) most = mean;
      if (mean < least) least = mean;
    }
    return most - least;
  }

  /** How far the means stray from the whole class's, root of the sum of squares. */
  stray(middle: number): number {
    let sum = 0;
    for (let t = 0; t < this.sums.length; t++) sum += (this.sums[t] / this.sizes[t] - middle) ** 2;
    return Math.sqrt(sum);
  }

  /** For each tag the sum of squares of its counts: least exactly where they differ by at most one, and falling on the way there. */
  uneven(k: number): number {
    let sum = 0;
    for (const n of this.tagCounts[k]) sum += n * n;
    return sum;
  }

  /** How far the counts of a tag are apart beyond one: 0 if they are even. */
  apart(k: number): number {
    const counts = this.tagCounts[k];
    return Math.max(0, Math.max(...counts) - Math.min(...counts) - 1);
  }

  /** Tags uneven in their order, then the spread: what one division is better by. */
  rank(): number[] {
    return [...this.clumps.tags.map((_, k) => this.apart(k)), this.spread()];
  }
}

/** What a division is judged by, smaller is better: tags in their order, then the spread of mean ratings. */
export const rankOf = (clumps: Clumps, teams: readonly (readonly number[])[]): number[] => new Board(clumps, teams).rank();

/** True if the first rank is better. */
export function rankBetter(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) {
    if (a[i] < b[i] - 1e-12) return true;
    if (a[i] > b[i] + 1e-12) return false;
  }
  return false;
}

/** What goes over for one clump of team a: clumps of team b of the same size, or one student more or less where that keeps both sizes. */
function exchange(board: Board, clumps: Clumps, random: Rng): { a: number; b: number; give: number; take: number[] } | undefined {
  const { teams, sizes } = board;
  const a = random.below(teams.length);
  const b = (a + 1 + random.below(teams.length - 1)) % teams.length;
  const give = teams[a][random.below(teams[a].length)];
  const wanted = clumps.sizes[give];
  const shifts = sizes[a] - sizes[b];
  const least = shifts === 1 ? wanted - 1 : wanted;
  const most = shifts === -1 ? wanted + 1 : wanted;
  const target = least + random.below(most - least + 1);
  const take: number[] = [];
  let size = 0;
  for (let tries = 0; size < target && tries < 6; tries++) {
    const clump = teams[b][random.below(teams[b].length)];
    if (take.includes(clump) || size + clumps.sizes[clump] > target) continue;
    take.push(clump);
    size += clumps.sizes[clump];
  }
  if (size !== target) return undefined;
  if (!board.welcomes(b, give, take) || !take.every((clump) => board.welcomes(a, clump, [give]))) return undefined;
  return { a, b, give, take };
}

/**
 * The division improved: clumps are exchanged between teams where that deals tags more evenly and brings mean ratings nearer,
 * early in a wave also where it does not (simulated annealing, each wave from the best so far). Sizes stay at most one apart,
 * rivals apart. The best seen by tags in their order, then by spread; no more is tried once that is nothing.
 */
export function evenTeams(clumps: Clumps, start: readonly (readonly number[])[], random: Rng, effort: Effort): number[][] {
  if (start.length < 2) return start.map((t) => [...t]);
  const students = clumps.sizes.reduce((a, b) => a + b, 0);
  const middle = clumps.sums.reduce((a, b) => a + b, 0) / students;
  let best = start.map((t) => [...t]);
  let rank = new Board(clumps, best).rank();
  const scale = rank[rank.length - 1] || 1;
  const energy = (board: Board) => {
    let sum = board.spread() + board.stray(middle) / 2;
    clumps.tags.forEach((_, k) => {
      sum += (scale * UNEVEN * board.uneven(k)) / (1 + k / 4);
    });
    return sum;
  };
  const done = () => !clumps.tags.length && rank[0] < 1e-9;
  for (let wave = 0; wave < effort.waves; wave++) {
    const board = new Board(clumps, best);
    let now = energy(board);
    for (let i = 0; i < effort.tries && !done(); i++) {
      const move = exchange(board, clumps, random);
      if (!move) continue;
      const { a, b, give, take } = move;
      board.carry(a, b, give);
      for (const clump of take) board.carry(b, a, clump);
      const next = energy(board);
      const warmth = (scale / (2 + 4 * wave)) * (1 - i / effort.tries) ** 3 + 1e-6;
      if (next <= now || random.float() < Math.exp((now - next) / warmth)) {
        now = next;
        const found = board.rank();
        if (rankBetter(found, rank)) {
          rank = found;
          best = board.teams.map((t) => [...t]);
        }
      } else {
        for (const clump of take) board.carry(a, b, clump);
        board.carry(b, a, give);
      }
    }
  }
  return best;
}
