import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dealGroups } from './dealGroups.ts';
import { brokenIn, nearPairs } from './groupMeasures.ts';
import { AIMS, type RegroupRequest, regroup } from './regroup.ts';
import { type GroupTraits, pairKey } from './traits.ts';

const players = (n: number, more: (i: number) => Partial<GroupTraits> = () => ({})): GroupTraits[] =>
  Array.from({ length: n }, (_, i) => ({ id: `s${i}`, rating: 1 + ((i * 7) % 5), ...more(i) }));
const base = (n: number, count: number, change: Partial<RegroupRequest> = {}): RegroupRequest => ({
  players: players(n),
  count,
  aim: 'even',
  apart: [],
  together: [],
  met: {},
  before: dealGroups({ players: players(n), count, apart: [], together: [], seed: 3 }).groups,
  locks: { students: [], groups: [] },
  seed: 1,
  ...change,
});
const sizes = (groups: readonly (readonly string[])[]) => groups.map((g) => g.length);
const range = (list: readonly number[]) => Math.max(...list) - Math.min(...list);
const groupOf = (groups: readonly (readonly string[])[], id: string) => groups.findIndex((g) => g.includes(id));

describe('regroup', () => {
  it('holds everybody once, sizes, locks and seeds for every aim', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 10 }),
        fc.constantFrom(...AIMS),
        fc.array(fc.integer({ min: 0, max: 39 }), { maxLength: 5 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 2 }),
        fc.integer({ min: 0, max: 999 }),
        (n, count, aim, lockedStudents, lockedGroups, seed) => {
          fc.pre(count <= n);
          const students = [...new Set(lockedStudents.filter((i) => i < n).map((i) => `s${i}`))];
          const groups = [...new Set(lockedGroups.filter((g) => g < count))];
          const request = base(n, count, { aim, seed, locks: { students, groups } });
          const found = regroup(request);
          expect(found.groups.flat().sort()).toEqual(request.players.map((p) => p.id).sort());
          for (const id of students) expect(groupOf(found.groups, id)).toBe(groupOf(request.before, id));
          for (const g of groups) expect([...found.groups[g]].sort()).toEqual([...request.before[g]].sort());
          if (!students.length && !groups.length) expect(range(sizes(found.groups))).toBeLessThanOrEqual(1);
          expect(regroup(request)).toEqual(found);
          expect(found.moved).toEqual(found.groups.flatMap((g, i) => g.filter((id) => groupOf(request.before, id) !== i)));
        },
      ),
      { numRuns: 36, seed: 12 },
    );
  });

  it('does what each aim says, better than the others do it', () => {
    const request = base(28, 7);
    const met = Object.fromEntries(request.before.flatMap((g) => g.flatMap((a, i) => g.slice(0, i).map((b) => [pairKey(a, b), 2]))));
    const by = Object.fromEntries(AIMS.map((aim) => [aim, regroup({ ...request, met, aim })]));
    const within = (groups: string[][]) => {
      const rating = new Map(request.players.map((p) => [p.id, p.rating]));
      return groups.reduce((sum, g) => {
        const mean = g.reduce((s, id) => s + rating.get(id)!, 0) / g.length;
        return sum + g.reduce((s, id) => s + (rating.get(id)! - mean) ** 2, 0);
      }, 0);
    };
    expect(by.even.spread).toBeLessThanOrEqual(0.25);
    expect(by.partners.again).toBe(0);
    expect(within(by.similar.groups)).toBeLessThan(within(by.even.groups) / 3);
    expect(within(by.mixed.groups)).toBeGreaterThanOrEqual(within(by.even.groups));
    expect(by.fewest.moved).toEqual([]);
    expect(by['number-off'].groups[0]).toEqual(['s0', 's7', 's14', 's21']);
  });

  it('mends a broken wish by the fewest changes, and never by more than from scratch', () => {
    const request = base(30, 8);
    const [a, b] = request.before[0];
    const found = regroup({ ...request, aim: 'fewest', apart: [[a, b]] });
    expect(found.broken).toBe(0);
    expect(found.moved).toHaveLength(2);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 29 }), fc.integer({ min: 0, max: 29 })), { maxLength: 8 }),
        fc.integer({ min: 0, max: 99 }),
        (pairs, seed) => {
          const apart = pairs.filter(([x, y]) => x !== y).map(([x, y]) => [`s${x}`, `s${y}`] as const);
          const least = regroup({ ...request, aim: 'fewest', apart, seed });
          const scratch = regroup({ ...request, aim: 'even', apart, seed });
          if (scratch.broken <= least.broken) expect(least.moved.length).toBeLessThanOrEqual(scratch.moved.length);
        },
      ),
      { numRuns: 20, seed: 5 },
    );
  });

  it('holds wishes and keeps near who shares an adult or wants calm, and deals tags evenly', () => {
    const list = players(30, (i) => ({
      ...(i < 3 && { helper: 'Juna Ask' }),
      ...(i >= 3 && i < 6 && { calm: true }),
      ...(i % 4 === 0 && { tags: ['first-timer'] }),
    }));
    for (const aim of ['even', 'partners', 'mixed'] as const) {
      const { groups, broken } = regroup({ ...base(30, 6), players: list, aim, apart: [['s0', 's9']], together: [['s10', 's20']] });
      expect(broken).toBe(0);
      expect(brokenIn(groups, [], nearPairs(list, 6))).toBe(0);
      const tagged = groups.map((g) => g.filter((id) => Number(id.slice(1)) % 4 === 0).length);
      expect(range(tagged)).toBeLessThanOrEqual(1);
    }
  });

  it('gives the turn in a trio among pairs to those who have had it least', () => {
    const request = base(21, 10);
    const thirds = Object.fromEntries(request.players.slice(0, 15).map((p) => [p.id, 2]));
    const { groups } = regroup({ ...request, aim: 'mixed', thirds });
    const trio = groups.find((g) => g.length === 3)!;
    for (const id of trio) expect(thirds[id]).toBeUndefined();
  });

  it('deals new partners by a design as long as one leads on: nobody meets again for eight lessons', () => {
    let met: Record<string, number> = {};
    let before = base(32, 8).before;
    for (let lesson = 0; lesson < 8; lesson++) {
      const found = regroup({ ...base(32, 8), aim: 'partners', met, before, seed: lesson });
      expect(found.again).toBe(0);
      met = { ...met };
      for (const g of found.groups) for (const a of g) for (const b of g) if (a < b) met[pairKey(a, b)] = (met[pairKey(a, b)] ?? 0) + 1;
      before = found.groups;
    }
  });

  it('copes with nobody, one, 200, contradicting wishes and ids it does not know', () => {
    expect(regroup({ ...base(1, 1), players: [], before: [] }).groups).toEqual([[]]);
    expect(regroup(base(1, 1)).groups).toEqual([['s0']]);
    expect(regroup(base(200, 20)).groups.flat()).toHaveLength(200);
    const both = regroup({
      ...base(12, 3),
      apart: [['s0', 's1']],
      together: [
        ['s0', 's1'],
        ['gone', 's2'],
      ],
    });
    expect(both.broken).toBe(1);
    expect(() => regroup({ ...base(5, 1), count: 0 })).toThrowError('count');
    expect(() => regroup({ ...base(2, 1), players: [...players(1), ...players(1)] })).toThrowError('s0');
  });
});

describe('dealGroups around absences', () => {
  const all = players(31);
  const stored = dealGroups({ players: all, count: 8, apart: [], together: [], seed: 4 }).groups;
  it('moves the fewest that keep groups even, and names them', () => {
    const gone = new Set(stored[2].slice(0, 3));
    const here = all.filter((p) => !gone.has(p.id));
    const { groups, findings } = dealGroups({ players: here, count: 8, apart: [], together: [], stored, seed: 4 });
    expect(range(sizes(groups))).toBeLessThanOrEqual(1);
    const moved = groups.flatMap((g, i) => g.filter((id) => groupOf(stored, id) !== i));
    const excess = stored.map((g) => g.filter((id) => !gone.has(id)).length);
    // 28 in eight groups: every group above four, and below three, must change.
    const least = Math.max(
      excess.reduce((s, n) => s + Math.max(0, n - 4), 0),
      excess.reduce((s, n) => s + Math.max(0, 3 - n), 0),
    );
    expect(moved).toHaveLength(least);
    expect(findings).toEqual([{ code: 'groups-evened', weight: 'note', at: {}, data: { moved: expect.arrayContaining(moved) } }]);
    const scratch = dealGroups({ players: here, count: 8, apart: [], together: [], seed: 4 }).groups;
    expect(moved.length).toBeLessThanOrEqual(scratch.flatMap((g, i) => g.filter((id) => groupOf(stored, id) !== i)).length);
  });
  it('leaves who is locked, and sizes that the teacher made uneven by hand', () => {
    const gone = new Set(stored[2].slice(0, 3));
    const here = all.filter((p) => !gone.has(p.id));
    const students = stored[0];
    const { groups } = dealGroups({ players: here, count: 8, apart: [], together: [], stored, locks: { students, groups: [1] }, seed: 4 });
    for (const id of students) expect(groups[0]).toContain(id);
    expect(groups[1]).toEqual(stored[1]);
    const odd = [all.slice(0, 10).map((p) => p.id), all.slice(10).map((p) => p.id)];
    expect(dealGroups({ players: all, count: 2, apart: [], together: [], stored: odd, seed: 1 })).toEqual({ groups: odd, findings: [] });
  });
  it('keeps near what can be kept, silently letting go what cannot', () => {
    const list = players(12, (i) => (i < 5 ? { helper: 'Juna Ask' } : {}));
    const { groups, findings } = dealGroups({
      players: list,
      count: 4,
      apart: [
        ['s0', 's1'],
        ['s3', 's4'],
      ],
      together: [],
      seed: 1,
    });
    expect(findings).toEqual([]);
    expect(
      brokenIn(
        groups,
        [
          ['s0', 's1'],
          ['s3', 's4'],
        ],
        [],
      ),
    ).toBe(0);
    expect(groupOf(groups, 's1')).toBe(groupOf(groups, 's2'));
  });
});
