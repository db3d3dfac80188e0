import type { Option } from './minimalSets.ts';

/** One student in one block with the plans that are open, the best first. The last one takes nothing that others may want. */
export interface Choice {
  /** A text that orders students by what is known of them, then by id: the order of the request changes nothing. */
  key: string;
  options: readonly Option[];
  /** Blocks that happen at the same time have the same number. */
  at: number;
}

/** What a plan takes while its block lasts, by resource. */
export type Taken = (option: Option, choice: number) => readonly (readonly [resource: string, count: number])[];

/** Nodes of the search at one time, at most: a fixed amount of work. */
const MOST_NODES = 40_000;

/**
 * One option for each choice so that the sum of weights is least and nothing is taken more often than it is there at once; indices into
 * `options`. Exact by branch and bound (A. H. Land, A. G. Doig 1960) as long as the nodes last, then the best found so far.
 */
export function chooseTogether(choices: readonly Choice[], taken: Taken, stock: (resource: string, at: number) => number): number[] {
  const picked = choices.map(() => 0);
  for (const time of new Set(choices.map((c) => c.at))) {
    const here = choices
      .map((c, i) => ({ ...c, i }))
      .filter((c) => c.at === time)
      .sort((a, b) => (a.key < b.key ? -1 : 1));
    chooseAtOnce(here, taken, (resource) => stock(resource, time)).forEach((option, k) => {
      picked[here[k].i] = option;
    });
  }
  return picked;
}

function chooseAtOnce(here: readonly (Choice & { i: number })[], taken: Taken, stock: (resource: string) => number): number[] {
  const takes = here.map((c) => c.options.map((o) => taken(o, c.i)));
  const rest = here.map((_, k) => here.slice(k).reduce((sum, c) => sum + c.options[0].weight, 0));
  const used = new Map<string, number>();
  const current: number[] = [];
  let best: number[] | undefined;
  let bestWeight = Number.POSITIVE_INFINITY;
  let nodes = 0;
  const add = (list: Taken extends (...a: never[]) => infer R ? R : never, sign: 1 | -1) => {
    for (const [resource, count] of list) used.set(resource, (used.get(resource) ?? 0) + sign * count);
  };
  const search = (k: number, weight: number) => {
    if (k === here.length) {
      best = [...current];
      bestWeight = weight;
      return;
    }
    for (let o = 0; o < here[k].options.length; o++) {
      const next = weight + here[k].options[o].weight;
      // Options are sorted: none that follows can be better.
      if (next + (rest[k + 1] ?? 0) >= bestWeight - 1e-9) return;
      if (nodes++ > MOST_NODES && best) return;
      add(takes[k][o], 1);
      if (takes[k][o].every(([resource]) => (used.get(resource) ?? 0) <= stock(resource))) {
        current.push(o);
        search(k + 1, next);
        current.pop();
      }
      add(takes[k][o], -1);
    }
  };
  search(0, 0);
  // The last option of everyone takes nothing that others may want.
  return best ?? here.map((c) => c.options.length - 1);
}
