import { crowdedFindings, crowdedFixes } from '../classField.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { counted, duration, listed, many } from '../speak.ts';

const list = (value: unknown): string => (Array.isArray(value) ? listed(value.map((title) => `“${title}”`)) : '');
const has = (value: unknown): boolean => Array.isArray(value) && value.length > 0;
const without = (count: number) => `${s(count, 'student')} ${count === 1 ? 'starts' : 'start'} without one`;

export const openFloorWords = {
  name: 'Open floor',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    perObject: { label: 'Students for one object', solved: 'as few as there is gear for' },
    without: { label: 'Start without an object', solved: 'one in four' },
    stageCount: { label: 'Stages in a lesson, at most' },
    met: { label: 'A stage the class has met', options: { shorten: 'half as long', skip: 'left out', same: 'as any other' } },
    metPercent: { label: 'Met, if so many of those here have' },
    passing: { label: 'Passes allowed' },
    noTouch: { label: 'No touching' },
    keepM: { label: 'Keep the object within' },
    turnsEach: { label: 'Turns each in a stage' },
    workSeconds: { label: 'A round', solved: 'fills the period' },
    breakSeconds: { label: 'Switch' },
    stageSeconds: { label: 'Before a new stage' },
    obstacles: { label: 'Obstacles' },
    gates: { label: 'Gates' },
    edgeM: { label: 'Free floor to the walls' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'One switch, slowly', break: 'Switch', stage: 'Next stage' },
  unit: 'field',
  assumes:
    'Assumes that everyone with an object is moving and the others have their task at the home marker; thieves go for the nearest object.',
  filled: { place: 'active', word: 'active' },
  board: {
    stages: 'Stages',
    count: 'round',
    turns: 'Turns',
    steals: 'Taken',
    active: 'Active',
    defends: 'One foot in the hoop',
    resting: 'At the home marker',
    with: 'With an object',
    without: 'Without one',
    from: 'From whom?',
  },
  actions: { switch: 'Switch', stage: 'Next stage', 'stage-last': 'End', steal: 'took one', withdraw: 'Out' },
  restart: 'the next switch',
  events: {
    switch: () => 'Switch',
    stage: () => 'Stage over',
    steal: (d, _, name) => `${name(d.by)} took one from ${name(d.from)}`,
    withdraw: (d, _, name) => `Took ${name(d.from)}’s object out`,
  },
  summary: (v, rounds, work) =>
    `${s(rounds, 'round')} of ${duration(work)}${n(v, 'perObject') > 1 ? ` · ${n(v, 'perObject')} to an object` : ''}`,
  roles: { defender: 'one foot in the hoop' },
  asRole: { defender: 'as the defender' },
  card: {
    ...SHARED_CARD,
    object: (d) => [
      'With',
      n(d, 'count') > 1 ? `${counted(1, t(d, 'gearKind'))} for ${n(d, 'count')} of you` : `${counted(1, t(d, 'gearKind'))} each`,
    ],
    move: (d) => ['Moving', t(d, 'text')],
    stage: (d) => [`Stage ${n(d, 'number')}`, `${t(d, 'title')}: ${t(d, 'text')}${d.isShort ? ' You know this one: half the time' : ''}`],
    'hand-over': (d) => [
      'Switch',
      `The object stays at the boundary by the home marker. Only the ${t(d, 'implement')} changes hands, low: handed over, never thrown`,
    ],
    'hand-on': () => ['Switch', 'Put the object down at the home marker and step back; the next one picks it up'],
    waiting: (d) => ['At the home marker', t(d, 'text')],
    steal: (d) => ['Objects', `${without(n(d, 'count'))}. Whoever has none takes one from anyone, low and without touching the person`],
    'not-back': () => ['Objects', 'Never straight back from the one who took yours, until you have held one again'],
    defender: () => [
      'Defender',
      'Keeps one foot in the hoop, which stays where it is, and knocks the object away. The two swap at every switch',
    ],
    retrieve: () => ['Lost', 'Whoever loses the object fetches it and comes back'],
    keep: (d) => ['Close', `Keep it within ${s(n(d, 'steps'), 'step')} of you`],
    touch: () => ['Touching', 'Body, implement or object touches somebody'],
    'touch-all': () => ['Touching', 'Body, implement or object touches somebody or an obstacle'],
    'touch-next': () => ['Then', 'Stop, step to the boundary and keep the object still for three breaths'],
    'touch-back': () => ['Back', 'At once after that, by yourself'],
    score: () => ['Score', 'Count your own touches and try to beat your last round. There is no winner'],
    end: (d) => ['End', `After ${s(n(d, 'stages'), 'stage')}, ${s(n(d, 'turns'), 'turn')} each in every one`],
    'calm-pass': () => ['Calm down', 'Passing is withdrawn: everyone keeps the object until I say “pass”'],
    calm: () => ['Calm down', 'Everyone walks, with the object at the foot of the implement or in both hands, until I say “go on”'],
  },
  findings: {
    ...crowdedFindings('open-floor'),
    'open-floor-alone': (d) => ({
      what: 'Somebody has no partner',
      why: `${s(n(d, 'playing'), 'student')} in all. ${d.mode === 'steal' ? 'There is nobody to take an object from.' : 'Every defender needs somebody with an object.'}`,
    }),
    'open-floor-waits': (d) => ({
      what: `Up to ${duration(n(d, 'seconds'))} at the home marker`,
      why: t(d, 'task')
        ? `${s(n(d, 'sharers'), 'student')} share an object. Their task meanwhile: ${t(d, 'task')}`
        : `${s(n(d, 'sharers'), 'student')} share an object and have no task meanwhile. Default: at most ${n(d, 'most')} s.`,
    }),
    'open-floor-odd': (d) => ({
      what: `Groups of ${n(d, 'least')} and of ${n(d, 'most')} at the same clock`,
      why: `${s(n(d, 'bouts'), 'round')}: ${s(n(d, 'few'), 'turn')} each in the larger group, up to ${n(d, 'many')} in the smaller ones.`,
    }),
    'open-floor-met': (d) => ({
      what: has(d.short) || has(d.skipped) ? 'Some stages were met before' : 'Not every stage is due',
      why: [
        ...(has(d.short) ? [`Half as long: ${list(d.short)}.`] : []),
        ...(has(d.skipped) ? [`Left out: ${list(d.skipped)}.`] : []),
        ...(has(d.early) ? [`Not yet: ${list(d.early)}, another one comes first.`] : []),
        ...(has(d.withdrawn) ? [`Passing is withdrawn: ${list(d.withdrawn)}.`] : []),
        `By what at least ${n(d, 'percent')}% of those here have met in earlier lessons.`,
      ].join(' '),
    }),
  },
  fixes: {
    ...roundIdeaWords('open-floor'),
    ...crowdedFixes('open-floor'),
    'open-floor-share': (d) => (n(d, 'count') === 1 ? 'An object each' : `Let ${n(d, 'count')} share an object`),
    'open-floor-without': (d) => `Let ${s(n(d, 'count'), 'student')} start without an object`,
    'open-floor-stages': (d) => `Play ${s(n(d, 'count'), 'stage')}`,
    'open-floor-turns': (d) => `Give everyone ${s(n(d, 'count'), 'turn')} in each stage`,
    'open-floor-bout': (d) => `Make a round ${duration(n(d, 'seconds'))} long`,
    'open-floor-obstacles': (d) => `Set up ${s(n(d, 'count'), 'obstacle')}`,
    'open-floor-gates': (d) => `Set up ${s(n(d, 'count'), 'gate')}`,
    'open-floor-close': () => 'Play close together',
    'open-floor-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
