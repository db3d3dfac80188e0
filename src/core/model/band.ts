import { z } from 'zod';

export const GRADES = ['Pre-K', 'K', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12'] as const;
export const Grade = z.enum(GRADES, { message: 'choice' });
export type Grade = z.infer<typeof Grade>;

export const BANDS = ['pre-k', 'k-1', '2-3', '4-5', '6-8', '9-12'] as const;
export const Band = z.enum(BANDS, { message: 'choice' });
export type Band = z.infer<typeof Band>;

/** The grade band that a grade belongs to. */
export function bandOf(grade: Grade): Band {
  const at = GRADES.indexOf(grade);
  return at === 0 ? 'pre-k' : at <= 2 ? 'k-1' : at <= 4 ? '2-3' : at <= 6 ? '4-5' : at <= 9 ? '6-8' : '9-12';
}

const span = z.tuple([z.number(), z.number()]);

/** House defaults of one band; editable, and marked as house defaults wherever shown. Source: house table, local rules decide. */
export const BandDefaults = z.object({
  /** Seconds at full effort. */
  workBout: span,
  /** Seconds at a station. */
  stay: span,
  settleSeconds: z.number(),
  explainMinutes: z.number(),
  groupSize: span,
  moveSpeed: z.number(),
  /** Average sprint, m/s; safety uses 1.2 ×. */
  sprint: z.number(),
  acceleration: z.number(),
  braking: z.number(),
  armReach: z.number(),
  swingStep: z.number(),
  /** Target distances near, middle, far (m). */
  targets: z.tuple([z.number(), z.number(), z.number()]),
  /** Floor per student when vigorous, m². */
  floorPerStudent: z.number(),
});
export type BandDefaults = z.infer<typeof BandDefaults>;

const row = (
  workBout: [number, number],
  stay: [number, number],
  settleSeconds: number,
  explainMinutes: number,
  groupSize: [number, number],
  speeds: [move: number, sprint: number, acceleration: number, braking: number],
  swing: [reach: number, step: number],
  targets: [number, number, number],
  floorPerStudent: number,
): BandDefaults => ({
  workBout,
  stay,
  settleSeconds,
  explainMinutes,
  groupSize,
  moveSpeed: speeds[0],
  sprint: speeds[1],
  acceleration: speeds[2],
  braking: speeds[3],
  armReach: swing[0],
  swingStep: swing[1],
  targets,
  floorPerStudent,
});

export const HOUSE_DEFAULTS: Record<Band, BandDefaults> = {
  'pre-k': row([15, 20], [60, 90], 25, 1, [1, 2], [0.7, 2.8, 1.7, 1.8], [0.42, 0.3], [1, 2, 3], 7),
  'k-1': row([20, 30], [60, 120], 20, 2, [2, 3], [0.8, 3.5, 2.0, 2.0], [0.5, 0.4], [2, 3, 4], 8),
  '2-3': row([25, 40], [60, 150], 15, 3, [2, 4], [1.0, 4.3, 2.3, 2.3], [0.58, 0.5], [3, 4.5, 6], 9),
  '4-5': row([30, 45], [90, 180], 12, 3, [3, 5], [1.2, 5.0, 2.6, 2.6], [0.66, 0.6], [4, 6, 8], 10),
  '6-8': row([40, 60], [90, 240], 10, 4, [3, 6], [1.3, 6.0, 3.0, 3.0], [0.74, 0.7], [5, 8, 11], 11),
  '9-12': row([45, 90], [120, 300], 10, 5, [3, 8], [1.3, 6.8, 3.3, 3.2], [0.8, 0.8], [6, 10, 14], 12),
};

/** Limits that hold for all bands: share of waiting, seconds of sitting out, share of active time. */
export const HOUSE_LIMITS = { waitingShare: 0.3, sittingOutSeconds: 30, activeTarget: 0.5 };
