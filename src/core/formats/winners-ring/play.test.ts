import { describe, expect, it } from 'vitest';
import { everyone, trying } from '../play.fixture.ts';

const teams = ['a', 'b', 'c', 'd'];
const { view, codes } = trying('winners-ring', { teams, bays: 2, target: 2, headStart: false, moveSeconds: 10 });
const score = (at: number, team: string) => ({ at, type: 'score', team });
/** a wins in bay 1 at second 2 and walks to bay 2, where it is at second 12. */
const won = [score(1, 'a'), score(2, 'a')];

describe('a ring of bays', () => {
  it('counts points of the game that is on; the winner walks one bay on, the loser stays at 0 and is alone', () => {
    expect(view([score(1, 'a'), score(1, 'b')]).tally).toEqual({ a: 1, b: 1, c: 0, d: 0 });
    const after = view(won);
    expect(after.scores).toEqual({ a: 1, b: 0, c: 0, d: 0 });
    expect(after.turns).toEqual({ a: 1, b: 1, c: 0, d: 0 });
    expect(after.places).toEqual({ 'bay-1': ['b'], 'bay-1-line': [], 'bay-2': ['c', 'd'], 'bay-2-line': [], walking: ['a'] });
    expect(after.tally).toEqual({ a: 0, b: 0, c: 0, d: 0 });
  });

  it('lets the winner join the line on arrival, before an event of the same second', () => {
    expect(view([...won, { at: 11.9, type: 'tick' }]).places.walking).toEqual(['a']);
    expect(view([...won, { at: 12, type: 'tick' }]).places).toMatchObject({ 'bay-2': ['c', 'd'], 'bay-2-line': ['a'], walking: [] });
    // c wins in bay 2 in the very second in which a arrives: a is in the line already and meets d.
    const same = view([...won, score(11, 'c'), score(12, 'c')]);
    expect(same.places).toMatchObject({ 'bay-2': ['d', 'a'], 'bay-2-line': [], walking: ['c'] });
  });

  it('lets the loser meet the first of its line at 0 : 0, first come, first served', () => {
    const events = [...won, score(12, 'c'), score(13, 'c'), score(14, 'a')];
    expect(view(events).places['bay-2']).toEqual(['d', 'a']);
    expect(view(events).tally).toMatchObject({ d: 0, a: 1 });
    // c walks from bay 2 round to bay 1, where b is alone.
    expect(view([...events, { at: 23, type: 'tick' }]).places).toMatchObject({ 'bay-1': ['b', 'c'], walking: [] });
  });

  it('gives a lone team no point without a head start, nor with one while nobody comes', () => {
    expect(codes([...won, score(3, 'b')])).toEqual(['2 not-allowed']);
    expect(codes([...won, score(3, 'b')], { headStart: true })).toEqual(['2 not-allowed']);
    expect(codes([...won, score(3, 'a')])).toEqual(['2 not-allowed']);
  });

  it('lets a lone team begin with a head start while a winner walks to it; what it scored stands, the last point waits for an opponent', () => {
    const coming = [...won, score(5, 'c'), score(6, 'c')];
    const early = [...coming, score(7, 'b')];
    expect(view(early, { headStart: true }).tally.b).toBe(1);
    expect(codes([...early, score(8, 'b')], { headStart: true })).toEqual(['5 not-allowed']);
    const met = view([...early, { at: 16, type: 'tick' }], { headStart: true });
    expect(met.places['bay-1']).toEqual(['b', 'c']);
    expect(met.tally).toMatchObject({ b: 1, c: 0 });
    expect(view([...early, score(16, 'b')], { headStart: true }).scores.b).toBe(1);
  });

  it('is done by its end alone, with all who won most games', () => {
    expect(view(won).done).toBe(false);
    expect(view([...won, { at: 20, type: 'end' }])).toMatchObject({ done: true, winners: ['a'] });
  });

  it('is of students where they are known: a team without anybody is out, its opponent meets the next one', () => {
    const members = { a: ['a1', 'a2'], b: ['b1'], c: ['c1'], d: ['d1'] };
    const one = [{ at: 1, type: 'leave', player: 'a1' }];
    expect(view(one, { members }).places['bay-1']).toEqual(['a2', 'b1']);
    const both = [...one, score(2, 'b'), { at: 3, type: 'leave', player: 'a2' }];
    expect(view(both, { members })).toMatchObject({ places: { 'bay-1': ['b1'] }, tally: { b: 0 } });
    expect(everyone(view(both, { members }))).toEqual(['b1', 'c1', 'd1']);
    expect(codes([{ at: 1, type: 'join', player: 'z' }], { members })).toEqual(['0 not-allowed']);
  });

  it('brings a team out of the box back to the end of the line where it was last', () => {
    const boxed = [...won, { at: 12, type: 'box', player: 'a', why: '', release: 'task' }, { at: 13, type: 'release', player: 'a' }];
    expect(view(boxed).places['bay-2-line']).toEqual(['a']);
  });

  it.each([
    [{ type: 'score' }, 'bad-field'],
    [{ type: 'score', team: 'x' }, 'unknown-id'],
    [{ type: 'goal', team: 'a' }, 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ teams: ['a', 'b', 'c'] }, '3 for 2 bays'],
    [{ teams: ['a', 'b', 'c', 'a'] }, 'repeated team'],
    [{ target: 0 }, 'target: 0'],
    [{ members: { a: ['x'], b: ['x'] } }, '"x" is there twice'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
