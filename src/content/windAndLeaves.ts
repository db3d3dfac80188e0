import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** The wind stills leaves with a touch; other leaves set them free. */
export const windAndLeaves: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('wind-and-leaves'),
  title: 'Wind and leaves',
  aim: 'Change speed and direction to get away, and see who needs help',
  purpose: [],
  families: ['dodge and flee', 'travel', 'cooperate'],
  noise: 3,
  outdoors: 'both',
  demands: [],
  story: 'When the wind touches a leaf it hangs still. Another leaf only has to brush by and both are flying again.',
  attentionCall: 'Wind? … Calm!',
  stopSignal: '',
  format: 'chase',
  rules: [
    { kind: 'restart', text: 'New winds, everyone else is free again' },
    { kind: 'boundary', text: 'Whoever leaves the field counts as caught where they left it' },
    { kind: 'tie', text: 'There is no winner: count how many leaves still fly' },
    { kind: 'calm-down', text: 'Everyone walks until I say “wind”' },
    { kind: 'fault', fault: 'pushing-instead-of-touching', does: 'Pushing instead of touching' },
  ],
  offences: [{ what: 'pushing-instead-of-touching', ladder: ['restart', 'rest'] }],
  questions: ['How did you get away without being the fastest?', 'Whom did you free?'],
  bands: {
    'pre-k': { bouts: 3, safeSpots: 3 },
    'k-1': { safeSpots: 2 },
    '2-3': { safeSpots: 1 },
    '4-5': {},
    '6-8': { wishPercent: 65 },
    '9-12': { wishPercent: 60 },
  },
  setup: {
    hunters: 'winds',
    runners: 'leaves',
    how: 'touch',
    caught: 'frozen',
    release: 'touch',
    crossing: false,
    objective: false,
    safeSpots: 0,
    move: 'Running; in the young grades galloping',
    task: 'Stay flying, and free those who hang still',
    cues: ['Head up: see the winds early', 'Low and wide when you turn', 'A light touch on back or shoulder'],
    easier: 'A safe spot more, or one wind fewer',
    harder: 'Two leaves must touch at once to free one',
    gear: [{ gearKind: 'pinnie', count: 1, per: 'hunter' }],
  },
};
