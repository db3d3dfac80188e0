import { z } from 'zod';
import { Band } from './band.ts';
import { Ability, Demand } from './demand.ts';
import { ClassId, StudentId } from './ids.ts';
import { recordFields } from './record.ts';
import { FollowedSkill } from './skillLadder.ts';
import { StudentWishes, Support, type SupportKind } from './support.ts';
import { line, optionalLine, whole } from './text.ts';

/** A student as anyone in the school may see them. What is private lives in StudentPrivate. */
export const Student = z.object({
  ...recordFields('student', 1),
  id: StudentId,
  classId: ClassId,
  givenName: line(40),
  familyName: line(40),
  /** A word that tells namesakes apart on every screen and list; anyone may read it. */
  mark: line(16).optional(),
});
export type Student = z.infer<typeof Student>;

/** The teacher's private rating, 1 (new to it) to 5, what else counts for groups, and supports. Kept in a table of its own; nothing public may name it. */
export const StudentPrivate = z.object({
  ...recordFields('student-private', 2),
  studentId: StudentId,
  classId: ClassId,
  rating: whole(1, 5),
  /** What the teacher deals evenly over groups: first-timer, leader … */
  tags: z.array(line(24)).max(4, { message: 'too-many' }).optional(),
  /** The adult who supports this student and others: they are kept where that adult can be. */
  helper: line(40).optional(),
  /** What the student needs, by function. */
  supports: z
    .array(Support)
    .max(20, { message: 'too-many' })
    .refine((list) => new Set(list.map((s) => s.kind)).size === list.length, { message: 'repeated' }),
  /** What the teacher knows better than the supports say; limits beside those of the supports. */
  refined: Ability.optional(),
  limits: z.array(Demand).max(20, { message: 'too-many' }).optional(),
  wishes: StudentWishes.optional(),
  /** Notes that came with an imported roster: an open question until the teacher turns them into supports, then gone. */
  toSort: optionalLine(1000).optional(),
  /** What the student asked for, in their own words. */
  wish: optionalLine(160).optional(),
  /** Skills whose steps are followed, and whether the student has said yes to a guiding hand. */
  ladders: z
    .array(FollowedSkill)
    .max(17, { message: 'too-many' })
    .refine((list) => new Set(list.map((l) => l.skill)).size === list.length, { message: 'repeated' })
    .optional(),
  handYes: z.boolean().optional(),
  /** The grades that the student plays as, if not as the class does: set by ability. */
  band: Band.optional(),
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

/** Supports with which routes are as wide as wheels need. */
const ROUTE_SUPPORTS: readonly SupportKind[] = ['power-chair', 'wheelchair', 'walker'];

/** What a student moves with that needs wide routes, if anything. */
export const movesWith = ({ supports }: Pick<StudentPrivate, 'supports'>): SupportKind | undefined =>
  ROUTE_SUPPORTS.find((kind) => supports.some((s) => s.kind === kind));

/** True for students who work best in a calm group. */
export const likesCalm = ({ supports }: Pick<StudentPrivate, 'supports'>): boolean => supports.some((s) => s.kind === 'crowd');
