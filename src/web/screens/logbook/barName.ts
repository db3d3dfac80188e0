import type { AttemptsOnDay } from '../../../core/live/attemptsIn.ts';
import { shortDate } from '../../parts/now.ts';

/** The day and the step that a bar of tries is for. */
export const barName = (a: AttemptsOnDay): string => `${shortDate(a.date)}, step ${a.step + 1}`;
