import { z } from 'zod';

/**
 * Text that people type is accepted as they type it, `<` and `&` included: escaping belongs to what is written out. Refused is
 * only what no store or file can hold: NUL and halves of surrogate pairs, and in single lines every control character. Stored
 * text is in Unicode normal form C, so that one name has one spelling.
 */
const NO_CONTROLS = /^[^\p{Cc}\p{Cs}]*$/u;
const NO_NUL = /^[^\0\p{Cs}]*$/u;

/** One line, trimmed, not empty. */
export const line = (most: number) =>
  z
    .string()
    .normalize('NFC')
    .trim()
    .min(1, { message: 'empty' })
    .max(most, { message: 'too-long' })
    .regex(NO_CONTROLS, { message: 'characters' });

/** A line that may be left empty. */
export const optionalLine = (most: number) =>
  z.string().normalize('NFC').trim().max(most, { message: 'too-long' }).regex(NO_CONTROLS, { message: 'characters' });

/** Several lines of plain text; may be empty. */
export const note = (most: number) =>
  z.string().normalize('NFC').max(most, { message: 'too-long' }).regex(NO_NUL, { message: 'characters' });

/** True for text that every store and file can hold: no NUL, no half of a surrogate pair. */
export const isStorable = (text: string): boolean => NO_NUL.test(text);

/** True unless every object already has a property of this name: such a name would be found in a map that lacks it. */
export const isMapKey = (key: string): boolean => !(key in Object.prototype);

/** A text by which something is found in a map. */
export const mapKey = (most: number) =>
  z
    .string()
    .min(1, { message: 'empty' })
    .max(most, { message: 'too-long' })
    .regex(NO_CONTROLS, { message: 'characters' })
    .refine(isMapKey, { message: 'unknown-key' });

/** The map's own value of a key; names that every object has are not in it. */
export const valueAt = <V>(map: Readonly<Record<string, V>>, key: string): V | undefined =>
  Object.hasOwn(map, key) ? map[key] : undefined;

const within = (least: number, most: number) =>
  z.number({ message: 'number' }).min(least, { message: 'too-small' }).max(most, { message: 'too-large' });
/** Metres within bounds. */
export const metres = within;
/** Degrees within bounds. */
export const degrees = within;

/** A whole number within bounds. */
export const whole = (least: number, most: number) =>
  z.number({ message: 'number' }).int({ message: 'whole' }).min(least, { message: 'too-small' }).max(most, { message: 'too-large' });
