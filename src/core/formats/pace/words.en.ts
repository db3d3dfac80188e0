import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { clockOf, duration, listed } from '../speak.ts';

const offWords = (off: number): string => {
  const tenths = Math.round(off * 10) / 10;
  if (tenths === 0) return 'on target';
  return `${Math.abs(tenths).toFixed(1)} s ${tenths > 0 ? 'late' : 'early'}`;
};

const numbers = (list: unknown): number[] => (Array.isArray(list) ? list.map(Number) : []);

export const paceWords = {
  name: 'Pace',
  settings: {
    ...SHARED_SETTINGS,
    laps: { label: 'Laps' },
    targetSeconds: { label: 'Target time', solved: 'a steady pace for the grade' },
    change: {
      label: 'Each trial',
      options: { 'lap-more': 'a lap more', slower: 'a tenth slower', faster: 'a tenth faster', same: 'the same again' },
    },
    hidden: { label: 'Nobody sees a clock' },
    perMarker: { label: 'Students at one start', solved: 'one, as far as there are markers' },
    bouts: { label: 'Trials' },
    workSeconds: { label: 'Longest trial', solved: 'until the last one is in' },
    breakSeconds: { label: 'Between trials' },
    lapM: { label: 'A lap, at least' },
    trackM: { label: 'Lap, wide' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Trial', break: 'Look at the times' },
  unit: 'lap',
  assumes: 'Assumes that everyone takes about the target’s time in every trial, and waits for the last one then.',
  board: { trial: 'Trials done', off: 'Seconds off the target' },
  notes: { off: (d) => offWords(n(d, 'off')) },
  actions: { go: 'Start all', 'go-again': 'Start all again', in: 'is in' },
  restart: 'the next trial',
  events: {
    go: (d) => `Trial ${n(d, 'trial') + 1} started`,
    in: (d, _, name) => `${name(d.player)} is in`,
    finish: (d, _, name) => `${name(d.player)}: ${duration(n(d, 'seconds'))} in trial ${n(d, 'trial') + 1}`,
  },
  summary: (d, rounds, work) => `${s(rounds, 'trial')} · ${s(n(d, 'laps'), 'lap')} first · up to ${duration(work)} each`,
  card: {
    ...SHARED_CARD,
    travel: (d) => ['On the way', t(d, 'text')],
    'own-cone': (d) => ['Start', `Everyone starts and ends at a ${t(d, 'gearKind')} of their own`],
    trial: (d) => [
      `Trial ${n(d, 'number')}`,
      `${s(n(d, 'laps'), 'lap')} in ${duration(n(d, 'targetSeconds'))}${n(d, 'laps') > 1 ? `: ${listed(numbers(d.splits).map(clockOf))} after each lap` : ''}`,
    ],
    hidden: () => ['Clock', 'Nobody looks at a clock. Feel how long it takes'],
    cuts: () => ['Not allowed', 'Cutting a corner'],
    'cuts-then': () => ['Then', 'Go back around the corner that you cut'],
    'cuts-back': () => ['Back in', 'At once, from that corner'],
    score: () => ['Score', 'Closest to the target is best, not fastest. Early and late count the same'],
    'end-trials': (d) => ['End', n(d, 'count') === 1 ? 'After one trial' : `After ${n(d, 'count')} trials`],
  },
  findings: {
    ...doesNotFitWords('pace', 'lap'),
    'pace-needed': (d, speak) => ({
      what: `A lap is ${speak.metres(n(d, 'lap'))} as it lies`,
      why: `Pace needed, trial by trial: ${listed(numbers(d.speeds).map((v) => speak.measure('speed', v)))}.`,
    }),
    'pace-unlikely': (d, speak) => ({
      what: `Trial ${n(d, 'trial')} asks for ${speak.measure('speed', n(d, 'speed'))}`,
      why: `This grade sprints at about ${speak.measure('speed', n(d, 'sprint'))}. A pace that can be held is nearer to half of it.`,
    }),
  },
  fixes: {
    ...roundIdeaWords('pace'),
    'pace-laps': (d) => `Go ${s(n(d, 'count'), 'lap')} first`,
    'pace-narrow': (d) => `Make the lap ${t(d, 'spacingWords')} wide`,
    'pace-shared': (d) => `Share start markers: ${s(n(d, 'count'), 'student')} at each`,
    'pace-steady': () => 'Use a steady pace for the grade',
  },
} satisfies FormatWords;
