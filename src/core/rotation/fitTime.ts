import type { SharedFinding } from '../model/findingCodes.ts';

export interface TimeBlock {
  id: string;
  least: number;
  most: number;
  weight: number;
}
export type TimeResult =
  | { ok: true; seconds: Record<string, number>; spare: number }
  | { ok: false; findings: SharedFinding[]; over: number };

function check(request: { periodSeconds: number; blocks: readonly TimeBlock[] }): void {
  const { periodSeconds, blocks } = request;
  if (!Number.isInteger(periodSeconds) || periodSeconds < 0) throw new RangeError(`invalid periodSeconds: ${periodSeconds}`);
  if (!Array.isArray(blocks)) throw new RangeError(`invalid blocks: ${String(blocks)}`);
  const seen = new Set<string>();
  for (const { id, least, most, weight } of blocks) {
    if (typeof id !== 'string' || seen.has(id)) throw new RangeError(`invalid or repeated block id: ${id}`);
    seen.add(id);
    if (!Number.isInteger(least) || least < 0) throw new RangeError(`invalid least of ${id}: ${least}`);
    if (!Number.isInteger(most) || most < least) throw new RangeError(`invalid most of ${id}: ${most}`);
    if (!Number.isFinite(weight) || weight < 0) throw new RangeError(`invalid weight of ${id}: ${weight}`);
  }
}

const share = (b: TimeBlock, lambda: number) => (b.weight === 0 ? b.least : Math.min(b.most, Math.max(b.least, lambda * b.weight)));

/** The λ at which clamp(λ·weight) sums to `target`: exact, between two neighbouring break points of a rising broken line. */
function levelFor(blocks: readonly TimeBlock[], target: number): number {
  const total = (lambda: number) => blocks.reduce((sum, b) => sum + share(b, lambda), 0);
  const breaks = [...new Set(blocks.filter((b) => b.weight > 0).flatMap((b) => [b.least / b.weight, b.most / b.weight]))].sort(
    (a, b) => a - b,
  );
  let low = 0;
  for (const lambda of breaks) {
    if (total(lambda) < target) {
      low = lambda;
      continue;
    }
    const from = total(low);
    const rise = total(lambda) - from;
    return rise === 0 ? lambda : low + ((target - from) / rise) * (lambda - low);
  }
  return breaks.at(-1) ?? 0;
}

/**
 * Whole seconds for each block: clamp(λ·weight, least, most) with one λ such that they fill the period, rounded by largest
 * remainder, ties to the earlier block. Weight 0 stays at least; `spare` cannot be placed. Finding 'over-time' where even
 * the least does not fit, with `over` seconds. RangeError on bounds that are not whole or out of order, or a repeated id.
 */
export function fitTime(request: { periodSeconds: number; blocks: readonly TimeBlock[] }): TimeResult {
  check(request);
  const { periodSeconds, blocks } = request;
  const least = blocks.reduce((sum, b) => sum + b.least, 0);
  if (least > periodSeconds) {
    const over = least - periodSeconds;
    return { ok: false, over, findings: [{ code: 'over-time', weight: 'stop', at: {}, data: { over, least, periodSeconds } }] };
  }
  const most = blocks.reduce((sum, b) => sum + (b.weight > 0 ? b.most : b.least), 0);
  const target = Math.min(periodSeconds, most);
  const lambda = levelFor(blocks, target);
  const exact = blocks.map((b) => share(b, lambda));
  const whole = exact.map((x) => Math.floor(x + 1e-9));
  let left = target - whole.reduce((sum, x) => sum + x, 0);
  const byRemainder = exact
    .map((x, i) => ({ i, rest: Math.round((x - whole[i]) * 1e9) }))
    .filter(({ i }) => blocks[i].weight > 0 && whole[i] < blocks[i].most)
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of byRemainder) {
    if (left <= 0) break;
    whole[i] += 1;
    left -= 1;
  }
  return { ok: true, seconds: Object.fromEntries(blocks.map((b, i) => [b.id, whole[i]])), spare: periodSeconds - target };
}
