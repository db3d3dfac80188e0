import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** The bells swing to the music; when it stops every bell hangs still, and all who hold it have won. */
export const bellsQuiet: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bells-hang-still'),
  title: 'Bells hang still',
  aim: 'Move in time, stop at once, and hold a balance as long as it takes',
  purpose: [],
  families: ['balance', 'rhythm', 'calm down'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'The bells share a beam. While it is rung they swing together; when the rope is let go every bell hangs still.',
  attentionCall: 'Bells? … Silent!',
  stopSignal: '',
  format: 'pods',
  rules: [
    { kind: 'restart', text: 'Shake out your legs; the next leader shows a new move when the music plays' },
    { kind: 'boundary', text: 'Stay on your own side of the beam' },
    { kind: 'tie', text: 'There is no tie: all who hold it have won' },
    { kind: 'calm-down', text: 'Swing seated, eyes closed' },
  ],
  offences: [],
  questions: ['What did you look at to stay still?', 'How did your pod find one rhythm?'],
  bands: {
    'pre-k': { perPod: 2, bouts: 1, leading: 'list', walkSeconds: 60 },
    'k-1': { bouts: 1, leading: 'list' },
    '2-3': { leading: 'follow' },
    '4-5': { leading: 'follow' },
    '6-8': { leading: 'follow', perPod: 4 },
    '9-12': { leading: 'follow', perPod: 4 },
  },
  setup: {
    pod: 'Beam',
    mode: 'hold',
    objects: ['scarf', 'floor spot', 'beanbag'],
    marker: 'floor spot',
    moves: [
      'Swing both arms side to side',
      'Step forward and back on the beat',
      'Draw a large circle in the air',
      'Rise on your toes and sink',
    ],
    balances: [
      'Stand on both feet, heels up',
      'Stand on one foot, hands out',
      'Stand on one foot, eyes on the ceiling',
      'Stand on one foot, eyes closed',
    ],
    start: 'Everyone stands at their own start around the beam; the music begins the round',
    task: 'Swing as your leader does. When the music stops, hold your balance',
    cues: ['Stop the whole body at once', 'Eyes on one spot', 'Breathe out'],
    easier: 'Keep a toe on the floor',
    harder: 'Close one eye',
  },
};
