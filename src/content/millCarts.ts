import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Carters slide sacks with the foot; those without a sack take one, never straight back. */
export const millCarts: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('mill-carts'),
  title: 'Carts and sacks',
  aim: 'Guard a sack with the body between, and win one without touching anybody',
  purpose: [],
  families: ['dribble and carry', 'dodge and flee', 'defend'],
  noise: 3,
  outdoors: 'in',
  demands: [],
  story: 'There are more carters at the mill than sacks. Whoever has an empty cart may load one from a neighbor, who must look elsewhere.',
  attentionCall: 'Carters? … Brakes on!',
  stopSignal: '',
  format: 'open-floor',
  rules: [
    { kind: 'restart', text: 'Whoever has lost a sack takes two steps away, then looks for another one' },
    { kind: 'boundary', text: 'A sack that leaves the field belongs to whoever slid it out, and comes back in at a walk' },
    { kind: 'tie', text: 'There is none: count the sacks you won' },
  ],
  offences: [{ what: 'touch' }],
  questions: ['Where did you keep your body?', 'How did you choose whom to take one from?'],
  bands: {
    'pre-k': { stageCount: 1, walkSeconds: 60 },
    'k-1': { stageCount: 2 },
    '2-3': {},
    '4-5': {},
    '6-8': { turnsEach: 2 },
    '9-12': { turnsEach: 2 },
  },
  setup: {
    mode: 'steal',
    objects: ['beanbag', 'juggling cube', 'disc'],
    stages: [
      {
        id: 'empty-carts',
        title: 'Own cart',
        kind: 'object',
        text: 'Slide your sack with one foot wherever there is room; nobody takes any yet',
      },
      { id: 'few-sacks', title: 'Empty carts', kind: 'object', text: 'Whoever has no sack slides one away from somebody' },
      { id: 'fewer-sacks', title: 'Harvest over', kind: 'object', text: 'The teacher takes sacks out: more and more carts are empty' },
    ],
    home: 'floor spot',
    move: 'On the feet, sliding the sack with the sole',
    start: 'Everyone spreads out in the field; those without a sack raise a hand',
    task: 'Keep a sack under your foot, or win one with a clean slide',
    cues: ['Body between the sack and the others', 'Look around after every three touches', 'Slide the sack, never the person'],
    easier: 'Stand on the sack for three breaths: it is safe',
    harder: 'Use the other foot',
  },
};
