import { describe, expect, it } from 'vitest';
import type { PlayEvent } from '../../play/playRules.ts';
import { inOrder, trying } from '../play.fixture.ts';
import { formatOf } from '../registry.ts';

const elements = [
  { id: 'gate', seconds: 5, capacity: 2 },
  { id: 'stones', seconds: 8, capacity: 1, noOvertaking: true },
  { id: 'rope', seconds: 6, capacity: 2, noOvertaking: true },
];
const { view, codes, run } = trying('course', { players: ['a', 'b', 'c'], elements, headwaySeconds: 4 });
const enter = (at: number, player: string, element: string): PlayEvent => ({ at, type: 'enter', player, element });
const leave = (at: number, player: string, element: string): PlayEvent => ({ at, type: 'leaveElement', player, element });
/** One lap of one student, an element every ten seconds. */
const lap = (player: string, from: number, ids = ['gate', 'stones', 'rope']): PlayEvent[] =>
  ids.flatMap((id, i) => [enter(from + 10 * i, player, id), leave(from + 10 * i + 5, player, id)]);

describe('a course', () => {
  it('says who is in which element and who is between', () => {
    expect(view([enter(0, 'a', 'gate')]).places).toEqual({
      'element:gate': ['a'],
      'element:stones': [],
      'element:rope': [],
      between: ['b', 'c'],
    });
  });

  it('counts a lap on leaving the last element, and goes on from the first', () => {
    expect(view([...lap('a', 0)]).scores).toEqual({ a: 1, b: 0, c: 0 });
    expect(view([...lap('a', 0), ...lap('a', 40)])).toMatchObject({ scores: { a: 2 }, turns: { a: 2 } });
  });

  it('keeps the order of its elements', () => {
    expect(codes([enter(0, 'a', 'stones')])).toEqual(['0 not-allowed']);
    expect(codes([enter(0, 'a', 'gate'), enter(1, 'a', 'stones')])).toEqual(['1 not-allowed']);
    expect(codes([leave(0, 'a', 'gate')])).toEqual(['0 not-allowed']);
  });

  it('takes no more into an element than it holds', () => {
    const events = [enter(0, 'a', 'gate'), enter(4, 'b', 'gate'), enter(8, 'c', 'gate'), leave(9, 'b', 'gate'), enter(9, 'c', 'gate')];
    expect(codes(events)).toEqual(['2 not-allowed']);
  });

  it('refuses overtaking only inside an element that forbids it', () => {
    const through = (id: string, at: number) => [enter(at, 'a', id), enter(at + 1, 'b', id), leave(at + 2, 'b', id)];
    expect(codes([enter(0, 'a', 'gate'), enter(4, 'b', 'gate'), leave(5, 'b', 'gate')])).toEqual([]);
    const inRope = [...lap('a', 0, ['gate', 'stones']), ...lap('b', 20, ['gate', 'stones']), ...through('rope', 50)];
    expect(codes(inRope)).toEqual([`${inRope.length - 1} not-allowed`]);
  });

  it('holds the headway at every passing of the start', () => {
    expect(codes([enter(0, 'a', 'gate'), enter(3.9, 'b', 'gate'), enter(4, 'b', 'gate')])).toEqual(['1 not-allowed']);
    const second = [...lap('a', 0), enter(30, 'b', 'gate'), enter(33, 'a', 'gate'), enter(34, 'a', 'gate')];
    expect(codes(second)).toEqual([`${second.length - 2} not-allowed`]);
    expect(codes([enter(0.1 + 0.2, 'a', 'gate'), enter(4.3, 'b', 'gate')]), 'sums of seconds').toEqual([]);
  });

  it('splits its start: a lap is whole before one’s own first element', () => {
    const split = { starts: [0, 1, 2] };
    const events = [enter(0, 'a', 'gate'), enter(0, 'b', 'stones'), enter(0, 'c', 'rope'), leave(6, 'c', 'rope'), leave(7, 'a', 'gate')];
    expect(view(events, split).scores).toEqual({ a: 0, b: 0, c: 0 });
    const more = [...lap('c', 10, ['gate', 'stones'])];
    expect(view([...events, leave(8, 'b', 'stones'), ...more], split).scores).toEqual({ a: 0, b: 0, c: 1 });
  });

  it('lets those past an element who skip it, also the first and the last', () => {
    const skips = (id: string) => ({ elements: elements.map((e) => (e.id === id ? { ...e, skippedBy: ['a'] } : e)) });
    expect(view(lap('a', 0, ['gate', 'rope']), skips('stones')).scores.a).toBe(1);
    expect(view(lap('a', 0, ['stones', 'rope']), skips('gate')).scores.a).toBe(1);
    expect(view(lap('a', 0, ['gate', 'stones']), skips('rope')).scores.a).toBe(1);
    expect(codes([enter(0, 'a', 'gate')], skips('gate'))).toEqual(['0 not-allowed']);
  });

  it('counts laps on over rests', () => {
    const { scores, tally } = view([...lap('a', 0), { at: 50, type: 'bout' }, { at: 60, type: 'bout' }, ...lap('a', 60)]);
    expect([scores.a, tally.bouts]).toEqual([2, 2]);
  });

  it('puts one from the box back between, before the element they were in', () => {
    const box: PlayEvent = { at: 3, type: 'box', player: 'a', why: '', release: 'rest', seconds: 10 };
    const after = view([enter(0, 'a', 'gate'), box, { at: 13, type: 'tick' }, enter(14, 'a', 'gate')]);
    expect(after.places['element:gate']).toEqual(['a']);
    expect(view([enter(0, 'a', 'gate'), box]).places).toMatchObject({ 'element:gate': [], box: ['a'] });
  });

  it('times each lap from the last one on, keeps the shortest, and times none with a rest in it', () => {
    const watch = (list: PlayEvent[]) =>
      list.reduce((play, event) => play.step(event), formatOf('course').open({ players: ['a', 'b'], elements, headwaySeconds: 0 })).sheet();
    const tap = (at: number, player: string): PlayEvent => ({ at, type: 'lap', player });
    const bout = (at: number): PlayEvent => ({ at, type: 'bout' });
    expect(watch([])).toEqual({});
    expect(watch([tap(10, 'a')])).toEqual({ a: [10, -1] });
    expect(watch([tap(10, 'a'), tap(52, 'a'), tap(90, 'a'), tap(140, 'a')])).toEqual({ a: [140, 38] });
    expect(watch([tap(10, 'a'), bout(20), tap(80, 'a')])).toEqual({ a: [80, -1] });
    expect(watch([enter(5, 'a', 'gate'), tap(7, 'b')]), 'entering the first element starts a watch').toEqual({ a: [5, -1], b: [7, -1] });
    const gone = watch([tap(10, 'a'), tap(30, 'a'), { at: 31, type: 'leave', player: 'a' }, { at: 40, type: 'join', player: 'a' }]);
    expect(gone).toEqual({ a: [-1, 20] });
  });

  it('takes a latecomer in at the first element, or at the one named', () => {
    expect(codes(inOrder(['join', { player: 'd' }], ['enter', { player: 'd', element: 'gate' }]))).toEqual([]);
    expect(codes(inOrder(['join', { player: 'd', index: 2 }], ['enter', { player: 'd', element: 'rope' }]))).toEqual([]);
    expect(codes(inOrder(['join', { player: 'd', index: 3 }]))).toEqual(['0 bad-field']);
  });

  it.each([
    [{ type: 'enter', player: 'a' }, 'bad-field'],
    [{ type: 'enter', player: 'a', element: 'moon' }, 'unknown-id'],
    [{ type: 'enter', player: 'z', element: 'gate' }, 'unknown-id'],
    [{ type: 'run', player: 'a' }, 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ elements: [elements[0], elements[0]] }, 'repeated id'],
    [{ elements: [] }, 'elements'],
    [{ players: ['a', 'a'] }, 'repeated'],
    [{ starts: [3] }, 'starts: 3, there are 3'],
    [{ headwaySeconds: -1 }, 'headwaySeconds: -1'],
  ])('has no setup with %j', (change, message) => expect(() => run([], change)).toThrowError(message));
});
