import { z } from 'zod';

const id = z.string().min(1);
const share = z.number().min(0).max(1);

/**
 * The setup of play for one student's lane (plays.ts). `ladder`: steps from the easiest; `step`: index of the one to begin at.
 * A step up is suggested from `up` of at least `enough` tries made, a step down to `down` of them.
 */
export const LanePlaySetup = z.object({
  player: id,
  ladder: z.array(id).min(1),
  step: z.number().int().min(0),
  enough: z.number().int().min(1).default(10),
  up: share.default(0.8),
  down: share.default(0.4),
});
export type LanePlaySetup = z.infer<typeof LanePlaySetup>;
