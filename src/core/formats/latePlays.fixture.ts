import { type Case, clashSides, five } from './playCase.fixture.ts';

/** Variants of relay, perimeter, interval pairs, pace, innings, possession, spots and circles whose random logs are tried. */
export const LATE_CASES: readonly Case[] = [
  ...(['race', 'until-made', 'crossing', 'passing', 'bay-shift'] as const).map(
    (mode): Case => ({
      name: `a relay, ${mode}`,
      format: 'relay',
      setup: {
        lines: [
          ['a', 'b', 'c'],
          ['w', 'x'],
        ],
        ...{ goingAtOnce: 1, turnSeconds: 8, handoverSeconds: 2, mode, rounds: 300 },
      },
      players: ['a', 'b', 'c', 'w', 'x'],
      own: (random) => (random.below(8) ? { type: 'back', line: random.below(2), made: random.below(3) > 0 } : { type: 'rotate' }),
    }),
  ),
  ...(['hoops', 'rings'] as const).map(
    (mode): Case => ({
      name: `a perimeter, ${mode}`,
      format: 'perimeter',
      setup: { mode, players: ['a', 'b', 'c', 'd', 'e'] },
      players: ['a', 'b', 'c', 'd', 'e'],
      own: (random, some) => (random.below(2) ? { type: 'swap' } : { type: 'stop', ...(random.below(2) ? { late: [some()] } : {}) }),
    }),
  ),
  {
    name: 'interval pairs',
    format: 'interval-pairs',
    setup: {
      pairs: [
        ['a', 'b'],
        ['c', 'd', 'e'],
      ],
      ...{ exercises: Array.from({ length: 150 }, (_, i) => `e${i}`), boutSeconds: 30, moveSeconds: 10 },
    },
    players: ['a', 'b', 'c', 'd', 'e'],
    own: (random, some) => (random.below(2) ? { type: 'switch' } : { type: 'reps', player: some(), count: random.below(9) }),
  },
  {
    name: 'pace',
    format: 'pace',
    setup: {
      players: ['a', 'b', 'c'],
      lapMetres: 40,
      trials: Array.from({ length: 150 }, () => ({ laps: 2, targetSeconds: 30 })),
    },
    players: ['a', 'b', 'c'],
    own(random, some) {
      const what = random.below(3);
      if (what === 0) return { type: 'go', trial: random.below(150) };
      return what === 1
        ? { type: 'in', player: some() }
        : { type: 'finish', player: some(), trial: random.below(150), seconds: 20 + random.below(20) };
    },
  },
  {
    name: 'a shuttle',
    format: 'innings',
    setup: { mode: 'shuttle', sides: ['a', 'b', 'c'].map((id) => ({ id: `side ${id}`, members: [id] })), innings: 200 },
    players: ['a', 'b', 'c'],
    own: (random, some) => (random.below(3) ? { type: 'hit', batter: some(), trips: random.below(3) } : { type: 'caught', batter: some() }),
  },
  {
    name: 'helping bases',
    format: 'innings',
    setup: { mode: 'bases', sides: clashSides.map(({ id, members }) => ({ id, members })), innings: 200 },
    players: clashSides.flatMap((s) => s.members),
    own: (random, some) => ({
      type: 'hit',
      ...{ batter: some(), kind: ['grounder', 'short-fly', 'long-fly'][random.below(3)], fielded: random.below(3) > 0 },
    }),
  },
  ...(['passes', 'goals', 'halves', 'spots'] as const).map(
    (mode): Case => ({
      name: `possession, ${mode}`,
      format: 'possession',
      setup: { mode, sides: clashSides.map(({ id, members }) => ({ id, members })), passes: 3, starts: 'mills', guards: ['d'] },
      players: clashSides.flatMap((s) => s.members),
      own(random, some) {
        const side = random.below(2) ? 'mills' : 'bells';
        const what = random.below(6);
        if (what === 0) return { type: 'turnover', why: 'out', to: side };
        if (what === 1) return { type: 'goal', side };
        if (what === 2) return { type: 'stopped', pair: side, inSpot: random.below(2) > 0 };
        return what === 3 ? { type: random.below(2) ? 'tagged' : 'home', player: some() } : { type: 'pass', from: some(), to: some() };
      },
    }),
  ),
  ...(['collect', 'stay', 'struck'] as const).map(
    (mode): Case => ({
      name: `shooting spots, ${mode}`,
      format: 'spot-collect',
      setup: { mode, teams: clashSides.map(({ id, members }) => ({ id, members })), spots: Array.from({ length: 150 }, (_, i) => `s${i}`) },
      players: clashSides.flatMap((s) => s.members),
      own(random, some) {
        const team = random.below(2) ? 'mills' : 'bells';
        const what = random.below(8);
        if (what < 4) return { type: what % 2 ? 'made' : 'missed', player: some(), spot: `s${random.below(20)}` };
        return what === 7 ? { type: 'taskDone' } : { type: what % 2 ? 'struck' : 'free', team };
      },
    }),
  ),
  ...(
    [
      { mode: 'sequence', numbers: 3, moves: Array.from({ length: 200 }, (_, i) => `m${i}`) },
      { mode: 'keep-up', centre: 'a', resume: true },
      { mode: 'crews', takers: ['a'], rescuers: ['b'], limit: 3 },
    ] as const
  ).map(
    (change): Case => ({
      name: `a circle, ${change.mode}`,
      format: 'circle',
      setup: { players: five, ...change },
      players: five,
      own(random, some) {
        const what = random.below(10);
        if (what === 0) return { type: 'stayed', number: 1 + random.below(3) };
        if (what < 3) return { type: 'reset', takers: [some()], rescuers: [some()] };
        if (what === 3) return { type: random.below(2) ? 'ground' : 'next' };
        const type = ['hit', 'catch', 'pulled', 'rescued', 'gone'][random.below(5)];
        return { type, by: some(), who: some() };
      },
    }),
  ),
  {
    name: 'a circle, leader',
    format: 'circle',
    setup: { mode: 'leader', seconds: 20, players: Array.from({ length: 60 }, (_, i) => `p${i}`) },
    players: Array.from({ length: 60 }, (_, i) => `p${i}`),
    own: () => ({ type: 'next' }),
  },
  {
    name: 'a barrier',
    format: 'circle',
    setup: { mode: 'barrier', sides: clashSides.map(({ id, members }) => ({ id, members })), joint: false, touches: 3 },
    players: clashSides.flatMap((s) => s.members),
    own: (random, some) => (random.below(4) ? { type: 'hit', by: some() } : { type: 'point', side: random.below(2) ? 'mills' : 'bells' }),
  },
];
