import { describe, expect, it } from 'vitest';
import { MILL_GYM } from '../../../content/demo.ts';
import { roomArea } from '../../model/room.ts';
import { foldPlay } from '../../play/foldPlay.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { fieldOf } from '../../simulate/runFloor.ts';
import { runChase } from './agents.ts';
import { chaseRules } from './play.ts';
import { ChasePlaySetup } from './setup.ts';
import { chaseForecast, chaseQuick } from './simulate.ts';

const ids = (count: number) => Array.from({ length: count }, (_, i) => `s${i + 1}`);
const { outline, keepOut } = roomArea(MILL_GYM, 1);
const floor = { outline: [...outline], keepOut: (keepOut ?? []).map((p) => [...p]), wallClearance: 1 };
const hunt = (hunters: number, change: object = {}, players = 20): ChasePlaySetup =>
  ChasePlaySetup.parse({
    players: ids(players),
    hunters: ids(hunters).map((id) => ({ id, how: 'touch' })),
    caught: 'frozen',
    release: 'touch',
    seconds: 120,
    floor,
    ...change,
  });

const pair = { hunters: [{ id: 's1', how: 'together', with: 's2' }] };
const types = Object.fromEntries(ids(20).map((id, i) => [id, i % 2 ? 'wheat' : 'rye']));
const spots = [3, 8, 13].map((x, i) => ({ id: `spot-${i}`, at: { x, y: 5 }, radius: 0.5, limitSeconds: 5 }));
const VARIANTS: [string, object][] = [
  ['frozen and freed by a touch', {}],
  ['jailed and led home by the hand', { caught: 'jail', release: 'escort' }],
  ['led home, only the captive is lost', { caught: 'jail', release: 'escort', onlyCaptive: true }],
  ['freed by named rescuers alone', { rescuers: ['s9', 's10'] }],
  ['a task, then free', { caught: 'task', release: 'task', taskSeconds: 10 }],
  ['converted', { caught: 'converts', release: 'none' }],
  ['out', { caught: 'out', release: 'none' }],
  ['crossing between zones, back if caught', { caught: 'back', release: 'none', zones: ['west', 'east'], callSeconds: 15 }],
  [
    'crossing by kinds, one at a call',
    { caught: 'back', release: 'none', zones: ['west', 'east'], callSeconds: 8, types, callsTypes: true },
  ],
  ['freed by the next call', { caught: 'jail', release: 'call', callSeconds: 20 }],
  ['two who catch together', pair],
  [
    'hunters who throw',
    {
      hunters: [
        { id: 's1', how: 'throw' },
        { id: 's2', how: 'throw' },
      ],
    },
  ],
  [
    'one type alone',
    {
      hunters: [
        { id: 's1', how: 'touch', catches: ['rye'] },
        { id: 's2', how: 'touch' },
      ],
      types,
    },
  ],
  ['everyone hunts, a caught captor frees', { hunters: [], everyoneHunts: true, caught: 'task', release: 'captor', taskSeconds: 40 }],
  ['safe spots for one', { safeSpots: spots }],
  ['an item to fetch, to touch a hunter with', { objective: true }],
  ['an item to fetch while led home by the hand', { objective: true, caught: 'jail', release: 'escort', safeSpots: spots }],
  ['hunters who may not stay', { camping: { radius: 2, seconds: 4 } }],
];

describe('a chase on a floor', () => {
  it.each(VARIANTS)('%s: play accepts every event and counts as the agents do', (_, change) => {
    const setup = hunt(3, change);
    for (const seed of [1, 2, 3]) {
      const run = runChase(setup, fieldOf(floor), { seconds: 120, seed });
      expect(run.events.length).toBeGreaterThan(0);
      const { view, refused } = foldPlay(chaseRules, setup, run.events);
      expect(refused.map((f) => [f.code, f.data.event])).toEqual([]);
      for (const { id, turns } of run.measured) expect(view.turns[id], id).toBe(turns);
      const measured = measurePlay(chaseRules, setup, run.events, 120);
      measured.forEach((m, i) => {
        const until = run.endedAt ?? 120;
        expect(Math.abs(m.active - run.measured[i].active), `${m.id} active`).toBeLessThan(0.02 * until + 2);
      });
      expect(view.done).toBe(run.endedAt !== undefined);
      expect(runChase(setup, fieldOf(floor), { seconds: 120, seed }).events, 'the same again').toEqual(run.events);
    }
  });

  it('keeps everyone on the floor, clear of what stands there, and no faster than they are', () => {
    const setup = hunt(4, { speeds: Object.fromEntries(ids(20).map((id) => [id, 4])) });
    const field = fieldOf(floor);
    const { frames } = runChase(setup, field, { seconds: 60, seed: 5, track: true });
    expect(Object.keys(frames!).sort()).toEqual(ids(20).sort());
    for (const way of Object.values(frames!)) {
      expect(way.length).toBeGreaterThan(100);
      for (const [k, { at, x, y }] of way.entries()) {
        expect(field.slack(x, y)).toBeGreaterThan(-0.25);
        if (k > 0) expect(Math.hypot(x - way[k - 1].x, y - way[k - 1].y) / (at - way[k - 1].at)).toBeLessThan(4);
      }
    }
  });

  it('lets only the kind run that is called, to the line that fewer of it are at, and every kind in turn', () => {
    const change = { caught: 'back', release: 'none', zones: ['west', 'east'], callSeconds: 8, types, callsTypes: true };
    const { events } = runChase(hunt(3, change), fieldOf(floor), { seconds: 120, seed: 4 });
    const called = new Map<string, number>();
    let now = '';
    for (const event of events) {
      if (event.type === 'call') {
        now = String(event.typeCalled);
        called.set(now, (called.get(now) ?? 0) + 1);
      }
      if (event.type === 'across' || event.type === 'caught') expect(types[String(event.who)], `${event.type} at ${event.at}`).toBe(now);
    }
    expect([...called.keys()].sort()).toEqual(['rye', 'wheat']);
    expect(Math.min(...called.values())).toBeGreaterThan(2);
    expect(events.filter((e) => e.type === 'across').length).toBeGreaterThan(20);
  });

  it('is won with the item about as often as hunters are few, and the item lies where its carrier was caught', () => {
    const wins = (hunters: number) =>
      [...Array(12).keys()].filter((seed) => {
        const setup = hunt(hunters, { objective: true });
        const { events } = runChase(setup, fieldOf(floor), { seconds: 120, seed });
        return events.some((e) => e.type === 'objective');
      }).length;
    expect(wins(2)).toBeGreaterThan(0);
    expect(wins(2)).toBeGreaterThanOrEqual(wins(7));
    const taken = (seed: number) =>
      runChase(hunt(6, { objective: true }), fieldOf(floor), { seconds: 120, seed }).events.filter((e) => e.type === 'take').length;
    expect(Math.max(...[...Array(8).keys()].map(taken))).toBeGreaterThan(1);
  });

  it('has no hunter stay longer than the limit and the time to get away', () => {
    const camping = { radius: 2, seconds: 4 };
    // All the others are safe for a minute: there is nobody to run after.
    const safeSpots = [2, 6, 10, 14, 18, 22].flatMap((x) =>
      [3, 6, 9].map((y) => ({ id: `${x}-${y}`, at: { x, y }, radius: 3, capacity: 20, limitSeconds: 60 })),
    );
    const longest = (change: object) => {
      const setup = hunt(4, { safeSpots, ...change });
      const { frames } = runChase(setup, fieldOf(floor), { seconds: 120, seed: 2, track: true });
      let most = 0;
      for (const { id } of setup.hunters) {
        let [ax, ay, since] = [Number.NaN, Number.NaN, 0];
        for (const { at, x, y } of frames![id]) {
          if (Number.isNaN(ax) || Math.hypot(x - ax, y - ay) > camping.radius) [ax, ay, since] = [x, y, at];
          most = Math.max(most, at - since);
        }
      }
      return most;
    };
    expect(longest({ camping })).toBeLessThan(camping.seconds + 5);
    expect(longest({})).toBeGreaterThan(longest({ camping }));
  });

  it('has less of its runners active the more hunt, and ends sooner', () => {
    const share = (hunters: number) => chaseForecast(hunt(hunters), { seconds: 120, plays: 20, seed: 1 }).activeShare.mean;
    expect(share(2)).toBeGreaterThan(share(6));
    const out = (hunters: number) => chaseForecast(hunt(hunters, { caught: 'out', release: 'none' }), { seconds: 240, plays: 20, seed: 1 });
    expect(out(6).duration!.mean).toBeLessThan(out(2).duration?.mean ?? 240);
  });

  it('is told at once within twenty points of what forty plays say, for the usual numbers', () => {
    for (const hunters of [2, 4, 6])
      for (const change of [
        {},
        { caught: 'task', release: 'task', taskSeconds: 15 },
        { caught: 'jail', release: 'call', callSeconds: 30 },
        { caught: 'out', release: 'none' },
        { caught: 'converts', release: 'none' },
      ]) {
        const setup = hunt(hunters, change, 24);
        const quick = chaseQuick(setup, { seconds: 120, seed: 1 }).activeShare.mean;
        const slow = chaseForecast(setup, { seconds: 120, seed: 1 }).activeShare.mean;
        expect(Math.abs(quick - slow), `${hunters} ${JSON.stringify(change)}: ${quick} ${slow}`).toBeLessThan(0.2);
      }
  });
});
