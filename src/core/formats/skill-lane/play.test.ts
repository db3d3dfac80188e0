import { describe, expect, it } from 'vitest';
import type { PlayEvent } from '../../play/playRules.ts';
import { inOrder, trying } from '../play.fixture.ts';

const { view, codes, run } = trying('skill-lane', { player: 'ada', ladder: ['roll', 'toss', 'far toss'], step: 1 });
const tries = (made: number, missed: number, at = 1): PlayEvent[] => [
  { at, type: 'try', made: true, count: made },
  { at, type: 'try', made: false, count: missed },
];

describe('a skill lane', () => {
  it('counts tries, those made, the run and the best run', () => {
    const list = [true, true, false, true, true, true, false, true].map(
      (made, i): PlayEvent => ({ at: i, type: 'try', made, prompt: 'word' }),
    );
    expect(view(list)).toMatchObject({
      tally: { tries: 8, made: 6, run: 1, bestRun: 3, step: 1, suggest: 0 },
      scores: { ada: 6 },
      turns: { ada: 8 },
      places: { play: ['ada'] },
    });
  });

  it('takes several tries alike at once', () => {
    expect(view([{ at: 1, type: 'try', made: true, count: 4, fallen: 2, form: 'apart' }]).tally).toMatchObject({
      tries: 4,
      made: 4,
      bestRun: 4,
    });
  });

  it.each([
    [8, 2, 1],
    [7, 3, 0],
    [4, 6, -1],
    [5, 5, 0],
    [8, 1, 0],
  ])('%i made of %i more missed suggests %i, from ten tries on', (made, missed, suggest) =>
    expect(view(tries(made, missed)).tally.suggest).toBe(suggest),
  );

  it('never suggests a step off the ladder', () => {
    expect(view(tries(10, 1), { step: 2 }).tally.suggest).toBe(0);
    expect(view(tries(1, 10), { step: 0 }).tally.suggest).toBe(0);
  });

  it('has thresholds that can be set', () => {
    expect(view(tries(2, 1), { enough: 3, up: 0.6, down: 0.1 }).tally.suggest).toBe(1);
  });

  it('counts anew at another step, turns go on', () => {
    const { tally, turns } = view([...tries(8, 2), { at: 2, type: 'step', to: 2 }, { at: 3, type: 'try', made: true }]);
    expect(tally).toEqual({ tries: 1, made: 1, run: 1, bestRun: 1, step: 2, suggest: 0 });
    expect(turns.ada).toBe(11);
  });

  it('has no try while its student is out, and takes nobody else in', () => {
    const box: [string, object] = ['box', { player: 'ada', why: '', release: 'task' }];
    expect(codes(inOrder(box, ['try', { made: true }], ['release', { player: 'ada' }], ['try', { made: true }]))).toEqual([
      '1 not-allowed',
    ]);
    expect(codes(inOrder(['join', { player: 'bo' }]))).toEqual(['0 not-allowed']);
    expect(run(inOrder(box)).view.places).toEqual({ play: [], box: ['ada'] });
  });

  it.each([
    [{ type: 'try' }, 'bad-field'],
    [{ type: 'try', made: 'yes' }, 'bad-field'],
    [{ type: 'try', made: true, count: 0 }, 'bad-field'],
    [{ type: 'try', made: true, prompt: 'shout' }, 'bad-field'],
    [{ type: 'step', to: 3 }, 'bad-field'],
    [{ type: 'step', to: -1 }, 'bad-field'],
    [{ type: 'leave', player: 'bo' }, 'unknown-id'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ step: 3 }, 'step: 3, the ladder has 3'],
    [{ ladder: ['a', 'a'] }, 'repeated'],
    [{ ladder: [] }, 'ladder'],
    [{ down: 0.9 }, 'down: 0.9'],
    [{ player: 7 }, 'player: 7'],
  ])('has no setup with %j', (change, message) => expect(() => run([], change)).toThrowError(message));
});
