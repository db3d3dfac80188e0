import { crowdedFindings, crowdedFixes } from '../classField.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

/** "2 feeders", or nothing. */
const postWords = (ids: unknown, word: string): string => ((ids as string[]).length ? s((ids as string[]).length, word) : '');

export const targetClashWords = {
  name: 'Target clash',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    targets: { label: 'Targets or large objects' },
    to: { label: 'Played to (0: the clock)' },
    groups: { label: 'Sides' },
    feeders: { label: 'Feeders a side' },
    guards: { label: 'Guards a side' },
    nearPeople: { label: 'Feeders and guards allowed' },
    neutralM: { label: 'Neutral strip' },
    edgeM: { label: 'Free floor to the walls' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Play', break: 'Collect, new feeders and guards', rehearse: 'Send one each' },
  unit: 'side',
  assumes: 'Assumes that everyone plays all the time: throwers, feeders and guards alike.',
  filled: { place: 'guard', word: 'guard' },
  board: { points: 'Points', of: 'Through whose gap?' },
  notes: {
    side: (d) => {
      const posts = [postWords(d.feeders, 'feeder'), postWords(d.guards, 'guard')].filter(Boolean);
      return posts.length ? posts.join(' · ') : 'all in the field';
    },
  },
  actions: { goal: 'Goal', down: 'One down', up: 'Up again', through: 'Through a gap', reset: 'Reset: collect, guards move on' },
  restart: 'the next goal or reset',
  events: {
    goal: (d) => `Goal for ${t(d, 'side')}`,
    down: (d) => `One down: ${t(d, 'side')}`,
    up: (d) => `Up again: ${t(d, 'side')}`,
    through: (d) => `${t(d, 'by')} through the gap of ${t(d, 'of')}`,
    reset: () => 'Reset',
  },
  summary: (v, rounds, work, _, places) =>
    `${s(places, 'side')} · ${s(rounds, 'round')} of ${duration(work)}${Number(v.to) ? ` · to ${v.to}` : ''}`,
  card: {
    ...SHARED_CARD,
    object: (d) => ['Played with', `${many(t(d, 'gearKind'))}; aimed at ${many(t(d, 'target'))}`],
    'mode-drive': (d) => [
      'Score',
      `Drive one of ${n(d, 'count')} over the other side’s goal line: 1 point. Everything stops, all are set back to the middle`,
    ],
    'mode-topple': (d) => ['Score', `First to knock down its own ${n(d, 'count')}: 1 point, all rows stand again`],
    'mode-protect': (d) => ['Score', `How many of your ${n(d, 'count')} still stand at the end`],
    'mode-pen': () => ['Score', 'Push one out through another side’s gap: 1 point; its owner loses nothing'],
    feeders: (d) => [
      'Feeders',
      `${n(d, 'count')} in the neutral strip roll small objects back to their own side; they touch nothing large; new ones at every goal`,
    ],
    guards: (d) => ['Guards', `${n(d, 'count')} stop throws at another side’s row, seated or standing; new ones at every reset`],
    'start-lines': () => ['Start', 'Everyone behind their own line. Send on the whistle'],
    cross: () => ['Not allowed', 'Crossing a line, or sending from inside it'],
    'cross-then': () => ['Then', 'Sit in the side box; you may send back what rolls there'],
    'cross-back': () => ['Back in', 'At the next restart'],
    'end-score': (d) => ['End', `The first side with ${n(d, 'count')}, or the whistle at the end of the round`],
    'aim-low': () => ['Safety', 'Aim below the waist, and never at a person who feeds or guards'],
  },
  findings: {
    ...crowdedFindings('clash'),
    'clash-hard': (d) => ({
      what: `The ${many(t(d, 'gearKind'))} aren’t soft`,
      why: 'People stand near what is aimed at. Only soft objects are sent towards people. Side Court default. Local rules decide.',
    }),
    'clash-few': (d) => ({
      what: n(d, 'posts')
        ? `${s(n(d, 'least'), 'student')} on a side, ${n(d, 'posts')} of them feed or guard`
        : `A side of ${s(n(d, 'least'), 'student')}`,
      why: 'Nobody would be left to play.',
    }),
    'clash-uneven': (d) => ({ what: `Sides of ${n(d, 'most')} and ${n(d, 'least')}`, why: 'The larger one sends more, every minute.' }),
    'clash-people': (d) => ({
      what: n(d, 'feeders') + n(d, 'guards') ? 'Feeders and guards are where objects fly' : 'Objects fly where students run',
      why: 'Soft objects, below the waist, never at a feeder. If your school’s rules forbid sending anything towards people, turn feeders and guards off.',
    }),
  },
  fixes: {
    'clash-sides': (d) => `Use ${s(n(d, 'count'), 'side')}`,
    'clash-object': (d) => `Play with ${many(t(d, 'to'))}`,
    ...roundIdeaWords('clash'),
    'clash-targets': (d) => `Use ${s(n(d, 'count'), 'target')}`,
    ...crowdedFixes('clash'),
    'clash-two': () => 'Use 2 sides, without feeders and guards',
    'clash-apart': () => 'Play without feeders and guards',
  },
} satisfies FormatWords;
