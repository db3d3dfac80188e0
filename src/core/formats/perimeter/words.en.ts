import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, listed, uncapital } from '../speak.ts';

const texts = (list: unknown): string[] => (Array.isArray(list) ? list.map(String) : []);
const names = (ids: unknown, name: (id: unknown) => string): string => (Array.isArray(ids) ? listed(ids.map(name)) : '');

export const perimeterWords = {
  name: 'Perimeter',
  settings: {
    ...SHARED_SETTINGS,
    hoops: { label: 'Hoops at the start', solved: 'one each, as far as there are any' },
    perHoop: { label: 'Students in a hoop without contact' },
    leastHoops: { label: 'Hoops that stay', solved: 'enough for everybody without contact' },
    removePerRound: { label: 'Hoops that go at each stop' },
    graceSeconds: { label: 'Time to get there' },
    ownGraceSeconds: { label: 'Time to get there for those who need more' },
    jointTask: { label: 'All do a task together if anybody is late' },
    goSeconds: { label: 'From start to stop, about' },
    trackM: { label: 'Track, wide' },
    hoopM: { label: 'Hoop, across' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Travel and stop', rehearse: 'One stop, at a walk', swap: 'Rings change' },
  unit: 'track',
  assumes: 'Assumes that everyone travels until the stop, and that reaching a hoop and setting off again takes the same each time.',
  filled: { place: 'outer', word: 'outer ring' },
  board: {
    round: 'This game',
    stops: 'Stops',
    hoops: 'Hoops left',
    tasks: 'Tasks together',
    frees: 'Rings',
    outer: 'Outer ring',
    inner: 'Inner ring',
    free: 'Free role',
    late: 'Who was late?',
  },
  actions: { stop: 'Stop: all in time', late: 'Stop: somebody was late', swap: 'Rings change' },
  restart: 'the next stop',
  events: {
    stop: (d, _, name) => (Array.isArray(d.late) && d.late.length ? `Stop: ${names(d.late, name)} late` : 'Stop: all in time'),
    swap: () => 'Rings changed',
  },
  summary: (d, rounds, work) =>
    `${s(rounds, 'round')} of ${duration(work)}${d.hoops ? ` · ${s(n(d, 'hoops'), 'hoop')}` : ''} · a stop every ${duration(n(d, 'goSeconds'))}`,
  roles: { free: 'free role' },
  card: {
    ...SHARED_CARD,
    travel: (d) => [`Way ${n(d, 'number')}`, t(d, 'text')],
    travels: (d) => ['Traveling', `A new way after each stop: ${listed(texts(d.list).map(uncapital))}`],
    'one-way': () => ['Direction', 'Everyone goes around the same way, outside of everything. Pass on the outside only'],
    hoops: (d) => [
      'Stop',
      `At the stop reach a ${t(d, 'gearKind')} within ${duration(n(d, 'seconds'))}. Share it: one foot inside is enough. Nobody is out`,
    ],
    'own-grace': (d) => [
      'More time',
      `Whoever needs more time has ${duration(n(d, 'seconds'))}, as agreed with the teacher. Nobody is late before that, and no task follows`,
    ],
    fewer: (d) =>
      n(d, 'count') === 0
        ? ['Stop', 'All of them stay to the end']
        : ['Stop', `${n(d, 'count') === 1 ? 'One goes' : `${n(d, 'count')} go`} at each stop, down to ${n(d, 'least')}`],
    joint: (d) => ['Late', `If anybody is late all do it together: ${t(d, 'text')}. Whoever needs more time has more`],
    mirror: (d) => ['Stop', `The outer ring stands still and shows: ${t(d, 'text')}. The inner ring copies the nearest one`],
    free: (d) => ['Odd one', t(d, 'text')],
    cuts: () => ['Not allowed', 'Cutting across the middle or pushing'],
    'cuts-then': () => ['Then', 'Step outside and walk once around'],
    'cuts-back': () => ['Back in', 'At the next stop'],
    'score-hoops': () => ['Score', 'The class counts stops at which all were in time'],
    'score-rings': () => ['Score', 'The class counts poses that everybody could name'],
  },
  findings: {
    ...doesNotFitWords('perimeter', 'track'),
    'perimeter-crowded': (d) => ({
      what: `${s(n(d, 'least'), 'hoop')} in the end for ${s(n(d, 'playing'), 'student')}`,
      why: `Up to ${n(d, 'perHoop')} fit into one without contact. That takes ${n(d, 'needed')}.`,
    }),
    'perimeter-hoops-do-not-fit': (d) => ({
      what: `${n(d, 'placed')} of ${s(n(d, 'wanted'), 'hoop')} ${n(d, 'placed') === 1 ? 'fits' : 'fit'} inside the track`,
      why: 'Posts and what is set up there keep the floor.',
    }),
    'perimeter-odd': (d) => ({
      what: 'One student has no partner in the other ring',
      why: `The free role goes around: another one in each of ${s(n(d, 'rounds'), 'round')}.${t(d, 'task') ? ` ${t(d, 'task')}.` : ''}`,
    }),
    'perimeter-lap': (d, speak) => ({
      what: `Once around is ${speak.metres(n(d, 'lap'))}`,
      why: `${s(n(d, 'playing'), 'student')} go around one way, as it lies on this floor.`,
    }),
  },
  fixes: {
    ...roundIdeaWords('perimeter'),
    'perimeter-narrow': (d) => `Make the track ${t(d, 'spacingWords')} wide`,
    'perimeter-hoops': (d) => `Share ${s(n(d, 'count'), 'hoop')}`,
    'perimeter-least': (d) => `Keep ${s(n(d, 'count'), 'hoop')} to the end`,
    'perimeter-go': (d) => `Stop about every ${duration(n(d, 'seconds'))}`,
  },
} satisfies FormatWords;
