import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** The mill turns while the music plays; when it stands still, the first hand has the sack. */
export const millMusic: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('mill-stands-still'),
  title: 'The mill stands still',
  aim: 'Keep moving to music, listen, and react at once without bumping',
  purpose: [],
  families: ['warm up', 'rhythm'],
  noise: 3,
  outdoors: 'both',
  demands: [],
  story: 'While the wind blows, all millers work. When it drops, the sack in the middle belongs to whoever is awake.',
  attentionCall: 'Wind? … Gone!',
  stopSignal: '',
  format: 'pods',
  rules: [
    { kind: 'restart', text: 'The sack goes back on its spot, everyone back to their own start, then the music plays' },
    { kind: 'boundary', text: 'Stay at your own start until the music stops' },
    { kind: 'tie', text: 'Two hands at once: nobody has it, and it goes back' },
    { kind: 'calm-down', text: 'Walk in place, and point at the sack in place of taking it' },
    {
      kind: 'fault',
      fault: 'moving-in-early',
      does: 'Moving in before the music stops',
      next: 'Sit out the next stop',
      back: 'After the next stop',
    },
  ],
  offences: [{ what: 'moving-in-early' }],
  questions: ['How could you listen while you were moving?', 'How did you keep your heads apart?'],
  bands: {
    'pre-k': { perPod: 2, bouts: 1, walkSeconds: 60 },
    'k-1': { bouts: 1 },
    '2-3': {},
    '4-5': {},
    '6-8': { perPod: 4 },
    '9-12': { perPod: 4, leading: 'follow' },
  },
  setup: {
    pod: 'Mill',
    mode: 'take',
    objects: ['beanbag', 'juggling cube', 'soft ball'],
    marker: 'floor spot',
    moves: [
      'Turn your arms like sails, both ways',
      'March with high knees',
      'Step side to side and clap',
      'Squat halfway and come up tall',
    ],
    balances: [],
    start: 'Everyone stands at their own start around the sack; the music begins the round',
    task: 'Move to the music. When it stops, be the first to take the sack',
    cues: ['Ears open', 'Look at the sack, not at the speaker', 'One hand, head up'],
    easier: 'Start a step nearer',
    harder: 'Face outward until the music stops',
  },
};
