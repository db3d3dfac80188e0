import { z } from 'zod';
import { day } from './period.ts';
import { whole } from './text.ts';

/** Facts that can be removed and brought back by name. */
export const REMOVABLE = ['student', 'class', 'room', 'gear', 'period', 'game'] as const;
export type Removable = (typeof REMOVABLE)[number];

/** Days for which what was removed can be brought back. */
export const REMOVAL_DAYS = 30;

/** How much else goes along with a fact, or is changed by its removal: counts. */
export const Touched = z.object({
  students: whole(0, 1e6),
  pairings: whole(0, 1e6),
  /** Plans chosen for students in lessons. */
  plans: whole(0, 1e6),
  periods: whole(0, 1e6),
  lessons: whole(0, 1e6),
  /** Periods that stay, in another room or without a class that was their guest. */
  changed: whole(0, 1e6),
});
export type Touched = z.infer<typeof Touched>;

/** Something that was removed, as a list of removals names it; `date` and `start` of a period. */
export const Removal = z.object({
  id: z.string().min(1).max(64),
  what: z.enum(REMOVABLE, { message: 'choice' }),
  name: z.string().max(120),
  date: day.optional(),
  start: z.string().optional(),
  /** Milliseconds. */
  at: whole(0, 1e15),
  touched: Touched,
});
export type Removal = z.infer<typeof Removal>;
