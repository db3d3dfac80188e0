import { z } from 'zod';
import { AdaptCosts, AdaptFigures } from './adaptFigures.ts';
import { Band, BandDefaults, HOUSE_DEFAULTS } from './band.ts';
import { FloorChangeFigures, HOUSE_FLOOR_CHANGE } from './floorChangeFigures.ts';
import { GearKind } from './gearKind.ts';
import { FloorLimits, HOUSE_FLOOR_LIMITS } from './limits.ts';
import { recordFields } from './record.ts';
import { LADDER_FIGURES, LadderFigures, SkillLadder } from './skillLadder.ts';
import { line, mapKey, optionalLine } from './text.ts';
import { Timetable } from './timetable.ts';

/** What follows an offence: a word, out of play until the next restart, out for the rest of the game. */
export const LADDER_STEPS = ['word', 'restart', 'rest'] as const;
export const LadderStep = z.enum(LADDER_STEPS, { message: 'choice' });
export type LadderStep = z.infer<typeof LadderStep>;

export const ADULT_CAN = ['spot', 'guide', 'sign', 'prompt', 'push'] as const;
/** An adult who helps in lessons, and what they are trained or asked to do. */
export const Adult = z.object({
  id: mapKey(64),
  name: line(40),
  can: z.array(z.enum(ADULT_CAN, { message: 'choice' })).max(5),
});
export type Adult = z.infer<typeof Adult>;

/** A set of gear with a name of its own. */
export const Kit = z.object({
  id: mapKey(64),
  name: line(60),
  items: z.array(z.object({ gearId: mapKey(64), count: z.number().int().min(1).max(999) })).max(30, { message: 'too-many' }),
});
export type Kit = z.infer<typeof Kit>;

/** Settings of the school: units, keys, the one stop signal, and bands whose house defaults were changed. */
export const School = z.object({
  ...recordFields('school', 1),
  name: line(80),
  units: z.enum(['m', 'ft'], { message: 'choice' }),
  singleKeys: z.boolean(),
  stopSignal: optionalLine(160),
  bands: z.partialRecord(Band, BandDefaults.partial()),
  /** Limits of the floor that the school changed. */
  limits: FloorLimits.partial().optional(),
  /** What follows a student's first, second, third offence in a lesson; the last step for every later one. */
  ladder: z.array(LadderStep).min(1).max(5).optional(),
  /** Kinds of gear that the catalogue does not have, or that the school knows differently. */
  gearKinds: z.array(GearKind).max(300, { message: 'too-many' }).optional(),
  /** What the school calls gear of a kind, as it was told; holds over the names that everybody uses. */
  gearNames: z
    .array(z.object({ name: line(60), kind: mapKey(40) }))
    .max(400, { message: 'too-many' })
    .optional(),
  /** Gear that is taken out together, by item. */
  kits: z.array(Kit).max(60, { message: 'too-many' }).optional(),
  /** Adults who help in lessons. */
  adults: z.array(Adult).max(60, { message: 'too-many' }).optional(),
  /** Ladders of skills that the school changed, and when a step is suggested. */
  skillLadders: z.array(SkillLadder).max(17, { message: 'too-many' }).optional(),
  ladderFigures: LadderFigures.optional(),
  /** What matching for students works with, as far as the school changed it. */
  adaptFigures: AdaptFigures.partial().optional(),
  adaptCosts: AdaptCosts.optional(),
  /** What changing the floor between two games of a lesson takes, as far as the school changed it. */
  floorChange: FloorChangeFigures.partial().optional(),
  /** This is the invented school; `own`: the settings that come back when it is left. */
  demo: z.object({ own: z.record(z.string(), z.unknown()) }).optional(),
  /** When periods are, week after week. */
  timetable: Timetable.optional(),
});
export type School = z.infer<typeof School>;

/** The school's ladder, or a word, one restart out, the rest of the game. */
export const ladderOf = (school: Pick<School, 'ladder'>): readonly LadderStep[] => school.ladder ?? LADDER_STEPS;

/** The step that follows after so many offences. */
export const stepAfter = (ladder: readonly LadderStep[], before: number): LadderStep => ladder[Math.min(before, ladder.length - 1)];

/** When a step of a ladder is suggested. */
export const ladderFiguresOf = (school: Pick<School, 'ladderFigures'>): LadderFigures => school.ladderFigures ?? LADDER_FIGURES;

/** The ladders that come with Side Court, the school's own in their place. */
export const laddersOf = (usual: readonly SkillLadder[], { skillLadders = [] }: Pick<School, 'skillLadders'>): SkillLadder[] =>
  usual.map((ladder) => skillLadders.find((own) => own.skill === ladder.skill) ?? ladder);

/** What changing the floor takes, with the school's changes on top. */
export const floorChangeFigures = ({ floorChange }: Pick<School, 'floorChange'>): FloorChangeFigures => ({
  ...HOUSE_FLOOR_CHANGE,
  ...floorChange,
});

/** The floor's limits with the school's changes on top. */
export function limitsFor(school: Pick<School, 'limits'>): FloorLimits {
  return { ...HOUSE_FLOOR_LIMITS, ...school.limits };
}

/** The band's defaults with the school's changes on top. */
export function defaultsFor(school: Pick<School, 'bands'>, band: Band): BandDefaults {
  return { ...HOUSE_DEFAULTS[band], ...school.bands[band] };
}
