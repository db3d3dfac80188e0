import { doesNotFitWords } from '../doesNotFit.ts';
import { FIELD_LABELS_EN, fieldIdeaWords } from '../fields.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

const WHY: Record<string, string> = { drop: 'dropped', intercept: 'taken', out: 'out', down: 'knocked down' };

export const possessionWords = {
  name: 'Possession',
  settings: {
    ...SHARED_SETTINGS,
    ...FIELD_LABELS_EN,
    object: { label: 'Played with' },
    passes: { label: 'Passes for a point' },
    goesOn: { label: 'Play goes on after a goal' },
    guards: { label: 'Guards on a side' },
    freeSpots: { label: 'Spots more than pairs' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'One minute, no score' },
  unit: 'field',
  assumes:
    'Assumes that all on a field keep moving; carriers run for the far end at the speed of their grade, and guards go for the nearest.',
  board: {
    points: 'Points',
    passes: 'Passes',
    tags: 'Tagged',
    holds: 'Has it',
    'first-pass': 'Who passes first?',
    'to-whom': 'To whom?',
    carries: 'Carrying: tap when tagged',
    'going-home': 'Going home: tap when there',
    why: 'How was it lost?',
    to: 'To whom?',
    drop: 'dropped',
    intercept: 'taken',
    out: 'out',
    down: 'knocked down',
  },
  notes: {
    has: (d) => (n(d, 'of') ? `In possession: ${n(d, 'passes')} of ${s(n(d, 'of'), 'pass')}` : 'In possession'),
    defends: () => 'Defends',
  },
  actions: {
    'pass-from': 'passes',
    'pass-to': 'gets it',
    turnover: 'Now theirs …',
    goal: 'Point',
    tagged: 'tagged',
    home: 'is home',
    'in-spot': 'Foot in the spot',
    beside: 'Beside it',
  },
  restart: 'it changes sides',
  events: {
    pass: (d, _, name) => `${name(d.from)} to ${name(d.to)}`,
    turnover: (d) => `${t(d, 'to')} has it: ${WHY[t(d, 'why')] ?? 'lost'}`,
    goal: (d) => `Point for ${t(d, 'side')}`,
    tagged: (d, _, name) => `${name(d.player)} tagged`,
    home: (d, _, name) => `${name(d.player)} is home`,
    stopped: (d) => `${t(d, 'pair')}: ${d.inSpot ? 'stopped in a spot' : 'beside the spot'}`,
  },
  summary: (_, rounds, work, __, places) => `${s(places, 'field')} · ${s(rounds, 'round')} of ${duration(work)}`,
  roles: { guard: 'guards' },
  asRole: { guard: 'as a guard' },
  card: {
    ...SHARED_CARD,
    move: (d) => ['Moving', t(d, 'text')],
    step: (d) => [`Round ${n(d, 'number')}`, t(d, 'text')],
    passes: (d) => ['A point', `${n(d, 'count')} passes in a row. The last one is put on the floor, and the other side starts`],
    'no-return': () => ['Passing', 'Never straight back to whoever passed it to you'],
    turnover: () => ['Lost', 'Dropped, taken or out: the other side has it'],
    'knocked-down': () => ['Lost', 'Knocked down: it belongs to whoever knocked it down'],
    'goes-on': () => ['After a goal', 'Play goes on at once'],
    'other-starts': () => ['After a goal', 'The other side starts from the middle'],
    carry: () => ['Carrying', 'Carry one object at a time over the far line of the other half, leave it there, walk back along the side'],
    tagged: () => ['Tagged', 'Tagged in the other half: take your object home and start again'],
    guard: (d) => ['Guards', `${n(d, 'count')} on each side tag in their own half only. New guards every round`],
    spots: () => ['A point', 'Your partner runs to a free spot and calls. Stop the pass with a foot in the spot'],
    'then-moves': () => ['Then', 'Whoever passed moves to another free spot. Nobody goes back to the last one'],
    contact: () => ['Not allowed', 'Pushing, holding, or taking it out of somebody’s hands'],
    'contact-then': () => ['Then', 'The other side has it'],
    'contact-back': () => ['Back in', 'At once, a step away'],
    'score-passes': (d) => ['Score', `One for every ${n(d, 'count')} passes in a row`],
    'score-goals': () => ['Score', 'One for every goal'],
    'score-halves': () => ['Score', 'One for every object that gets across'],
    'score-spots': () => ['Score', 'One for every pass that is stopped in a spot'],
  },
  findings: {
    ...doesNotFitWords('possession', 'field'),
    'possession-crowded': (d) => ({
      what: `${s(n(d, 'largest'), 'student')} on a side`,
      why: `One ball for all of them: many hardly touch it. Default: at most ${n(d, 'most')} on a side.`,
    }),
    'possession-short': (d) => ({
      what: n(d, 'least') === 1 ? 'A side of 1' : `A side of ${n(d, 'least')}`,
      why: 'With fewer than three every pass would go straight back.',
    }),
    'possession-alone': () => ({ what: 'Somebody has no partner', why: 'One alone can’t pass.' }),
  },
  fixes: {
    ...roundIdeaWords('possession'),
    ...fieldIdeaWords('possession'),
    'possession-guards': (d) => `Let ${n(d, 'count')} guard on each side`,
    'possession-passes': (d) => `Give a point for ${s(n(d, 'count'), 'pass')}`,
    'possession-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
