import { z } from 'zod';

const id = z.string().min(1);

/**
 * The setup of play on one loop (plays.ts). Seconds of an element: mean and spread; `capacity`: how many at once; `skippedBy`:
 * students who go past it. `starts[i]`: index of player i's first element. Bout and rest serve the timeline.
 */
export const CoursePlaySetup = z.object({
  players: z.array(id),
  elements: z
    .array(
      z.object({
        id,
        seconds: z.number().positive(),
        sd: z.number().min(0).optional(),
        capacity: z.number().int().min(1),
        skippedBy: z.array(id).optional(),
        noOvertaking: z.boolean().optional(),
      }),
    )
    .min(1),
  headwaySeconds: z.number().min(0),
  starts: z.array(z.number().int().min(0)).optional(),
  boutSeconds: z.number().positive().optional(),
  restSeconds: z.number().min(0).optional(),
});
export type CoursePlaySetup = z.infer<typeof CoursePlaySetup>;
