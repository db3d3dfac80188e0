import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ladderNext, winnersMoveOn } from './ladder.ts';
import { type Rota, type RotaUnit, rotaOfMatches, rotaOfPairs, rotaOfRoles, rotaOfRounds, visits, whereAt } from './rota.ts';
import { rotationRounds } from './rounds.ts';

const units = (n: number, size = 1): RotaUnit[] =>
  Array.from({ length: n }, (_, i) => ({ title: `u${i}`, pennant: i, members: Array.from({ length: size }, (_x, m) => `u${i}m${m}`) }));
const range = (list: readonly number[]) => Math.max(...list) - Math.min(...list);

/** At every second of a slot each unit is at exactly one place; between slots at none, with the next one told. */
function expectWhole(rota: Rota): void {
  for (const [i, slot] of rota.slots.entries()) {
    expect(slot.where).toHaveLength(rota.units.length);
    for (const p of slot.where) expect(rota.places[p]).toBeDefined();
    if (i) expect(slot.at).toBeGreaterThanOrEqual(rota.slots[i - 1].until);
  }
  const end = rota.slots.at(-1)?.until ?? 0;
  for (let at = 0; at < end; at++) {
    const slot = rota.slots.findIndex((s) => at >= s.at && at < s.until);
    rota.units.forEach((_, u) => {
      const { now, next, inSeconds } = whereAt(rota, u, at);
      expect(now).toBe(slot < 0 ? undefined : rota.places[rota.slots[slot].where[u]]);
      const coming = rota.slots.find((s) => s.at > at);
      expect(next).toBe(coming && rota.places[coming.where[u]]);
      if (coming) expect(inSeconds).toBe(coming.at - at);
    });
  }
  expect(whereAt(rota, 0, end).now).toBeUndefined();
}

describe('rotas', () => {
  it('out of rounds: nobody at two stations, those over in the waiting place, either way round', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 9 }),
        fc.constantFrom(1 as const, -1 as const),
        (groups, stations, direction) => {
          const rounds = rotationRounds({ groups, stations, workOfLap: [20], moveSeconds: 5, direction });
          const places = Array.from({ length: stations }, (_, s) => ({ short: String(s + 1), title: `S${s + 1}` }));
          const rota = rotaOfRounds(
            units(groups, 3),
            places,
            rounds.map((r) => ({ ...r, places: r.stationOf })),
            'Juggle',
          );
          expectWhole(rota);
          expect(rota.places).toHaveLength(groups > stations ? stations + 1 : stations);
          for (const counts of visits(rota)) for (const n of counts.slice(0, stations)) expect(n).toBe(1);
        },
      ),
      { numRuns: 25, seed: 2 },
    );
  });

  it('of matches: two teams a court, courts kept by resting teams in turn', () => {
    for (const [teams, courts] of [
      [5, 2],
      [7, 2],
      [6, 2],
      [9, 3],
    ]) {
      const rota = rotaOfMatches(units(teams), courts, 30, 5, true);
      expectWhole(rota);
      for (const { where } of rota.slots) {
        rota.places.forEach((place, p) => {
          const there = where.filter((w) => w === p).length;
          if (place.title.startsWith('Court')) expect([0, 2]).toContain(there);
          if (place.title.startsWith('Referee')) expect(there).toBeLessThanOrEqual(1);
        });
      }
      const kept = visits(rota).map((counts) =>
        counts.reduce((sum, n, p) => sum + (rota.places[p].title.startsWith('Referee') ? n : 0), 0),
      );
      expect(range(kept)).toBeLessThanOrEqual(1);
    }
  });

  it('of roles: each equally often', () => {
    const rota = rotaOfRoles(
      units(10),
      [
        { id: 'caller', seats: 1 },
        { id: 'feeder', seats: 2 },
      ],
      10,
      60,
      10,
    );
    expectWhole(rota);
    for (const p of [0, 1, 2]) expect(range(visits(rota).map((v) => v[p]))).toBeLessThanOrEqual(1);
  });

  it('of pairs: 2 · E · t and the moves, each runs half the time at every exercise, in a trio in turn', () => {
    const rota = rotaOfPairs([...units(3, 2), ...units(1, 3)], 4, 30, 10);
    expectWhole(rota);
    expect(rota.slots.at(-1)!.until).toBe(2 * 4 * 30 + 3 * 10);
    const counts = visits(rota);
    for (const own of counts.slice(0, 6)) expect(own).toEqual([4, 1, 1, 1, 1]);
    expect(range(counts.slice(6).map((own) => own[0]))).toBeLessThanOrEqual(1);
    for (const { where } of rota.slots) expect(where.slice(6).filter((w) => w === 0)).toHaveLength(1);
  });

  it.each([
    [() => rotaOfMatches(units(3), 1, 0, 0, false), 'seconds'],
    [() => rotaOfMatches(units(3), 0, 10, 0, false), 'courts'],
    [() => rotaOfPairs(units(3), 0, 10, 0), 'exercises'],
    [() => rotaOfRoles(units(3), [], 2, 10, -1), 'change'],
  ])('refuses what it cannot do (%#)', (call, name) => {
    expect(call).toThrowError(RangeError);
    expect(call).toThrowError(name);
  });
});

describe('ladder and winners who move on', () => {
  const courts: [string, string][] = [
    ['a', 'b'],
    ['c', 'd'],
    ['e', 'f'],
    ['g', 'h'],
  ];
  it('winners rise to the place left above, the top’s loser goes to the bottom', () => {
    expect(ladderNext(courts, ['b', 'c', 'f', 'g'])).toEqual([
      ['a', 'h'],
      ['b', 'd'],
      ['e', 'c'],
      ['g', 'f'],
    ]);
    expect(ladderNext([['a', 'b']], ['a'])).toEqual([['a', 'b']]);
    expect(ladderNext(courts.slice(0, 2), ['a', 'd'])).toEqual([
      ['c', 'b'],
      ['a', 'd'],
    ]);
  });
  it('winners walk one bay on, losers stay', () => {
    expect(winnersMoveOn(courts, ['b', 'c', 'f', 'g'])).toEqual([
      ['a', 'g'],
      ['b', 'd'],
      ['e', 'c'],
      ['f', 'h'],
    ]);
  });
  it('keeps everybody once, whoever wins', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.array(fc.boolean(), { minLength: 9, maxLength: 9 }), (m, first) => {
        const list = Array.from({ length: m }, (_, i): [string, string] => [`x${i}`, `y${i}`]);
        const winners = list.map((court, i) => court[first[i] ? 0 : 1]);
        for (const next of [ladderNext(list, winners), winnersMoveOn(list, winners)])
          expect(next.flat().sort()).toEqual(list.flat().sort());
      }),
    );
  });
  it('refuses winners that are not of their court', () => {
    expect(() => ladderNext(courts, ['a', 'c', 'e', 'a'])).toThrowError('court 4');
    expect(() => winnersMoveOn(courts, ['a'])).toThrowError('winners');
    expect(() => ladderNext([['a', 'a']], ['a'])).toThrowError('repeated');
  });
});
