import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Messengers of two towers: whose number is rung slides the disc along the floor, through the gate of the other tower. */
export const bellMessengers: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bell-messengers'),
  title: 'Messengers, up!',
  aim: 'Start fast, keep a disc close to the hand, and find the gap',
  purpose: [],
  families: ['invade', 'dribble and carry', 'aim'],
  noise: 2,
  outdoors: 'in',
  demands: [],
  story: 'The bell towers send messengers by number. The letter is a disc; it must slide through the gate before the bell rings again.',
  attentionCall: 'Bells? … Silent!',
  stopSignal: '',
  format: 'call-up',
  rules: [
    { kind: 'restart', text: 'The messengers walk home; the caller slides the disc in anew' },
    { kind: 'boundary', text: 'A disc that leaves the floor is slid back in by the line student next to it' },
    { kind: 'tie', text: 'As many letters each: both towers ring' },
    { kind: 'calm-down', text: 'On all fours or seated, and slide only' },
    {
      kind: 'fault',
      fault: 'lifting-the-disc',
      does: 'Lifting the disc off the floor',
      next: 'Put it down where you stand; the others begin',
      back: 'At once',
    },
  ],
  offences: [{ what: 'lifting-the-disc' }],
  questions: ['How did you keep your eyes up?', 'When was it better to wait for your partner?'],
  bands: {
    'pre-k': { atOnce: 1, bouts: 1, goalM: 3, walkSeconds: 90 },
    'k-1': { atOnce: 1, goalM: 2.5 },
    '2-3': { atOnce: 2 },
    '4-5': {},
    '6-8': { callSeconds: 15 },
    '9-12': { bouts: 3, atOnce: 3 },
  },
  setup: {
    sides: ['Low tower', 'High tower'],
    objects: ['disc', 'beanbag'],
    goal: { gearKind: 'gate', count: 2 },
    start: 'All sit on their spots along the line. The caller calls and slides the disc in from the end',
    point: 'A disc slid through your gate is 1 point. Each tower aims at the gate on its right',
    sideline: 'Stay seated and slide the disc back in with a hand',
    task: 'Slide the disc with an open hand, past the others and through your gate',
    cues: ['Hand on the disc, eyes up', 'Change hands to turn', 'Low and soft through the gate'],
    easier: 'Play on your feet, with the foot on the disc',
    harder: 'Use the other hand only',
  },
};
