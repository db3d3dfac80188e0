import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { historyIn } from './historyIn.ts';
import { planOf } from './runPlan.ts';
import { keepsStages, stagesMetIn } from './stagesMetIn.ts';

const START = 1_700_000_000_000;
const ids = { periodId: 'p', classId: 'c', lessonId: 'l' };
function runOf(gameId: string, seconds: number): Run {
  const input = demoDesk({ lesson: lessonWith(gameId) });
  const plan = JSON.parse(JSON.stringify(freeze(input, fitUnweighed(input))));
  return Run.parse({
    ...newHeader('run', 4),
    id: 'run',
    ...ids,
    date: '2026-09-07',
    startedAt: START,
    endedAt: START + seconds * 1000,
    plan,
  });
}
const whole = runOf('windfalls', 2_700);
const players = demoDesk().students.map((s) => s.id as string);
/** Stages and titles of a planned lesson, told short if it was met. */
function stagesWith(values: Record<string, unknown>, stages: object) {
  const input = demoDesk({ lesson: lessonWith('windfalls', values), history: { met: {}, roles: {}, stages, lessons: 1 } as never });
  const { game } = freeze(input, fitUnweighed(input)).blocks.find((b) => b.game)!;
  return (game!.plays[0] as { stages: { id: string; shorter?: boolean }[] }).stages.map((s) => s.id + (s.shorter ? ', short' : ''));
}
const metBy = (students: readonly string[], ...stages: string[]) =>
  Object.fromEntries(stages.map((stage) => [stage, Object.fromEntries(students.map((p) => [p, { days: 1, up: 0, down: 0 }]))]));
const FIRST_FIVE = ['broom-alone', 'sweep', 'rest-on-line', 'round-trees', 'orchard-gates'];

describe('stages met', () => {
  it('are all of a lesson that was played to its end, by everyone who was there', () => {
    const { stages } = historyIn([whole], stagesMetIn(whole, []));
    expect(Object.keys(stages)).toEqual(FIRST_FIVE.slice(0, 4));
    expect(Object.keys(stages.sweep).sort()).toEqual([...players].sort());
    expect(stages.sweep[players[0]]).toEqual({ days: 1, up: 0, down: 0 });
    expect([whole, runOf('mill-steps', 60)].map(keepsStages)).toEqual([true, false]);
  });

  it('are those of which a bout was played, if it ended early', () => {
    expect(stagesMetIn(runOf('windfalls', 5), [])).toEqual([]);
    const plan = planOf(whole);
    const { id } = plan.blocks.find((b) => b.game)!;
    // Half way through the lesson as the clock alone has it.
    const half = Math.floor(2_700 / 2);
    const { view } = foldRun(plan, START, [], START + half * 1000).plays[id][0];
    expect(view.tally.stage).toBeGreaterThan(1);
    const run = runOf('windfalls', half);
    const reached = FIRST_FIVE.slice(0, view.tally.stage - (view.tally.bout === 1 ? 1 : 0));
    expect([...new Set(stagesMetIn(run, []).map((s) => s.stepId))]).toEqual(reached);
    const leaves = RunEvent.parse({ id: 'e', at: START + 1000, type: 'presence', student: players[0], status: 'absent', role: 'away' });
    expect(stagesMetIn(run, [leaves]).some((s) => s.player === players[0])).toBe(false);
  });

  it('make a stage shorter or leave it out, and open the one that needs another', () => {
    expect(stagesWith({ stageCount: 6 }, {})).toEqual(FIRST_FIVE);
    const met = metBy(players, ...FIRST_FIVE);
    expect(stagesWith({ stageCount: 6 }, met)).toEqual([...FIRST_FIVE.map((id) => `${id}, short`), 'sweep-across']);
    expect(stagesWith({ stageCount: 6, met: 'skip' }, met)).toEqual(['sweep-across']);
    expect(stagesWith({ stageCount: 6, met: 'same', passing: false }, met)).toEqual(FIRST_FIVE);
    // Too few of them have met it.
    expect(stagesWith({ met: 'skip' }, metBy(players.slice(0, 3), 'broom-alone'))[0]).toBe('broom-alone');
    expect(stagesWith({ met: 'skip', passing: false }, met)).toEqual(['orchard-gates']);
  });
});
