import { fitTime, type TimeResult } from '../rotation/fitTime.ts';

/** A block of a lesson under way: bounds and weight as `fitTime` takes them; pinned ones keep their length. */
export interface RunningBlock {
  id: string;
  least: number;
  most: number;
  weight: number;
  pinned?: boolean;
  /** What it was planned to last. */
  seconds: number;
}

/**
 * The time that is left shared out anew: block `index` has run for `elapsed` seconds and `left` seconds remain to the bell. What
 * has run stays; the block under way is at least as long as it has run and, where that is over its most, just so long; the ones
 * after it share the rest within their bounds, pinned ones as planned. The lengths of all blocks from `index` on; finding
 * 'over-time' where even the least does not fit. RangeError on an unknown index or seconds that are no whole number from 0.
 */
export function timeLeft(blocks: readonly RunningBlock[], index: number, elapsed: number, left: number): TimeResult {
  if (!Number.isInteger(index) || index < 0 || index >= blocks.length) throw new RangeError(`invalid index: ${index}`);
  for (const [name, value] of Object.entries({ elapsed, left }))
    if (!Number.isInteger(value) || value < 0) throw new RangeError(`invalid ${name}: ${value}`);
  const rest = blocks.slice(index).map((block, i) => {
    const [least, most] = block.pinned ? [block.seconds, block.seconds] : [block.least, block.most];
    const run = i === 0 ? elapsed : 0;
    return { id: block.id, weight: block.weight, least: Math.max(least, run), most: Math.max(most, run) };
  });
  return fitTime({ periodSeconds: elapsed + left, blocks: rest });
}
