import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** A keeper with one foot in the hoop reaches for the ball that the partner rolls around them. */
export const bellKeeper: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('bell-keeper'),
  title: 'Around the bell keeper',
  aim: 'Change speed and hand to get a ball past somebody who may only reach',
  purpose: [],
  families: ['dribble and carry', 'defend', 'invade'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'The keeper may not leave the bell. All that they can do is reach, and you have all the way around.',
  attentionCall: 'Keepers? … Hands down!',
  stopSignal: '',
  format: 'open-floor',
  rules: [
    { kind: 'restart', text: 'Fetch the ball, come back to your hoop, go on' },
    { kind: 'boundary', text: 'A ball that leaves the field is fetched at a walk' },
    { kind: 'tie', text: 'There is none: count the rounds you made before the ball was lost' },
  ],
  offences: [{ what: 'touch' }],
  questions: ['What made the keeper reach too early?', 'Which hand was safer?'],
  bands: {
    'pre-k': { stageCount: 1, walkSeconds: 60 },
    'k-1': { stageCount: 2 },
    '2-3': {},
    '4-5': {},
    '6-8': {},
    '9-12': { turnsEach: 2 },
  },
  setup: {
    mode: 'defend',
    objects: ['soft ball', 'light ball', 'juggling cube', 'beanbag'],
    stages: [
      { id: 'round-the-hoop', title: 'Around', kind: 'object', text: 'Roll the ball around the hoop with one hand, both ways' },
      { id: 'past-the-keeper', title: 'Past', kind: 'object', text: 'Cut past in front of the keeper, as close as you dare' },
      { id: 'visit-keepers', title: 'Next tower', kind: 'object', text: 'After a full round go to any other keeper who is free' },
    ],
    home: 'floor spot',
    hoop: 'hoop',
    move: 'Low, one hand on the ball, the other arm out',
    start: 'The keepers stand with one foot in their hoop; their partners begin two steps away',
    task: 'Roll the ball around the keeper without losing it',
    cues: ['Ball on the far side of your body', 'Change hands behind', 'Keeper: foot stays, reach long'],
    easier: 'The keeper uses one hand only',
    harder: 'Only the weaker hand rolls',
  },
};
