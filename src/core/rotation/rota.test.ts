import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { callList } from './callList.ts';
import { roleRota } from './roleRota.ts';
import { roundRobin } from './roundRobin.ts';

const names = (n: number, letter: string) => Array.from({ length: n }, (_, i) => `${letter}${i + 1}`);
const range = (counts: readonly number[]) => Math.max(...counts) - Math.min(...counts);

describe('roundRobin', () => {
  const sizes = Array.from({ length: 11 }, (_, i) => i + 2).flatMap((n) => [1, 2, 3, 4, 5, 6].map((courts) => [n, courts]));
  it('brings every pair together once in the fewest slots, for 2 to 12 teams on 1 to 6 courts', () => {
    for (const [n, courts] of sizes) {
      const teams = names(n, 'T');
      const { slots } = roundRobin({ teams, courts });
      const atOnce = Math.min(courts, Math.floor(n / 2));
      expect(slots).toHaveLength(Math.max(n % 2 ? n : n - 1, Math.ceil((n * (n - 1)) / 2 / atOnce)));
      const pairs = slots.flatMap((s) => s.matches.map((m) => [...m].sort().join('|')));
      expect(new Set(pairs).size).toBe((n * (n - 1)) / 2);
      expect(pairs).toHaveLength((n * (n - 1)) / 2);
      for (const { matches, resting } of slots) {
        expect(matches.length).toBeLessThanOrEqual(courts);
        expect([...matches.flat(), ...resting].sort()).toEqual([...teams].sort());
      }
      expect(range(teams.map((t) => slots.filter((s) => s.resting.includes(t)).length))).toBeLessThanOrEqual(1);
    }
  });

  it('leaves nobody idle twice running where the courts allow it', () => {
    for (const [n, courts] of [
      [5, 2],
      [6, 2],
      [7, 3],
      [9, 3],
      [10, 3],
      [11, 5],
      [12, 4],
    ]) {
      const { slots } = roundRobin({ teams: names(n, 'T'), courts });
      const twice = slots.slice(1).flatMap((s, i) => s.resting.filter((t) => slots[i].resting.includes(t)));
      expect(twice).toEqual([]);
    }
  });

  it('gives nothing to play to fewer than two teams', () => {
    expect(roundRobin({ teams: [], courts: 2 })).toEqual({ slots: [] });
    expect(roundRobin({ teams: ['a'], courts: 2 })).toEqual({ slots: [] });
  });

  it.each([
    [{ teams: ['a', 'a'] }, 'repeated'],
    [{ teams: [''] }, 'team'],
    [{ courts: 0 }, 'courts'],
    [{ courts: 1.5 }, 'courts'],
  ])('refuses %j', (change, name) => {
    const request = { teams: ['a', 'b'], courts: 1, ...change };
    expect(() => roundRobin(request)).toThrowError(RangeError);
    expect(() => roundRobin(request)).toThrowError(name);
  });
});

describe('callList', () => {
  it('calls every number as often as every other, within two on the way, never a pairing twice running', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 0, max: 80 }),
        fc.integer(),
        (left, right, atOnce, calls, seed) => {
          const n = Math.max(left, right);
          fc.pre(atOnce <= n);
          const list = callList({ sides: [left, right], atOnce, calls, seed }).calls;
          expect(list).toHaveLength(calls);
          const counts = new Array<number>(n).fill(0);
          list.forEach((call, i) => {
            expect(new Set(call).size).toBe(atOnce);
            for (const x of call) counts[x - 1]++;
            expect(range(counts)).toBeLessThanOrEqual(2);
            if (i && n > atOnce) expect([...call].sort().join()).not.toBe([...list[i - 1]].sort().join());
          });
          expect(range(counts)).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 120, seed: 6 },
    );
  });

  it('is told by the seed alone, and not by who has been called', () => {
    const list = (seed: number) => callList({ sides: [8, 8], atOnce: 1, calls: 24, seed }).calls.flat();
    expect(list(1)).toEqual(list(1));
    const lists = Array.from({ length: 60 }, (_, seed) => list(seed));
    expect(new Set(lists.map((l) => l.join())).size).toBe(60);
    // In some lists a number comes again before everyone has been called: nobody may feel safe.
    expect(lists.filter((l) => new Set(l.slice(0, 8)).size < 8).length).toBeGreaterThan(10);
    for (let number = 1; number <= 8; number++) expect(lists.some((l) => l[7] === number)).toBe(true);
  });

  it.each([
    [{ sides: [0, 3] }, 'sides'],
    [{ sides: [3] }, 'sides'],
    [{ atOnce: 4 }, 'atOnce'],
    [{ calls: -1 }, 'calls'],
    [{ seed: Number.NaN }, 'seed'],
  ])('refuses %j', (change, name) => {
    const request = { sides: [3, 3], atOnce: 1, calls: 4, seed: 1, ...change } as never;
    expect(() => callList(request)).toThrowError(RangeError);
    expect(() => callList(request)).toThrowError(name);
  });
});

describe('roleRota', () => {
  it('gives each role, and rest, to everybody within one of equally often', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 34 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 5 }),
        fc.integer({ min: 0, max: 14 }),
        (n, seats, rounds) => {
          const players = names(n, 'p');
          const roles = seats.map((s, i) => ({ id: `role-${i}`, seats: s }));
          const rota = roleRota({ players, roles, rounds }).rounds;
          expect(rota).toHaveLength(rounds);
          let free = n;
          for (const { id, seats: wanted } of roles) {
            const taken = Math.min(wanted, free);
            free -= taken;
            for (const round of rota) expect(round[id]).toHaveLength(taken);
            expect(range(players.map((p) => rota.filter((r) => r[id].includes(p)).length))).toBeLessThanOrEqual(1);
          }
          for (const round of rota) expect(new Set(Object.values(round).flat()).size).toBe(n - free);
          expect(range(players.map((p) => rota.filter((r) => !Object.values(r).flat().includes(p)).length))).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 80, seed: 9 },
    );
  });

  it('gives nobody the same of two seats twice running while others rest', () => {
    const { rounds } = roleRota({
      players: names(7, 'p'),
      roles: [
        { id: 'caller', seats: 1 },
        { id: 'keeper', seats: 2 },
      ],
      rounds: 10,
    });
    rounds.slice(1).forEach((round, i) => {
      for (const id of ['caller', 'keeper']) expect(round[id].filter((p) => rounds[i][id].includes(p))).toEqual([]);
    });
  });

  it('has empty seats where there is nobody', () => {
    expect(roleRota({ players: [], roles: [{ id: 'caller', seats: 1 }], rounds: 2 })).toEqual({ rounds: [{ caller: [] }, { caller: [] }] });
  });

  it.each([
    [{ players: ['a', 'a'] }, 'player'],
    [{ roles: [{ id: 'x', seats: -1 }] }, 'seats'],
    [
      {
        roles: [
          { id: 'x', seats: 1 },
          { id: 'x', seats: 1 },
        ],
      },
      'role',
    ],
    [{ rounds: 0.5 }, 'rounds'],
  ])('refuses %j', (change, name) => {
    const request = { players: ['a', 'b'], roles: [], rounds: 1, ...change };
    expect(() => roleRota(request)).toThrowError(RangeError);
    expect(() => roleRota(request)).toThrowError(name);
  });
});
