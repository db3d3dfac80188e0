import { z } from 'zod';
import { cardWords, fieldsValues, floorValue, gameWords, kindValue, placeName, roundValues, saidValue, sideValue } from '../sharedSetup.ts';

/** The setup of play (plays.ts). `catchOut`: a catch ends the turn; `hitSeconds`: from a hit to the next, for the forecast; `lone`: sides may be short; `floor`: where agents run, for try-outs. */
export const InningsPlaySetup = z.object({
  mode: z.enum(['shuttle', 'bases']),
  sides: z.array(sideValue).min(2).max(3),
  innings: z.number().int().min(1),
  capSeconds: z.number().min(0).optional(),
  catchOut: z.boolean().optional(),
  hitSeconds: z.number().positive().optional(),
  playSeconds: z.number().min(0).optional(),
  lone: z.boolean().optional(),
  floor: floorValue.optional(),
});
export type InningsPlaySetup = z.infer<typeof InningsPlaySetup>;

/** Hit, run, field: small games for two to four, or sides that bat until everybody has come home. */
export const InningsGame = z.object({
  mode: z.enum(['shuttle', 'bases']),
  /** What a field is called. */
  field: placeName,
  objects: z.array(kindValue).min(1).max(6),
  implement: kindValue.optional(),
  /** What the ball is hit from, and what marks bases and turning points. */
  tee: kindValue.optional(),
  marker: kindValue,
  /** How the ball gets to the hitter, and what the fielders do. */
  feed: gameWords,
  fielding: gameWords,
  start: gameWords,
  ...cardWords,
});
export type InningsGame = z.infer<typeof InningsGame>;

/** What the teacher, the game or the band decides. `innings` 0: as many as there is time for; `capSeconds` 0: none. */
export const InningsValues = z.object({
  object: kindValue,
  innings: z.number().int().min(0).max(20),
  capSeconds: z.number().int().min(0).max(900),
  catchOut: z.boolean(),
  runM: z.number().min(2).max(20),
  stopSignal: saidValue,
  ...roundValues,
  ...fieldsValues,
});
export type InningsValues = z.infer<typeof InningsValues>;
