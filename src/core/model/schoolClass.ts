import { z } from 'zod';
import { Grade } from './band.ts';
import { ClassId } from './ids.ts';
import { recordFields } from './record.ts';
import { line } from './text.ts';

/** The most students one class may hold. */
export const MOST_STUDENTS = 60;

export const SchoolClass = z.object({
  ...recordFields('class', 1),
  id: ClassId,
  name: line(40),
  grade: Grade,
  /** A mixed class: the other grade that is in it. Times and distances follow the first. */
  alsoGrade: Grade.optional(),
});
export type SchoolClass = z.infer<typeof SchoolClass>;
