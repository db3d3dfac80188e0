import { z } from 'zod';

const id = z.string().min(1);
export const CLASH_MODES = ['drive', 'topple', 'protect', 'pen'] as const;

/**
 * The setup of play (plays.ts). `members` include feeders and guards. `targets`: those of each side's row, in 'topple' and
 * 'protect'; `to`: the score that ends play, except in 'protect', where the score is what still stands.
 */
export const ClashPlaySetup = z.object({
  mode: z.enum(CLASH_MODES),
  sides: z
    .array(z.object({ id, members: z.array(id), feeders: z.array(id).optional(), guards: z.array(id).optional() }))
    .min(2)
    .max(4),
  targets: z.number().int().min(1).default(3),
  to: z.number().int().min(1).optional(),
});
export type ClashPlaySetup = z.infer<typeof ClashPlaySetup>;
