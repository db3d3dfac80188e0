import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Two banks of a mill stream: whose number is called runs in and rolls the ball through the sluice of the other bank. */
export const millRace: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('mill-race'),
  title: 'Mill race',
  aim: 'React at once, pass to who is free, and roll through a wide goal',
  purpose: [],
  families: ['invade', 'throw', 'dodge and flee'],
  noise: 3,
  outdoors: 'both',
  demands: [],
  story:
    'The stream carries a ball into the race. The millers of both banks wait at the edge; when a miller’s number is called, the ball is theirs to guide through the sluice.',
  attentionCall: 'Water? … Still!',
  stopSignal: '',
  format: 'call-up',
  rules: [
    { kind: 'restart', text: 'Walk back to your own spot; the caller rolls the ball in anew' },
    { kind: 'boundary', text: 'The line students roll the ball back in, to whoever is nearest' },
    { kind: 'tie', text: 'As many goals each: both banks have won' },
    { kind: 'calm-down', text: 'Walk only, and the ball stays on the floor' },
    {
      kind: 'fault',
      fault: 'holding-somebody',
      does: 'Holding or pushing somebody',
      next: 'The ball is the other bank’s',
      back: 'You play on at once',
    },
  ],
  offences: [{ what: 'holding-somebody' }],
  questions: ['What did you watch while you were waiting?', 'How did two on the field find out who goes for the ball?'],
  bands: {
    'pre-k': { atOnce: 1, bouts: 1, callSeconds: 20, goalM: 4, walkSeconds: 90 },
    'k-1': { atOnce: 1, goalM: 3, walkSeconds: 60 },
    '2-3': { goalM: 2.5 },
    '4-5': {},
    '6-8': { bouts: 3 },
    '9-12': { atOnce: 3, bouts: 3 },
  },
  setup: {
    sides: ['Near bank', 'Far bank'],
    objects: ['soft ball', 'light ball', 'bright ball'],
    goal: { gearKind: 'cone', count: 4 },
    start: 'All stand on their own spots along the bank. The caller calls and rolls the ball in from the end',
    point: 'A ball rolled through the sluice is 1 point: your bank’s sluice is on your right as you look at the stream',
    sideline: 'Stay on your spot, knees bent, and stop the ball with your hands or feet',
    task: 'Get to the ball first, then roll it through your sluice, or roll it to your partner',
    cues: ['Listen, then go', 'Hands low, behind the ball', 'Look up before you roll'],
    easier: 'Your sluice is a step wider',
    harder: 'One pass before you may roll at the sluice',
  },
};
