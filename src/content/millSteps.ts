import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Two slide beanbags onto one millstone; the nearer one has the point, winners climb a step of the mill. */
export const millSteps: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('mill-steps'),
  title: 'Steps of the mill',
  aim: 'Slide and toss with a fine touch, and keep the score fairly together',
  purpose: [],
  families: ['aim', 'throw'],
  noise: 1,
  outdoors: 'both',
  demands: [],
  story: 'The mill has a step for every pair of sacks. Whoever lays a sack nearest to the stone carries it one step up.',
  attentionCall: 'Stone? … Still!',
  stopSignal: '',
  format: 'ladder',
  rules: [
    { kind: 'restart', text: 'Both pick up their own beanbags; whoever lost the point begins' },
    { kind: 'boundary', text: 'A beanbag that leaves the court counts nothing and stays out until the point is over' },
    { kind: 'calm-down', text: 'Slide only, from one knee or seated' },
    { kind: 'fault', fault: 'stepping-onto-the-court-early', does: 'Stepping onto the court before both are done' },
  ],
  offences: [{ what: 'stepping-onto-the-court-early' }],
  questions: ['How did you find the right touch?', 'How did you two agree when it was close?'],
  bands: {
    'pre-k': { bouts: 3, lengthM: 2.5, walkSeconds: 90 },
    'k-1': { bouts: 4, lengthM: 3, walkSeconds: 60 },
    '2-3': { lengthM: 3.5 },
    '4-5': {},
    '6-8': { bouts: 8, lengthM: 5 },
    '9-12': { bouts: 8, lengthM: 6, tie: 'rematch' },
  },
  setup: {
    court: 'Step',
    top: 'Top step',
    objects: ['beanbag', 'sliding stone', 'disc'],
    objectsEach: 4,
    markers: { gearKind: 'floor spot', count: 1 },
    widthM: 1.6,
    lengthM: 4,
    task: 'Slide your beanbags as near to the stone in the middle as you can, in turns',
    start: 'Both stand behind their own end and slide in turns, two beanbags each',
    point: 'The nearest beanbag to the stone is a point',
    cues: ['Low hand, long swing', 'Eyes on the stone, not on the beanbag', 'Let it go flat'],
    easier: 'Begin a step nearer',
    harder: 'Slide with the other hand',
  },
};
