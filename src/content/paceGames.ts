import type { Game } from '../core/model/game.ts';
import { basics } from './basics.ts';

/** The night watch comes back to its own lantern exactly when the hour is over. */
export const nightWatch: Game = {
  ...basics('night-watch'),
  title: 'The night watch',
  aim: 'Feel an even pace and come back at the right second',
  families: ['pace', 'travel', 'warm up'],
  noise: 1,
  outdoors: 'both',
  story: 'The watch walks its round and must be back at its own lantern when the bell strikes: not before, not after.',
  attentionCall: 'What hour is it? … All is well!',
  format: 'pace',
  rules: [
    { kind: 'boundary', text: 'Around the outside of all cones, all one way' },
    { kind: 'restart', text: 'Every trial begins at your own cone' },
    { kind: 'tie', text: 'The same distance from the target counts the same' },
    { kind: 'calm-down', text: 'Walk one lap in silence and guess how long it took' },
  ],
  offences: [{ what: 'cuts' }],
  questions: ['What did you count or feel to know the time?', 'Were you nearer in the last trial? Why?'],
  bands: {
    'pre-k': { bouts: 2, change: 'same', hidden: false },
    'k-1': { bouts: 2, change: 'same' },
    '2-3': { change: 'same' },
    '4-5': {},
    '6-8': {},
    '9-12': { bouts: 4 },
  },
  setup: {
    marker: 'cone',
    travel: 'Walk or run, as evenly as you can; wheels and walkers have their own pace',
    start: 'Everyone at a cone of their own, facing the same way',
    task: 'Be back at your cone when the target time is over',
    cues: ['Even from the first step', 'Breathe in steps', 'Better too slow at first than too fast'],
    easier: 'A clock in sight',
    harder: 'Name your own target before you start',
  },
};

/** A mill wheel turns evenly: each trial a little slower or faster. */
export const evenWheel: Game = {
  ...basics('even-wheel'),
  title: 'The even wheel',
  aim: 'Change the pace a little and hold it again',
  families: ['pace', 'rhythm', 'travel'],
  noise: 1,
  outdoors: 'both',
  story: 'The miller opens the sluice a little more each time. The wheel turns faster, but always evenly.',
  attentionCall: 'Sluice? … Closed!',
  format: 'pace',
  rules: [
    { kind: 'boundary', text: 'Around the outside of all cones, all one way' },
    { kind: 'restart', text: 'Every trial begins at your own cone' },
    { kind: 'tie', text: 'The same distance from the target counts the same' },
    { kind: 'calm-down', text: 'Everyone walks one lap' },
  ],
  offences: [{ what: 'cuts' }],
  questions: ['How did you find a pace that was only a little faster?'],
  bands: {
    'pre-k': { bouts: 2, change: 'slower', hidden: false },
    'k-1': { bouts: 2, change: 'slower' },
    '2-3': { change: 'faster' },
    '4-5': { change: 'faster', laps: 2 },
    '6-8': { change: 'faster', laps: 3 },
    '9-12': { change: 'faster', laps: 3, bouts: 4 },
  },
  setup: {
    marker: 'floor spot',
    travel: 'Run, skip or walk fast, the same way for the whole trial',
    start: 'Everyone at a spot of their own, facing the same way',
    task: 'Hit the target time of every trial',
    cues: ['Count your steps for a lap', 'Relax the shoulders', 'Change the pace, then keep it'],
    easier: 'The same target twice',
    harder: 'Two laps at different paces that add up',
  },
};
