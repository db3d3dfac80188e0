import { fitTime, type TimeBlock, type TimeResult } from './fitTime.ts';

/** Times that are chosen automatically are told on the strip and on paper: nobody runs a lesson by the second. */
const STEP = 5;

/** The longest whole 5 s within, at least 5. */
export const fives = (seconds: number): number => Math.max(STEP, Math.floor(seconds / STEP + 1e-9) * STEP);

/** The shortest whole 5 s that hold it. */
export const upToFives = (seconds: number): number => Math.ceil(seconds / STEP) * STEP;

/**
 * `fitTime` in steps of 5 s. Blocks without room to choose keep their length, whatever it is; the few seconds that are then left
 * over go to the last block that can take them. Where only whole seconds fit, they are whole seconds.
 */
export function fitFives(request: { periodSeconds: number; blocks: readonly TimeBlock[] }): TimeResult {
  const { periodSeconds, blocks } = request;
  const steps = blocks.map((b) => ({ ...b, least: Math.ceil(b.least / STEP), most: Math.floor(b.most / STEP) }));
  const free = steps.filter((b, i) => blocks[i].most > blocks[i].least && b.most >= b.least);
  const kept = blocks.filter((b) => !free.some((f) => f.id === b.id)).reduce((sum, b) => sum + b.least, 0);
  const room = Math.floor((periodSeconds - kept) / STEP);
  const inSteps = room < 0 ? null : fitTime({ periodSeconds: room, blocks: free });
  if (!inSteps?.ok) return fitTime(request);
  const seconds = Object.fromEntries(blocks.map((b) => [b.id, b.id in inSteps.seconds ? inSteps.seconds[b.id] * STEP : b.least]));
  let spare = periodSeconds - Object.values(seconds).reduce((sum, s) => sum + s, 0);
  const last = blocks.findLast((b) => b.id in inSteps.seconds && b.weight > 0 && seconds[b.id] + spare <= b.most);
  if (last && spare < STEP) {
    seconds[last.id] += spare;
    spare = 0;
  }
  return { ok: true, seconds, spare };
}
