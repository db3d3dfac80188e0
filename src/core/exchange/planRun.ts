import type { Point } from '../geometry/point.ts';
import type { OutlineProblem } from '../model/outline.ts';

/** A line of a drawing, in the drawing's units. */
export interface PlanRun {
  points: Point[];
  closed: boolean;
  curved: boolean;
  /** Moved or turned by a transform, which is not worked out here. */
  moved?: boolean;
}

export type ReadPlan = { ok: true; runs: PlanRun[]; metresPerUnit?: number } | { ok: false; problem: OutlineProblem };

export const refusePlan = (problem: OutlineProblem): { ok: false; problem: OutlineProblem } => ({ ok: false, problem });

/** Bounds of what is read of a drawing: a plan of a room has far fewer, and time grows with the square of its lines. */
export const MOST_LINES = 4_000;
export const MOST_POINTS = 20_000;
export const MOST_ELEMENTS = 40_000;
export const MOST_DEPTH = 64;
