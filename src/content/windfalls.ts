import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Windfalls are swept through an orchard with a flat disc: alone, around trees, through gates, to one another. */
export const windfalls: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('windfalls'),
  title: 'Windfalls',
  aim: 'Keep a sack close to the disc with the head up, at every speed',
  purpose: [],
  families: ['dribble and carry', 'travel', 'warm up'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'The wind has shaken the orchard. Sweep the fruit along the paths before it bruises, and never against a tree.',
  attentionCall: 'Orchard? … Still!',
  stopSignal: '',
  format: 'open-floor',
  rules: [
    { kind: 'restart', text: 'The next one begins where the sack lies, at the home marker' },
    { kind: 'boundary', text: 'A sack that leaves the field is fetched at a walk and brought in where it went out' },
    { kind: 'tie', text: 'There is none: everybody beats their own count' },
    { kind: 'safety', text: 'The disc stays on the floor or below the knee' },
  ],
  offences: [{ what: 'touch' }],
  questions: ['Where did you look while you swept?', 'What made it easier to turn?'],
  bands: {
    'pre-k': { stageCount: 2, walkSeconds: 60, obstacles: 4 },
    'k-1': { stageCount: 3 },
    '2-3': {},
    '4-5': {},
    '6-8': { obstacles: 10 },
    '9-12': { obstacles: 10, keepM: 0.8 },
  },
  setup: {
    mode: 'share',
    objects: ['beanbag', 'juggling cube', 'soft ball'],
    implement: 'disc',
    stages: [
      {
        id: 'broom-alone',
        title: 'Broom alone',
        kind: 'implement',
        text: 'Push the disc along the floor, forward, back and around yourself',
      },
      { id: 'sweep', title: 'Sweep', kind: 'object', text: 'Push the sack with the disc in small touches and count them' },
      { id: 'rest-on-line', title: 'Stop on a line', kind: 'hold', text: 'At every call stop the sack on a line and balance on one foot' },
      { id: 'round-trees', title: 'Around the trees', kind: 'obstacles', text: 'Go around as many trees as you can without touching one' },
      { id: 'orchard-gates', title: 'Through the gates', kind: 'gates', text: 'Go through a gate, then look for another one' },
      {
        id: 'sweep-across',
        title: 'Sweep across',
        kind: 'pass',
        text: 'Sweep the sack through a gate to your partner on the far side, who stops it dead',
        needs: 'orchard-gates',
      },
    ],
    obstacles: { gearKind: 'floor spot', count: 8 },
    gates: { gearKind: 'cone', count: 4 },
    home: 'floor spot',
    move: 'Walking first, then as fast as the sack stays close',
    start: 'The first of each group stands in the field with the disc; the others are at their home marker',
    task: 'Sweep the sack through the orchard and keep it near',
    cues: ['Head up: see the trees early', 'Small touches', 'Disc low, knees soft'],
    easier: 'Walk, or push with an open hand',
    harder: 'Use the other hand only',
  },
};
