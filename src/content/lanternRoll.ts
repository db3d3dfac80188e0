import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Roll a lantern stone down a lane so that it knocks over what stands at the end; a partner sends it back. */
export const lanternRoll: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('lantern-roll'),
  title: 'Lantern roll',
  aim: 'Roll with the arm and the eyes on one line, a step longer each time it works',
  purpose: [],
  families: ['aim', 'throw', 'calm down'],
  noise: 1,
  outdoors: 'in',
  demands: [],
  story: 'At the end of every lane three lanterns stand in the dark. A soft stone, sent low, puts them out; the keeper lights them again.',
  attentionCall: 'Lanterns? … Lit!',
  stopSignal: '',
  format: 'skill-lane',
  rules: [
    { kind: 'restart', text: 'Roll again when the keeper stands aside and both arms are up' },
    { kind: 'boundary', text: 'What leaves the lane is fetched by the keeper, at a walk, when no stone rolls' },
    { kind: 'tie', text: 'Best run counts; the same run is shared' },
    { kind: 'calm-down', text: 'One lane at a time, on my word' },
    { kind: 'fault', fault: 'sending-it-before-the-arms-are-up', does: 'Sending it before the arms are up' },
  ],
  offences: [{ what: 'sending-it-before-the-arms-are-up' }],
  questions: ['What did your rolling hand point to at the end?', 'When was it time for a harder step?'],
  bands: {
    'pre-k': { turnsEach: 1, enough: 5 },
    'k-1': { turnsEach: 1, enough: 6 },
    '2-3': {},
    '4-5': {},
    '6-8': { turnsEach: 3 },
    '9-12': { turnsEach: 3, enough: 15 },
  },
  setup: {
    lane: 'Lane',
    use: 'roll',
    target: true,
    ladder: [
      { id: 'near-big', title: 'Two hands, near', task: 'Roll the large ball with two hands between the lanterns', reach: 'near' },
      { id: 'near-one', title: 'One hand, near', task: 'Roll the soft ball with one hand at the middle lantern', reach: 'near' },
      { id: 'middle', title: 'One hand, farther', task: 'Step with the other foot, then roll', reach: 'middle' },
      { id: 'narrow', title: 'Narrow gate', task: 'Roll through a gate of two cones, then the lantern', reach: 'middle' },
      { id: 'far', title: 'Far, after two steps', task: 'Two steps to the line, roll, hold the end', reach: 'far' },
    ],
    gear: [
      { gearKind: 'soft ball', count: 1 },
      { gearKind: 'cone', count: 2 },
      { gearKind: 'beanbag', count: 3 },
    ],
    forms: ['Feet together', 'Feet apart', 'Small step', 'Full step'],
    counts: true,
    countdown: 'Arms up? Three, two, one, roll',
    partner: 'Light the lanterns again, roll the ball back along the edge, stand aside',
    cues: ['Eyes on the middle lantern', 'Hand low and long', 'Step with the other foot'],
    seated: 'Roll from a chair or a ramp set on the line; the same lane, the same lanterns',
  },
};
