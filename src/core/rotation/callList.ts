import { type Rng, seededRng, shuffled } from '../rng.ts';

export interface CallRequest {
  /** Sizes of the two sides. */
  sides: readonly [number, number];
  /** Numbers called at once. */
  atOnce: number;
  calls: number;
  seed: number;
}

/** How far apart two numbers may be while the list is under way; at its end, one. */
const UNDER_WAY = 2;

function check({ sides, atOnce, calls, seed }: CallRequest): void {
  if (!Array.isArray(sides) || sides.length !== 2) throw new RangeError(`invalid sides: ${String(sides)}`);
  for (const size of sides)
    if (!Number.isInteger(size) || size < 1 || size > 200) throw new RangeError(`invalid sides: ${sides.join(', ')}`);
  if (!Number.isInteger(atOnce) || atOnce < 1 || atOnce > Math.max(...sides)) throw new RangeError(`invalid atOnce: ${atOnce}`);
  if (!Number.isInteger(calls) || calls < 0 || calls > 5000) throw new RangeError(`invalid calls: ${calls}`);
  if (!Number.isFinite(seed)) throw new RangeError(`invalid seed: ${seed}`);
}

const same = (a: readonly number[] | undefined, b: readonly number[] | undefined) =>
  !!a && !!b && a.length === b.length && a.every((x) => b.includes(x));

/** Numbers drawn out of shuffled packs: everyone once before anyone twice, no pairing twice running. */
function fromPacks(n: number, { atOnce, calls }: CallRequest, random: Rng): number[][] {
  const list: number[][] = [];
  let call: number[] = [];
  const pack = () =>
    shuffled(
      Array.from({ length: n }, (_, i) => i + 1),
      random,
    );
  let left = pack();
  while (list.length < calls) {
    if (!left.length) {
      // The next pack may not begin with a number that this call already holds, nor repeat the call before.
      do left = pack();
      while (
        n > atOnce &&
        (left.slice(0, atOnce - call.length).some((x) => call.includes(x)) ||
          same([...call, ...left.slice(0, atOnce - call.length)], list.at(-1)))
      );
    }
    call.push(left.shift()!);
    if (call.length < atOnce) continue;
    list.push(call);
    call = [];
  }
  return list;
}

/** Exchanges numbers between near calls where all stays fair, so that who has not been called is no longer told by who has. */
function blurred(list: number[][], n: number, random: Rng): number[][] {
  const calls = list.map((call) => [...call]);
  const fair = (from: number, to: number): boolean => {
    const counts = new Int32Array(n + 1);
    for (let i = 0; i <= to; i++) {
      for (const x of calls[i]) counts[x]++;
      if (i >= from && Math.max(...counts.subarray(1)) - Math.min(...counts.subarray(1)) > UNDER_WAY) return false;
    }
    return true;
  };
  const again = (i: number) => same(calls[i], calls[i - 1]) || same(calls[i], calls[i + 1]);
  const reach = Math.max(2, Math.ceil(n / (list[0]?.length ?? 1)));
  for (let t = 0; t < Math.min(calls.length * 4, 2000); t++) {
    const i = random.below(calls.length);
    const j = i + 1 + random.below(reach);
    if (j >= calls.length) continue;
    const [x, y] = [random.below(calls[i].length), random.below(calls[j].length)];
    const [a, b] = [calls[i][x], calls[j][y]];
    if (a === b || calls[i].includes(b) || calls[j].includes(a)) continue;
    calls[i][x] = b;
    calls[j][y] = a;
    if (fair(i, j) && !again(i) && !again(j)) continue;
    calls[i][x] = a;
    calls[j][y] = b;
  }
  return calls;
}

/**
 * The numbers called, from 1 to the larger side's size: at the list's end every number within one call of every other and on
 * the way within two, so that nobody knows who is left; never the same pairing twice running where another exists; drawn by
 * the seed. RangeError on sides that are not whole from 1, or more numbers at once than there are.
 */
export function callList(request: CallRequest): { calls: number[][] } {
  check(request);
  const n = Math.max(...request.sides);
  const random = seededRng(request.seed);
  const list = fromPacks(n, request, random);
  return { calls: n > request.atOnce ? blurred(list, n, random) : list };
}
