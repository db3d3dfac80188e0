import { z } from 'zod';
import { GearId } from './ids.ts';
import { recordFields } from './record.ts';
import { line, optionalLine, whole } from './text.ts';

export const GEAR_KINDS = [
  'disc',
  'sliding stone',
  'soft ball',
  'light ball',
  'beanbag',
  'scarf',
  'ribbon',
  'juggling cube',
  'hoop',
  'cone',
  'rope',
  'mat',
  'bib',
  'bell',
  'target',
  'low net',
  'paddle',
  'gate',
  'basket',
  'floor spot',
  'map card',
  'bench',
  'timer',
  'other',
] as const;
export const GearKind = z.enum(GEAR_KINDS, { message: 'choice' });
export type GearKind = z.infer<typeof GearKind>;

const measure = (most: number) =>
  z.number({ message: 'number' }).positive({ message: 'too-small' }).max(most, { message: 'too-large' }).optional();

/** One line of the cupboard: how many of what, and what it is like. Metres, grams, millimetres where the name says so. */
export const Gear = z.object({
  ...recordFields('gear', 1),
  id: GearId,
  name: line(60),
  gearKind: GearKind,
  count: whole(0, 999),
  diameterM: measure(10),
  massG: measure(50_000),
  firmness: z.enum(['soft', 'medium', 'hard'], { message: 'choice' }).optional(),
  bounce: z.enum(['none', 'low', 'high'], { message: 'choice' }).optional(),
  lengthM: measure(100),
  faceWidthM: measure(2),
  gripMm: measure(200),
  sound: z.enum(['none', 'rattle', 'bell', 'beep'], { message: 'choice' }).optional(),
  colour: optionalLine(40).optional(),
  texture: optionalLine(40).optional(),
  tether: z.enum(['none', 'from above', 'in the hand'], { message: 'choice' }).optional(),
  latex: z.boolean(),
  place: optionalLine(60),
});
export type Gear = z.infer<typeof Gear>;
