import { describe, expect, it } from 'vitest';
import { seededRng } from '../../rng.ts';
import { roundRobin } from '../../rotation/roundRobin.ts';
import { everyone, inOrder, trying } from '../play.fixture.ts';
import { scheduleOf } from './schedule.ts';
import { type Result, ranked, standingsOf } from './standings.ts';

const teams = ['mills', 'bells', 'bridges', 'orchards'];
const { view, codes } = trying('tournament', { teams, courts: 2, matchSeconds: 180 });
const result = (a: string, b: string, x: number, y: number): [string, object] => ['result', { a, b, score: [x, y] }];
const POINTS = { win: 3, draw: 1, loss: 0 };
const all = (score: (a: string, b: string) => [number, number]): [string, object][] =>
  teams.flatMap((a, i) => teams.slice(i + 1).map((b) => result(a, b, ...score(a, b))));

describe('a tournament', () => {
  it('has table points, goal difference and matches of every team', () => {
    const after = view(inOrder(result('mills', 'bells', 4, 1), result('bridges', 'mills', 2, 2)));
    expect(after.scores).toEqual({ mills: 4, bells: 0, bridges: 1, orchards: 0 });
    expect(after.tally).toEqual({ mills: 3, bells: -3, bridges: 0, orchards: 0 });
    expect(after.turns).toEqual({ mills: 2, bells: 1, bridges: 1, orchards: 0 });
    expect(view(inOrder(result('mills', 'bells', 1, 0)), { points: { win: 2, draw: 1, loss: 0 } }).scores.mills).toBe(2);
  });

  it('corrects a result that is told again, whichever team comes first', () => {
    const corrected = view(inOrder(result('mills', 'bells', 4, 1), result('bells', 'mills', 2, 1)));
    expect(corrected.scores).toMatchObject({ mills: 0, bells: 3 });
    expect(corrected.turns).toMatchObject({ mills: 1, bells: 1 });
  });

  it('has winners once every pair has a result, results still to be corrected, and is done by its end alone', () => {
    const events = all((a) => (a === 'mills' ? [2, 1] : [1, 1]));
    expect(view(inOrder(...events.slice(0, 5))).winners).toEqual([]);
    const whole = view(inOrder(...events));
    expect(whole).toMatchObject({ winners: ['mills'], done: false });
    expect(view(inOrder(...events, result('mills', 'bells', 0, 9), result('bridges', 'mills', 1, 0))).winners).toEqual(['bells']);
    const ended = inOrder(...events, ['end'], result('mills', 'bells', 0, 9));
    expect(codes(ended)).toEqual(['7 after-end']);
    expect(view(inOrder(...events.slice(0, 5), ['end']))).toMatchObject({ done: true, winners: [] });
  });

  it('shows on the courts the first slot with a missing result, the others wait', () => {
    const { slots } = { slots: scheduleOf([teams], 2) };
    expect(slots).toHaveLength(3);
    const first = view([]);
    expect(first.places).toEqual({ 'court-1': slots[0].matches[0], 'court-2': slots[0].matches[1] });
    const [one, two] = slots[0].matches;
    const second = view(inOrder(result(...one, 1, 0), result(...two, 1, 0)));
    expect(second.places['court-1']).toEqual(slots[1].matches[0]);
    expect(view([], { courts: 1 }).waiting).toHaveLength(2);
  });

  it('has the slots of the round robin, whatever the teams are called', () => {
    for (const [count, courts] of [
      [5, 2],
      [6, 3],
      [8, 4],
    ]) {
      const named = teams.concat('gates', 'wheels', 'lamps', 'ropes').slice(0, count);
      expect(scheduleOf([named], courts)).toEqual(roundRobin({ teams: named, courts }).slots);
    }
  });

  it('plays pools side by side, every pair of a pool once, at most one match of a team and `courts` in a slot', () => {
    const pools = [
      ['a', 'b', 'c'],
      ['u', 'v', 'w', 'x'],
    ];
    const slots = scheduleOf(pools, 2);
    const pairs = slots.flatMap((s) => s.matches.map((m) => [...m].sort().join('')));
    expect(pairs.sort()).toEqual(['ab', 'ac', 'bc', 'uv', 'uw', 'ux', 'vw', 'vx', 'wx']);
    for (const { matches, resting } of slots) {
      expect(matches.length).toBeLessThanOrEqual(2);
      expect([...matches.flat(), ...resting].sort()).toEqual(pools.flat().sort());
    }
  });

  it('adds a cross-over once the pools are played: first against first, second against second', () => {
    const pools = [
      ['mills', 'bells'],
      ['bridges', 'orchards'],
    ];
    const cross = { pools, crossOver: true };
    const played = inOrder(result('mills', 'bells', 1, 0), result('bridges', 'orchards', 0, 1));
    expect(view(played, cross)).toMatchObject({
      places: { 'court-1': ['mills', 'orchards'], 'court-2': ['bells', 'bridges'] },
      winners: [],
    });
    const more = [...played, { at: 8, type: 'result', a: 'mills', b: 'orchards', score: [1, 3] }];
    const last = [...more, { at: 9, type: 'result', a: 'bells', b: 'bridges', score: [0, 0] }];
    expect(view(last, cross).winners).toEqual(['orchards']);
    expect(view(played, { pools }).winners).toEqual(['mills', 'orchards']);
  });

  it('is of students where they are known: who left plays no more, the match stands', () => {
    const members = { mills: ['a', 'b'], bells: ['c'], bridges: ['d'], orchards: ['e', 'f'] };
    const left = view(inOrder(['leave', { player: 'a' }], result('mills', 'bells', 1, 0)), { members });
    expect(everyone(left)).toEqual(['b', 'c', 'd', 'e', 'f']);
    expect(left.scores.mills).toBe(3);
    expect(codes(inOrder(['join', { player: 'z' }]), { members })).toEqual(['0 not-allowed']);
  });

  it.each([
    [{ type: 'result', a: 'mills', b: 'bells' }, 'bad-field'],
    [{ type: 'result', a: 'mills', b: 'bells', score: [-1, 0] }, 'bad-field'],
    [{ type: 'result', a: 'mills', b: 'towers', score: [1, 0] }, 'unknown-id'],
    [{ type: 'result', a: 'mills', b: 'mills', score: [1, 0] }, 'not-allowed'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ teams: ['mills', 'mills'] }, 'repeated team'],
    [{ teams: ['mills'] }, '1 of at least two'],
    [{ pools: [['mills', 'bells']] }, 'every team once'],
    [{ courts: 0 }, 'courts: 0'],
    [{ members: { mills: ['a'], bells: ['a'] } }, '"a" is there twice'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});

describe('a table', () => {
  it('divides by points, then between the tied, then by difference, then by what was scored', () => {
    // Three on three points in a ring: between them nothing divides, the difference does.
    const ring: Result[] = [
      { a: 'a', b: 'b', score: [3, 0] },
      { a: 'b', b: 'c', score: [1, 0] },
      { a: 'c', b: 'a', score: [1, 0] },
    ];
    expect(ranked(['a', 'b', 'c'], ring, POINTS, ['points', 'between', 'difference', 'scored'])).toEqual([['a'], ['c'], ['b']]);
    expect(ranked(['a', 'b', 'c'], ring, POINTS, ['points', 'between'])).toEqual([['a', 'b', 'c']]);
  });

  it('takes points between the tied afresh among those still tied', () => {
    // a, b and c have equal points; between the three a has most. Of b and c the match between the two decides, not what either did against a.
    const results: Result[] = [
      { a: 'a', b: 'b', score: [1, 0] },
      { a: 'a', b: 'c', score: [2, 2] },
      { a: 'b', b: 'c', score: [1, 0] },
      { a: 'd', b: 'a', score: [5, 0] },
      { a: 'b', b: 'd', score: [0, 0] },
      { a: 'c', b: 'd', score: [4, 0] },
    ];
    const table = standingsOf(['a', 'b', 'c', 'd'], results, POINTS);
    expect([table.a.points, table.b.points, table.c.points, table.d.points]).toEqual([4, 4, 4, 4]);
    // Among all four 'between' is the whole table and divides nothing; the difference then puts c first.
    expect(ranked(['a', 'b', 'c', 'd'], results, POINTS, ['points', 'between', 'difference', 'scored'])[0]).toEqual(['c']);
    // Of three that remain tied by points alone, a leads between them; b beat c.
    const three = results.filter((r) => ![r.a, r.b].includes('d'));
    expect(ranked(['a', 'b', 'c'], three, { win: 1, draw: 1, loss: 1 }, ['points', 'between'])).toEqual([['a', 'b', 'c']]);
    expect(ranked(['a', 'b', 'c'], three, POINTS, ['between'])).toEqual([['a'], ['b'], ['c']]);
  });

  it('agrees with a naive order by one number where nothing but points and difference is asked, in 200 random tables', () => {
    const random = seededRng(3);
    const ids = ['a', 'b', 'c', 'd', 'e'];
    for (let k = 0; k < 200; k++) {
      const results = ids.flatMap((a, i) => ids.slice(i + 1).map((b): Result => ({ a, b, score: [random.below(4), random.below(4)] })));
      const table = standingsOf(ids, results, POINTS);
      const key = (id: string) => table[id].points * 1000 + table[id].difference;
      const naive = [...new Set(ids.map(key))].sort((x, y) => y - x).map((value) => ids.filter((id) => key(id) === value));
      expect(ranked(ids, results, POINTS, ['points', 'difference'])).toEqual(naive);
    }
  });
});
