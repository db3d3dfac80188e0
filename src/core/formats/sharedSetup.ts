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

/** An id of a student, a side, a place. */
export const idValue = z.string().min(1);
/** A sentence of a game. */
export const gameWords = z.string().trim().min(1).max(240);
/** What a place or a side is called. */
export const placeName = z.string().trim().min(1).max(24);
/** A kind of gear. */
export const kindValue = z.string().min(1).max(40);
/** What every game says on its cards. */
export const cardWords = { task: gameWords, cues: z.array(gameWords).max(4), easier: gameWords, harder: gameWords };
/** Two or more sides by id with their members. */
export const sideValue = z.object({ id: idValue, members: z.array(idValue) });

/** A value of `SPACING`. */
export const spacingValue = z.enum(['close', 'wide']);
/** Values of `FIELD_SETTINGS`. */
export const fieldValues = { edgeM: z.number().min(0.5).max(5), spacing: spacingValue };
/** A value of `STOP_SIGNAL`, and of `waitingTask`. */
export const saidValue = z.string().trim().max(160);

/** Values of the settings that `fieldSettings` gives. */
export const fieldsValues = {
  perField: z.number().int().min(2).max(40),
  fields: z.number().int().min(1).max(16).optional(),
  widthM: z.number().min(2).max(30),
  lengthM: z.number().min(2).max(40),
  gapM: z.number().min(0).max(5),
  spacing: spacingValue,
};

const floorPoint = z.object({ x: z.number(), y: z.number() });
/** The floor of a play as agents run on it: its outline, what stands on it by name, and how fast students of the band sprint, m/s. */
export const floorValue = z.object({
  outline: z.array(floorPoint).min(3),
  spots: z.record(z.string(), floorPoint).optional(),
  sprint: z.number().positive(),
});
export type FloorValue = z.infer<typeof floorValue>;
