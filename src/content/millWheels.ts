import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Pairs slide beanbags onto a wheel; who wins walks on to the next mill, who loses meets the next guest. */
export const millWheels: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('mill-wheels'),
  title: 'From mill to mill',
  aim: 'Slide with a fine touch, and meet many others in short games',
  purpose: [],
  families: ['aim', 'throw', 'cooperate'],
  noise: 1,
  outdoors: 'both',
  demands: [],
  story:
    'The millers of the valley visit one another. A guest who wins carries the news to the next mill; the host who lost welcomes the next guest.',
  attentionCall: 'Wheels? … Stop!',
  stopSignal: '',
  format: 'winners-ring',
  rules: [
    { kind: 'restart', text: 'Both pick up their beanbags; whoever lost the point begins' },
    { kind: 'boundary', text: 'A beanbag that leaves the bay counts nothing' },
    { kind: 'tie', text: 'Equally near: nobody has the point' },
    { kind: 'calm-down', text: 'Slide from one knee, in turns' },
    {
      kind: 'fault',
      fault: 'stepping-into-the-bay-early',
      does: 'Stepping into the bay before both are done',
      next: 'The point is the other team’s',
      back: 'At the next point',
    },
  ],
  offences: [{ what: 'stepping-into-the-bay-early' }],
  questions: ['Whom did you meet whom you had not played with before?', 'What did you do while you were in line?'],
  bands: {
    'pre-k': { target: 2, lengthM: 2.5, walkSeconds: 90 },
    'k-1': { target: 2, lengthM: 3 },
    '2-3': { target: 3 },
    '4-5': {},
    '6-8': { lengthM: 5 },
    '9-12': { lengthM: 6, target: 5 },
  },
  setup: {
    bay: 'Mill',
    team: 'Millers',
    teamSize: 2,
    objects: ['beanbag', 'disc', 'sliding stone'],
    objectsEach: 4,
    markers: { gearKind: 'floor spot', count: 1 },
    target: 3,
    widthM: 1.8,
    lengthM: 4,
    start: 'Each team stands behind its own end and slides in turns, two beanbags each',
    point: 'The beanbag nearest to the wheel is a point',
    task: 'Slide your beanbags as near to the wheel in the middle as you can',
    cues: ['Low hand, long swing', 'Eyes on the wheel', 'Let it go flat'],
    easier: 'Begin a step nearer',
    harder: 'Slide with the other hand',
  },
};
