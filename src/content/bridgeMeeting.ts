import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Small teams roll a ball across a bridge into the other bank, every team against every other. */
export const bridgeMeeting: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bridge-meeting'),
  title: 'Meeting of the bridges',
  aim: 'Roll and stop a ball as a team, and keep to the rules without being told',
  purpose: [],
  families: ['throw', 'defend', 'cooperate'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'Every village sends its bridge keepers to the river. Each pair of villages meets once; nobody is sent home.',
  attentionCall: 'River? … Low!',
  stopSignal: '',
  format: 'tournament',
  rules: [
    { kind: 'restart', text: 'Whoever stopped the ball rolls it next; after a point the other team begins' },
    { kind: 'boundary', text: 'A ball over a side line is brought back by the nearest player and rolled from there' },
    { kind: 'calm-down', text: 'All kneel, and the ball is rolled with two hands' },
    {
      kind: 'fault',
      fault: 'rolling-from-past-the-middle',
      does: 'Rolling from past the middle line',
      next: 'The ball goes to the other team',
      back: 'You play on at once',
    },
  ],
  offences: [{ what: 'rolling-from-past-the-middle' }],
  questions: ['What did your team agree on between two matches?', 'How did the referees help?'],
  bands: {
    'pre-k': { pools: 2, referees: false, waitingTask: 'Cheer for both teams', widthM: 4, lengthM: 5, walkSeconds: 90 },
    'k-1': { pools: 2, referees: false, waitingTask: 'Count the points of one team on your fingers', widthM: 4, lengthM: 6 },
    '2-3': { pools: 2 },
    '4-5': {},
    '6-8': { points: '3-1-0', lengthM: 8 },
    '9-12': { crossOver: true, pools: 2, lengthM: 9 },
  },
  setup: {
    team: 'Village',
    court: 'Bridge',
    teamSize: 4,
    objects: ['soft ball', 'light ball', 'bright ball'],
    objectsEach: 1,
    markers: { gearKind: 'cone', count: 4 },
    widthM: 4,
    lengthM: 6.5,
    start: 'Both teams stand in their own half; the team named first begins',
    point: 'A ball rolled over the other team’s end line is a point',
    task: 'Roll the ball past the others over their end line, and stop what comes',
    cues: ['Spread across your half', 'Hands low, fingers to the floor', 'Say whose ball it is'],
    easier: 'A larger, lighter ball',
    harder: 'Two balls at once',
  },
};
