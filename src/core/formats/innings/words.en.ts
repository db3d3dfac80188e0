import { doesNotFitWords } from '../doesNotFit.ts';
import { FIELD_LABELS_EN, fieldIdeaWords } from '../fields.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

const KINDS: Record<string, string> = { grounder: 'along the ground', 'short-fly': 'short and high', 'long-fly': 'long and high' };

export const inningsWords = {
  name: 'Innings',
  settings: {
    ...SHARED_SETTINGS,
    ...FIELD_LABELS_EN,
    object: { label: 'Played with' },
    innings: { label: 'Innings (0: the clock)' },
    capSeconds: { label: 'A turn at bat ends after (0: never)' },
    catchOut: { label: 'A catch ends the turn' },
    runM: { label: 'A run' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'One hit each, no score' },
  unit: 'field',
  assumes:
    'Assumes balls that come down anywhere in the field, the nearest fielder who fetches and throws home, and batters who run until it is there.',
  filled: { place: 'bat', word: 'at bat' },
  board: {
    runs: 'Runs',
    turns: 'Hits so far',
    trips: 'How many trips?',
    bat: 'At bat',
    first: 'On first',
    second: 'On second',
    third: 'On third',
    next: 'Next at bat',
  },
  notes: {
    bats: (d) => `At bat: ${n(d, 'scored')} of ${n(d, 'of')} home`,
    fields: () => 'In the field',
  },
  actions: {
    trips: 'Hit: trips …',
    caught: 'Caught',
    grounder: 'Along the ground: 1 base',
    'short-fly': 'Short and high: 2 bases',
    'long-fly': 'Long and high: 3 bases',
    'not-fielded': 'Not fielded: again',
  },
  restart: 'the next round',
  events: {
    hit: (d, _, name) =>
      d.trips === undefined
        ? `${name(d.batter)}: ${KINDS[t(d, 'kind')]}${d.fielded ? '' : ', not fielded'}`
        : `${name(d.batter)}: ${s(n(d, 'trips'), 'trip')}`,
    caught: (d, _, name) => `${name(d.batter)}: caught`,
  },
  summary: (_, rounds, work, __, places) => `${s(places, 'field')} · ${s(rounds, 'round')} of ${duration(work)}`,
  roles: { field: 'in the field' },
  card: {
    ...SHARED_CARD,
    feed: (d) => ['The ball', t(d, 'text')],
    fielding: (d) => ['Fielders', t(d, 'text')],
    trip: () => ['A trip', 'To the far marker with a foot on it, and back into the home box. Each one that is complete counts'],
    dead: () => [
      'Ball dead',
      'When a fielder with the ball touches a base, or catches it with a foot on one. A trip that is not complete counts nothing',
    ],
    'catch-out': () => ['A catch', 'Caught in the air: the turn is over'],
    'catch-free': () => ['A catch', 'Caught in the air changes nothing: play on'],
    bases: () => [
      'Bases',
      'Fielded on the ground: 1 base. Caught short: 2. Caught long: 3. Home is the fourth. All runners go with the hitter',
    ],
    helping: () => [
      'Helping',
      'A hit counts only if it is fielded: help each other in the field. The side bats until everybody has come home',
    ],
    cap: (d) => ['Turn', `After ${duration(n(d, 'seconds'))} the next fielded hit is the last one of the turn`],
    'field-shuttle': (d) => ['Fielders', `${t(d, 'text')}. After every hit the fielders swap places`],
    'field-bases': (d) => ['Fielders', `${t(d, 'text')}. Places change whenever I call`],
    careless: () => ['Not allowed', 'Running without a look, or letting go of what you hit with'],
    'careless-then': () => ['Then', 'That hit counts nothing'],
    'careless-back': () => ['Back in', 'With your next turn'],
    'score-trips': () => ['Score', 'One for every trip'],
    'score-bases': () => ['Score', 'One for everybody who comes home'],
    'end-innings': (d) => ['End', n(d, 'count') === 1 ? 'After one inning' : `After ${n(d, 'count')} innings, or the whistle`],
  },
  findings: {
    ...doesNotFitWords('innings', 'field'),
    'innings-short': (d) => ({
      what: `${n(d, 'least') === 1 ? 'A side of 1' : `A side of ${n(d, 'least')}`}`,
      why: `With fewer than ${n(d, 'needed')} all of a side could stand on base and nobody could bat.`,
    }),
    'innings-crowded': (d) => ({
      what: `${s(n(d, 'largest'), 'student')} on one field`,
      why: `A small game is for two to ${n(d, 'most')}. The others would wait.`,
    }),
    'innings-alone': () => ({ what: 'One student has a field alone', why: 'There is nobody to field.' }),
    'innings-turns': (d) => ({
      what: `A turn at bat may last ${duration(n(d, 'long'))}`,
      why: `Until all ${n(d, 'batting')} have come home: half of the turns take up to ${duration(n(d, 'half'))}, one in ten longer than ${duration(n(d, 'long'))}. A cap ends it.`,
    }),
    'innings-turns-capped': (d) => ({
      what: `A turn at bat ends after ${duration(n(d, 'cap'))}`,
      why: `Without a cap half of the turns take up to ${duration(n(d, 'half'))}, one in ten longer than ${duration(n(d, 'long'))}. ${n(d, 'share')}% of them are cut short.`,
    }),
  },
  fixes: {
    ...roundIdeaWords('innings'),
    ...fieldIdeaWords('innings'),
    'innings-cap': (d) => `End a turn after ${duration(n(d, 'seconds'))}`,
    'innings-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
