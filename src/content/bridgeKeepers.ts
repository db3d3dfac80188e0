import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Keep a light ball crossing four arches of a bridge; whoever lets it fall walks round to the bank. */
export const bridgeKeepers: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bridge-keepers'),
  title: 'Bridge keepers',
  aim: 'Send a light ball on with the open hand so that the next one can play it',
  purpose: [],
  families: ['strike', 'cooperate'],
  noise: 2,
  outdoors: 'in',
  demands: [],
  story: 'The arches carry the lantern over the river. Whoever lets it drop walks back to the bank and waits for a turn at the first arch.',
  attentionCall: 'Keepers? … Lantern low!',
  stopSignal: '',
  format: 'advance-court',
  rules: [
    { kind: 'restart', text: 'The last arch starts every rally to the first' },
    { kind: 'boundary', text: 'A ball that leaves the bridge is fetched by the one who sent it, at a walk' },
    { kind: 'tie', text: 'Two who do not agree play it again' },
    { kind: 'calm-down', text: 'Catch and pass only, below the hip' },
    { kind: 'fault', fault: 'hitting-down-hard-at-somebody-near', does: 'Hitting down hard at somebody near' },
    {
      kind: 'fault',
      fault: 'arguing-on-after-the-second-try',
      does: 'Arguing on after the second try',
      next: 'The rally goes to the line',
      back: 'Next rally',
    },
  ],
  offences: [{ what: 'hitting-down-hard-at-somebody-near' }, { what: 'arguing-on-after-the-second-try' }],
  questions: ['How did you make it easy for the next one?', 'What did you watch while you stood in line?'],
  bands: {
    'pre-k': { positions: 3, bouts: 1, contact: 'catch' },
    'k-1': { positions: 3, bouts: 1 },
    '2-3': { lineTask: 'Count the passes aloud together' },
    '4-5': {},
    '6-8': { chain: 'names' },
    '9-12': { bounces: 1, rehearseSeconds: 30 },
  },
  setup: {
    court: 'Bridge',
    objects: ['light ball', 'soft ball', 'scarf'],
    markers: { gearKind: 'floor spot', count: 4 },
    task: 'Keep the lantern crossing: play it on into another arch',
    start: 'A gentle underhand send',
    errors: ['It bounces once more than allowed in your arch', 'You send it off the bridge', 'You hold it longer than a breath'],
    cues: ['Open hand, soft wrist', 'Feet first, then the hand'],
    easier: 'One bounce more, or catch and pass',
    harder: 'Other hand only',
  },
};
