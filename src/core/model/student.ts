import { z } from 'zod';
import { ClassId, StudentId } from './ids.ts';
import { recordFields } from './record.ts';
import { line, whole } from './text.ts';

/** A student as anyone in the school may see them. What is private lives in StudentPrivate. */
export const Student = z.object({
  ...recordFields('student', 1),
  id: StudentId,
  classId: ClassId,
  givenName: line(40),
  familyName: line(40),
});
export type Student = z.infer<typeof Student>;

export const WHEELS = ['wheelchair', 'power chair', 'walker'] as const;

/** The teacher's private rating, 1 (new to it) to 5, and what else counts for groups. Kept in a table of its own; nothing public may name it. */
export const StudentPrivate = z.object({
  ...recordFields('student-private', 1),
  studentId: StudentId,
  classId: ClassId,
  rating: whole(1, 5),
  /** What the student moves with: ways to every place are as wide as it needs. */
  wheels: z.enum(WHEELS, { message: 'choice' }).optional(),
  /** What the teacher deals evenly over groups: first-timer, leader … */
  tags: z.array(line(24)).max(4, { message: 'too-many' }).optional(),
  /** The adult who supports this student and others: they are kept where that adult can be. */
  helper: line(40).optional(),
  /** Works best in a calm group. */
  calm: z.boolean().optional(),
});
export type StudentPrivate = z.infer<typeof StudentPrivate>;

/** Two students who must not, or must, be in one group. Private. */
export const Wish = z.object({
  ...recordFields('wish', 1),
  id: z.string().min(1).max(64),
  classId: ClassId,
  wish: z.enum(['apart', 'together'], { message: 'choice' }),
  students: z.tuple([StudentId, StudentId]),
});
export type Wish = z.infer<typeof Wish>;

/** "Given F." */
export function shortName(student: Pick<Student, 'givenName' | 'familyName'>): string {
  return `${student.givenName} ${student.familyName.slice(0, 1)}.`;
}
