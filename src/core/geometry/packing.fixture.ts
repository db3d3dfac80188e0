import type { Area } from './area.ts';
import type { Placement } from './packRows.ts';
import { edgesOf, insidePolygon, type Point, polygonDistance, rectPolygon, segmentDistance } from './point.ts';

/** Plain distances, nothing shared with the packer: inside, clear, apart. */
export function broken(area: Area, units: readonly Placement[], gap: number): string[] {
  const wrong: string[] = [];
  const c = area.wallClearance ?? 0;
  units.forEach((u, i) => {
    const corners = rectPolygon(u);
    const middle = { x: u.x + u.width / 2, y: u.y + u.depth / 2 };
    if (!insidePolygon(area.outline, middle)) wrong.push(`${i} outside`);
    const wall = Math.min(...edgesOf(area.outline).flatMap((w) => edgesOf(corners).map((e) => segmentDistance(e, w))));
    if (wall < c - 1e-6) wrong.push(`${i} wall ${wall}`);
    for (const k of area.keepOut ?? []) if (c > 0 && polygonDistance(corners, k) < c - 1e-6) wrong.push(`${i} keepOut`);
    units.slice(i + 1).forEach((v, j) => {
      const dx = Math.max(v.x - (u.x + u.width), u.x - (v.x + v.width));
      const dy = Math.max(v.y - (u.y + u.depth), u.y - (v.y + v.depth));
      if (Math.max(dx, dy) < gap - 1e-6) wrong.push(`${i} and ${i + j + 1} ${Math.max(dx, dy)}`);
    });
  });
  return wrong;
}

/** The naive twin: whole grids of one orientation at 24 × 24 offsets. */
export function bestGrid(area: Area, unit: { width: number; depth: number; gap: number }, turns: boolean): number {
  const c = area.wallClearance ?? 0;
  const box = { w: Math.max(...area.outline.map((p) => p.x)), d: Math.max(...area.outline.map((p) => p.y)) };
  // Shrunk by a hair, so that touching is allowed and cutting is not.
  const fits = (x: number, y: number, w: number, d: number) => {
    const corners = rectPolygon({ x: x + 1e-7, y: y + 1e-7, width: w - 2e-7, depth: d - 2e-7 });
    const near = (polygon: readonly Point[]) =>
      edgesOf(polygon).some((wall) => edgesOf(corners).some((e) => segmentDistance(e, wall) <= Math.max(0, c - 1e-6)));
    if (corners.some((p) => !insidePolygon(area.outline, p)) || near(area.outline)) return false;
    return !(area.keepOut ?? []).some((k) => near(k) || insidePolygon(k, corners[0]) || insidePolygon(corners, k[0]));
  };
  let best = 0;
  for (const [w, d] of turns
    ? [
        [unit.width, unit.depth],
        [unit.depth, unit.width],
      ]
    : [[unit.width, unit.depth]]) {
    for (let i = 0; i < 24; i++) {
      for (let j = 0; j < 24; j++) {
        let count = 0;
        for (let x = (i / 24) * (w + unit.gap); x + w <= box.w; x += w + unit.gap)
          for (let y = (j / 24) * (d + unit.gap); y + d <= box.d; y += d + unit.gap) if (fits(x, y, w, d)) count++;
        best = Math.max(best, count);
      }
    }
  }
  return best;
}

export const postAt = (x: number, y: number) => rectPolygon({ x, y, width: 1.5, depth: 1.5 });
/** A room of w × d with its upper right corner of a × b taken off. */
export const cornerOff = (w: number, d: number, a: number, b: number): Point[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: d - b },
  { x: w - a, y: d - b },
  { x: w - a, y: d },
  { x: 0, y: d },
];

/** Another naive twin: the most units by cutting a room of half metres in two, and each part again, down to single units. */
export function cutAgain(
  area: Area,
  w: number,
  d: number,
  unit: { width: number; depth: number; gap: number },
  turn: 'any' | 'never',
): number {
  const gap = unit.gap * 2;
  const sizes = [[unit.width, unit.depth], ...(turn === 'any' ? [[unit.depth, unit.width]] : [])].map(([a, b]) => [a * 2, b * 2]);
  const blocked = (x: number, y: number) => {
    const at = { x: x / 2 + 0.25, y: y / 2 + 0.25 };
    return !insidePolygon(area.outline, at) || (area.keepOut ?? []).some((k) => insidePolygon(k, at));
  };
  const [W, D] = [w * 2, d * 2];
  const fits = sizes.map(([a, b]) => {
    const at = new Set<number>();
    for (let x = 0; x + a <= W; x++)
      for (let y = 0; y + b <= D; y++) {
        let free = true;
        for (let i = x; i < x + a && free; i++) for (let j = y; j < y + b && free; j++) free = !blocked(i, j);
        if (free) at.add(x * 100 + y);
      }
    return at;
  });
  const known = new Map<number, number>();
  const most = (x0: number, y0: number, x1: number, y1: number): number => {
    const key = ((x0 * 64 + y0) * 64 + x1) * 64 + y1;
    const seen = known.get(key);
    if (seen !== undefined) return seen;
    let best = 0;
    for (const [k, [a, b]] of sizes.entries())
      for (let x = x0; x + a <= x1 && !best; x++) for (let y = y0; y + b <= y1 && !best; y++) if (fits[k].has(x * 100 + y)) best = 1;
    if (best) {
      for (let c = x0 + 1; c + gap < x1; c++) best = Math.max(best, most(x0, y0, c, y1) + most(c + gap, y0, x1, y1));
      for (let c = y0 + 1; c + gap < y1; c++) best = Math.max(best, most(x0, y0, x1, c) + most(x0, c + gap, x1, y1));
    }
    known.set(key, best);
    return best;
  };
  return most(0, 0, W, D);
}
