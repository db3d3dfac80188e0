import { describe, expect, it } from 'vitest';
import { LESSONS } from '../../content/demo.ts';
import { demoDesk } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { RunEvent } from '../model/run.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { actionsAt, insteadOf, momentsOf, type RunSoFar } from './moments.ts';
import { stepsOf } from './runFold.ts';

const START = 1_700_000_000_000;
let made = 0;
const event = (type: string, at: number, fields: object = {}) => RunEvent.parse({ id: `e${++made}`, type, at, ...fields });

function runOf(lesson: keyof typeof LESSONS) {
  const input = demoDesk({ lesson: LESSONS[lesson] });
  const plan = freeze(input, fitUnweighed(input));
  const steps = stepsOf(plan);
  const first = steps.findIndex((s) => s.segment.kind === 'work');
  const from = START + steps.slice(0, first).reduce((sum, s) => sum + s.seconds, 0) * 1000;
  const id = plan.blocks.find((b) => b.game)!.id;
  const at = (log: RunEvent[], now: number): RunSoFar => ({ plan, startedAt: START, log, state: foldRun(plan, START, log, now) });
  const tap = (after: number, inner: object, play = 0) => event('play', from + after, { blockId: id, play, event: inner });
  return { plan, from, id, at, tap, length: steps[first].seconds * 1000 + steps[first + 1].seconds * 1000 };
}

describe('moments of a run', () => {
  const { from, at, tap, length } = runOf('mills');

  it('are the bouts that began and what was tapped, in order, each just after it', () => {
    const plus = tap(4_000, { type: 'points', group: 2, points: 1 });
    const moments = momentsOf(at([plus], from + length + 10_000));
    expect(moments.map((m) => [m.at - from, m.round, m.event?.id])).toEqual([
      [1, 0, undefined],
      [4_001, undefined, plus.id],
      [length + 1, 1, undefined],
    ]);
  });

  it('are none before the first bout', () => expect(momentsOf(at([], START + 5_000))).toEqual([]));
});

describe('a late entry', () => {
  it('is one of the actions that the board offered then', () => {
    const { id, at, from, tap } = runOf('mills');
    const minus = (run: RunSoFar, after: number) => actionsAt(run, id, from + after).filter((a) => a.code === 'minus');
    const run = at([tap(4_000, { type: 'points', group: 2, points: 1 })], from + 60_000);
    expect(minus(run, 1), 'no point to take off yet').toEqual([]);
    expect(minus(run, 5_000).map((a) => a.event)).toEqual([{ type: 'points', group: 2, points: -1 }]);
    expect(actionsAt(run, 'elsewhere', from)).toEqual([]);
  });

  it('counts as if it had been tapped then', () => {
    const { id, at, from, tap } = runOf('bridges');
    const later = tap(20_000, { type: 'error', position: 3 }, 1);
    const error = actionsAt(at([later], from + 60_000), id, from + 1).find((a) => a.play === 1 && a.event.position === 2)!;
    const late = event('play', from + 60_000, { blockId: id, play: error.play, since: from + 1, event: error.event });
    const { plays } = at([later, late], from + 70_000).state;
    const once = at([tap(1, error.event, 1), later], from + 70_000).state.plays;
    expect(plays[id].map((p) => p.view)).toEqual(once[id].map((p) => p.view));
  });
});

describe('a correction', () => {
  const { at, from, tap } = runOf('bridges');

  it('is another action of the same kind and play, of the board before the entry', () => {
    const entry = tap(8_000, { type: 'error', position: 3 }, 1);
    const options = insteadOf(at([entry, tap(16_000, { type: 'error', position: 1 }, 1)], from + 60_000), entry);
    expect(options.map((a) => [a.play, a.event.position])).toEqual([1, 2, 4].map((position) => [1, position]));
  });

  it('offers what was there before a correction, without what the entry counts as now', () => {
    const entry = tap(8_000, { type: 'error', position: 3 }, 1);
    const replaced = event('replace', from + 9_000, { target: entry.id, event: { type: 'error', position: 2 } });
    expect(insteadOf(at([entry, replaced], from + 60_000), entry).map((a) => a.event.position)).toEqual([1, 3, 4]);
  });

  it('is not offered for what is no tap on a board', () => {
    const pause = event('pause', from + 2_000);
    expect(insteadOf(at([pause], from + 60_000), pause)).toEqual([]);
  });
});
