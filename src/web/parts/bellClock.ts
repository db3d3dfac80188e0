import { bellText } from '../../core/model/period.ts';
import { shortBell } from './now.ts';

/** A second of the day as it is read off a wall clock: "10:05", to the nearest minute. Nobody switches by the second. */
export const bellClock = (seconds: number): string => shortBell(bellText(Math.round(seconds / 60) * 60));
