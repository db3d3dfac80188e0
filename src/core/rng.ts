import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A seeded stream of chance: same seed, same answers. */
export interface Rng {
  /** A whole number from 0 to n − 1. */
  below(n: number): number;
  /** From 0 up to, not including, 1. */
  float(): number;
}

/** A stream from a seed (any finite number). Source: xoroshiro128+, package pure-rand. */
export function seededRng(seed: number): Rng {
  const stream = xoroshiro128plus(seed | 0);
  return {
    below: (n) => uniformInt(stream, 0, n - 1),
    float: () => uniformInt(stream, 0, 0x3fffffff) / 0x40000000,
  };
}

/** The same in an order drawn by chance (R. A. Fisher, F. Yates 1938); the list given stays as it is. */
export function shuffled<T>(list: readonly T[], random: Rng): T[] {
  const order = [...list];
  for (let i = order.length - 1; i > 0; i--) {
    const j = random.below(i + 1);
    [order[i], order[j]] = [order[j], order[i]];
  }
  return order;
}

/** A whole number from a text, the same on every machine (FNV-1a, 32 bit). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash | 0;
}
