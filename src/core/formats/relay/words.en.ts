import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, listed, many } from '../speak.ts';

const goingWords = (d: Record<string, unknown>, name: (id: unknown) => string): string => {
  const going = Array.isArray(d.going) ? d.going.map(name) : [];
  return going.length ? `Going: ${listed(going)}${d.after ? `, then ${name(d.after)}` : ''}` : 'Nobody in this line';
};

export const relayWords = {
  name: 'Relay',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Carried' },
    turns: { label: 'Turns each in a race' },
    to: { label: 'Played to (0: the clock)' },
    atOnce: { label: 'Of a line, going at once' },
    offset: {
      label: 'Diagonals',
      options: { 'half-leg': 'half a leg apart', shifted: 'one line shifted', together: 'all start together' },
    },
    perLine: { label: 'Students in a line', solved: 'as many as wait no longer than the limit' },
    groups: { label: 'Lines', solved: 'by the wait, floor and gear' },
    actionSeconds: { label: 'At the far end' },
    handoverSeconds: { label: 'Hand-over' },
    legM: { label: 'A leg' },
    laneM: { label: 'Line, wide' },
    gapM: { label: 'Gap between lines' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'One turn each, at a walk', shift: 'One bay on' },
  unit: 'line',
  assumes: 'Assumes turns of about the same length, a hand-over as long as is set, and a line that always has somebody going.',
  board: { turns: 'Turns', made: 'Made' },
  notes: {
    going: goingWords,
    tries: (d, name) => `${goingWords(d, name)} · missed ${n(d, 'missed')}`,
    left: (d, name) => (n(d, 'left') ? `${goingWords(d, name)} · ${s(n(d, 'left'), 'turn')} to go` : 'All back'),
  },
  actions: { back: 'Back', made: 'Made', missed: 'Missed' },
  restart: 'the next round',
  events: {
    back: (d) => `Line ${n(d, 'line') + 1}: ${d.made === undefined ? 'back' : d.made ? 'made' : 'missed'}`,
    rotate: () => 'One bay on',
  },
  summary: (v, rounds, work, _, places) =>
    `${s(places, 'line')} · ${s(rounds, 'round')} of ${duration(work)}${n(v, 'atOnce') > 1 ? ` · ${n(v, 'atOnce')} at once` : ''}`,
  roles: { twice: 'goes once more' },
  card: {
    ...SHARED_CARD,
    object: (d) => ['Carried', many(t(d, 'gearKind'))],
    leg: (d) => ['On the way', t(d, 'text')],
    'hand-over': (d) => ['Hand-over', t(d, 'text')],
    'mode-race': () => ['Order', 'One after the other. A line is done when all are back and seated'],
    'mode-continuous': () => ['Order', 'Keep going in turn until the whistle'],
    'mode-until-made': () => ['Order', 'Keep trying until it is made, then the next one goes. The line calls its total aloud'],
    'mode-crossing': () => [
      'Order',
      'The first of every line goes at once: diagonal, side, diagonal, side. Join the end of the line that you come to',
    ],
    'mode-passing': () => ['Order', 'Pass it back overhead. The last one runs with it to the front'],
    'mode-bay-shift': () => ['Order', 'Try once, fetch it made or missed, hand it over. After every round all lines move one bay on'],
    'at-once': (d) => ['Order', `${n(d, 'count')} of a line are on the way at once`],
    'half-leg': () => ['Safety', 'Lines 3 and 4 start when lines 1 and 2 are halfway, so nobody meets in the middle'],
    shifted: () => ['Safety', 'Line 3 starts from its shifted mark. Keep to your right in the middle'],
    early: () => ['Not allowed', 'Leaving before the touch'],
    'early-then': () => ['Then', 'Come back to the line and start again'],
    'early-back': () => ['Back in', 'At once, with the next touch'],
    twice: () => ['Short line', 'Its first ones go once more, so that every line has the same number of turns'],
    'score-made': () => ['Score', 'One for each that is made'],
    'score-turns': () => ['Score', 'One for everybody who is back'],
    'score-first': () => ['Score', 'The line that is back and seated first'],
    'end-race': (d) => ['End', n(d, 'count') === 1 ? 'When everybody has gone' : `When everybody has gone ${n(d, 'count')} times`],
    'end-score': (d) => ['End', `The first line with ${n(d, 'count')}, or the whistle`],
  },
  findings: {
    ...doesNotFitWords('relay', 'line'),
    'relay-meet': (d, speak) => ({
      what: `Two runners come within ${speak.metres(n(d, 'nearest'))} of each other in the middle`,
      why: `The diagonals cross and both get there at the same time. Side Court default: ${speak.metres(n(d, 'clear'))} apart. Local rules decide.`,
    }),
    'relay-apart': (d, speak) => ({
      what: `In the middle runners stay ${speak.metres(n(d, 'nearest'))} apart`,
      why:
        d.offset === 'shifted'
          ? `Line 3 starts ${speak.metres(n(d, 'shift'))} up its side.`
          : `Lines 3 and 4 start ${n(d, 'seconds')} s after lines 1 and 2.`,
    }),
    'relay-waits': (d) => ({
      what: `Up to ${duration(n(d, 'seconds'))} in line`,
      why: `${s(n(d, 'largest'), 'student')} in a line; with ${n(d, 'most')} nobody waits longer than ${duration(n(d, 'limit'))}.${t(d, 'task') ? ` Their task meanwhile: ${t(d, 'task')}.` : ''}`,
    }),
    'relay-twice': (d) => ({
      what: `Lines of ${n(d, 'few')} and of ${n(d, 'many')}`,
      why: `In a line that is short, ${n(d, 'extra') === 1 ? 'one goes' : `${n(d, 'extra')} go`} once more: whoever did so least in the last lessons.`,
    }),
    'relay-empty': (d) => ({
      what: n(d, 'none') === 1 ? 'Nobody at one of the corners' : `Nobody at ${n(d, 'none')} of the corners`,
      why: `${s(n(d, 'playing'), 'student')} for four lines. Everybody still goes around, alone.`,
    }),
  },
  fixes: {
    ...roundIdeaWords('relay'),
    'relay-lines': (d) => `Use ${s(n(d, 'count'), 'line')}`,
    'relay-at-once': (d) => `Let ${n(d, 'count')} of a line go at once`,
    'relay-leg': (d) => `Make a leg ${t(d, 'spacingWords')} long`,
    'relay-close': (d) => `Put lines ${t(d, 'gapWords')} apart`,
    'relay-object': (d) => `Carry ${many(t(d, 'to'))}`,
    'relay-turns': (d) => `Give everyone ${s(n(d, 'count'), 'turn')} in a race`,
    'relay-half-leg': () => 'Start the second diagonal half a leg later',
    'relay-shifted': () => 'Shift one line along its side',
    'relay-task': () => 'Give those who wait a task',
  },
} satisfies FormatWords;
