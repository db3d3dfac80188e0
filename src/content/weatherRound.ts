import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';
import { station } from './station.ts';

/** Ways of moving and of handling light objects, a weather at each place. */
export const weatherRound: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('weather-round'),
  title: 'Weather round',
  aim: 'Travel, balance and handle light objects in different ways',
  purpose: [],
  families: ['travel', 'balance'],
  noise: 2,
  outdoors: 'in',
  demands: [],
  story: 'The weather over the valley keeps changing, and everybody walks on into the next.',
  attentionCall: 'What is the weather? … Fair!',
  stopSignal: 'Low bell and both arms up: stand like a tree',
  format: 'stations',
  rules: [
    { kind: 'end', text: 'When everybody has been through all weathers' },
    { kind: 'restart', text: 'The high bell starts a round' },
    { kind: 'boundary', text: 'Objects that leave the place are fetched at a walk' },
    { kind: 'tie', text: 'No winner: the class counts together' },
    { kind: 'calm-down', text: 'Everything in slow motion' },
    { kind: 'fault', fault: 'running-into-another-weather', does: 'Running into another weather' },
  ],
  offences: [{ what: 'running-into-another-weather' }],
  questions: ['Which weather was the hardest to stand still in?', 'Where did you see someone help?'],
  bands: {
    'pre-k': { picks: ['breeze', 'rain', 'rainbow', 'snow'], areaWidthM: 3.5, walkSeconds: 120, oddTask: 'free' },
    'k-1': { picks: ['breeze', 'rain', 'thunder', 'rainbow', 'snow', 'frost'], walkSeconds: 90, oddTask: 'free' },
    '2-3': { walkSeconds: 60 },
    '4-5': { walkSeconds: 45 },
    '6-8': { rehearseSeconds: 0 },
    '9-12': { rehearseSeconds: 0 },
  },
  setup: {
    stations: [
      station(
        'breeze',
        'Breeze',
        'Keep the scarf up with soft pats, never with the same hand twice',
        ['Eyes on the scarf'],
        [['scarf', 1, 'student']],
        {
          scoring: 'own',
          easier: 'Catch and toss again',
          harder: 'Pat with elbow and knee',
          shone: 'Keep two up',
        },
      ),
      station(
        'rain',
        'Rain',
        'Drop beanbags into the baskets from shoulder height',
        ['Aim first, then let go'],
        [
          ['beanbag', 2, 'student'],
          ['basket', 2, 'station'],
        ],
        {
          scoring: 'own',
          easier: 'Kneel down to it',
          harder: 'Turn round before you drop',
          shone: 'Call a basket for somebody',
        },
      ),
      station(
        'thunder',
        'Thunder',
        'Roll the ball under the rope so that your partner stops it with two hands',
        ['Long step', 'Hand to the floor'],
        [
          ['soft ball', 1, 'pair'],
          ['rope', 1, 'station'],
        ],
        {
          scoring: 'own',
          pairs: true,
          easier: 'Sit with legs apart',
          harder: 'Roll between your partner’s feet',
          shone: 'Roll with the other hand',
        },
      ),
      station('rainbow', 'Rainbow', 'Paint bows with the ribbon, low, middle and high', ['Big shoulders'], [['ribbon', 1, 'student']], {
        scoring: 'none',
        easier: 'One colour, one bow',
        harder: 'Walk through your own bow',
        shone: 'Paint a letter for the others to read',
      }),
      station(
        'snow',
        'Snow',
        'Cross from spot to spot as quietly as snow',
        ['Bend the knee', 'No sound'],
        [['floor spot', 10, 'station']],
        {
          scoring: 'none',
          easier: 'Two feet on a spot',
          harder: 'Eyes on the far wall',
          shone: 'Show your quietest landing',
        },
      ),
      station(
        'frost',
        'Frost',
        'Balance on the mat: freeze in a shape for five counts, change',
        ['Tall and tight'],
        [['mat', 2, 'station']],
        {
          scoring: 'none',
          easier: 'Three points on the mat',
          harder: 'One point on the mat',
          shone: 'Freeze as a pair',
        },
      ),
      station(
        'gust',
        'Gust',
        'Walk the hoops with a beanbag on your head; if it falls, start over',
        ['Chin level'],
        [
          ['hoop', 4, 'station'],
          ['beanbag', 1, 'student'],
        ],
        {
          scoring: 'own',
          easier: 'Beanbag on the shoulder',
          harder: 'Backwards',
          shone: 'Carry two',
        },
      ),
      station(
        'clearing',
        'Clearing',
        'Toss the disc flat into the field of hoops',
        ['Flat like a tray'],
        [
          ['disc', 1, 'student'],
          ['hoop', 3, 'station'],
        ],
        {
          scoring: 'own',
          easier: 'One step nearer',
          harder: 'Name the hoop first',
          shone: 'Toss for a partner to catch',
        },
      ),
    ],
  },
};
