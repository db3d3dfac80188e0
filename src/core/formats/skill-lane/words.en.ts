import type { FormatWords } from '../formatWords.ts';
import { type Data, n, s, t } from '../say.ts';
import { SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration } from '../speak.ts';

const tries = (d: Data) => `${n(d, 'made')} of ${n(d, 'tries')}`;
const best = (d: Data) => (n(d, 'bestRun') > 1 ? ` · best run ${n(d, 'bestRun')}` : '');
const PROMPTS: Record<string, string> = { alone: 'alone', word: 'with a word', model: 'after a model', hand: 'with a hand' };

/** With which help a try was made, how many fell, and with which form. */
const triedWords = (d: Data): string =>
  [
    PROMPTS[t(d, 'prompt')] ?? 'alone',
    ...(d.fallen === undefined ? [] : [`${n(d, 'fallen')} fell`]),
    ...(d.form === undefined ? [] : [t(d, 'form').toLowerCase()]),
  ].join(', ');

export const skillLaneWords = {
  name: 'Skill lanes',
  settings: {
    ...SHARED_SETTINGS,
    workSeconds: { label: 'A turn', solved: 'fills the period' },
    breakSeconds: { label: 'Time to swap' },
    step: { label: 'Start at' },
    startAt: { label: 'Students who were further', options: { own: 'start where they got to', same: 'start with the others' } },
    enough: { label: 'Tries before a step changes' },
    upPercent: { label: 'Harder from (% made)' },
    downPercent: { label: 'Easier at (% made)' },
    perLane: { label: 'Students at a lane' },
    groups: { label: 'Lanes', solved: 'within floor and gear' },
    turnsEach: { label: 'Turns each' },
    laneM: { label: 'Lane width' },
    gapM: { label: 'Gap between lanes' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Practice', break: 'Swap', rehearse: 'One slow try each' },
  unit: 'lane',
  assumes: 'Assumes that whoever has the lane tries all the time, and partners take turns evenly.',
  board: {
    tries: 'Tries',
    made: 'Made at the last step',
    count: 'tries',
    'prompt-word': 'a word',
    'prompt-model': 'a model',
    'prompt-hand': 'a hand (said yes)',
    prompt: 'Made with what help?',
    fallen: 'How many fell?',
    form: 'Made with which form?',
  },
  notes: {
    step: (d) => `${tries(d)} · step ${n(d, 'step') + 1} of ${n(d, 'steps')}${best(d)}`,
    'step-up': (d) => `${tries(d)} · ready for step ${n(d, 'step') + 2}`,
    'step-down': (d) => `${tries(d)} · try step ${n(d, 'step')}`,
  },
  actions: { made: 'Made', missed: 'Missed', helped: 'Helped', form: 'Form', easier: 'Easier', harder: 'Harder' },
  restart: 'you call them back',
  events: {
    try: (d) => `${d.made ? 'Made' : 'Missed'}${n(d, 'count') > 1 ? ` ${n(d, 'count')} times` : ''}, ${triedWords(d)}`,
    step: (d) => `To step ${n(d, 'to') + 1}`,
  },
  summary: (v, rounds, work, _, places) => `${s(places, 'lane')} · ${s(rounds, 'turn')} of ${duration(work)} · step ${v.step}`,
  card: {
    ...SHARED_CARD,
    countdown: (d) => ['Say before you send', t(d, 'text')],
    forms: (d) => ['Feet and form, in order', (d.list as string[]).join(' → ')],
    partner: (d) => ['Partner', t(d, 'text')],
    seated: (d) => ['Seated', t(d, 'text')],
    'score-made': () => ['Score', 'Count your longest run of makes'],
    'score-counts': () => ['Score', 'Count how many fall and how many stay standing'],
    'end-turns': (d) => ['End', n(d, 'count') === 1 ? 'When everyone has had a turn' : `When everyone has had ${n(d, 'count')} turns`],
  },
  findings: {
    'lane-own-starts': (d) => ({
      what: [
        ...(n(d, 'ahead') ? [`${s(n(d, 'ahead'), 'student')} start${n(d, 'ahead') === 1 ? 's' : ''} further on`] : []),
        ...(n(d, 'behind') ? [`${n(d, 'ahead') ? n(d, 'behind') : s(n(d, 'behind'), 'student')} at an easier step`] : []),
      ].join(', '),
      why: 'Their last step went well, or badly, on two days. The lanes are as long as the farthest step needs.',
    }),
    'lane-does-not-fit': (d) => ({
      what: `${n(d, 'placed')} of ${s(n(d, 'wanted'), 'lane')} ${n(d, 'placed') === 1 ? 'fits' : 'fit'} on the floor`,
      why: `A lane takes ${t(d, 'sizeWords')}, clear of walls, doors and posts.`,
    }),
    'lane-waiting': (d) => ({
      what: `Up to ${duration(n(d, 'seconds'))} without a turn or a task`,
      why: `${n(d, 'largest')} share a lane: one plays, one is the partner, the rest have nothing to do.`,
    }),
    'lane-line-works': (d) => ({
      what: `${n(d, 'largest')} share a lane, up to ${duration(n(d, 'seconds'))} between turns`,
      why: `With a task: ${t(d, 'task')}.`,
    }),
    'lane-empty': (d) => ({ what: `${s(n(d, 'count'), 'lane')} with nobody in it`, why: 'It would be set up for nobody.' }),
  },
  fixes: {
    'same-start': () => 'All start at the same step',
    lanes: (d) => `Use ${s(n(d, 'count'), 'lane')}`,
    'narrow-lanes': (d) => `Make lanes ${t(d, 'spacingWords')} wide`,
    'close-lanes': (d) => `Leave ${t(d, 'gapWords')} between lanes`,
    'first-step': (d) => `Start at “${t(d, 'title')}”`,
    'small-lanes': (d) => `Narrow lanes close together (${t(d, 'spacingWords')}), first step`,
    'lane-task': (d) => `Give the task: ${t(d, 'task')}`,
    'turn-of': (d) => `Make turns ${duration(n(d, 'seconds'))}`,
    'turns-each': (d) => `Give ${s(n(d, 'count'), 'turn')} each`,
    'per-lane': (d) => `Put ${s(n(d, 'count'), 'student')} at a lane`,
    'begin-at': (d) => `Start at “${t(d, 'title')}”`,
    'skip-rehearsal': (d) => `Skip walk-through and rehearsal: saves ${duration(n(d, 'seconds'))}`,
    'automatic-length': () => 'Make the turn’s length automatic',
  },
} satisfies FormatWords;
