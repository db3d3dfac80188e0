import { z } from 'zod';

/** One line that a person typed: trimmed, no control characters, no angle brackets (names end up on cards and in drawings). */
export const line = (most: number) =>
  z
    .string()
    .trim()
    .min(1, { message: 'empty' })
    .max(most, { message: 'too-long' })
    .regex(/^[^<>\p{Cc}]*$/u, { message: 'characters' });

/** A line that may be left empty. */
export const optionalLine = (most: number) =>
  z
    .string()
    .trim()
    .max(most, { message: 'too-long' })
    .regex(/^[^<>\p{Cc}]*$/u, { message: 'characters' });

/** Several lines of plain text; may be empty. */
export const note = (most: number) =>
  z
    .string()
    .max(most, { message: 'too-long' })
    .regex(/^[^<>]*$/u, { message: 'characters' });

const within = (least: number, most: number) =>
  z.number({ message: 'number' }).min(least, { message: 'too-small' }).max(most, { message: 'too-large' });
/** Metres within bounds. */
export const metres = within;
/** Degrees within bounds. */
export const degrees = within;

/** A whole number within bounds. */
export const whole = (least: number, most: number) =>
  z.number({ message: 'number' }).int({ message: 'whole' }).min(least, { message: 'too-small' }).max(most, { message: 'too-large' });
