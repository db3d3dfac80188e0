import { describe, expect, it } from 'vitest';
import { demoAttendance, demoDesk } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { seededRng } from '../rng.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { logEntry } from './logEntry.ts';
import { stepsOf } from './runFold.ts';
import { planOf } from './runPlan.ts';
import { roundNow } from './runState.ts';

const START = 1_700_000_000_000;
const away = demoDesk().students[2].id;
const input = demoDesk({ attendance: { ...demoAttendance('p'), entries: { [away]: { status: 'absent', role: 'away' } } } });
const plan = JSON.parse(JSON.stringify(freeze(input, fitUnweighed(input)))) as ReturnType<typeof freeze>;
const steps = stepsOf(plan);
const firstWork = steps.findIndex((s) => s.segment.kind === 'work');
const secondsTo = (step: number) => steps.slice(0, step).reduce((sum, s) => sum + s.seconds, 0);

let made = 0;
const event = (type: string, seconds: number, fields: Record<string, unknown> = {}): RunEvent =>
  RunEvent.parse({ id: `e${++made}`, type, at: START + Math.round(seconds * 1000), ...fields });
const at = (seconds: number, log: RunEvent[] = []) => foldRun(plan, START, log, START + seconds * 1000);
const gameId = plan.blocks.find((b) => b.game)!.id;
const points = (seconds: number, group: number, n = 1) =>
  event('play', seconds, { blockId: gameId, event: { type: 'points', group, points: n } });

describe('a run, its clock', () => {
  it('walks through the steps by itself, whenever it is looked at', () => {
    expect(at(0)).toMatchObject({ step: 0, paused: false, ended: false, remainingMs: steps[0].seconds * 1000 });
    expect(at(secondsTo(3) - 1).step).toBe(2);
    expect(at(secondsTo(3)).step).toBe(3);
    for (const s of [0, 13, 500, 1300, 2699]) expect(at(s)).toEqual(at(s));
  });

  it('waits at 0:00 at the end until it is ended', () => {
    const total = secondsTo(steps.length);
    expect(at(total + 300)).toMatchObject({ step: steps.length - 1, remainingMs: 0, ended: false });
    expect(at(total + 300, [event('end', total + 60)])).toMatchObject({ ended: true, activeMs: (total + 60) * 1000 });
  });

  it('stands still while held, and counts the time', () => {
    const log = [event('pause', 10), event('resume', 70)];
    expect(at(40, log.slice(0, 1))).toMatchObject({ paused: true, activeMs: 10_000 });
    expect(at(100, log)).toMatchObject({ paused: false, activeMs: 40_000, pausedMs: 60_000 });
  });

  it('knows the round that is on, and between rounds the one that comes next', () => {
    expect(roundNow(at(0))).toBe(0);
    const rounds = steps.flatMap((s, i) => (s.segment.kind === 'work' ? [{ i, round: s.segment.round }] : []));
    for (const { i, round } of rounds) expect(roundNow({ steps, step: i })).toBe(round);
    const lanes = [
      { block: 1, segment: { kind: 'work' as const, code: 'work', at: 0, until: 9, round: 0 }, seconds: 9 },
      { block: 1, segment: { kind: 'phase' as const, code: 'break', at: 9, until: 12 }, seconds: 3 },
      { block: 1, segment: { kind: 'work' as const, code: 'work', at: 12, until: 20, round: 1 }, seconds: 8 },
      { block: 1, segment: { kind: 'phase' as const, code: 'reset', at: 20, until: 22 }, seconds: 2 },
    ];
    expect([0, 1, 2, 3].map((step) => roundNow({ steps: lanes, step }))).toEqual([0, 1, 1, 1]);
  });

  it('takes ten seconds more or less, never below what has gone', () => {
    const more = at(5, [event('adjust', 5, { seconds: 10 })]);
    expect(more.remainingMs).toBe((steps[0].seconds + 5) * 1000);
    expect(at(5, [event('adjust', 5, { seconds: -600 })])).toMatchObject({ step: 1, activeMs: 5000 });
  });

  it('skips to the next step, and back by a strike as if it never was', () => {
    const skip = event('skip', 20);
    expect(at(21, [skip]).step).toBe(1);
    const strike = event('strike', 22, { target: skip.id });
    const { undoable: _, ...struck } = at(30, [skip, strike]);
    const { undoable: __, ...never } = at(30);
    expect(struck).toEqual(never);
  });

  it('does not run backwards when a clock does', () => {
    const log = [event('pause', 100), event('resume', 90)];
    const state = at(120, log);
    expect(state.activeMs).toBe(120_000);
    expect(state.pausedMs).toBe(0);
  });
});

describe('a run, its play', () => {
  it('rotates groups by the clock alone', () => {
    const during = at(secondsTo(firstWork) + 5).plays[gameId][0].view;
    expect(during.tally.round).toBe(1);
    expect(at(secondsTo(firstWork + 2) + 1).plays[gameId][0].view.tally.round).toBe(2);
    expect(at(secondsTo(steps.length)).plays[gameId][0].view.done).toBe(true);
  });

  it('counts points of a bout until the move after it ends', () => {
    const inWork = secondsTo(firstWork) + 10;
    const inMove = secondsTo(firstWork + 1) + 5;
    const { plays } = at(inMove + 1, [points(inWork, 2, 2), points(inMove, 2)]);
    expect(plays[gameId][0].refused).toEqual([]);
    expect(plays[gameId][0].view.scores['group-3']).toBe(3);
    expect(plays[gameId][0].view.tally.round).toBe(1);
  });

  it('shows what became illegal instead of dropping it', () => {
    const second = secondsTo(firstWork) + 10;
    const plus = points(second, 2, 1);
    const minus = points(second + 1, 2, -1);
    const strike = event('strike', second + 2, { target: plus.id });
    const { refused } = at(second + 3, [plus, minus, strike]).plays[gameId][0];
    expect(refused.map((f) => f.code)).toEqual(['not-allowed']);
  });

  it('undo equals never happened, over random logs', () => {
    const random = seededRng(9);
    for (let run = 0; run < 15; run++) {
      const log: RunEvent[] = [];
      let t = 0;
      for (let i = 0; i < 40; i++) {
        t += random.below(60);
        const kind = random.below(5);
        log.push(
          kind === 0
            ? event('pause', t)
            : kind === 1
              ? event('resume', t)
              : kind === 2
                ? event('skip', t)
                : kind === 3
                  ? event('adjust', t, { seconds: random.below(41) - 20 })
                  : points(t, random.below(9)),
        );
      }
      const target = log[random.below(log.length)];
      const without = log.filter((e) => e !== target);
      expect(at(t + 5, [...log, event('strike', t + 4, { target: target.id })])).toEqual(at(t + 5, without));
    }
  });
});

describe('a run, corrections', () => {
  const inFirst = secondsTo(firstWork) + 10;
  const inSecond = secondsTo(firstWork + 2) + 10;
  const scores = (log: RunEvent[], seconds = inSecond + 30) => at(seconds, log).plays[gameId][0].view.scores;

  it('replaces an event by another, and back when the replacing is struck', () => {
    const plus = points(inFirst, 2, 1);
    const replace = event('replace', inSecond, { target: plus.id, event: { type: 'points', group: 3, points: 2 } });
    expect(scores([plus, replace])).toMatchObject({ 'group-3': 0, 'group-4': 2 });
    expect(scores([plus, replace, event('strike', inSecond + 1, { target: replace.id })])).toMatchObject({ 'group-3': 1, 'group-4': 0 });
    const again = event('replace', inSecond + 2, { target: plus.id, event: { type: 'points', group: 3, points: 5 } });
    expect(scores([plus, replace, again])).toMatchObject({ 'group-4': 5 });
  });

  it('knows by the wall when each step began, holds before it counted', () => {
    const log = [event('pause', 10), event('resume', 70)];
    const { ran } = at(secondsTo(2) + 65, log);
    expect(ran.map((r) => r.wall - START)).toEqual([0, (secondsTo(1) + 60) * 1000]);
    expect(at(secondsTo(1) + 65, log).stepWall - START).toBe((secondsTo(1) + 60) * 1000);
  });

  it('puts a late addition where it happened, as if it had been sent then', () => {
    const then = START + inFirst * 1000;
    const late = event('play', inSecond, { blockId: gameId, since: then, event: { type: 'points', group: 1, points: 1 } });
    expect(scores([late])).toEqual(scores([points(inFirst, 1)]));
    const unscored = event('play', inSecond, { blockId: gameId, since: then, event: { type: 'points', group: 0, points: 1 } });
    expect(at(inSecond + 5, [unscored]).plays[gameId][0].refused.map((f) => f.code)).toEqual(['not-allowed']);
  });
});

describe('a run in the logbook', () => {
  const run = Run.parse({
    ...newHeader('run', 4),
    id: 'n1',
    periodId: input.period.id,
    classId: input.schoolClass.id,
    lessonId: input.lesson.id,
    date: input.period.date,
    startedAt: START,
    endedAt: null,
    plan,
  });
  it('tells planned against actual, rotations, points, who was away, what is missing and the note', () => {
    const total = secondsTo(steps.length);
    const [kind, need] = [
      planOf(run).blocks.find((b) => b.game)!.game!.gear[0].gearKind,
      planOf(run).blocks.find((b) => b.game)!.game!.gear[0].need,
    ];
    const log = [
      event('adjust', 5, { seconds: 30 }),
      points(secondsTo(firstWork) + 60, 3, 2),
      event('count', total + 31, { gearKind: kind, counted: need - 1 }),
      event('note', total + 32, { text: 'Nearer next time' }),
      event('end', total + 40),
    ];
    const entry = logEntry(run, log, START);
    expect(entry).toMatchObject({ ended: true, plannedSeconds: total, actualSeconds: total + 40, note: 'Nearer next time' });
    expect(entry.blocks[0].actualSeconds).toBe(entry.blocks[0].plannedSeconds + 30);
    expect(entry.blocks[2]).toMatchObject({ rotations: 9, plannedRotations: 9 });
    expect(entry.results[0].rows[3].value).toBe(2);
    expect(entry.absent).toHaveLength(1);
    expect(entry.gearMissing).toEqual([{ gearKind: kind, counted: need - 1, need }]);
    expect(entry.gearUncounted.map((g) => g.gearKind)).not.toContain(kind);
    expect(entry.gearUncounted.length).toBeGreaterThan(3);
  });
  it('counts no round that was skipped before its half, and says how many were', () => {
    const first = secondsTo(firstWork);
    const long = steps[firstWork].seconds;
    const early = [event('skip', first + 5), event('end', first + 5 + 300)];
    const mine = (log: RunEvent[]) => logEntry(run, log, START).blocks[2];
    expect(mine([event('skip', first + long - 5), event('end', first + long + 1)])).toMatchObject({ rotations: 1, skipped: 0 });
    const skipped = mine(early);
    expect(skipped.skipped).toBeGreaterThanOrEqual(1);
    expect(skipped.rotations).toBeGreaterThan(skipped.skipped);
    expect(mine([event('skip', first + 5), event('end', first + 6)])).toMatchObject({ rotations: 1, skipped: 1 });
  });
  it('tells who came late and who left early, and no longer that a latecomer was away', () => {
    const leaver = input.students[7].id;
    const log = [
      event('presence', 60, { student: away, status: 'late', role: 'plays' }),
      event('presence', 90, { student: leaver, status: 'excused', role: 'away' }),
    ];
    const entry = logEntry(run, log, START + 100_000);
    expect([entry.absent, entry.late, entry.left]).toEqual([[], [plan.names[away]], [plan.names[leaver]]]);
    const back = event('presence', 120, { student: leaver, status: 'present', role: 'plays' });
    expect(logEntry(run, [...log, back], START + 130_000).left).toEqual([]);
  });
  it('holds no rating and no wish', () => {
    expect(JSON.stringify(plan)).not.toMatch(/rating|wish|"apart"/);
  });
});
