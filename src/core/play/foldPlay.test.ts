import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { foldPlay, openPlay } from './foldPlay.ts';
import type { PlayEvent, PlayRules } from './playRules.ts';

/** A walk of five seconds to one of two posts: all that a format may do by itself in time, in a few lines. */
interface WalkState {
  home: string[];
  walking: { player: string; until: number }[];
  posts: string[][];
}
type WalkEvent = { type: 'go'; player: string; post: number } | { type: 'round' };
const walk: PlayRules<{ players: string[]; done?: number }, WalkState, WalkEvent> = {
  version: 1,
  parse: (setup) => setup as { players: string[] },
  players: ({ players }) => players,
  indices: () => 1,
  start: ({ players }) => ({ home: players, walking: [], posts: [[], []] }),
  events: {
    go: z.object({ type: z.literal('go'), player: z.string(), post: z.number().int() }),
    round: z.object({ type: z.literal('round') }),
  },
  inRange: (_, __, event) => event.type !== 'go' || (event.post >= 0 && event.post < 2),
  named: (event) => (event.type === 'go' ? [event.player] : []),
  step(_, state, event) {
    if (event.type === 'round') return state;
    if (!state.home.includes(event.player)) return 'not-allowed';
    const walking = [...state.walking, { player: event.player, until: event.at + 5 }];
    return { ...state, home: state.home.filter((p) => p !== event.player), walking };
  },
  due: (_, { walking }) => walking[0]?.until,
  pass(_, state, at) {
    const there = state.walking.filter((w) => w.until <= at).map((w) => w.player);
    return {
      ...state,
      walking: state.walking.filter((w) => w.until > at),
      posts: [[...state.posts[0], ...there], state.posts[1]],
    };
  },
  active: (_, { walking }) => walking.map((w) => w.player),
  vacate: (_, state, player) => ({
    home: state.home.filter((p) => p !== player),
    walking: state.walking.filter((w) => w.player !== player),
    posts: state.posts.map((ids) => ids.filter((p) => p !== player)),
  }),
  join: (_, state, player) => (state.home.length > 3 ? 'not-allowed' : { ...state, home: [...state.home, player] }),
  back: (_, state, player) => ({ ...state, home: [...state.home, player] }),
  finished: ({ done }, { posts }) => done !== undefined && posts[0].length >= done,
  view: (_, { home, walking, posts }) => ({
    scores: {},
    tally: {},
    places: { home, walking: walking.map((w) => w.player), post: posts[0] },
    waiting: [],
    turns: {},
  }),
  winners: (_, { posts }) => posts[0],
};
const setup = { players: ['a', 'b', 'c'] };
const go = (at: number, player: string): PlayEvent => ({ at, type: 'go', player, post: 0 });
const fold = (events: PlayEvent[], change: object = {}) => foldPlay(walk, { ...setup, ...change }, events);
const codes = (events: PlayEvent[], change: object = {}) => fold(events, change).refused.map((f) => `${f.at.event} ${f.code}`);

describe('time in a play', () => {
  it('brings arrivals before an event of the same second', () => {
    expect(fold([go(0, 'a'), { at: 4.9, type: 'tick' }]).view.places).toMatchObject({ walking: ['a'], post: [] });
    expect(fold([go(0, 'a'), { at: 5, type: 'tick' }]).view.places).toMatchObject({ walking: [], post: ['a'] });
  });

  it('passes without an event, as far as is asked', () => {
    const play = openPlay(walk, setup).step(go(2, 'a')).step(go(3, 'b'));
    expect(play.due).toBe(7);
    expect(play.until(7).view().places.post).toEqual(['a']);
    expect(play.until(20).view().places.post).toEqual(['a', 'b']);
    expect(play.until(20).due).toBe(Number.POSITIVE_INFINITY);
    expect(play.view().places.post, 'and leaves the fold as it was').toEqual([]);
  });

  it('ends a box of ten seconds after ten seconds, arrivals before and after it in their order', () => {
    const box: PlayEvent = { at: 1, type: 'box', player: 'c', why: '', release: 'rest', seconds: 10 };
    const play = openPlay(walk, setup).step(go(0, 'a')).step(box).step(go(8, 'b'));
    expect(play.until(10.9).view().places).toEqual({ home: [], walking: ['b'], post: ['a'], box: ['c'] });
    expect(play.until(11).view().places).toEqual({ home: ['c'], walking: ['b'], post: ['a'] });
    expect(play.until(13).view().places).toEqual({ home: ['c'], walking: [], post: ['a', 'b'] });
  });

  it('stops when play is done, also when time alone ends it', () => {
    expect(codes([go(0, 'a'), go(5, 'b')], { done: 1 })).toEqual(['1 after-end']);
    const play = openPlay(walk, { ...setup, done: 1 })
      .step(go(0, 'a'))
      .step(go(3, 'b'));
    expect(play.until(30).view()).toMatchObject({ done: true, winners: ['a'], places: { walking: ['b'] } });
    expect(play.until(30).due).toBe(Number.POSITIVE_INFINITY);
  });

  it('throws rather than stand still', () => {
    const still = { ...walk, pass: (_: unknown, state: WalkState) => state };
    expect(() => foldPlay(still, setup, [go(0, 'a'), { at: 9, type: 'tick' }])).toThrowError('time stands still at second 5');
  });
});

describe('a refused event', () => {
  it.each([
    [[{ at: 1, type: 'fly' }], '0 unknown-type'],
    [[{ at: 1, type: 'constructor' }], '0 unknown-type'],
    [[{ at: 'soon', type: 'go', player: 'a', post: 0 }], '0 bad-field'],
    [[{ at: -1, type: 'tick' }], '0 bad-field'],
    [[{ at: 1, type: 'go', player: 'z', post: 2 }], '0 bad-field'],
    [
      [
        { at: 3, type: 'tick' },
        { at: 1, type: 'go', player: 'z', post: 0 },
      ],
      '1 unknown-id',
    ],
    [[{ at: 3, type: 'end' }, go(1, 'a')], '1 time-backwards'],
    [[{ at: 3, type: 'end' }, go(4, 'a')], '1 after-end'],
    [[go(1, 'a'), go(2, 'a')], '1 not-allowed'],
    [[{ at: 1, type: 'leave', player: 'a' }, go(2, 'a')], '1 not-allowed'],
    [[{ at: 1, type: 'join', player: 'a' }], '0 not-allowed'],
    [[{ at: 1, type: 'join', player: 'd', index: 1 }], '0 bad-field'],
  ] as [PlayEvent[], string][])('%j gets the first code that applies: %s', (events, code) => expect(codes(events)).toEqual([code]));

  it('changes nothing, not even the time', () => {
    const { view, refused } = fold([go(0, 'a'), { at: 9, type: 'go', player: 'a', post: 0 }]);
    expect(refused).toHaveLength(1);
    expect(view.places).toMatchObject({ walking: ['a'], post: [] });
  });

  it('may be a join for which there is no room', () => {
    const join = (player: string): PlayEvent => ({ at: 1, type: 'join', player });
    expect(codes([join('d'), join('e')])).toEqual(['1 not-allowed']);
  });
});

describe('the box', () => {
  const box = (release: string): PlayEvent => ({ at: 1, type: 'box', player: 'a', why: '', release });
  it.each([
    ['restart', true],
    ['round', true],
    ['task', false],
    ['rest', false],
  ])('%s ends with a round: %s', (release, back) => {
    expect(fold([box(release), { at: 2, type: 'round' }]).view.places.box ?? []).toEqual(back ? [] : ['a']);
  });
  it('ends by hand, and whoever is in it may go home', () => {
    expect(fold([box('task'), { at: 2, type: 'release', player: 'a' }]).view.places).toMatchObject({ home: ['b', 'c', 'a'] });
    const { view, refused } = fold([box('task'), { at: 2, type: 'leave', player: 'a' }]);
    expect([refused, view.places.box, view.places.home]).toEqual([[], undefined, ['b', 'c']]);
  });
});
