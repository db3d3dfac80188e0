import { z } from 'zod';

export const SCORINGS = ['none', 'own', 'versus', 'sides'] as const;
const words = z.string().trim().min(1).max(240);

/** What a station uses. `stays`: at the station; `bring`: carried along; `park`: left at the door of the station; `wear`: put on, taken off. */
export const StationGear = z.object({
  gearKind: z.string().min(1).max(40),
  count: z.number().int().min(1).max(60),
  per: z.enum(['student', 'pair', 'station']),
  use: z.enum(['stays', 'bring', 'park', 'wear']),
  where: z.string().max(80).optional(),
});
export type StationGear = z.infer<typeof StationGear>;

export const Station = z.object({
  id: z.string().regex(/^[a-z0-9-]{1,40}$/),
  title: z.string().trim().min(1).max(40),
  task: words,
  cues: z.array(words).max(4),
  scoring: z.enum(SCORINGS),
  /** Worked in pairs: an odd group needs a task for the odd one. */
  pairs: z.boolean(),
  /** Metres run towards the station's edge; 0 where nobody runs. */
  runM: z.number().min(0).max(30),
  gear: z.array(StationGear).max(6),
  resetBy: z.enum(['group', 'teacher', 'nobody']),
  easier: words,
  harder: words,
  /** Offered when the student shone at this one. */
  shone: words,
});
export type Station = z.infer<typeof Station>;

/** A stations game: its stations in the order of the loop. */
export const StationsGame = z.object({ stations: z.array(Station).min(2).max(12) });
export type StationsGame = z.infer<typeof StationsGame>;

/** What the teacher, the game or the band decides. `workSeconds`, `moveSeconds`, `groups` are solved where not given. */
export const StationsValues = z.object({
  /** Stations in use; `game:` and an id: another game as a station. */
  picks: z.array(z.string().max(80)).min(1, { message: 'too-small' }).max(12, { message: 'too-large' }),
  laps: z.number().int().min(1).max(4),
  direction: z.union([z.literal(1), z.literal(-1)]),
  groups: z.number().int().min(1).max(24).optional(),
  overflow: z.number().int().min(0).max(4),
  workSeconds: z.number().int().min(15).max(900).optional(),
  moveSeconds: z.number().int().min(5).max(180).optional(),
  laterLap: z.enum(['same', 'work', 'travel', 'step-back']),
  laterLapSeconds: z.number().int().min(15).max(900),
  walkSeconds: z.number().int().min(0).max(600),
  rehearseSeconds: z.number().int().min(0).max(600),
  resetSeconds: z.number().int().min(0).max(600),
  areaWidthM: z.number().min(1.5).max(15),
  areaDepthM: z.number().min(1.5).max(15),
  gapM: z.number().min(0.3).max(5),
  spacing: z.enum(['close', 'wide']),
  spacingM: z.number().min(0.6).max(6),
  oddTask: z.enum(['none', 'trio', 'caller', 'free']),
  waitingTask: z.string().trim().max(160),
  noSharing: z.boolean(),
  stopSignal: z.string().trim().max(160),
  /** Students to one implement, by station id. */
  sharing: z.record(z.string(), z.number().int().min(1).max(4)),
  /** Gear kind taken instead, by gear kind. */
  substitutes: z.record(z.string(), z.string()),
});
export type StationsValues = z.infer<typeof StationsValues>;

const id = z.string().min(1);
/** The setup of play (plays.ts). `active`: share of a group working at once; `rounds`, `laterWorkSeconds`: settings of fitted lessons. */
export const StationsPlaySetup = z.object({
  groups: z.array(z.array(id)).min(1),
  stations: z.array(z.object({ id, scoring: z.enum(SCORINGS), active: z.number().gt(0).max(1).optional() })).min(1),
  workSeconds: z.number().positive(),
  moveSeconds: z.number().min(0),
  laps: z.number().int().min(1),
  direction: z.union([z.literal(1), z.literal(-1)]).optional(),
  order: z.array(z.number().int().min(0)).optional(),
  rounds: z.number().int().min(1).optional(),
  laterWorkSeconds: z.number().positive().optional(),
});
export type StationsPlaySetup = z.infer<typeof StationsPlaySetup>;
