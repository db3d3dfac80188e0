import type { Game } from '../core/model/game.ts';
import { basics } from './basics.ts';

/** One of a pair carries the word around the village; the other works at the mill meanwhile. */
export const millAndMessenger: Game = {
  ...basics('mill-and-messenger'),
  title: 'Mill and messenger',
  aim: 'Keep moving for a whole turn, running and working by turns',
  families: ['travel', 'warm up', 'pace', 'cooperate'],
  noise: 2,
  outdoors: 'both',
  story: 'While one of you works at the mill the other carries the news around the village. Then you change.',
  attentionCall: 'Mill! … Messenger!',
  format: 'interval-pairs',
  rules: [
    { kind: 'boundary', text: 'Runners stay on the track, workers in their area' },
    { kind: 'restart', text: 'After a stop everyone goes on where they are' },
    { kind: 'tie', text: 'There is none: everybody beats their own number' },
    { kind: 'calm-down', text: 'Runners walk one lap, workers breathe in and out five times' },
  ],
  offences: [{ what: 'short-cut' }],
  questions: ['How did you choose a pace that you could hold?', 'Which work was easier than you thought?'],
  bands: {
    'pre-k': { exerciseCount: 2, counted: false, walkSeconds: 90 },
    'k-1': { exerciseCount: 3, counted: false },
    '2-3': { exerciseCount: 4 },
    '4-5': {},
    '6-8': {},
    '9-12': {},
  },
  setup: {
    exercises: [
      {
        id: 'sacks',
        title: 'Sacks',
        text: 'Lift a sack from the floor to the chest and put it down',
        gear: { gearKind: 'beanbag', per: 'each', count: 1 },
      },
      {
        id: 'stones',
        title: 'Stepping stones',
        text: 'Step from stone to stone and back',
        path: 'From the first stone to the last',
        spots: 4,
      },
      { id: 'wheel', title: 'Wheel', text: 'Circle both arms as wide as a mill wheel' },
      { id: 'ladder', title: 'Ladder', text: 'Climb on the spot: knee up, hand up' },
      { id: 'floor-saw', title: 'Saw', text: 'Sit with your legs apart. Reach for your left foot, then your right' },
      { id: 'gate', title: 'Gate', text: 'Step in and out of the hoop with both feet', gear: { gearKind: 'hoop', per: 'each', count: 1 } },
    ],
    run: 'Around on the track, all one way, at a pace at which you could still talk',
    start: 'One of each pair on the track, the other in the area with your number',
    task: 'Run or work until the signal; swap, and move on together after the second turn',
    cues: ['Start slower than you think', 'Tall back', 'Swap without a stop'],
    easier: 'Walk fast, or work seated',
    harder: 'Do not stop for the whole turn',
  },
};

/** Weather work for pairs: one is the wind around the houses, the other does what the weather asks. */
export const windAroundHouses: Game = {
  ...basics('wind-around-the-houses'),
  title: 'Wind around the houses',
  aim: 'Skip and run in turns and balance while the breath is fast',
  families: ['travel', 'balance', 'warm up', 'pace'],
  noise: 1,
  outdoors: 'both',
  story: 'The wind runs around the houses. In every house somebody is busy, until the wind blows in and sends them out.',
  attentionCall: 'Wind? … Calm!',
  format: 'interval-pairs',
  rules: [
    { kind: 'boundary', text: 'The wind stays on the track, the others in their house' },
    { kind: 'restart', text: 'After a stop everyone goes on where they are' },
    { kind: 'tie', text: 'There is none: everybody beats their own number' },
    { kind: 'calm-down', text: 'The wind becomes a breeze: everyone walks' },
  ],
  offences: [{ what: 'short-cut' }],
  questions: ['When was it hardest to balance: at the beginning or at the end?'],
  bands: {
    'pre-k': { exerciseCount: 2, counted: false, walkSeconds: 90 },
    'k-1': { exerciseCount: 3, counted: false },
    '2-3': { exerciseCount: 4 },
    '4-5': { exerciseCount: 5 },
    '6-8': { exerciseCount: 5 },
    '9-12': { exerciseCount: 5 },
  },
  setup: {
    exercises: [
      { id: 'weathercock', title: 'Weathercock', text: 'Balance on one foot, arms out, and turn a quarter after three breaths' },
      { id: 'washing', title: 'Washing', text: 'Toss the scarf, clap, catch it', gear: { gearKind: 'scarf', per: 'each', count: 1 } },
      { id: 'shutters', title: 'Shutters', text: 'Feet apart and together, arms up and down' },
      { id: 'rain-path', title: 'Rain path', text: 'Hop softly from spot to spot', path: 'Over all spots in a row', spots: 3 },
      { id: 'chimney', title: 'Chimney', text: 'Sit, stand up without hands, sit down slowly' },
    ],
    run: 'Around on the track, skipping one lap and running the next',
    start: 'One of each pair on the track, the other in the house with your number',
    task: 'Be the wind or be busy until the signal; then swap',
    cues: ['Soft landings', 'Look at one point to balance', 'Breathe out longer than in'],
    easier: 'Walk, or hold on to the wall',
    harder: 'Eyes closed at the weathercock',
  },
};
