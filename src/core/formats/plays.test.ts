import { describe, expect, it } from 'vitest';
import { foldEvents } from '../play/foldPlay.ts';
import type { PlayEvent } from '../play/playRules.ts';
import { type Rng, seededRng } from '../rng.ts';
import { everyone } from './play.fixture.ts';
import { formatOf } from './registry.ts';

type Loose = { type: string; [field: string]: unknown };
interface Case {
  name: string;
  format: string;
  setup: object;
  players: string[];
  /** One own event that may be legal now; `some` draws somebody. */
  own(random: Rng, some: () => string): Loose;
}

const five = ['a', 'b', 'c', 'd', 'h'];
const elements = ['gate', 'stones', 'rope'].map((id, i) => ({ id, seconds: 5, capacity: 2, noOvertaking: i > 0 }));
const clashSides = [
  { id: 'mills', members: ['a', 'b', 'c', 'd'], feeders: ['a', 'b'], guards: ['d'] },
  { id: 'bells', members: ['w', 'x', 'y', 'z'] },
];
const hunt = { players: five, hunters: [{ id: 'h', how: 'touch' }], seconds: 60, caught: 'frozen', release: 'touch' };
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

const CASES: Case[] = [
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
  chase('frozen', {}),
  chase('jail and escort', { caught: 'jail', release: 'escort' }),
  chase('converted', { caught: 'converts', release: 'none' }),
  chase('zones', { caught: 'back', release: 'none', zones: ['n', 's'] }),
  chase('everyone hunts', { everyoneHunts: true, hunters: [], release: 'captor', simultaneous: 'neither' }),
  chase('task and objective', { caught: 'task', release: 'task', objective: true }),
];

/** Comings and goings, which every format takes, among its own events; two of them may share a second. */
function randomEvents({ players, own }: Case, seed: number, length: number): PlayEvent[] {
  const random = seededRng(seed);
  const ids = [...players, 'q'];
  const some = () => ids[random.below(ids.length)];
  return Array.from({ length }, (_, i) => {
    const common: Loose[] = [
      {
        type: 'box',
        player: some(),
        why: '',
        release: ['restart', 'round', 'task', 'rest'][random.below(4)],
        seconds: 1 + random.below(20),
      },
      { type: 'release', player: some() },
      { type: 'leave', player: some() },
      { type: 'join', player: some() },
      { type: 'tick' },
    ];
    return { at: 2 * (i >> 1), ...(random.below(6) ? own(random, some) : common[random.below(common.length)]) };
  });
}

/** The events that were accepted, and who is in play after them. */
function legal(played: Case, events: PlayEvent[]): { accepted: PlayEvent[]; here: Set<string> } {
  let play = formatOf(played.format).open(played.setup);
  const accepted: PlayEvent[] = [];
  const here = new Set(played.players);
  for (const event of events) {
    const next = play.step(event);
    // A play that is over takes no more: the one that would end it is left out.
    if (next.refused.length > play.refused.length || next.view().done) continue;
    play = next;
    accepted.push(event);
    if (event.type === 'leave') here.delete(String(event.player));
    if (event.type === 'join') here.add(String(event.player));
    expect(everyone(play.view()), JSON.stringify(event)).toEqual([...here].sort());
  }
  return { accepted, here };
}

describe.each(CASES.map((c) => [c.name, c] as const))('%s, random legal logs', (_, played) => {
  const open = () => formatOf(played.format).open(played.setup);
  const logs = [1, 2, 3].map((seed) => legal(played, randomEvents(played, seed, 300)));

  it('have everyone present in exactly one place', () => {
    for (const { accepted } of logs) expect(accepted.length, 'some of it was play').toBeGreaterThan(20);
  });

  it('are replayed whole as a prefix and then the rest, and the same as plain data', () => {
    for (const { accepted } of logs) {
      const whole = foldEvents(open(), accepted);
      expect(whole.refused).toEqual([]);
      const cut = accepted.length >> 1;
      const prefix = accepted.slice(0, cut).reduce((play, event) => play.step(event), open());
      expect(foldEvents(prefix, accepted.slice(cut))).toEqual(whole);
      expect(
        foldEvents(formatOf(played.format).open(JSON.parse(JSON.stringify(played.setup))), JSON.parse(JSON.stringify(accepted))),
      ).toEqual(whole);
    }
  });

  it('leave the view alone where an event is refused, and time goes only forward', () => {
    for (const { accepted } of logs) {
      const play = accepted.reduce((p, event) => p.step(event), open());
      const last = accepted.at(-1)!.at;
      for (const wrong of [
        { at: last, type: 'fly' },
        { at: last, type: 'leave', player: 'nobody' },
        { at: last + 99, type: 'join' },
      ])
        expect(play.step(wrong).view()).toEqual(play.view());
      if (last > 0) expect(play.step({ at: last - 1, type: 'tick' }).refused.at(-1)?.code).toBe('time-backwards');
    }
  });

  it('count nobody’s turns down', () => {
    for (const { accepted } of logs) {
      let before: Record<string, number> = {};
      let play = open();
      for (const event of accepted) {
        play = play.step(event);
        const { turns } = play.view();
        for (const [id, n] of Object.entries(before)) expect(turns[id], JSON.stringify(event)).toBeGreaterThanOrEqual(n);
        // Two who caught each other in the same second take both catches back.
        before = played.name === 'chase, everyone hunts' ? {} : turns;
      }
    }
  });
});

describe('a forecast of play alone', () => {
  const options = { seconds: 60, seed: 1 };
  it('without rates is the share of those who are active at the start, and says so by no plays', () => {
    const clash = formatOf('target-clash').forecast({ mode: 'drive', sides: clashSides }, options);
    expect(clash).toMatchObject({ plays: 0, activeShare: { mean: 1, low: 1 }, longestWait: { mean: 0 } });
    expect(Object.keys(clash.perPlayer)).toHaveLength(8);
    expect(formatOf('skill-lane').forecast({ player: 'a', ladder: ['roll'], step: 0 }, options).perPlayer).toEqual({ a: 1 });
  });
  it('is refused for a broken setup, broken options and a format that is none', () => {
    expect(() => formatOf('skill-lane').forecast({ player: 'a', ladder: [], step: 0 }, options)).toThrowError(RangeError);
    expect(() => formatOf('course').forecast(CASES[2].setup, { seconds: 0, seed: 1 })).toThrowError('seconds: 0');
    expect(() => formatOf('juggle').forecast(hunt, options)).toThrowError('unknown format');
  });
});

describe('plays by format', () => {
  it('refuse a name that has no rules of play', () => {
    for (const name of ['juggle', 'toString', '__proto__', '']) expect(() => formatOf(name).open({})).toThrowError(RangeError);
  });
});
