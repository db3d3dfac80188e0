import type { Game } from '../core/model/game.ts';
import { GameId } from '../core/model/ids.ts';
import { head } from '../core/model/record.ts';
import { station } from './station.ts';

/** Send, catch and juggle in a round of nine mill rooms. */
export const nineMills: Game = {
  ...head('game', 1),
  id: GameId.parse('nine-mills'),
  title: 'Nine mills',
  purpose: 'Send, catch, slide and juggle objects of different kinds with control',
  story: 'Nine mills stand along the brook. In each one a different wheel must be kept turning until the miller whistles.',
  attentionCall: 'Millers? … Grind on!',
  stopSignal: '',
  format: 'stations',
  endRule: 'When every group has been in every mill',
  restartRule: 'Every round starts on the short whistle',
  outRule: 'What rolls out of a mill is fetched at a walk when the way is free',
  tieRule: 'Groups with the same points share the first place',
  calmDown: 'Objects stay below the knee for one round',
  offences: [
    { what: 'Throwing across another mill', consequence: 'A word', release: 'at once' },
    { what: 'Throwing on after the stop signal', consequence: 'Keeps the score for one round', release: 'next round' },
  ],
  questions: ['Which wheel needed the softest hands?', 'What did you change after a miss?'],
  bands: {
    'pre-k': { picks: ['ribbon-arcs', 'gate-lanes', 'stone-slide', 'bell-toss'], walkSeconds: 90, rehearseSeconds: 60 },
    'k-1': {
      picks: ['ribbon-arcs', 'gate-lanes', 'stone-slide', 'bell-toss', 'step-stones', 'windmill'],
      walkSeconds: 90,
      rehearseSeconds: 60,
    },
    '2-3': { walkSeconds: 90 },
    '4-5': {},
    '6-8': { areaWidthM: 4.4 },
    '9-12': { areaWidthM: 4.6, rehearseSeconds: 0 },
  },
  setup: {
    stations: [
      station(
        'ribbon-arcs',
        'Ribbon arcs',
        'Draw arcs, spirals and a full wheel with the ribbon; the end never touches the floor',
        ['Long arm', 'Wrist leads'],
        [['ribbon', 1, 'student']],
        {
          scoring: 'none',
          easier: 'Shorten the ribbon by half',
          harder: 'One ribbon in each hand',
          shone: 'Lead the others through a wheel',
        },
      ),
      station(
        'gate-lanes',
        'Gate lanes',
        'Travel a new way through all gates without touching one',
        ['Eyes up', 'Bend at the turn'],
        [['gate', 4, 'station']],
        {
          scoring: 'own',
          runM: 1.5,
          easier: 'Walk the gates',
          harder: 'Backwards on the way home',
          shone: 'Invent a way of travelling for the group',
        },
      ),
      station(
        'stone-slide',
        'Stone slide',
        'Slide a stone so that it stops in the ring; four slides each, then change',
        ['Low and long', 'Let go at the line'],
        [
          ['sliding stone', 2, 'pair', 'stays', 'on the line'],
          ['target', 1, 'station'],
        ],
        {
          scoring: 'versus',
          pairs: true,
          easier: 'Line one step nearer',
          harder: 'Stop it behind another stone',
          shone: 'Call the line for your partner',
        },
      ),
      station(
        'bell-toss',
        'Bell toss',
        'Toss underarm through the hoop so that the bell rings',
        ['Swing like a bell', 'Step with the other foot'],
        [
          ['beanbag', 2, 'student'],
          ['hoop', 1, 'station'],
          ['bell', 1, 'station'],
        ],
        {
          scoring: 'own',
          easier: 'One step nearer',
          harder: 'Other hand',
          shone: 'Hold the hoop lower for somebody else',
        },
      ),
      station(
        'low-net',
        'Low net',
        'Keep it going over the low net with the hand; seated or standing',
        ['Open hand', 'Call it'],
        [
          ['light ball', 1, 'pair'],
          ['low net', 1, 'station'],
        ],
        {
          scoring: 'versus',
          pairs: true,
          easier: 'One bounce allowed',
          harder: 'Both sit down',
          shone: 'Play with the other hand',
        },
      ),
      station(
        'two-catch',
        'Two-catch',
        'Both toss at the same time and both catch; one long row in a row is the record',
        ['Count together', 'Toss to the chest'],
        [
          ['beanbag', 2, 'pair'],
          ['bib', 1, 'student', 'wear', 'hang on the cone'],
        ],
        {
          scoring: 'own',
          pairs: true,
          easier: 'Toss one at a time',
          harder: 'One step back after five',
          shone: 'Try three objects',
        },
      ),
      station(
        'step-stones',
        'Step stones',
        'Cross the brook on the spots; only one foot on each',
        ['Look two spots ahead', 'Land softly'],
        [['floor spot', 8, 'station']],
        {
          scoring: 'none',
          easier: 'Spots closer together',
          harder: 'Stay on one leg for two counts',
          shone: 'Lay a new way across',
        },
      ),
      station(
        'disc-to-hand',
        'Disc to hand',
        'Send the disc flat to your partner; bring your own disc and take it along',
        ['Flat and quiet', 'Finish pointing'],
        [['disc', 1, 'pair', 'bring', 'carry it low']],
        {
          scoring: 'own',
          pairs: true,
          runM: 1,
          easier: 'One step nearer',
          harder: 'Catch with one hand',
          shone: 'Send it round a cone',
        },
      ),
      station(
        'windmill',
        'Windmill',
        'Keep three scarves in the air, arms turning like sails',
        ['High and slow', 'Watch the top'],
        [['scarf', 3, 'student']],
        {
          scoring: 'own',
          easier: 'Two scarves',
          harder: 'Turn once under them',
          shone: 'Change a scarf with a neighbour in the air',
        },
      ),
    ],
  },
};
