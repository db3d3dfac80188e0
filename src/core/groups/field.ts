/** Adding and multiplying over 0 … size − 1; `units` elements from 0 on differ pairwise by something that can be divided by. */
export interface Ring {
  size: number;
  /** Elements whose pairwise differences are all units: as many as the smallest field in the ring has. */
  units: number[];
  add(a: number, b: number): number;
  times(a: number, b: number): number;
}

/** Prime powers whose product is n, smallest prime first. */
function primePowers(n: number): { prime: number; power: number }[] {
  const found: { prime: number; power: number }[] = [];
  let left = n;
  for (let p = 2; left > 1; p++) {
    let power = 0;
    for (; left % p === 0; left /= p) power++;
    if (power) found.push({ prime: p, power });
  }
  return found;
}

const digits = (x: number, prime: number, power: number) => Array.from({ length: power }, (_, i) => Math.floor(x / prime ** i) % prime);
const number = (ds: readonly number[], prime: number) => ds.reduce((sum, d, i) => sum + d * prime ** i, 0);

/** The field of prime^power elements: polynomials over the prime, modulo the first one of that degree that gives no zero divisor. */
function field(prime: number, power: number): { size: number; add: number[][]; times: number[][] } {
  const size = prime ** power;
  const all = Array.from({ length: size }, (_, x) => digits(x, prime, power));
  const add = all.map((a) =>
    all.map((b) =>
      number(
        a.map((d, i) => (d + b[i]) % prime),
        prime,
      ),
    ),
  );
  const product = (a: number[], b: number[], low: number[]): number => {
    const long = new Array<number>(2 * power - 1).fill(0);
    a.forEach((x, i) => {
      b.forEach((y, j) => {
        long[i + j] = (long[i + j] + x * y) % prime;
      });
    });
    // x^power = −low: the highest terms are folded down one by one.
    for (let i = long.length - 1; i >= power; i--) {
      for (let j = 0; j < power; j++) long[i - power + j] = (long[i - power + j] + long[i] * (prime - low[j])) % prime;
    }
    return number(long.slice(0, power), prime);
  };
  for (let candidate = 0; candidate < size; candidate++) {
    const times = all.map((a) => all.map((b) => product(a, b, all[candidate])));
    if (times.every((row, a) => a === 0 || new Set(row).size === size)) return { size, add, times };
  }
  throw new Error(`no field of ${prime}^${power} elements`);
}

/** The product of the fields whose sizes are n's prime powers (n = 9 gives a field, n = 12 the fields of 3 and 4 side by side). */
export function ringOf(n: number): Ring {
  const parts = primePowers(n)
    .map(({ prime, power }) => field(prime, power))
    .sort((a, b) => a.size - b.size);
  const split = (x: number): number[] => {
    let left = x;
    return parts.map(({ size }) => {
      const part = left % size;
      left = Math.floor(left / size);
      return part;
    });
  };
  const join = (xs: number[]) => xs.reduceRight((sum, x, i) => sum * parts[i].size + x, 0);
  const by = (table: 'add' | 'times') => (a: number, b: number) => {
    const [left, right] = [split(a), split(b)];
    return join(parts.map((part, i) => part[table][left[i]][right[i]]));
  };
  const least = parts[0]?.size ?? 1;
  return {
    size: n,
    units: Array.from({ length: least }, (_, x) => join(parts.map(() => x))),
    add: by('add'),
    times: by('times'),
  };
}
