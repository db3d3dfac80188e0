import { describe, expect, it } from 'vitest';
import { seededRng } from '../../rng.ts';
import { everyone, inOrder, trying } from '../play.fixture.ts';
import { turnLengths } from './simulate.ts';

const two = [
  { id: 'mills', members: ['a', 'b'] },
  { id: 'bells', members: ['x', 'y'] },
];
const shuttle = trying('innings', { mode: 'shuttle', sides: two, innings: 2 });
const trips = (batter: string, count: number): [string, object] => ['hit', { batter, trips: count }];

describe('a shuttle game', () => {
  it('counts trips of the side at bat; fielders swap after every hit, and sides change when all have hit', () => {
    expect(shuttle.view([])).toMatchObject({ places: { bat: ['a'], 'field-1': ['x'], 'field-2': ['y'] }, waiting: ['b'] });
    const one = shuttle.view(inOrder(trips('a', 3)));
    expect(one).toMatchObject({
      places: { bat: ['b'], 'field-1': ['y'], 'field-2': ['x'] },
      waiting: ['a'],
      scores: { mills: 3, bells: 0 },
    });
    const changed = shuttle.view(inOrder(trips('a', 3), trips('b', 0)));
    expect(changed).toMatchObject({
      places: { bat: ['x'], 'field-1': ['a'], 'field-2': ['b'] },
      waiting: ['y'],
      turns: { a: 1, b: 1, x: 0 },
    });
  });

  it('is done after its innings', () => {
    const inning = (n: number) => [trips('a', n), trips('b', 0), trips('x', 1), trips('y', 0)];
    expect(shuttle.view(inOrder(...inning(2))).done).toBe(false);
    expect(shuttle.view(inOrder(...inning(2), ...inning(0)))).toMatchObject({ done: true, winners: ['mills', 'bells'] });
  });

  it('of three for themselves puts the old batter where the new one fielded', () => {
    const sides = ['a', 'b', 'c'].map((id) => ({ id: id.toUpperCase(), members: [id] }));
    const places = (count: number) => {
      const events = ['a', 'b', 'c', 'a'].slice(0, count).map((id) => trips(id, 1));
      const { bat, 'field-1': one, 'field-2': other } = shuttle.view(inOrder(...events), { sides }).places;
      return [bat[0], one[0], other[0]].join('');
    };
    // Fielders swap first: b stands at the second place then, which a takes.
    expect([places(0), places(1), places(2)]).toEqual(['abc', 'bca', 'cab']);
  });

  it('of two has one fielder, who changes with the hitter', () => {
    const sides = [
      { id: 'A', members: ['a'] },
      { id: 'B', members: ['b'] },
    ];
    expect(shuttle.view(inOrder(trips('a', 1)), { sides }).places).toEqual({ bat: ['b'], 'field-1': ['a'], 'field-2': [] });
  });

  it('ends a turn at a catch only if that is set', () => {
    const caught = inOrder(['caught', { batter: 'a' }]);
    expect(shuttle.view(caught).places.bat).toEqual(['a']);
    expect(shuttle.view(caught, { catchOut: true })).toMatchObject({ places: { bat: ['b'] }, scores: { mills: 0 }, turns: { a: 1 } });
  });

  it('passes the turn on if the batter leaves', () => {
    const left = shuttle.view(inOrder(['leave', { player: 'a' }]));
    expect(left.places.bat).toEqual(['b']);
    expect(everyone(left)).toEqual(['b', 'x', 'y']);
  });

  it.each([
    [{ type: 'hit', batter: 'b', trips: 1 }, 'not-allowed'],
    [{ type: 'hit', batter: 'a' }, 'bad-field'],
    [{ type: 'hit', batter: 'a', trips: -1 }, 'bad-field'],
    [{ type: 'hit', batter: 'z', trips: 1 }, 'unknown-id'],
    [{ type: 'hit', batter: 'a', kind: 'grounder', fielded: true }, 'bad-field'],
  ])('refuses %j', (event, code) => expect(shuttle.codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));
});

const sides = [
  { id: 'mills', members: ['a', 'b', 'c', 'd'] },
  { id: 'bells', members: ['w', 'x', 'y', 'z'] },
];
const bases = trying('innings', { mode: 'bases', sides, innings: 2 });
const hit = (batter: string, kind = 'grounder', fielded = true): [string, object] => ['hit', { batter, kind, fielded }];

describe('helping bases', () => {
  it('move all runners with the hitter; home is the fourth', () => {
    const loaded = bases.view(inOrder(hit('a'), hit('b'), hit('c')));
    expect(loaded).toMatchObject({ places: { bat: ['d'], first: ['c'], second: ['b'], third: ['a'] }, waiting: [] });
    const cleared = bases.view(inOrder(hit('a'), hit('b'), hit('c'), hit('d', 'long-fly')));
    expect(cleared).toMatchObject({
      scores: { mills: 3 },
      tally: { scored: 3 },
      places: { bat: ['a'], third: ['d'] },
      waiting: ['b', 'c'],
    });
  });

  it('count a hit only if it was fielded', () => {
    expect(bases.view(inOrder(hit('a', 'long-fly', false)))).toMatchObject({ places: { bat: ['a'], third: [] }, turns: { a: 0 } });
  });

  it('go round, scorers included, until everybody has scored; then the other side bats on empty bases', () => {
    const events = [hit('a'), hit('b'), hit('c'), hit('d', 'long-fly'), hit('a')];
    // d stood on third and comes home with a's hit.
    expect(bases.view(inOrder(...events))).toMatchObject({
      ...{ scores: { mills: 4, bells: 0 }, tally: { scored: 0 } },
      places: { bat: ['w'], first: [], second: [], third: [], field: ['a', 'b', 'c', 'd'] },
      waiting: ['x', 'y', 'z'],
    });
  });

  it('begin a side’s next turn after its last batter', () => {
    const mills = [hit('a'), hit('b'), hit('c'), hit('d', 'long-fly'), hit('a')];
    const bells = [hit('w'), hit('x'), hit('y'), hit('z', 'long-fly'), hit('w')];
    expect(bases.view(inOrder(...mills, ...bells)).places.bat).toEqual(['b']);
  });

  it('end a turn with the first fielded hit at its cap', () => {
    const capped = { capSeconds: 3 };
    expect(bases.view(inOrder(hit('a'), hit('b')), capped).places.bat).toEqual(['c']);
    expect(bases.view(inOrder(hit('a'), hit('b'), hit('c', 'grounder', false)), capped).places.bat).toEqual(['c']);
    expect(bases.view(inOrder(hit('a'), hit('b'), hit('c')), capped).places.bat).toEqual(['w']);
  });

  it('need nobody to score who has left, and keep everyone somewhere in 300 random hits', () => {
    const done = inOrder(hit('a'), hit('b'), hit('c'), hit('d', 'long-fly'), ['leave', { player: 'd' }]);
    expect(bases.view(done)).toMatchObject({ places: { bat: ['w'] }, scores: { mills: 3 } });
    const random = seededRng(11);
    const { run } = bases;
    let events = inOrder();
    for (let i = 0; i < 300; i++) {
      const { view } = run(events, { innings: 99 });
      events = [
        ...events,
        {
          at: i,
          type: 'hit',
          batter: view.places.bat[0],
          kind: ['grounder', 'short-fly', 'long-fly'][random.below(3)],
          fielded: random.below(4) > 0,
        },
      ];
    }
    const { view, refused } = run(events, { innings: 99 });
    expect(refused).toEqual([]);
    expect(everyone(view)).toEqual(['a', 'b', 'c', 'd', 'w', 'x', 'y', 'z']);
  });

  it('last longer with more at bat, in simulated turns', () => {
    const of = (size: number) => {
      const members = (id: string) => Array.from({ length: size }, (_, i) => `${id}${i}`);
      const times = turnLengths(
        {
          mode: 'bases',
          sides: [
            { id: 'A', members: members('a') },
            { id: 'B', members: members('b') },
          ],
          innings: 1,
        },
        3,
        40,
      );
      return times.reduce((a, b) => a + b, 0) / times.length;
    };
    expect(of(8)).toBeGreaterThan(of(4));
  });

  it('refuse a catch, and too short a side', () => {
    expect(bases.codes(inOrder(['caught', { batter: 'a' }]))).toEqual(['0 not-allowed']);
    expect(() => bases.view([], { sides: [sides[0], { id: 'bells', members: ['w', 'x', 'y'] }] })).toThrowError('side bells: 3');
    expect(() => shuttle.view([], { sides: [two[0], { id: 'bells', members: ['x', 'y', 'z'] }] })).toThrowError('sizes 2, 3');
  });
});
