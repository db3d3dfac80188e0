import { LATE_CASES } from './latePlays.fixture.ts';
import { type Case, clashSides, five } from './playCase.fixture.ts';

const elements = ['gate', 'stones', 'rope'].map((id, i) => ({ id, seconds: 5, capacity: 2, noOvertaking: i > 0 }));
export const hunt = { players: five, hunters: [{ id: 'h', how: 'touch' }], seconds: 60, caught: 'frozen', release: 'touch' };
const CHASE_EVENTS = ['freed', 'escort', 'home', 'lost', 'taskDone', 'across', 'safe', 'unsafe', 'take'];
const chase = (name: string, change: object): Case => ({
  name: `chase, ${name}`,
  format: 'chase',
  setup: { ...hunt, ...change },
  players: five,
  own(random, some) {
    const [by, who] = [some(), some()];
    if (random.below(3) === 0) return { type: 'caught', by: random.below(2) ? 'h' : by, who };
    if (random.below(6) === 0) return { type: 'call', ...('zones' in change ? { to: random.below(2) ? 'n' : 's' } : {}) };
    return { type: CHASE_EVENTS[random.below(CHASE_EVENTS.length)], by, who };
  },
});

/** Formats and variants whose random logs are tried. */
export const CASES: readonly Case[] = [
  {
    name: 'stations',
    format: 'stations',
    setup: {
      groups: [['a', 'b'], ['c', 'd'], ['e'], ['f']],
      stations: ['one', 'two', 'three'].map((id, i) => ({ id, scoring: i === 1 ? 'none' : 'own' })),
      ...{ workSeconds: 60, moveSeconds: 20, laps: 200 },
    },
    players: ['a', 'b', 'c', 'd', 'e', 'f'],
    own: (random, some) =>
      random.below(2)
        ? { type: 'rotate' }
        : { type: 'points', points: random.below(4) - 1, ...(random.below(2) ? { player: some() } : { group: random.below(4) }) },
  },
  {
    name: 'an advance court',
    format: 'advance-court',
    setup: { players: ['a', 'b', 'c', 'd', 'e', 'f'], positions: 4 },
    players: ['a', 'b', 'c', 'd', 'e', 'f'],
    own: (random) => ({ type: 'error', position: 1 + random.below(4) }),
  },
  {
    name: 'a course',
    format: 'course',
    setup: { players: ['a', 'b', 'c'], elements, headwaySeconds: 4, starts: [0, 0, 1] },
    players: ['a', 'b', 'c'],
    own: (random, some) => ({ type: random.below(2) ? 'enter' : 'leaveElement', player: some(), element: elements[random.below(3)].id }),
  },
  ...['drive', 'topple', 'protect', 'pen'].map(
    (mode): Case => ({
      name: `target clash, ${mode}`,
      format: 'target-clash',
      setup: { mode, sides: clashSides },
      players: clashSides.flatMap((s) => s.members),
      own(random) {
        const [side, of] = random.below(2) ? ['mills', 'bells'] : ['bells', 'mills'];
        const type = ['goal', 'down', 'up', 'through', 'reset'][random.below(5)];
        return type === 'through' ? { type, by: side, of } : { type, side };
      },
    }),
  ),
  {
    name: 'a skill lane',
    format: 'skill-lane',
    setup: { player: 'a', ladder: ['roll', 'toss'], step: 0 },
    players: ['a'],
    own: (random) => (random.below(5) ? { type: 'try', made: random.below(3) > 0 } : { type: 'step', to: random.below(2) }),
  },
  {
    name: 'a ladder',
    format: 'ladder',
    setup: {
      courts: [
        ['a', 'b'],
        ['c', 'd'],
      ],
      ...{ roundSeconds: 60, rounds: 400, count: 'all', resting: ['e'] },
    },
    players: ['a', 'b', 'c', 'd', 'e'],
    own: (_, some) => ({ type: 'round', winners: [some(), some()] }),
  },
  {
    name: 'call-up',
    format: 'call-up',
    setup: { sides: clashSides.map(({ id, members }) => ({ id, members })), atOnce: 2, callSeconds: 10, calls: 300 },
    players: clashSides.flatMap((s) => s.members),
    own(random) {
      const type = ['call', 'goal', 'over'][random.below(3)];
      if (type === 'call') return { type, numbers: [1 + random.below(5), 1 + random.below(5)].slice(random.below(2)) };
      return { type, ...(type === 'goal' ? { side: random.below(2) ? 'mills' : 'bells' } : {}) };
    },
  },
  {
    name: 'objects on targets',
    format: 'toss-targets',
    setup: { sides: clashSides.map(({ id, members }) => ({ id, members })), objectsEach: 3, zones: [5, 2, 1] },
    players: clashSides.flatMap((s) => s.members),
    own(random) {
      const side = random.below(2) ? 'mills' : 'bells';
      if (random.below(6) === 0) return { type: 'endRound' };
      return { type: 'rest', side, object: `${side}-${random.below(4)}`, zone: random.below(4) === 3 ? null : random.below(3) };
    },
  },
  {
    name: 'a tournament',
    format: 'tournament',
    setup: { teams: five, courts: 2, matchSeconds: 60, members: Object.fromEntries(five.map((team) => [team, [`${team}1`, `${team}2`]])) },
    players: five.flatMap((team) => [`${team}1`, `${team}2`]),
    own: (random) => ({
      type: 'result',
      ...{ a: five[random.below(5)], b: five[random.below(5)], score: [random.below(4), random.below(4)] },
    }),
  },
  {
    name: 'a ring of bays',
    format: 'winners-ring',
    setup: {
      ...{ teams: ['a', 'b', 'c', 'd'], bays: 2, target: 3, headStart: true, moveSeconds: 5 },
      members: Object.fromEntries(['a', 'b', 'c', 'd'].map((team) => [team, [`${team}1`, `${team}2`]])),
    },
    players: ['a', 'b', 'c', 'd'].flatMap((team) => [`${team}1`, `${team}2`]),
    own: (random) => ({ type: 'score', team: ['a', 'b', 'c', 'd'][random.below(4)] }),
  },
  ...(['take', 'hold'] as const).map(
    (mode): Case => ({
      name: `pods, ${mode}`,
      format: 'pods',
      setup: {
        pods: [
          ['a', 'b', 'c'],
          ['w', 'x'],
        ],
        ...{ mode, leading: 'follow', rounds: 500, burstSeconds: [5, 9] },
      },
      players: ['a', 'b', 'c', 'w', 'x'],
      own(random, some) {
        if (random.below(3) === 0) return { type: 'stop' };
        return mode === 'hold' ? { type: 'held', by: [some()] } : { type: 'taken', pod: random.below(2), by: some() };
      },
    }),
  ),
  ...([{}, { thieves: ['b', 'x'] }, { defenders: ['b', 'x'] }] as object[]).map(
    (change): Case => ({
      name: `an open floor, ${Object.keys(change)[0] ?? 'shared'}`,
      format: 'open-floor',
      setup: {
        groups: [
          ['a', 'b', 'c'],
          ['w', 'x'],
        ],
        ...{ boutSeconds: 30, switchSeconds: 10 },
        stages: Array.from({ length: 500 }, (_, i) => ({ id: `s${i}`, bouts: 2 })),
        ...change,
      },
      players: ['a', 'b', 'c', 'w', 'x'],
      own(random, some) {
        const what = random.below(5);
        if (what < 2) return { type: what ? 'switch' : 'stage' };
        return what === 2 ? { type: 'withdraw', from: some() } : { type: 'steal', by: some(), from: some() };
      },
    }),
  ),
  ...LATE_CASES,
  chase('frozen', {}),
  chase('jail and escort', { caught: 'jail', release: 'escort' }),
  chase('converted', { caught: 'converts', release: 'none' }),
  chase('zones', { caught: 'back', release: 'none', zones: ['n', 's'] }),
  chase('everyone hunts', { everyoneHunts: true, hunters: [], release: 'captor', simultaneous: 'neither' }),
  chase('task and objective', { caught: 'task', release: 'task', objective: true }),
];
