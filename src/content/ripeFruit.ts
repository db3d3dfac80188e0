import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Apples, pears and plums: at each call one kind rolls from tree to tree, and the pickers in the grass touch whom they can. */
export const ripeFruit: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('ripe-fruit'),
  title: 'Ripe fruit',
  aim: 'Listen for your own call, start at once, and choose a gap with others around you',
  purpose: [],
  families: ['dodge and flee', 'travel', 'warm up'],
  noise: 3,
  outdoors: 'both',
  demands: [],
  story:
    'The orchard ripens one kind at a time. When yours is called it rolls across the grass to the other row of trees. Whoever is picked rolls back and waits for the next call.',
  attentionCall: 'Orchard? … Quiet!',
  stopSignal: '',
  format: 'chase',
  rules: [
    { kind: 'restart', text: 'Everyone to the west row, new pickers' },
    { kind: 'boundary', text: 'Whoever runs around the cones walks back to the row they came from' },
    { kind: 'tie', text: 'Count the crossings of all kinds together and beat them' },
    { kind: 'calm-down', text: 'Every kind crosses at a walk, with hands on the head' },
    {
      kind: 'fault',
      fault: 'start-without-call',
      does: 'Starting when another kind is called',
      next: 'Back to the row',
      back: 'At the next call of your kind',
    },
    { kind: 'fault', fault: 'running-into-somebody', does: 'Running into somebody' },
  ],
  offences: [{ what: 'running-into-somebody' }, { what: 'start-without-call' }],
  questions: ['What did you look at while you waited for your call?', 'When was it easier to cross: with many or with few?'],
  bands: {
    'pre-k': { bouts: 2, callSeconds: 25 },
    'k-1': { bouts: 2, callSeconds: 20 },
    '2-3': { callSeconds: 15 },
    '4-5': { callSeconds: 12 },
    '6-8': { callSeconds: 10 },
    '9-12': { callSeconds: 10 },
  },
  setup: {
    hunters: 'pickers',
    runners: 'fruit',
    how: 'touch',
    caught: 'back',
    release: 'none',
    crossing: true,
    types: ['Apples', 'Pears', 'Plums'],
    objective: false,
    safeSpots: 0,
    move: 'Running between the rows at your own call, on tiptoe behind the row until then',
    task: 'Cross when your kind is called without being picked; walk back to your row if you are',
    cues: ['Weight on the front foot before the call', 'Look for the gap, not for the picker', 'Touch with an open hand on the shoulder'],
    easier: 'The caller names two kinds at once, so that there are more to choose from',
    harder: 'The caller says a color, and you know whose it is',
    gear: [{ gearKind: 'pinnie', count: 1, per: 'hunter' }],
  },
};
