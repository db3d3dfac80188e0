import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Three bells in a tower: catch, say the next word of the chain, pass on. */
export const bellTower: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bell-tower'),
  title: 'Bell tower',
  aim: 'Catch and pass while thinking of words, and take turns fairly',
  purpose: [],
  families: ['catch', 'throw', 'cooperate', 'rhythm'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'Low bell, middle bell, high bell: the tower rings as long as every ringer finds a new word in time.',
  attentionCall: 'Ding? … Dong!',
  stopSignal: '',
  format: 'advance-court',
  rules: [
    { kind: 'restart', text: 'The high bell starts every chain to the low bell' },
    { kind: 'boundary', text: 'What rolls away is fetched by the one who missed it, at a walk' },
    { kind: 'tie', text: 'Nobody sure? Ring it again' },
    { kind: 'calm-down', text: 'Roll it instead of tossing it' },
    { kind: 'fault', fault: 'tossing-at-somebody-who-does-not-look', does: 'Tossing at somebody who does not look' },
  ],
  offences: [{ what: 'tossing-at-somebody-who-does-not-look' }],
  questions: ['Which words were hard to find in time?', 'Who helped a ringer without saying the word?'],
  bands: {
    'pre-k': { positions: 2, chain: 'none', bouts: 1 },
    'k-1': { positions: 3, chain: 'none', bouts: 1 },
    '2-3': { positions: 3, chain: 'names' },
    '4-5': { positions: 3, contact: 'catch', chain: 'names' },
    '6-8': { positions: 3, contact: 'catch', chain: 'spell' },
    '9-12': { positions: 3, contact: 'catch', chain: 'spell', bounces: 0 },
  },
  setup: {
    court: 'Tower',
    objects: ['beanbag', 'soft ball', 'scarf', 'light ball'],
    markers: { gearKind: 'cone', count: 3 },
    task: 'Catch, say a new word of the chain, pass it on',
    start: 'An underhand toss to the chest',
    errors: ['It falls to the floor', 'No new word within three counts', 'A word that was said before'],
    cues: ['Eyes meet before the toss', 'Give with the hands'],
    easier: 'Any word at all',
    harder: 'Two objects in the tower',
  },
};
