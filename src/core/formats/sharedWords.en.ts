import type { FormatWords } from './formatWords.ts';
import type { RoundIdeaCode } from './roundIdeas.ts';
import { type Data, n, s, t } from './say.ts';
import { duration, many } from './speak.ts';

type Settings = FormatWords['settings'];

export const SPACING_WORDS: Settings[string] = { label: 'Areas on the floor', options: { close: 'close together', wide: 'spread out' } };

/** Labels of the settings that formats share, by key. */
export const SHARED_SETTINGS: Settings = {
  stopSignal: { label: 'Stop signal', solved: "the school's" },
  bouts: { label: 'Rounds' },
  workSeconds: { label: 'A round', solved: 'fills the period' },
  breakSeconds: { label: 'Break between rounds' },
  walkSeconds: { label: 'Walk-through' },
  rehearseSeconds: { label: 'Rehearsal' },
  resetSeconds: { label: 'Reset and count gear' },
  waitingTask: { label: 'Task while waiting' },
  spacing: SPACING_WORDS,
};

/** What a stretch of a block with rounds is called. */
export const SHARED_SEGMENTS: FormatWords['segments'] = {
  'walk-through': 'Walk-through',
  rehearse: 'Rehearse',
  work: 'Play',
  break: 'Break',
  reset: 'Reset and count gear',
};

/** ": slower, bounces less": what is different with a stand-in, at most three things; nothing if it is alike. */
export function standInWords(changes: unknown): string {
  const known = Array.isArray(changes) ? changes.slice(0, 3) : [];
  return known.length ? `: ${known.join(', ')}` : '';
}

/** What the ideas of `roundIdeas` are called, for a format's prefix. */
export function roundIdeaWords<P extends string>(prefix: P): Record<RoundIdeaCode<P>, (data: Data) => string> {
  const words = {
    [`${prefix}-rounds`]: (d: Data) => `Play ${s(n(d, 'count'), 'round')}`,
    [`${prefix}-no-walk`]: (d: Data) => `Skip walk-through and rehearsal: saves ${duration(n(d, 'seconds'))}`,
    [`${prefix}-automatic`]: () => 'Make the round’s length automatic',
  };
  return words as Record<RoundIdeaCode<P>, (data: Data) => string>;
}

/** Lines of cards and rules that every game says alike; a format that means more by one words it over. */
export const SHARED_CARD = {
  task: (d) => ['Task', t(d, 'text')],
  start: (d) => ['Start', t(d, 'text')],
  object: (d) => ['With', many(t(d, 'gearKind'))],
  waiting: (d) => ['While you wait', t(d, 'text')],
  cue: (d) => ['Look for', t(d, 'text')],
  easier: (d) => ['Easier', t(d, 'text')],
  harder: (d) => ['Harder', t(d, 'text')],
  stop: (d) => ['Stop signal', t(d, 'text')],
  'end-rounds': (d) => ['End', n(d, 'count') === 1 ? 'After one round' : `After ${n(d, 'count')} rounds`],
} satisfies FormatWords['card'];
