import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Two mills drive big sacks over each other's line by hitting them with small soft ones. */
export const millSacks: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('mill-sacks'),
  title: 'Push the sacks',
  aim: 'Send again and again with aim, from behind a line, and work out together where it counts',
  purpose: [],
  families: ['throw', 'aim', 'cooperate'],
  noise: 3,
  outdoors: 'both',
  demands: [],
  story: 'Big sacks wait between the mills. Only small ones may move them, and only by a hit. Which mill keeps its yard clear?',
  attentionCall: 'Mills? … Stand still!',
  stopSignal: '',
  format: 'target-clash',
  rules: [
    { kind: 'restart', text: 'At a goal everything stops, all sacks go back to the middle, new feeders go in' },
    { kind: 'boundary', text: 'What rolls past the goal line belongs to that mill' },
    { kind: 'tie', text: 'The mill with more sacks on the other half has it' },
    { kind: 'calm-down', text: 'Rolling only, kneeling behind the line' },
    { kind: 'fault', fault: 'aiming-at-a-feeder', does: 'Aiming at a feeder' },
  ],
  offences: [{ what: 'cross' }, { what: 'aiming-at-a-feeder', ladder: ['restart', 'rest'] }],
  questions: ['Where did a hit move the sack most?', 'How did your side share out who throws at what?'],
  bands: {
    'pre-k': { feeders: 0, targets: 3, bouts: 2 },
    'k-1': { feeders: 0, bouts: 2 },
    '2-3': { feeders: 1 },
    '4-5': {},
    '6-8': { targets: 5 },
    '9-12': { targets: 5, bouts: 4 },
  },
  setup: {
    mode: 'drive',
    sides: ['North mill', 'South mill'],
    objects: ['soft ball', 'beanbag', 'light ball'],
    objectsEach: 0.5,
    target: { gearKind: 'light ball', count: 4 },
    feeders: 2,
    guards: 0,
    task: 'Hit the large ones with small ones so that they roll over the other goal line',
    cues: ['Step with the other foot', 'Aim low at the middle of it', 'Hit together, one after the other'],
    easier: 'Stand a step nearer, use larger objects',
    harder: 'Send with the other hand',
  },
};
