import { closestApproach } from '../../geometry/closestApproach.ts';
import { distance, type Point } from '../../geometry/point.ts';
import type { PlanContext } from '../format.ts';
import type { RelayGame, RelayValues } from './setup.ts';

type CrossingContext = Pick<PlanContext<RelayGame, RelayValues>, 'values' | 'defaults'>;

/** Distance that two who run through the middle keep at the least, m. House figure, local rules decide. */
export const CLEAR_M = 1.5;
/** How much wider than deep the rectangle is, and steps in which lines are shifted. */
const WIDE = 1.3;
const STEP_M = 0.25;
/** Share of the band's sprint that a leg with an object and a turn is run at. House figure. */
const EFFORT = 0.75;

/** Metres a second on the way. */
export const legSpeed = ({ defaults }: Pick<CrossingContext, 'defaults'>): number => EFFORT * defaults.sprint;

interface CrossingShape {
  acrossM: number;
  sideM: number;
  diagonalM: number;
  /** Where each line starts, from the lower left of the rectangle; line 1 runs to line 2, that one to line 3, and so on. */
  starts: [Point, Point, Point, Point];
  /** How far line 3 is shifted up its side, and how much later lines 3 and 4 start; m and seconds. */
  shiftM: number;
  laterSeconds: number;
  /** How near two come in the middle, m. */
  nearestM: number;
}

function startsOf(acrossM: number, sideM: number, shiftM: number): CrossingShape['starts'] {
  return [
    { x: 0, y: 0 },
    { x: acrossM, y: sideM },
    { x: acrossM, y: shiftM },
    { x: 0, y: sideM },
  ];
}

/** How near the two diagonals' runners come, if lines 3 and 4 start later; also to the runner of the turn before. */
function nearest(starts: CrossingShape['starts'], speed: number, laterSeconds: number, periodSeconds: number): number {
  const [one, two, three, four] = starts;
  const first = { from: one, to: two, at: 0, speed };
  return Math.min(
    ...[laterSeconds, laterSeconds - periodSeconds].map((at) =>
      closestApproach({ ...first, at: periodSeconds }, { from: three, to: four, at: periodSeconds + at, speed }),
    ),
  );
}

/**
 * The rectangle of a crossing. Lines 1 and 3 run its diagonals and meet in the middle if they start together: half a leg between them,
 * or a start that is shifted along its side, keeps them `CLEAR_M` apart if the rectangle is large enough.
 */
export function crossingShape({ values, defaults }: CrossingContext): CrossingShape {
  const sideM = values.legM;
  const acrossM = Math.round(sideM * WIDE * 10) / 10;
  const speed = legSpeed({ defaults });
  const diagonalM = Math.hypot(acrossM, sideM);
  const period = diagonalM / speed + values.handoverSeconds + values.actionSeconds;
  const at = (shiftM: number, laterSeconds: number): CrossingShape => {
    const starts = startsOf(acrossM, sideM, shiftM);
    return { acrossM, sideM, diagonalM, starts, shiftM, laterSeconds, nearestM: nearest(starts, speed, laterSeconds, period) };
  };
  if (values.offset === 'half-leg') return at(0, distance({ x: 0, y: 0 }, { x: acrossM, y: sideM }) / speed / 2);
  if (values.offset === 'together') return at(0, 0);
  let best = at(0, 0);
  for (let shift = STEP_M; shift <= sideM * 0.6 && best.nearestM < CLEAR_M; shift += STEP_M) best = at(shift, 0);
  return best;
}
