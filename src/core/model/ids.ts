import { z } from 'zod';
import { isMapKey } from './text.ts';

/** Letters, digits, - and _; never a name that every object has, since ids are the keys of maps. */
export const id = z
  .string()
  .regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/, { message: 'id' })
  .refine(isMapKey, { message: 'id' });

export const SchoolId = id.brand<'SchoolId'>();
export type SchoolId = z.infer<typeof SchoolId>;
export const StudentId = id.brand<'StudentId'>();
export type StudentId = z.infer<typeof StudentId>;
export const ClassId = id.brand<'ClassId'>();
export type ClassId = z.infer<typeof ClassId>;
export const RoomId = id.brand<'RoomId'>();
export type RoomId = z.infer<typeof RoomId>;
export const GearId = id.brand<'GearId'>();
export type GearId = z.infer<typeof GearId>;
export const GameId = id.brand<'GameId'>();
export type GameId = z.infer<typeof GameId>;
export const LessonId = id.brand<'LessonId'>();
export type LessonId = z.infer<typeof LessonId>;
export const BlockId = id.brand<'BlockId'>();
export type BlockId = z.infer<typeof BlockId>;
export const PeriodId = id.brand<'PeriodId'>();
export type PeriodId = z.infer<typeof PeriodId>;
export const RunId = id.brand<'RunId'>();
export type RunId = z.infer<typeof RunId>;
export const EventId = id.brand<'EventId'>();
export type EventId = z.infer<typeof EventId>;

/** The school that every record belongs to while there are no accounts. */
export const HOME_SCHOOL = SchoolId.parse('home');
