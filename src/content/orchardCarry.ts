import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';
import { station } from './station.ts';

/** Lane-and-gate travelling and careful carrying, for bigger students with a printed odd one's task left open. */
export const orchardCarry: Game = {
  ...newHeader('game', 3),
  id: GameId.parse('orchard-carry'),
  title: 'Orchard carry',
  aim: 'Carry, hand over and set down under control while travelling through gates',
  purpose: [],
  families: ['dribble and carry', 'travel'],
  noise: 2,
  outdoors: 'both',
  demands: [],
  story: 'The harvest must come down from the orchard over many small bridges before the bell.',
  attentionCall: 'Baskets? … Down!',
  stopSignal: '',
  format: 'stations',
  rules: [
    { kind: 'end', text: 'When the last bridge has been crossed' },
    { kind: 'restart', text: 'Every round starts on the whistle with baskets down' },
    { kind: 'boundary', text: 'Dropped fruit is picked up by the one who carried it' },
    { kind: 'tie', text: 'The group that set down more quietly goes first next time' },
    { kind: 'calm-down', text: 'Walking only' },
    {
      kind: 'fault',
      fault: 'crossing-in-front-of-a-carrier',
      does: 'Crossing in front of a carrier',
      next: 'Lets two others pass',
      back: 'At once',
    },
  ],
  offences: [{ what: 'crossing-in-front-of-a-carrier' }],
  questions: ['How did you warn the one behind you?', 'What made a hand-over safe?'],
  bands: {
    'pre-k': { picks: ['ladder-lane', 'twig-gates', 'fruit-drop', 'sorting'], oddTask: 'free' },
    'k-1': { picks: ['ladder-lane', 'twig-gates', 'fruit-drop', 'sorting', 'stepping'], oddTask: 'free' },
    '2-3': { picks: ['ladder-lane', 'twig-gates', 'fruit-drop', 'sorting', 'stepping', 'rope-row', 'hand-over', 'round-tree'] },
    '4-5': { oddTask: 'none' },
    '6-8': { oddTask: 'none', areaWidthM: 3.6, areaDepthM: 2.6 },
    '9-12': { oddTask: 'none', areaWidthM: 3.6, areaDepthM: 2.6 },
  },
  setup: {
    stations: [
      station(
        'ladder-lane',
        'Ladder lane',
        'Feet through the cone ladder, beanbag on the open hand',
        ['Small steps'],
        [
          ['cone', 6, 'station'],
          ['beanbag', 1, 'student'],
        ],
        {
          easier: 'Hold the beanbag',
          harder: 'Sideways',
          shone: 'Go first and set the pace',
        },
      ),
      station(
        'twig-gates',
        'Twig gates',
        'Carry a hoop through the gates without touching',
        ['Look at the next gate'],
        [
          ['gate', 3, 'station'],
          ['hoop', 1, 'student'],
        ],
        {
          runM: 1,
          easier: 'Wider gates',
          harder: 'Hoop overhead',
          shone: 'Guide a partner who looks away',
        },
      ),
      station(
        'fruit-drop',
        'Fruit drop',
        'Partner tosses, you catch in the basket',
        ['Basket under it'],
        [
          ['basket', 1, 'pair'],
          ['beanbag', 2, 'pair'],
        ],
        {
          pairs: true,
          scoring: 'versus',
          easier: 'One step nearer',
          harder: 'One step back',
          shone: 'Catch behind the back line',
        },
      ),
      station(
        'sorting',
        'Sorting shed',
        'Sort cubes by colour into hoops, one at a time, walking',
        ['One hand only'],
        [
          ['juggling cube', 3, 'student'],
          ['hoop', 3, 'station'],
        ],
        {
          scoring: 'sides',
          easier: 'Two hands',
          harder: 'Other hand',
          shone: 'Check the others in a whisper',
        },
      ),
      station(
        'stepping',
        'Stepping row',
        'Spot to spot with a beanbag on each hand',
        ['Look ahead'],
        [
          ['floor spot', 8, 'station'],
          ['beanbag', 2, 'student'],
        ],
        {
          easier: 'One beanbag',
          harder: 'Close one eye',
          shone: 'Lay the row wider',
        },
      ),
      station(
        'rope-row',
        'Rope row',
        'Walk the rope heel to toe, hand over in the middle',
        ['Arms out'],
        [
          ['rope', 2, 'station'],
          ['beanbag', 1, 'pair'],
        ],
        {
          pairs: true,
          easier: 'Walk beside the rope',
          harder: 'Backwards to the middle',
          shone: 'Meet without a word',
        },
      ),
      station(
        'hand-over',
        'Hand-over',
        'Pass the disc behind you, then run round and take it again',
        ['Give, do not throw'],
        [['disc', 1, 'pair']],
        {
          pairs: true,
          runM: 1.5,
          easier: 'Stand still',
          harder: 'Two discs',
          shone: 'Count for another pair',
        },
      ),
      station(
        'round-tree',
        'Round the tree',
        'Carry two cones round the bench, set them down standing',
        ['Bend the knees'],
        [
          ['bench', 1, 'station'],
          ['cone', 2, 'student'],
        ],
        {
          easier: 'One cone',
          harder: 'Cones on the palms',
          shone: 'Set them down without a sound',
        },
      ),
      station(
        'basket-swing',
        'Basket swing',
        'Swing the empty basket low and set it on the spot',
        ['Below the knee'],
        [
          ['basket', 1, 'pair'],
          ['floor spot', 2, 'station'],
        ],
        {
          pairs: true,
          easier: 'Both hands',
          harder: 'Turn once',
          shone: 'Swing as mirror partners',
        },
      ),
      station(
        'bridge',
        'Bridge',
        'Cross the mats on hands and feet, scarf under the chin',
        ['Hips up'],
        [
          ['mat', 3, 'station'],
          ['scarf', 1, 'student'],
        ],
        {
          easier: 'Crawl',
          harder: 'Backwards',
          shone: 'Find a new way across',
        },
      ),
      station(
        'apple-roll',
        'Apple roll',
        'Roll the ball up the bench so that it comes back to you',
        ['Soft push'],
        [
          ['bench', 1, 'station'],
          ['soft ball', 1, 'student'],
        ],
        {
          easier: 'Catch it on the floor',
          harder: 'Clap before it is back',
          shone: 'Change places while it rolls',
        },
      ),
      station(
        'last-bell',
        'Last bell',
        'Toss underarm and ring the bell; three in a row and you step back',
        ['Step and swing'],
        [
          ['bell', 1, 'station'],
          ['beanbag', 2, 'student'],
        ],
        {
          easier: 'One step nearer',
          harder: 'Other hand',
          shone: 'Ring it twice with one toss',
        },
      ),
    ],
  },
};
