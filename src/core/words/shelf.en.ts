import { counted, duration, listed } from '../formats/speak.ts';
import type { Played } from '../live/playedIn.ts';
import type { ShelfRow, Vigour } from '../shelf/judge.ts';
import type { LessonReason, LessonSchool, PartRole } from '../shelf/lessonParts.ts';
import type { TemplateKind } from '../shelf/templates.ts';

export const VIGOUR_WORDS: Record<Vigour, string> = { 1: 'gentle', 2: 'brisk', 3: 'hard' };
export const NOISE_WORDS: Record<1 | 2 | 3, string> = { 1: 'quiet games alone', 2: 'nothing loud', 3: 'any noise' };

/** "6–10": whole minutes from the least up to the most. */
export function minutesWords({ least, most }: Pick<ShelfRow, 'least' | 'most'>): string {
  const [from, to] = [Math.max(1, Math.round(least / 60)), Math.max(1, Math.round(most / 60))];
  return from === to ? String(from) : `${from}–${to}`;
}

/** "0:12"; "none" if nobody waits. */
export const waitWords = (seconds: number): string => (seconds > 0 ? duration(seconds) : 'none');

/** "2 targets", or a count of kinds if several are short. */
export function shortWords(short: ShelfRow['short']): string {
  if (!short.length) return 'none';
  const [{ count, gearKind }] = short;
  return short.length === 1 ? counted(count, gearKind) : `${short.length} kinds`;
}

/** How it went the last time, in a line. `date`: the day as it is told. */
export function playedWords({ times, rounds, planned, note }: Played, date: string): string {
  const ran = rounds < planned ? `, ${rounds} of ${planned} rounds` : '';
  const often = times > 1 ? `Played ${times} times, last on ${date}` : `Played on ${date}`;
  return `${often}${ran}${note ? `: “${note}”` : ''}`;
}

/** The two ways that a lesson can go. */
export const SCHOOL_WORDS: Record<LessonSchool, { name: string; says: string }> = {
  'build-up': { name: 'build up, then play', says: 'Build up stage by stage, then the game' },
  'game-first': { name: 'play, practice, play', says: 'The game, what it showed, and the game again' },
};
/** Where lessons come from: the end of a sentence about the lesson that is wanted. */
export const TEMPLATE_WORDS: Record<TemplateKind, string> = {
  purpose: 'written for one purpose',
  mixed: 'written for levels far apart',
  small: 'written for a small room',
  outside: 'written for outside',
  rain: 'written for a rainy day',
};
export const PART_WORDS: Record<PartRole, string> = { 'warm-up': 'Warm-up', practice: 'Practice', game: 'Game', again: 'Again' };

/** Why a lesson is offered, in a line. */
export function reasonWords({ code, data }: LessonReason): string {
  const num = (key: string) => Number(data[key]);
  const list = (key: string) => listed(data[key] as string[]);
  switch (code) {
    case 'for':
      return `${num('count') === num('of') ? 'All of it is' : `${num('count')} of ${counted(num('of'), 'game')} ${num('count') === 1 ? 'is' : 'are'}`} for: ${list('families')}`;
    case 'on-task':
      return `${Math.round(num('share') * 100)}% of game time on task`;
    case 'waits':
      return num('seconds') ? `Nobody waits longer than ${duration(num('seconds'))}` : 'Nobody waits';
    case 'fills':
      return `Fills ${num('minutes')} min from bell to bell`;
    case 'short':
      return `${duration(num('seconds'))} left before the end`;
    case 'gear':
      return 'All of its gear is there';
    case 'fresh':
      return `New for this class: ${list('titles')}`;
    case 'to-adapt':
      return `${counted(num('count'), 'student')} ${num('count') === 1 ? 'needs' : 'need'} something changed: see Fit for all`;
    case 'stops':
      return `${counted(num('count'), 'thing')} to fix after it is taken: see Checks`;
    case 'gone':
      return `${counted(num('count'), 'game')} of it ${num('count') === 1 ? 'is' : 'are'} not among your games any more`;
    case 'left-out':
      return `Left out, as time is short: ${list('titles')}`;
    case 'changed':
      return `Changed to fit here: ${list('titles')}`;
  }
}
