import { describe, expect, it } from 'vitest';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const players = ['a', 'b', 'c', 'd', 'e'];
const hoops = trying('perimeter', { mode: 'hoops', players, hoops: 4, leastHoops: 2 });
const rings = trying('perimeter', { mode: 'rings', players });

describe('hoops along a perimeter', () => {
  it('lose one at each stop, never below those that stay, and nobody is out', () => {
    const after = hoops.view(inOrder(['stop'], ['stop'], ['stop'], ['stop']));
    expect(after.tally).toEqual({ hoops: 2, tasks: 0 });
    expect(everyone(after)).toEqual(players);
    expect(Object.values(after.turns)).toEqual([4, 4, 4, 4, 4]);
    expect(hoops.view(inOrder(['stop'], ['stop']), { removePerRound: 0 }).tally.hoops).toBe(4);
  });

  it('bring one task for all however many are late', () => {
    expect(hoops.view(inOrder(['stop', { late: ['a', 'b'] }], ['stop', { late: [] }], ['stop', { late: ['c'] }])).tally.tasks).toBe(2);
  });

  it('begin with one each if nobody says, and end by the clock alone: everyone wins', () => {
    expect(hoops.view([], { hoops: undefined, leastHoops: undefined }).tally.hoops).toBe(5);
    expect(hoops.view(inOrder(['stop'], ['end']))).toMatchObject({ done: true, winners: players });
  });

  it.each([
    [{ type: 'stop', late: ['z'] }, 'unknown-id'],
    [{ type: 'stop', late: 'a' }, 'bad-field'],
    [{ type: 'swap' }, 'not-allowed'],
  ])('refuse %j', (event, code) => expect(hoops.codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));
});

describe('two rings', () => {
  it('are of one size, the last of the inner ring free; at a swap they change and the next one is free', () => {
    expect(rings.view([]).places).toEqual({ outer: ['a', 'b'], inner: ['c', 'd'], free: ['e'] });
    expect(rings.view(inOrder(['swap'])).places).toEqual({ outer: ['c', 'd'], inner: ['e', 'b'], free: ['a'] });
  });

  it('make everyone free once in as many swaps as there are students', () => {
    const free = players.map((_, k) => rings.view(inOrder(...Array.from({ length: k }, (): [string] => ['swap']))).places.free[0]);
    expect(free.sort()).toEqual(players);
  });

  it('stay even when one leaves, and when one comes late', () => {
    const left = rings.view(inOrder(['leave', { player: 'a' }]));
    expect(left.places).toEqual({ outer: ['b', 'e'], inner: ['c', 'd'], free: [] });
    const came = rings.view(inOrder(['join', { player: 'x' }]));
    expect([came.places.outer.length, came.places.inner.length, came.places.free]).toEqual([3, 3, []]);
  });
});

describe('the setup of a perimeter', () => {
  it.each([
    [{ players: ['a', 'a'] }, '"a" is there twice'],
    [{ players: [] }, 'nobody plays'],
    [{ leastHoops: 9 }, 'leastHoops: 9, with 4 hoops'],
    [{ outer: ['z'] }, 'outer: "z"'],
  ])('is refused with %j', (change, message) => expect(() => hoops.view([], change)).toThrowError(message));
});
