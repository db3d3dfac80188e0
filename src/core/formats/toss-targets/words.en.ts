import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

/** "5, 3, and 1 from the middle out". */
const zoneWords = (list: unknown): string =>
  `${(list as string[]).join(', ')} ${(list as string[]).length > 1 ? 'points, from the middle out' : 'points'}`;

export const tossTargetsWords = {
  name: 'Toss at targets',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    objectsEach: { label: 'Objects in each lane' },
    to: { label: 'Played to (0: the clock)' },
    turns: { label: 'Throwing', options: { together: 'all on one signal', one: 'one after the other' } },
    striker: { label: 'A striker may aim at other lanes’ objects' },
    ownDistance: { label: 'Everyone may choose their own distance' },
    perSide: { label: 'Students in a lane' },
    groups: { label: 'Lanes', solved: 'by students in a lane, floor and gear' },
    distanceM: { label: 'To the target', solved: 'the grade’s middle distance' },
    stepM: { label: 'Farther each round by' },
    targetM: { label: 'Target, across' },
    laneM: { label: 'Lane, wide' },
    gapM: { label: 'Gap between lanes' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Play', break: 'Collect and count', rehearse: 'One throw each' },
  unit: 'lane',
  assumes: 'Assumes an even pace of throws, and that whoever has no place at the line waits for one.',
  board: {
    points: 'Points',
    zone: 'Where does it lie now?',
    outside: 'outside',
    'zone-1': 'innermost zone',
    'zone-2': 'second zone',
    'zone-3': 'third zone',
    'zone-4': 'fourth zone',
    'zone-5': 'fifth zone',
  },
  notes: { striker: (d, name) => `Striker: ${name(d.player)}` },
  actions: { rest: 'Lies there', moved: 'Moved' },
  restart: 'the next round',
  events: {
    rest: (d) => `${t(d, 'side')}: ${d.zone === null ? 'one lies outside' : `one lies in zone ${n(d, 'zone') + 1}`}`,
    endRound: () => 'Round counted',
  },
  summary: (v, rounds, work, _, places) =>
    `${s(places, 'lane')} · ${s(rounds, 'round')} of ${duration(work)}${Number(v.to) ? ` · to ${v.to}` : ''}`,
  roles: { striker: 'strikes' },
  card: {
    ...SHARED_CARD,
    objects: (d) => ['With', s(n(d, 'count'), t(d, 'gearKind'))],
    zones: (d) => ['Zones', zoneWords(d.list)],
    'turns-one': () => ['Turns', 'One throws, then goes to the end of the line'],
    'turns-together': () => ['Turns', 'All throw on one signal. Nobody crosses the line until everything lies still'],
    'own-distance': () => ['Distance', 'Choose your own line. It counts the same'],
    farther: () => ['Distance', 'A step farther every round'],
    early: () => ['Not allowed', 'Crossing the line before the signal to collect'],
    'early-then': () => ['Then', 'Back behind the line; a throw less this round'],
    'early-back': () => ['Back in', 'At the next round'],
    striker: () => ['Striker', 'Throws last and may knock another lane’s objects away. A new one every round'],
    waiting: (d) => ['Waiting', t(d, 'text')],
    final: (d) => ['Score', `What lies still at the end of the round counts: ${zoneWords(d.list)}`],
    'end-score': (d) => ['End', `The round in which a side has ${n(d, 'count')}, or the whistle`],
  },
  findings: {
    ...doesNotFitWords('toss', 'lane'),
    'toss-crowded': (d) => ({
      what: `${s(n(d, 'largest'), 'student')} in a lane`,
      why: `${s(n(d, 'lanes'), 'lane')} with ${s(n(d, 'objects'), 'object')} each: most of them watch. Default: at most 4 in a lane.${t(d, 'task') ? ` Those who wait have a task: ${t(d, 'task')}.` : ''}`,
    }),
    'toss-too-few': (d) => ({
      what: `${s(n(d, 'objects'), 'object')} for ${s(n(d, 'largest'), 'student')} in a lane`,
      why: 'Somebody has nothing to throw in a round.',
    }),
    'toss-own': (d) => ({
      what: `Up to ${t(d, 'spacingWords')} to the target, or the student’s own distance`,
      why: 'Everyone may stand where they reach it. Points count the same.',
    }),
  },
  fixes: {
    ...roundIdeaWords('toss'),
    'toss-lanes': (d) => `Use ${s(n(d, 'count'), 'lane')}`,
    'toss-close': (d) => `Put lanes ${t(d, 'gapWords')} apart`,
    'toss-near': (d) => `Throw from ${t(d, 'spacingWords')}`,
    'toss-object': (d) => `Play with ${many(t(d, 'to'))}`,
    'toss-fewer': (d) => `Use ${s(n(d, 'count'), 'object')} in each lane`,
    'toss-together': () => 'Let all throw on one signal',
    'toss-task': () => 'Give those who wait a task',
  },
} satisfies FormatWords;
