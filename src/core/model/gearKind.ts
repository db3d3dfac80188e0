import { z } from 'zod';
import { line, mapKey, optionalLine } from './text.ts';

/** Families of gear, in the order of the shelves. */
export const GEAR_FAMILIES = [
  'ball',
  'balloon',
  'striking implement',
  'thrown object',
  'target',
  'goal',
  'barrier',
  'marker',
  'mat or support',
  'climbing or crawling',
  'scooter or wheeled',
  'cloth or rope',
  'sound',
  'wearable',
  'card',
  'other',
] as const;
export const GearFamily = z.enum(GEAR_FAMILIES, { message: 'choice' });
export type GearFamily = z.infer<typeof GearFamily>;

/** What gear is used for. A thing stands in for another only for a use that both have. */
export const GEAR_USES = [
  'throw',
  'catch',
  'roll',
  'slide',
  'kick',
  'be hit',
  'hit with',
  'juggle',
  'wave',
  'carry',
  'aim at',
  'aim into',
  'mark a spot',
  'mark a line',
  'go through',
  'step in',
  'jump over',
  'divide',
  'lie on',
  'balance on',
  'climb',
  'crawl',
  'ride',
  'pull',
  'wear',
  'hear',
  'read',
  'time',
  'store',
] as const;
export const GearUse = z.enum(GEAR_USES, { message: 'choice' });
export type GearUse = z.infer<typeof GearUse>;

export const LATEX = ['yes', 'no', 'unknown'] as const;
export const FIRMNESS = ['soft', 'medium', 'hard'] as const;
export const BOUNCES = ['none', 'low', 'high'] as const;
export const FLIGHTS = ['floats', 'slow', 'straight', 'fast'] as const;
export const SOUNDS = ['none', 'rattle', 'bell', 'beep'] as const;
export const TETHERS = ['none', 'from above', 'in the hand'] as const;
export const OUTDOORS = ['in', 'out', 'both'] as const;

const measure = (most: number) =>
  z.number({ message: 'number' }).positive({ message: 'too-small' }).max(most, { message: 'too-large' }).optional();
const choice = <T extends readonly [string, ...string[]]>(values: T) => z.enum(values, { message: 'choice' }).optional();

/** What gear is like: metres, grams, millimetres where the name says so. What is left out is as typical of its kind. */
export const gearProperties = {
  diameterM: measure(10),
  massG: measure(50_000),
  firmness: choice(FIRMNESS),
  bounce: choice(BOUNCES),
  flight: choice(FLIGHTS),
  lengthM: measure(100),
  faceWidthM: measure(2),
  gripMm: measure(200),
  sound: choice(SOUNDS),
  colour: optionalLine(40).optional(),
  texture: optionalLine(40).optional(),
  tether: choice(TETHERS),
  /** Unknown counts as yes wherever somebody may not touch it. */
  latex: choice(LATEX),
  outdoors: choice(OUTDOORS),
};
export const GearProperties = z.object(gearProperties);
export type GearProperties = z.infer<typeof GearProperties>;

/** A kind of gear as data: its family, what it is used for, the usual use first, and what it is typically like. */
export const GearKind = z.object({
  kind: mapKey(40).pipe(line(40)),
  family: GearFamily,
  uses: z.array(GearUse).min(1, { message: 'empty' }).max(8, { message: 'too-many' }),
  typical: GearProperties,
});
export type GearKind = z.infer<typeof GearKind>;
