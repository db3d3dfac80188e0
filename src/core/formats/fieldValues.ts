import { z } from 'zod';
import { spacingValue } from './sharedSetup.ts';

/** Values of the settings that `fieldSettings` gives. */
export const fieldsValues = {
  perField: z.number().int().min(2).max(40),
  fields: z.number().int().min(1).max(16).optional(),
  widthM: z.number().min(2).max(30),
  lengthM: z.number().min(2).max(40),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
};
