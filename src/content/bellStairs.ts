import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Two, or two pairs, toss over a line into the other half; what lands there rings. */
export const bellStairs: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bell-stairs'),
  title: 'Stairs of the bell tower',
  aim: 'Send an object into open floor and be ready for what comes back',
  purpose: [],
  families: ['catch', 'throw'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'On every stair ringers stand across a beam. What lands on the other side rings, and the ringer climbs.',
  attentionCall: 'Up the stairs? … Hush!',
  stopSignal: '',
  format: 'ladder',
  rules: [
    { kind: 'restart', text: 'Whoever lost the point begins the next one' },
    { kind: 'boundary', text: 'Outside the court is a point for the other side; what rolls away is fetched at a walk' },
    { kind: 'calm-down', text: 'Toss underhand, below the head, and catch every one' },
    { kind: 'fault', fault: 'throwing-hard-at-somebody', does: 'Throwing hard at somebody' },
  ],
  offences: [{ what: 'throwing-hard-at-somebody', ladder: ['word', 'restart', 'rest'] }],
  questions: ['Where was open floor?', 'Who met somebody new today, and what did you learn from them?'],
  bands: {
    'pre-k': { object: 'scarf', bouts: 3, widthM: 2, lengthM: 2.5, walkSeconds: 90 },
    'k-1': { object: 'beanbag', bouts: 4, widthM: 2, lengthM: 3, walkSeconds: 60 },
    '2-3': { lengthM: 3.6 },
    '4-5': {},
    '6-8': { count: 'all', bouts: 8, lengthM: 5 },
    '9-12': { each: 2, bouts: 8, widthM: 3, lengthM: 6, tie: 'rematch' },
  },
  setup: {
    court: 'Stair',
    top: 'Belfry',
    objects: ['light ball', 'soft ball', 'beanbag', 'scarf'],
    objectsEach: 1,
    markers: { gearKind: 'cone', count: 2 },
    widthM: 2.4,
    lengthM: 4.5,
    task: 'Toss it over the line so that it lands in the other half before it is caught',
    start: 'An underhand toss from behind your own end, when the other says “ready”',
    point: 'What lands in the other half is a point',
    cues: ['Back to the middle after every toss', 'Hands open, knees soft', 'Look where nobody stands'],
    easier: 'It may land once before you catch it',
    harder: 'Catch with one hand',
  },
};
