import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Send a disc along an orchard row to the post at its end, from nearer to farther. */
export const orchardRows: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('orchard-rows'),
  title: 'Orchard rows',
  aim: 'Send a disc flat and straight to a partner, and know when it is time for a longer row',
  purpose: [],
  families: ['throw', 'catch', 'aim'],
  noise: 1,
  outdoors: 'both',
  demands: [],
  story: 'Every row of the orchard ends at a basket. A disc that lands near it brings home one apple; the picker walks it back.',
  attentionCall: 'Rows? … Clear!',
  stopSignal: '',
  format: 'skill-lane',
  rules: [
    { kind: 'restart', text: 'Send again when the picker is back on the green spot' },
    { kind: 'boundary', text: 'A disc that lands in another row stays there until both rows are clear' },
    { kind: 'tie', text: 'Count the best run of both partners together' },
    { kind: 'calm-down', text: 'Slide it on the floor instead' },
    { kind: 'fault', fault: 'walking-into-a-row-that-is-not-clear', does: 'Walking into a row that is not clear' },
  ],
  offences: [{ what: 'walking-into-a-row-that-is-not-clear' }],
  questions: ['What made the disc fly flat?', 'Which help worked: a word, watching, or a hand?'],
  bands: {
    'pre-k': { turnsEach: 1, enough: 5 },
    'k-1': { turnsEach: 1 },
    '2-3': {},
    '4-5': {},
    '6-8': { turnsEach: 3 },
    '9-12': { turnsEach: 3 },
  },
  setup: {
    lane: 'Row',
    use: 'throw',
    skill: 'throw',
    target: true,
    ladder: [
      {
        id: 'slide',
        title: 'Slide it',
        task: 'Slide the disc along the floor into the basket',
        reach: 'near',
        cell: { object: 3, implement: 0, motion: 0, distance: 1 },
      },
      {
        id: 'toss',
        title: 'Toss, near',
        task: 'Toss it flat into the basket from the line',
        reach: 'near',
        cell: { object: 3, implement: 0, motion: 1, distance: 1 },
      },
      {
        id: 'step',
        title: 'Step and send',
        task: 'Turn the shoulder, step, send',
        reach: 'middle',
        cell: { object: 3, implement: 0, motion: 2, distance: 2 },
      },
      {
        id: 'long',
        title: 'The long row',
        task: 'Send it flat past the middle, let it settle',
        reach: 'far',
        cell: { object: 3, implement: 0, motion: 2, distance: 4 },
      },
    ],
    gear: [
      { gearKind: 'disc', count: 1 },
      { gearKind: 'floor spot', count: 1 },
    ],
    forms: ['Facing the row', 'Side on', 'Small step', 'Full step'],
    counts: false,
    countdown: 'Row clear? Ready, send',
    partner: 'Stand on the green spot, call “clear”, walk the disc back along the edge',
    cues: ['Side on to the row', 'Flat and level', 'Point where it goes'],
    seated: 'Send from a chair turned sideways; the row is as long as the arm likes',
  },
};
