import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { countedNow, countTime, gearToCount } from './gearCounts.ts';
import { logEntry } from './logEntry.ts';
import { stepsOf } from './runFold.ts';
import { planOf } from './runPlan.ts';

const START = 1_700_000_000_000;
const input = demoDesk({ lesson: lessonWith('nine-mills') });
const run = Run.parse({
  ...newHeader('run', 4),
  ...{ id: 'run', periodId: 'p', classId: 'c', lessonId: 'l', date: '2026-09-07', startedAt: START, endedAt: null },
  plan: JSON.parse(JSON.stringify(freeze(input, fitUnweighed(input)))),
});
const plan = planOf(run);
const steps = stepsOf(plan);
/** Wall clock a second into a step. */
const into = (step: number) => START + (steps.slice(0, step).reduce((sum, s) => sum + s.seconds, 0) + 1) * 1000;
const moves = steps.flatMap((s, i) => (s.segment.kind === 'move' ? [i] : []));
const [first, second] = gearToCount(plan);
let made = 0;
const count = (step: number, gearKind: string, counted: number) =>
  RunEvent.parse({ id: `c${++made}`, at: into(step), type: 'count', gearKind, counted });
const all = (step: number) =>
  RunEvent.parse({
    ...{ id: `c${++made}`, at: into(step), type: 'count-all' },
    counts: Object.fromEntries(gearToCount(plan).map((g) => [g.gearKind, g.need])),
  });
const at = (step: number, log: RunEvent[] = []) => foldRun(plan, START, log, into(step) + 500);

describe('gear counted in a lesson', () => {
  it('is counted out before the first game, at every switch by its number, and back after the last game', () => {
    expect(countTime(at(0))).toEqual({ code: 'out' });
    expect(moves.slice(0, 3).map((step) => countTime(at(step)))).toEqual([1, 2, 3].map((number) => ({ code: 'switch', number })));
    expect(countTime(at(moves[0] + 1))).toEqual({ code: 'play' });
    expect(countTime(at(steps.length - 1))).toEqual({ code: 'back' });
  });

  it('is asked for again at the next switch, all of it counted with one entry', () => {
    const log = [all(moves[0])];
    expect(countedNow(at(moves[0], log)).size).toBe(gearToCount(plan).length);
    expect(countedNow(at(moves[1], log)).size).toBe(0);
    expect(at(moves[1], log).counts[first.gearKind]).toBe(first.need);
    expect(at(moves[1], log).undoable).toHaveLength(1);
  });

  it('is missing from the switch at which it was first short and never complete again', () => {
    const log = [
      count(moves[0], first.gearKind, first.need - 1),
      all(moves[1]),
      count(moves[3], first.gearKind, first.need - 1),
      count(moves[5], first.gearKind, first.need - 1),
      count(moves[4] + 1, second.gearKind, second.need - 1),
    ].sort((a, b) => a.at - b.at);
    expect(logEntry(run, log, into(steps.length)).gearMissing).toEqual([
      { gearKind: first.gearKind, counted: first.need - 1, need: first.need, atSwitch: 4 },
      { gearKind: second.gearKind, counted: second.need - 1, need: second.need },
    ]);
    const found = [...log, all(steps.length - 1)];
    expect(logEntry(run, found, into(steps.length)).gearMissing).toEqual([]);
  });
});
