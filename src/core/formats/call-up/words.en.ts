import { crowdedFindings, crowdedFixes } from '../classField.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, listed, many } from '../speak.ts';

const numbersOf = (d: Record<string, unknown>) => (Array.isArray(d.numbers) ? d.numbers.map(String) : []);

export const callUpWords = {
  name: 'Call-up',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    atOnce: { label: 'Numbers called at once' },
    callSeconds: { label: 'A call lasts' },
    gapSeconds: { label: 'From a call to the next' },
    fields: { label: 'Fields', solved: 'small sides, within floor and gear' },
    goalM: { label: 'Goal, wide' },
    edgeM: { label: 'Free floor to the walls' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'Number off, one call for all' },
  unit: 'side',
  assumes: 'Assumes that who is called plays for the whole call and everyone else stands at the line.',
  filled: { place: 'in', word: 'called' },
  board: { points: 'Points', numbers: 'Which numbers?', in: 'in play', line: 'at the line' },
  notes: {
    in: (d, name) => `In: ${listed((d.players as string[]).map(name))}`,
    next: (d, name) =>
      numbersOf(d).length ? `Next, ${listed(numbersOf(d))}: ${listed((d.players as string[]).map(name))}` : 'No more calls',
  },
  actions: { call: 'Call the next', 'call-other': 'Call others', goal: 'Goal', over: 'Over' },
  restart: 'this call is over',
  events: {
    call: (d) => `Call ${listed(numbersOf(d))}`,
    goal: (d) => `Goal for ${t(d, 'side')}`,
    over: () => 'Call over',
  },
  summary: (v, rounds, work, _, places) =>
    `${s(places / 2, 'field')} · ${s(rounds, 'round')} of ${duration(work)} · ${s(n(v, 'atOnce'), 'number')} at once`,
  roles: { sideline: 'at the line' },
  card: {
    ...SHARED_CARD,
    called: (d) => [
      'Called',
      `${n(d, 'count') === 1 ? 'One number is' : `${n(d, 'count')} numbers are`} called: whoever has ${n(d, 'count') === 1 ? 'it' : 'them'} plays for ${duration(n(d, 'seconds'))}, then walks back to the same spot`,
    ],
    shared: () => ['Called', 'The shorter side starts over: its first students have two numbers'],
    sideline: (d) => ['At the line', `${t(d, 'text')}. You keep the object in. You don’t enter and don’t score`],
    point: (d) => ['Score', t(d, 'text')],
  },
  findings: {
    ...crowdedFindings('call-up'),
    'call-up-empty': (d) => ({
      what: `${s(n(d, 'none'), 'side')} without anybody`,
      why: `${s(n(d, 'playing'), 'student')} on ${s(n(d, 'fields'), 'field')}: each field needs two sides.`,
    }),
    'call-up-waits': (d) => ({
      what: `Up to ${duration(n(d, 'seconds'))} from one call to the next`,
      why: `${s(n(d, 'largest'), 'student')} on a side, ${n(d, 'atOnce')} at a time. Default: at most 30 s.`,
    }),
    'call-up-shared': (d) => ({
      what: `${s(n(d, 'count'), 'number')} shared on the shorter side`,
      why: 'Sides are not the same size. The shorter one starts over, so its first students are called more often.',
    }),
  },
  fixes: {
    ...roundIdeaWords('call-up'),
    ...crowdedFixes('call-up'),
    'call-up-fields': (d) => `Use ${s(n(d, 'count'), 'field')}`,
    'call-up-at-once': (d) => `Call ${n(d, 'count')} numbers at once`,
    'call-up-shorter': (d) => `Make a call ${duration(n(d, 'seconds'))} long`,
    'call-up-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
