import { z } from 'zod';

const number = (least: number, most: number) =>
  z.number({ message: 'number' }).min(least, { message: 'too-small' }).max(most, { message: 'too-large' });
/** A least and a most. */
const span = (least: number, most: number) =>
  z.tuple([number(least, most), number(least, most)]).refine(([a, b]) => a <= b, { message: 'not-rising' });

/** What kinds of changes cost, one tier after another: how far each is from the game as it is. */
export const COST_TIERS = [
  'open',
  'object',
  'implement',
  'signal',
  'target',
  'position',
  'space',
  'time',
  'rule',
  'classmate',
  'adult',
  'apart',
  'leave',
] as const;
export type CostTier = (typeof COST_TIERS)[number];
/** Leaving the game is no tier to be made cheap: it comes last for everybody. */
export const CHANGED_TIERS = COST_TIERS.filter((tier): tier is Exclude<CostTier, 'leave'> => tier !== 'leave');
export const AdaptCosts = z.partialRecord(z.enum(CHANGED_TIERS as [CostTier, ...CostTier[]]), number(0.1, 30));

/** Numbers that matching works with. Side Court defaults, editable; no standard sets them. */
export const AdaptFigures = z.object({
  /** Grams of an implement at most, for a grip or swing of 1, and of 2. */
  implementG: span(10, 2000),
  /** Grip thickness, millimetres. */
  gripMm: span(5, 200),
  /** A face under this width is narrow, metres: its object is `objectPerFace` times as wide. */
  narrowFaceM: number(0.01, 1),
  objectPerFace: number(1, 10),
  /** A face under this mass is light, grams: its object is at most `lightObjectG`. */
  lightFaceG: number(1, 1000),
  lightObjectG: number(1, 1000),
  /** Difference in lightness that is seen, of 100. */
  contrast: number(5, 90),
  /** A frame is wider than the chair by this, metres. */
  frameM: number(0, 1),
  /** Loose objects of such a diameter get under wheels, metres. */
  underWheelM: span(0, 1),
  /** What may be put into the mouth is at least this large, millimetres. */
  mouthMm: number(30, 200),
  /** An own lane: metres wide and long. */
  laneWidthM: number(0.5, 6),
  laneLengthM: number(1, 30),
  /** Floor that everyone else needs, square metres a student. */
  floorPerPlayer: number(1, 30),
  /** Wheels need their own width and this beside it, metres. */
  besideWheelsM: number(0, 2),
});
export type AdaptFigures = z.infer<typeof AdaptFigures>;
