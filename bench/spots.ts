import { fitSpots } from '../src/core/geometry/fitSpots.ts';
import { latticeSpots } from '../src/core/geometry/lattice.ts';
import { rectPolygon } from '../src/core/geometry/point.ts';
import { spreadSpots } from '../src/core/geometry/spreadSpots.ts';
import { fixed, measure } from './measure.ts';

const HALL = { width: 26, depth: 15 };
const area = { outline: rectPolygon({ x: 0, y: 0, ...HALL }) };

/** The naive reference: rows and columns, or rows set off by half a step, whichever keeps `count` spots farther apart. */
function plainSpacing(count: number): { grid: number; setOff: number } {
  let [grid, setOff] = [0, 0];
  for (const [along, deep] of [
    [HALL.width, HALL.depth],
    [HALL.depth, HALL.width],
  ])
    for (let rows = 2; rows < count; rows++) {
      const across = Math.ceil(count / rows);
      if (across < 2) continue;
      const v = deep / (rows - 1);
      grid = Math.max(grid, Math.min(along / (across - 1), v));
      const step = along / (across - 0.5);
      setOff = Math.max(setOff, Math.min(step, Math.hypot(step / 2, v), rows > 2 ? 2 * v : Number.POSITIVE_INFINITY));
    }
  return { grid, setOff };
}

/** Spots in a hall of 26 × 15 m: spacing and counts against plain lattices, and what it takes. */
export function benchSpots(): void {
  console.log('  spots  spacing  /grid  /rows set off   time');
  for (const count of [5, 20, 60]) {
    const { spacing } = spreadSpots(area, count);
    const { grid, setOff } = plainSpacing(count);
    const { median } = measure(3, () => spreadSpots(area, count));
    console.log(
      `  ${String(count).padStart(5)} ${`${fixed(spacing, 2)} m`.padStart(8)} ${fixed(spacing / grid, 3).padStart(6)} ${fixed(spacing / setOff, 3).padStart(13)} ${fixed(median, 0).padStart(6)} ms`,
    );
  }
  console.log('  spacing  spots  lattice  ours/lattice   time');
  for (const spacing of [8.9, 4.45, 2.75]) {
    const ours = fitSpots(area, spacing).length;
    const plain = latticeSpots(HALL.width, HALL.depth, spacing);
    const { median } = measure(2, () => fitSpots(area, spacing));
    console.log(
      `  ${`${spacing} m`.padStart(7)} ${String(ours).padStart(6)} ${String(plain).padStart(8)} ${fixed(ours / plain, 3).padStart(13)} ${fixed(median, 0).padStart(6)} ms`,
    );
  }
}
