import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Every tower has a row of cones; whoever knocks its own row down first rings the bell. */
export const bellRows: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bell-rows'),
  title: 'Ring the row',
  aim: 'Aim at small targets from both sides, and stop throws without fear of the object',
  purpose: [],
  families: ['throw', 'aim', 'defend'],
  noise: 3,
  outdoors: 'in',
  demands: [],
  story: 'Every tower has a row of bells. Knock on each of yours and the hour rings; a guest from another tower tries to keep it quiet.',
  attentionCall: 'Bells? … Silent!',
  stopSignal: '',
  format: 'target-clash',
  rules: [
    { kind: 'restart', text: 'When a row is down all rows stand again and the guards move on' },
    { kind: 'boundary', text: 'What rolls away is fetched at a walk by the one who threw it' },
    { kind: 'tie', text: 'Two rows down at once: both have the point' },
    { kind: 'calm-down', text: 'Slide along the floor only' },
    { kind: 'fault', fault: 'throwing-above-the-waist', does: 'Throwing above the waist' },
  ],
  offences: [{ what: 'throwing-above-the-waist', ladder: ['restart', 'rest'] }],
  questions: ['Which throw knocked most bells?', 'How did a guard help without getting hit?'],
  bands: {
    'pre-k': { guards: 0, targets: 3, groups: 2 },
    'k-1': { guards: 0, groups: 2 },
    '2-3': { guards: 0 },
    '4-5': {},
    '6-8': { targets: 6 },
    '9-12': { targets: 6, bouts: 4 },
  },
  setup: {
    mode: 'topple',
    sides: ['Low tower', 'High tower', 'Old tower'],
    objects: ['beanbag', 'soft ball'],
    objectsEach: 1,
    target: { gearKind: 'cone', count: 5 },
    feeders: 0,
    guards: 1,
    task: 'Knock down all bells of your own row, from both sides of it',
    cues: ['Eyes on one bell', 'Underhand, low and flat', 'Fetch, step back, throw'],
    easier: 'Throw from a step nearer',
    harder: 'Only the bell that is called',
  },
};
