import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Balls rolled onto the deck of a bridge, from farther away every round: where they come to rest counts. */
export const bridgeRollers: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bridge-rollers'),
  title: 'Rollers on the bridge',
  aim: 'Roll straight and stop a ball where it should stop, from farther every round',
  purpose: [],
  families: ['aim', 'throw', 'calm down'],
  noise: 1,
  outdoors: 'in',
  demands: [],
  story: 'A barrel has to come to rest on the middle of the bridge. Too soft and it stays on the bank, too hard and it rolls across.',
  attentionCall: 'Bridge? … Still!',
  stopSignal: '',
  format: 'toss-targets',
  rules: [
    { kind: 'restart', text: 'Whoever rolled last fetches them all, at a walk; the next one begins' },
    { kind: 'boundary', text: 'What rolls past the lane’s end or over its side counts nothing' },
    { kind: 'tie', text: 'One more roll for each: the nearer one wins' },
    { kind: 'calm-down', text: 'Roll from both knees, with a breath before each roll' },
    { kind: 'safety', text: 'Roll only: nothing is thrown through the air' },
  ],
  offences: [{ what: 'collects-early' }],
  questions: ['How did you change your roll when the line moved back?', 'What did you learn from the roll before yours?'],
  bands: {
    'pre-k': { turns: 'one', bouts: 2, targetM: 2, perSide: 2, walkSeconds: 60 },
    'k-1': { turns: 'one', bouts: 3, targetM: 1.8 },
    '2-3': { turns: 'one', stepM: 0.4 },
    '4-5': { turns: 'one', stepM: 0.5 },
    '6-8': { turns: 'one', stepM: 0.7 },
    '9-12': { turns: 'one', stepM: 0.8, bouts: 5, striker: true },
  },
  setup: {
    lane: 'Bridge',
    use: 'roll',
    objects: ['soft ball', 'beanbag', 'sliding stone'],
    objectsEach: 2,
    zones: [4, 2],
    target: { gearKind: 'floor spot', count: 2 },
    start: 'One kneels or stands at the line and rolls; the next one is ready behind',
    task: 'Roll so that the ball comes to rest on the bridge',
    cues: ['One knee down, hand low', 'Swing straight past the knee', 'Let it go on the floor, not above it'],
    easier: 'Use the ramp, or a line nearer',
    harder: 'Only the middle zone counts',
  },
};
