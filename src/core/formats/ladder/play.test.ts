import { describe, expect, it } from 'vitest';
import { seededRng } from '../../rng.ts';
import { ladderNext } from '../../rotation/ladder.ts';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const courts = [
  ['a', 'b'],
  ['c', 'd'],
  ['e', 'f'],
];
const { view, codes } = trying('ladder', { courts, roundSeconds: 60, rounds: 9, count: 'top' });
const round = (...winners: string[]): [string, object] => ['round', { winners }];

describe('a ladder', () => {
  it('moves winners up to the place that the winner above leaves, the one below the top to the place of its loser, who comes down to court 1', () => {
    const { places, scores, turns, tally } = view(inOrder(round('b', 'c', 'e')));
    expect(places).toEqual({ 'court-1': ['a', 'f'], 'court-2': ['b', 'd'], 'court-3': ['e', 'c'] });
    expect(scores).toEqual({ a: 0, b: 0, c: 0, d: 0, e: 1, f: 0 });
    expect(Object.values(turns)).toEqual([1, 1, 1, 1, 1, 1]);
    expect(tally.round).toBe(2);
  });

  it('has the moves of the ladder that is planned, in 200 random rounds', () => {
    const random = seededRng(5);
    let now = courts.map(([a, b]): [string, string] => [a, b]);
    const events: [string, object][] = [];
    for (let k = 0; k < 200; k++) {
      const winners = now.map((court) => court[random.below(2)]);
      events.push(round(...winners));
      now = ladderNext(now, winners);
    }
    const { places } = view(inOrder(...events), { rounds: 500 });
    expect(Object.values(places)).toEqual(now);
  });

  it('of two courts and of one: the winner below takes the place of the top’s loser; on one court both stay', () => {
    const two = { courts: courts.slice(0, 2) };
    expect(view(inOrder(round('a', 'd')), two).places).toEqual({ 'court-1': ['c', 'b'], 'court-2': ['a', 'd'] });
    expect(view(inOrder(round('b')), { courts: [['a', 'b']] })).toMatchObject({
      places: { 'court-1': ['a', 'b'] },
      scores: { a: 0, b: 1 },
    });
  });

  it('counts every win if that is the setting, and is done after its rounds with all who have most', () => {
    const all = view(inOrder(round('a', 'c', 'e'), round('f', 'a', 'e')), { count: 'all', rounds: 2 });
    expect(all.scores).toEqual({ a: 2, b: 0, c: 1, d: 0, e: 2, f: 1 });
    expect(all).toMatchObject({ done: true, winners: ['a', 'e'] });
  });

  it('scores nobody at a tie: who stood there longer stays, place A if both came new, and on the top court the other comes down', () => {
    const first = view(inOrder(round('', '', '')));
    expect(first.places).toEqual({ 'court-1': ['a', 'f'], 'court-2': ['c', 'b'], 'court-3': ['e', 'd'] });
    expect(Object.values(first.scores).every((s) => s === 0)).toBe(true);
    // b is new on court 2, c stood there before: b moves on.
    expect(view(inOrder(round('', '', ''), round('a', '', 'e'))).places['court-3']).toEqual(['e', 'b']);
  });

  it('has no tie where one more point decides', () => {
    expect(codes(inOrder(round('a', '', 'e')), { tie: 'rematch' })).toEqual(['0 not-allowed']);
  });

  it('lets the first who rests in for the loser of court 1, who joins the end', () => {
    const resting = ['x', 'y'];
    const one = view(inOrder(round('b', 'c', 'e')), { resting });
    expect(one).toMatchObject({ waiting: ['y', 'a'], places: { 'court-1': ['x', 'f'] } });
    expect(view(inOrder(round('b', 'c', 'e'), round('f', 'b', 'e')), { resting }).waiting).toEqual(['a', 'x']);
    expect(view(inOrder(round('b')), { courts: [['a', 'b']], resting })).toMatchObject({
      waiting: ['y', 'a'],
      places: { 'court-1': ['x', 'b'] },
    });
  });

  it('gives the round to whoever’s opponent left, and a latecomer rests first', () => {
    const gone = inOrder(['leave', { player: 'd' }], ['join', { player: 'z' }]);
    expect(view(gone)).toMatchObject({ places: { 'court-2': ['c'] }, waiting: ['z'] });
    expect(view([...gone, { at: 9, type: 'round', winners: ['a', 'c', 'e'] }]).places).toEqual({
      'court-1': ['f', 'z'],
      'court-2': ['a'],
      'court-3': ['e', 'c'],
    });
    expect(codes([...gone, { at: 9, type: 'round', winners: ['a', 'd', 'e'] }])).toEqual(['2 not-allowed']);
  });

  it('lets one out of the box rest first, after the round that the box was for', () => {
    const boxed = inOrder(['box', { player: 'f', why: '', release: 'round' }], round('a', 'c', 'e'));
    expect(view(boxed).waiting).toEqual(['f']);
  });

  it('plays pairs: both score, the other plays on if one leaves, who comes back is with the partner again', () => {
    const pairs = { courts: [['a', 'b']], members: { a: ['a2'], b: ['b2'] } };
    expect(view(inOrder(round('b2')), pairs).scores).toEqual({ a: 0, a2: 0, b: 1, b2: 1 });
    const box = inOrder(['box', { player: 'a', why: '', release: 'task' }]);
    expect(view(box, pairs).places['court-1']).toEqual(['a2', 'b', 'b2']);
    expect(view([...box, { at: 5, type: 'release', player: 'a' }], pairs).places['court-1']).toEqual(['a2', 'a', 'b', 'b2']);
  });

  it('keeps everybody somewhere, once', () => {
    const all = view(inOrder(round('b', 'c', 'e'), ['leave', { player: 'e' }], round('x', 'b', 'c')), { resting: ['x'] });
    expect(everyone(all)).toEqual(['a', 'b', 'c', 'd', 'f', 'x']);
  });

  it.each([
    [{ type: 'round' }, 'bad-field'],
    [{ type: 'round', winners: ['a', 'c'] }, 'bad-field'],
    [{ type: 'round', winners: ['a', 'c', 'nobody'] }, 'unknown-id'],
    [{ type: 'round', winners: ['c', 'a', 'e'] }, 'not-allowed'],
    [{ type: 'score' }, 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ courts: [] }, 'courts'],
    [{ courts: [['a', 'a']] }, '"a" is there twice'],
    [{ resting: ['c'] }, '"c" is there twice'],
    [{ rounds: 0 }, 'rounds: 0'],
    [{ count: 'some' }, 'count'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
