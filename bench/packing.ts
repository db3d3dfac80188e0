import { MILL_GYM } from '../src/content/demo.ts';
import { validateLayout } from '../src/core/arrange/validate.ts';
import { packUnits } from '../src/core/geometry/packUnits.ts';
import { roomArea } from '../src/core/model/room.ts';
import { fixed, measure } from './measure.ts';

/** The naive reference: the best whole grid of either orientation at 16 × 16 offsets. */
function bestGrid(area: ReturnType<typeof roomArea>, unit: { width: number; depth: number; gap: number }): number {
  let best = 0;
  for (const [width, depth] of [
    [unit.width, unit.depth],
    [unit.depth, unit.width],
  ])
    for (let i = 0; i < 16; i++)
      for (let j = 0; j < 16; j++) {
        let count = 0;
        for (let x = (i / 16) * (width + unit.gap); x < 26; x += width + unit.gap)
          for (let y = (j / 16) * (depth + unit.gap); y < 15; y += depth + unit.gap)
            if (!validateLayout(area, [{ x, y, width, depth }], [area.wallClearance ?? 0], 0).length) count++;
        best = Math.max(best, count);
      }
  return best;
}

/** How many units stand in the Mill Gym against a plain grid. */
export function benchPacking(): void {
  console.log('  unit            ours  grid  ours/grid   time');
  const area = roomArea(MILL_GYM, 1);
  for (const unit of [
    { width: 6, depth: 4, gap: 1 },
    { width: 4, depth: 3, gap: 1 },
    { width: 2.6, depth: 1.7, gap: 0.5 },
  ]) {
    const ours = packUnits(area, unit).length;
    const grid = bestGrid(area, unit);
    const { median } = measure(5, () => packUnits(area, unit));
    console.log(
      `  ${`${unit.width} × ${unit.depth}, ${unit.gap}`.padEnd(14)} ${String(ours).padStart(5)} ${String(grid).padStart(5)} ${fixed(ours / grid, 2).padStart(10)} ${fixed(median)} ms`,
    );
  }
}
