import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Threes keep a light ball in the air over a low rope; all teams meet, and the resting one referees. */
export const bellFair: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bell-fair'),
  title: 'Fair of the bells',
  aim: 'Send a light ball over a rope so that it is hard to catch, and cover the floor together',
  purpose: [],
  families: ['throw', 'catch', 'cooperate'],
  noise: 2,
  outdoors: 'in',
  demands: [],
  story: 'At the fair every tower sends its ringers. A ball that lands is a bell that has rung.',
  attentionCall: 'Bells? … Silent!',
  stopSignal: '',
  format: 'tournament',
  rules: [
    { kind: 'restart', text: 'The team that lost the point throws it in from its end line' },
    { kind: 'boundary', text: 'A ball that lands outside is a point for the other team' },
    { kind: 'calm-down', text: 'Play seated, with one bounce allowed' },
    {
      kind: 'fault',
      fault: 'walking-with-the-ball',
      does: 'Walking with the ball in the hands',
      next: 'The ball goes to the other team',
      back: 'You play on at once',
    },
  ],
  offences: [{ what: 'walking-with-the-ball' }],
  questions: ['Where was the free floor on the other side?', 'How did you tell your team that it is yours?'],
  bands: {
    'pre-k': { pools: 2, referees: false, waitingTask: 'Toss a scarf and catch it', lengthM: 5, walkSeconds: 90 },
    'k-1': { pools: 2, referees: false, waitingTask: 'Toss a scarf and catch it', lengthM: 6 },
    '2-3': { pools: 2 },
    '4-5': {},
    '6-8': { lengthM: 9 },
    '9-12': { lengthM: 10, tieBreak: 'difference' },
  },
  setup: {
    team: 'Tower',
    court: 'Square',
    teamSize: 3,
    objects: ['light ball', 'soft ball', 'bright ball'],
    objectsEach: 1,
    markers: { gearKind: 'rope', count: 1 },
    widthM: 3.6,
    lengthM: 7,
    start: 'One throws underhand from behind the end line, over the rope',
    point: 'A ball that lands on the other team’s floor is a point',
    task: 'Catch what comes over, then throw it from where you caught it to where nobody stands',
    cues: ['Ready hands at the chest', 'Move before it falls', 'Throw to the free floor'],
    easier: 'It may bounce once',
    harder: 'It must be passed once before it goes over',
  },
};
