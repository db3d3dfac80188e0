import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, listed } from '../speak.ts';

export const intervalPairsWords = {
  name: 'Interval pairs',
  settings: {
    ...SHARED_SETTINGS,
    exerciseCount: { label: 'Exercises' },
    counted: { label: 'Repetitions are counted' },
    groups: { label: 'Pairs', solved: 'twos, and one trio if the number is odd' },
    workSeconds: { label: 'A turn' },
    breakSeconds: { label: 'Swap' },
    moveSeconds: { label: 'To the next exercise' },
    trackM: { label: 'Track, wide' },
    areaM: { label: 'Exercise area, at least' },
    gapM: { label: 'Gap between areas' },
  },
  segments: { ...SHARED_SEGMENTS, swap: 'Swap', move: 'Both move on' },
  unit: 'exercise',
  assumes: 'Assumes that runners keep an even pace, partners exercise until they are back, and a swap takes as long as is set.',
  filled: { place: 'run', word: 'running' },
  board: {
    round: 'Now',
    bout: 'Turn',
    reps: 'Repetitions',
    exercises: 'At an exercise: tap to enter',
    run: 'On the track',
    count: 'How many?',
  },
  notes: { of: (d) => `of ${n(d, 'of')}` },
  actions: { reps: 'did' },
  restart: 'the next switch',
  events: {
    switch: () => 'Switch',
    reps: (d, _, name) => `${name(d.player)}: ${s(n(d, 'count'), 'repetition')}`,
  },
  summary: (d, rounds, work) => `${s(n(d, 'exerciseCount'), 'exercise')} · ${s(rounds, 'turn')} of ${duration(work)}`,
  roles: { runner: 'on the track' },
  card: {
    ...SHARED_CARD,
    run: (d) => ['On the track', t(d, 'text')],
    exercise: (d) => ['Do', t(d, 'text')],
    path: (d) => ['A repetition', `${t(d, 'text')}. It counts only when it ends on the green spot`],
    exercises: (d) => ['Exercises', listed(Array.isArray(d.list) ? d.list.map(String) : [])],
    swap: () => ['Turns', 'One runs, the other exercises. Swap, and only then do both move on to the next exercise'],
    trio: () => ['Trio', 'Three take turns: one runs, two exercise. Each runs every third turn'],
    'last-spot': () => ['Counting', 'A repetition counts only when its path ends on the last spot'],
    'short-cut': () => ['Not allowed', 'Cutting a corner of the track, or crossing it without a look'],
    'short-cut-then': () => ['Then', 'That lap does not count'],
    'short-cut-back': () => ['Back in', 'At once, at the cone that was missed'],
    'score-reps': () => ['Score', 'Count your own repetitions and beat your last number'],
    'score-none': () => ['Score', 'Nobody counts: keep moving the whole turn'],
    'end-exercises': (d) => ['End', `When every pair has done all ${n(d, 'count')} exercises`],
  },
  findings: {
    ...doesNotFitWords('interval', 'area'),
    'interval-total': (d) => ({
      what: `${duration(n(d, 'seconds'))} from the first turn to the last`,
      why: `${s(n(d, 'bouts'), 'turn')} of ${duration(n(d, 'bout'))} at ${s(n(d, 'exercises'), 'exercise')}, with swaps and moves.`,
    }),
    'interval-alone': (d) => ({
      what: n(d, 'alone') === 1 ? 'One student has no partner' : `${n(d, 'alone')} students have no partner`,
      why: 'They run and exercise in turn, on their own.',
    }),
    'interval-trio': (d) => ({
      what: n(d, 'trios') === 1 ? 'One group of three' : `${n(d, 'trios')} groups of three`,
      why: 'Each of them runs every third turn and exercises in the others.',
    }),
  },
  fixes: {
    'interval-exercises': (d) => `Do ${s(n(d, 'count'), 'exercise')}`,
    'interval-close': (d) => `Put areas ${t(d, 'gapWords')} apart`,
    'interval-small': (d) => `Make areas ${t(d, 'spacingWords')} across`,
    'interval-bout': (d) => `Make a turn ${duration(n(d, 'seconds'))} long`,
    'interval-no-walk': (d) => `Skip the walk-through: saves ${duration(n(d, 'seconds'))}`,
  },
} satisfies FormatWords;
