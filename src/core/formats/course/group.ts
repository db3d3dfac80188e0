import { dealtGroups } from '../dealtGroups.ts';
import { type CourseContext, startCount } from './elements.ts';

/** One group for each place where the class starts. */
export const courseGroups = (context: CourseContext) =>
  dealtGroups(context, Math.max(1, Math.min(startCount(context), Math.max(1, context.players.length))));
