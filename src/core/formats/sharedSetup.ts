import { z } from 'zod';

/** Values of the settings that `roundSettings` gives, for a format's own values; `workSeconds` is solved if it is not set. */
export const roundValues = {
  bouts: z.number().int().min(1).max(8),
  workSeconds: z.number().int().min(20).max(1800).optional(),
  breakSeconds: z.number().int().min(0).max(300),
  walkSeconds: z.number().int().min(0).max(600),
  rehearseSeconds: z.number().int().min(0).max(600),
  resetSeconds: z.number().int().min(0).max(600),
};

/** A value of `SPACING`. */
export const spacingValue = z.enum(['close', 'wide']);
