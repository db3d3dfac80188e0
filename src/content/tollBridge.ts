import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** At every call the travelers cross; the tollkeepers in the middle send back whom they touch. */
export const tollBridge: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('toll-bridge'),
  title: 'Toll bridge',
  aim: 'Wait for the gap, then run and dodge; hunters learn to cut off the way',
  purpose: [],
  families: ['dodge and flee', 'travel', 'defend'],
  noise: 3,
  outdoors: 'both',
  demands: [],
  story: 'The bridge has tollkeepers but no toll. Get across and count a crossing. If you are tagged, walk back and try the next call.',
  attentionCall: 'Bridge? … Closed!',
  stopSignal: '',
  format: 'chase',
  rules: [
    { kind: 'restart', text: 'Everyone to the west line, new tollkeepers' },
    { kind: 'boundary', text: 'Whoever runs around the cones walks back to the line they came from' },
    { kind: 'tie', text: 'Count the crossings of all together and beat them' },
    { kind: 'calm-down', text: 'Cross backward, walking' },
    { kind: 'fault', fault: 'running-into-somebody', does: 'Running into somebody' },
  ],
  offences: [{ what: 'running-into-somebody' }],
  questions: ['How did you see that the way was free?', 'What could tollkeepers do together that one couldn’t do alone?'],
  bands: {
    'pre-k': { bouts: 2, callSeconds: 30 },
    'k-1': { bouts: 3, callSeconds: 25 },
    '2-3': {},
    '4-5': {},
    '6-8': { callSeconds: 15 },
    '9-12': { callSeconds: 15 },
  },
  setup: {
    hunters: 'tollkeepers',
    runners: 'travelers',
    how: 'touch',
    caught: 'back',
    release: 'none',
    crossing: true,
    objective: false,
    safeSpots: 0,
    move: 'Running between the lines, walking behind them',
    task: 'Cross on the call without getting tagged. Tagged? Walk back to your line',
    cues: ['Look left and right before you go', 'Change direction with the outside foot', 'Touch with an open hand, never hold'],
    easier: 'Travelers choose the call at which they go',
    harder: 'A beanbag on the open hand while you cross',
    gear: [{ gearKind: 'pinnie', count: 1, per: 'hunter' }],
  },
};
