import { describe, expect, it } from 'vitest';
import { everyoneIn, type PlayEvent } from '../../play/playRules.ts';
import { stations } from './index.ts';

const setup = {
  groups: [['a', 'b'], ['c', 'd'], ['e']],
  stations: [
    { id: 'one', scoring: 'own' },
    { id: 'two', scoring: 'none' },
    { id: 'three', scoring: 'versus' },
  ],
  workSeconds: 60,
  moveSeconds: 20,
  laps: 1,
};
const run = (events: PlayEvent[], change: object = {}) => stations.replay({ ...setup, ...change }, events);
const codes = (events: PlayEvent[], change: object = {}) => run(events, change).refused.map((f) => `${f.at.event} ${f.code}`);
const rotate = (at: number): PlayEvent => ({ at, type: 'rotate' });
const points = (at: number, who: object, n: number): PlayEvent => ({ at, type: 'points', points: n, ...who });

describe('stations, the versions of their rules', () => {
  const four = { ...setup, groups: [...setup.groups, ['f', 'g', 'h']] };
  const events: PlayEvent[] = [
    { at: 1, type: 'box', player: 'f', why: '', release: 'restart' },
    { at: 60, type: 'rotate' },
    { at: 140, type: 'rotate' },
    { at: 220, type: 'rotate' },
  ];
  const played = (version: number) => events.reduce((play, event) => play.step(event), stations.open(four, version)).view();
  const of = (view: ReturnType<typeof played>, ...ids: string[]) =>
    [...Object.values(view.places), view.waiting].find((there) => there.includes(ids[0]))?.filter((id) => ids.includes(id));

  it('2: one in the box goes back to the own group, and a lap takes every group to every station', () => {
    expect(of(played(2), 'g', 'f')).toEqual(['g', 'f']);
    expect(played(2).done).toBe(false);
  });

  it('1: to the smallest, and a lap had as many bouts as stations, as runs of then were played', () => {
    expect(of(played(1), 'e', 'f')).toEqual(['e', 'f']);
    expect(played(1).done).toBe(true);
  });

  it('refuses a version that there never was', () => {
    expect(() => stations.open(four, 3)).toThrowError('invalid version of stations: 3, the newest is 2');
  });
});

describe('stations, rotating', () => {
  it('starts group i at station i and moves everyone one on', () => {
    expect(run([]).view.places).toEqual({ 'station-1': ['a', 'b'], 'station-2': ['c', 'd'], 'station-3': ['e'] });
    expect(run([rotate(60)]).view.places).toEqual({ 'station-1': ['e'], 'station-2': ['a', 'b'], 'station-3': ['c', 'd'] });
  });

  it('runs the other way and along an order', () => {
    expect(run([rotate(60)], { direction: -1 }).view.places['station-3']).toEqual(['a', 'b']);
    const ordered = run([rotate(60)], { order: [2, 0, 1] }).view.places;
    expect(ordered).toEqual({ 'station-1': ['a', 'b'], 'station-2': ['c', 'd'], 'station-3': ['e'] });
  });

  it('is done after stations × laps rotates, places staying as they were', () => {
    const all = [rotate(60), rotate(140), rotate(220)];
    const { view } = run(all);
    expect(view.done).toBe(true);
    expect(view.places).toEqual(run(all.slice(0, 2)).view.places);
    expect(view.tally.round).toBe(3);
    expect(view.turns).toEqual({ a: 3, b: 3, c: 3, d: 3, e: 3 });
    expect(codes([...all, rotate(300)])).toEqual(['3 after-end']);
    expect(run(all, { laps: 2 }).view.done).toBe(false);
  });

  it('lets a group that is one too many wait, without a turn', () => {
    const groups = [['a'], ['b'], ['c'], ['d']];
    const { view } = run([], { groups });
    expect(view.waiting).toEqual(['d']);
    expect(run([rotate(60)], { groups }).view).toMatchObject({ waiting: ['c'], turns: { a: 1, b: 1, c: 1, d: 0 } });
  });
});

describe('stations, points', () => {
  it('count for the player and its group, or for the group alone', () => {
    const { view } = run([points(5, { player: 'a' }, 3), points(6, { group: 0 }, 2)]);
    expect(view.scores).toMatchObject({ a: 3, 'group-1': 5, b: 0 });
  });

  it('take back at most what is there', () => {
    expect(codes([points(5, { player: 'a' }, 3), points(6, { player: 'a' }, -4)])).toEqual(['1 not-allowed']);
    expect(run([points(5, { player: 'a' }, 3), points(6, { player: 'a' }, -3)]).view.scores['group-1']).toBe(0);
  });

  it('are refused where a station has no score, and with both or none of player and group', () => {
    expect(codes([points(5, { group: 1 }, 1)])).toEqual(['0 not-allowed']);
    expect(codes([points(5, { group: 0, player: 'a' }, 1), points(5, {}, 1)])).toEqual(['0 bad-field', '1 bad-field']);
  });

  it('are kept by group and station, what is taken back too', () => {
    const setup = {
      groups: [['a'], ['b']],
      stations: [
        { id: 'x', scoring: 'own' },
        { id: 'y', scoring: 'own' },
      ],
      ...{ workSeconds: 60, moveSeconds: 10, laps: 1 },
    };
    const points = (at: number, group: number, n: number) => ({ at, type: 'points', group, points: n });
    const log = [points(1, 0, 3), points(2, 1, 2), points(3, 0, -1), { at: 70, type: 'rotate' }, points(71, 0, 4), points(72, 0, -9)];
    const fold = log.reduce((play, event) => play.step(event), stations.open(setup));
    expect(fold.sheet()).toEqual({ 'group-1': [2, 4], 'group-2': [0, 2] });
    expect(fold.groupOf('b')).toBe(1);
  });

  it('name the winners: groups with the most, nobody at 0', () => {
    const end: PlayEvent = { at: 50, type: 'end' };
    expect(run([end]).view.winners).toEqual([]);
    expect(run([points(5, { group: 0 }, 2), points(6, { group: 2 }, 2), end]).view.winners).toEqual(['group-1', 'group-3']);
    expect(run([points(5, { group: 0 }, 2)]).view.winners).toEqual([]);
  });
});

describe('stations, comings and goings', () => {
  it('box, time and release put one back into the smallest group', () => {
    const boxed: PlayEvent = { at: 5, type: 'box', player: 'a', why: 'crossed', release: 'task', seconds: 30 };
    expect(run([boxed]).view.places).toMatchObject({ box: ['a'], 'station-1': ['b'] });
    expect(run([boxed, { at: 34, type: 'tick' }]).view.places.box).toEqual(['a']);
    expect(run([boxed, { at: 35, type: 'tick' }]).view.places).toMatchObject({ 'station-1': ['b', 'a'] });
    expect(run([boxed, { at: 9, type: 'release', player: 'a' }]).view.places.box).toBeUndefined();
    expect(run([{ ...boxed, seconds: undefined, release: 'round' } as PlayEvent, rotate(60)]).view.places.box).toBeUndefined();
  });

  it('leave and join, the latecomer to a named or the smallest group', () => {
    const { view } = run([
      { at: 1, type: 'leave', player: 'c' },
      { at: 2, type: 'join', player: 'z' },
      { at: 3, type: 'join', player: 'y', index: 0 },
    ]);
    expect(everyoneIn(view).sort()).toEqual(['a', 'b', 'd', 'e', 'y', 'z']);
    expect(view.places['station-2']).toEqual(['d', 'z']);
    expect(view.places['station-1']).toContain('y');
    expect(codes([{ at: 1, type: 'join', player: 'a' }])).toEqual(['0 not-allowed']);
    expect(codes([{ at: 1, type: 'join', player: 'z', index: 3 }])).toEqual(['0 bad-field']);
    expect(codes([{ at: 1, type: 'leave', player: 'z' }])).toEqual(['0 unknown-id']);
  });
});

describe('stations, refusals', () => {
  it.each([
    [[{ at: 1, type: 'serve' }], '0 unknown-type'],
    [[{ at: 1 } as never], '0 unknown-type'],
    [[{ at: Number.NaN, type: 'rotate' }], '0 bad-field'],
    [[{ at: -1, type: 'rotate' }], '0 bad-field'],
    [[{ at: 1, type: 'points', group: 9, points: 1 }], '0 bad-field'],
    [[{ at: 1, type: 'points', group: 0, points: '3' }], '0 bad-field'],
    [[{ at: 1, type: 'points', player: 'q', points: 1 }], '0 unknown-id'],
    [[rotate(9), rotate(3)], '1 time-backwards'],
    [
      [
        { at: 1, type: 'end' },
        { at: 2, type: 'tick' },
      ],
      '1 after-end',
    ],
  ] as [PlayEvent[], string][])('%j', (events, code) => {
    expect(codes(events)).toEqual([code]);
  });

  it.each([
    [{ groups: [] }, 'groups'],
    [{ groups: [['a'], ['a']] }, 'repeated'],
    [{ order: [0, 0, 1] }, 'order'],
    [{ laps: 0 }, 'laps'],
    [{ workSeconds: -5 }, 'workSeconds'],
    [{ stations: [{ id: 'one', scoring: 'maybe' }] }, 'scoring'],
  ])('a broken setup throws by name: %j', (change, name) => {
    expect(() => run([], change)).toThrowError(RangeError);
    expect(() => run([], change)).toThrowError(name);
  });
});

describe('stations, forecast', () => {
  it('is the closed form of the timeline', () => {
    const f = stations.forecast(setup, { seconds: 220, seed: 1 });
    expect(f.plays).toBe(0);
    expect(f.activeShare.mean).toBeCloseTo(180 / 220, 9);
    expect(f.turns).toEqual({ mean: 3, least: 3, most: 3 });
    expect(f.longestWait.mean).toBe(0);
  });

  it('counts waiting rounds, and bouts that follow one another as one wait', () => {
    const groups = [['a'], ['b'], ['c'], ['d'], ['e']];
    const f = stations.forecast({ ...setup, groups }, { seconds: 380, seed: 1 });
    expect(f.perPlayer.a).toBeCloseTo(180 / 380, 9);
    expect(f.longestWait.mean).toBeGreaterThanOrEqual(60);
    expect(f.turns.most).toBe(3);
  });

  it('cuts what the clock cuts', () => {
    expect(stations.forecast(setup, { seconds: 30, seed: 1 }).activeShare.mean).toBe(1);
    expect(() => stations.forecast(setup, { seconds: 0, seed: 1 })).toThrowError('seconds');
  });
});
