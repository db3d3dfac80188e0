import type { Area } from '../geometry/area.ts';
import { type Span, spanFinder } from '../geometry/freeSpans.ts';
import { boundsOf, type Rect } from '../geometry/point.ts';

const STEP = 0.1;
const snap = (v: number) => Math.round(v / STEP) * STEP;

/** Spans with the stretches taken out in which the unit would come nearer than `gap` to another in both directions. */
function besides(spans: readonly Span[], unit: Rect, y: number, others: readonly Rect[], gap: number): readonly Span[] {
  return others.reduce<readonly Span[]>((left, o) => {
    if (y >= o.y + o.depth + gap - 1e-9 || y + unit.depth <= o.y - gap + 1e-9) return left;
    const from = o.x - unit.width - gap;
    const to = o.x + o.width + gap;
    return left.flatMap(([a, b]): Span[] => [
      ...(a <= from ? [[a, Math.min(b, from)] as const] : []),
      ...(b >= to ? [[Math.max(a, to), b] as const] : []),
    ]);
  }, spans);
}

/**
 * The clear place nearest to where a unit stands, or undefined: `clearance` from walls and keepOut, `gap` from the others.
 * Rows 0.1 m apart, ever further from the unit; along a row the free spans are exact, the answer snapped to 0.1 m inside them.
 */
export function nearestClear(
  area: Area,
  unit: Rect,
  others: readonly Rect[],
  clearance: number,
  gap: number,
): { x: number; y: number } | undefined {
  const box = boundsOf(area.outline);
  const kept = { ...area, wallClearance: clearance };
  const spansAt = spanFinder(kept, unit.width, unit.depth);
  const rows: number[] = [];
  for (let y = Math.ceil((box.y + clearance) / STEP) * STEP; y + unit.depth <= box.y + box.depth - clearance + 1e-9; y += STEP)
    rows.push(snap(y));
  rows.sort((a, b) => Math.abs(a - unit.y) - Math.abs(b - unit.y) || a - b);
  let best: { x: number; y: number; far: number } | undefined;
  for (const y of rows) {
    const dy = Math.abs(y - unit.y);
    if (best && dy >= best.far) break;
    for (const [from, to] of besides(spansAt(y), unit, y, others, gap)) {
      const near = Math.min(to, Math.max(from, unit.x));
      const snapped = snap(near) < from - 1e-9 ? snap(near) + STEP : snap(near) > to + 1e-9 ? snap(near) - STEP : snap(near);
      const x = snapped >= from - 1e-9 && snapped <= to + 1e-9 ? Math.round(snapped * 1e6) / 1e6 : near;
      const far = Math.hypot(x - unit.x, dy);
      if (!best || far < best.far - 1e-9) best = { x, y: Math.round(y * 1e6) / 1e6, far };
    }
  }
  return best && { x: best.x, y: best.y };
}
