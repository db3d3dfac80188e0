import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import type { Option } from './minimalSets.ts';
import { type Choice, chooseTogether } from './together.ts';

const option = (weight: number, takes: readonly string[]) => ({ weight, takes }) as unknown as Option & { takes: string[] };
const taken = (o: Option) => (o as Option & { takes: string[] }).takes.map((t) => [t, 1] as const);

/** A few students at one or two moments, each with plans that take scarce things; the last takes none. */
function drawn(seed: number): Choice[] {
  const random = seededRng(seed);
  return Array.from({ length: 2 + random.below(4) }, (_, i) => ({
    key: `s${i}`,
    at: random.below(2),
    options: [
      ...Array.from({ length: 1 + random.below(3) }, () =>
        option(
          1 + random.below(20),
          ['ball', 'adult', 'lane'].filter(() => random.below(2) === 0),
        ),
      ),
      option(100, []),
    ].sort((a, b) => a.weight - b.weight),
  }));
}

const stock = (resource: string) => (resource === 'lane' ? 2 : 1);
const weightOf = (choices: readonly Choice[], picked: readonly number[]) =>
  choices.reduce((sum, c, i) => sum + c.options[picked[i]].weight, 0);

function isPossible(choices: readonly Choice[], picked: readonly number[]): boolean {
  const used = new Map<string, number>();
  choices.forEach((c, i) => {
    for (const [t] of taken(c.options[picked[i]])) used.set(`${c.at}|${t}`, (used.get(`${c.at}|${t}`) ?? 0) + 1);
  });
  return [...used].every(([key, count]) => count <= stock(key.split('|')[1]));
}

/** Every choice of everyone, tried. */
function least(choices: readonly Choice[]): number {
  let all: number[][] = [[]];
  for (const c of choices) all = all.flatMap((some) => c.options.map((_, o) => [...some, o]));
  return Math.min(...all.filter((picked) => isPossible(choices, picked)).map((picked) => weightOf(choices, picked)));
}

describe('choosing for everyone together', () => {
  it.each(Array.from({ length: 40 }, (_, i) => i + 1))('is as good as trying every choice, seed %i', (seed) => {
    const choices = drawn(seed);
    const picked = chooseTogether(choices, taken, stock);
    expect(isPossible(choices, picked)).toBe(true);
    expect(weightOf(choices, picked)).toBe(least(choices));
  });

  it('does not follow the order in which students are given, but their keys', () => {
    const choices = drawn(7);
    const turned = [...choices].reverse();
    expect(chooseTogether(turned, taken, stock).reverse()).toEqual(chooseTogether(choices, taken, stock));
  });

  it('is nobody for nobody', () => {
    expect(chooseTogether([], taken, stock)).toEqual([]);
  });
});
