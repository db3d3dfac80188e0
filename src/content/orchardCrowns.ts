import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Beanbags tossed onto a tree's crown: the middle is ripe, the edge is green, and a later toss may shake one off. */
export const orchardCrowns: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('orchard-crowns'),
  title: 'Crowns of the orchard',
  aim: 'Toss underhand to a spot, with the right height and the right touch',
  purpose: [],
  families: ['throw', 'aim'],
  noise: 1,
  outdoors: 'both',
  demands: [],
  story:
    'Every lane ends at a tree. The crown’s middle holds the ripe fruit, its edge the green. When the wind has settled, the fruit that hangs is counted.',
  attentionCall: 'Wind? … Calm!',
  stopSignal: '',
  format: 'toss-targets',
  rules: [
    { kind: 'restart', text: 'All collect on the signal, walk back behind the line, and the next round begins' },
    { kind: 'boundary', text: 'A beanbag that leaves the lane is out until the round is over' },
    { kind: 'tie', text: 'As many points each: both have won' },
    { kind: 'calm-down', text: 'Toss seated, one at a time' },
    { kind: 'safety', text: 'Nobody is in a lane while anything flies' },
  ],
  offences: [{ what: 'collects-early' }],
  questions: ['What changed when your toss went higher?', 'Which distance was right for you?'],
  bands: {
    'pre-k': { bouts: 2, targetM: 2, objectsEach: 4, walkSeconds: 60 },
    'k-1': { bouts: 3, targetM: 1.6 },
    '2-3': { targetM: 1.4 },
    '4-5': {},
    '6-8': { striker: true, stepM: 0.3 },
    '9-12': { striker: true, stepM: 0.5, bouts: 5 },
  },
  setup: {
    lane: 'Tree',
    use: 'throw',
    objects: ['beanbag', 'juggling cube', 'disc'],
    objectsEach: 6,
    zones: [5, 3, 1],
    target: { gearKind: 'hoop', count: 1 },
    start: 'All stand behind the line with their beanbags and toss on the signal',
    task: 'Toss your beanbags so that they lie in the crown at the end of the round',
    cues: ['Step with the other foot', 'Swing back, then up', 'Hand points at the crown'],
    easier: 'A step nearer, or the larger hoop',
    harder: 'Toss with the other hand, or over a rope',
  },
};
