import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { attemptsIn, keepsAttempts } from './attemptsIn.ts';
import { freeze } from './freeze.ts';

const START = 1_700_000_000_000;
function runOf(gameId: string): Run {
  const input = demoDesk({ lesson: lessonWith(gameId, gameId === 'lantern-roll' ? { step: 1 } : {}) });
  const plan = JSON.parse(JSON.stringify(freeze(input, fitUnweighed(input))));
  const ids = { periodId: 'p', classId: 'c', lessonId: 'l' };
  return Run.parse({ ...newHeader('run', 4), id: 'run', ...ids, date: '2026-09-07', startedAt: START, endedAt: START + 2_700_000, plan });
}
const run = runOf('lantern-roll');
const block = run.plan.blocks.find((b) => 'game' in b)! as unknown as {
  id: string;
  game: { plays: { player: string; ladder: string[] }[] };
};
const [first, second] = block.game.plays;
let made = 0;
const tap = (play: number, event: object, seconds = 900) =>
  RunEvent.parse({ id: `e${++made}`, at: START + (seconds + made) * 1000, type: 'play', blockId: block.id, play, event });
const sums = (events: RunEvent[], player = first.player) =>
  attemptsIn(run, events)
    .filter((a) => a.player === player)
    .map(({ step, stepId, tries, alone, helped, fallen }) => [step, stepId, tries, alone, helped, fallen]);

describe('tries by step', () => {
  const log = [
    tap(0, { type: 'try', made: true, prompt: 'alone', fallen: 2 }),
    tap(0, { type: 'try', made: false, prompt: 'alone', fallen: 0 }),
    tap(0, { type: 'step', to: 1 }),
    tap(0, { type: 'try', made: true, prompt: 'model' }),
    tap(1, { type: 'try', made: true, prompt: 'alone', count: 4 }),
    tap(0, { type: 'step', to: 0 }),
    tap(0, { type: 'try', made: true }),
  ];

  it('are counted for each student at the step they were at, with help and alone apart', () => {
    expect(sums(log)).toEqual([
      [0, first.ladder[0], 3, 2, 0, 2],
      [1, first.ladder[1], 1, 0, 1, 0],
    ]);
    expect(sums(log, second.player)).toEqual([[0, second.ladder[0], 4, 4, 0, 0]]);
  });

  it('follow corrections: what was crossed out is gone, what was changed counts as changed', () => {
    const strike = RunEvent.parse({ id: 's', at: log[6].at + 5, type: 'strike', target: log[0].id });
    const replace = RunEvent.parse({ id: 'r', at: log[6].at + 6, type: 'replace', target: log[1].id, event: { type: 'try', made: true } });
    expect(sums([...log, strike, replace])[0]).toEqual([0, first.ladder[0], 2, 2, 0, 0]);
  });

  it('are kept of skill lanes alone', () => {
    expect(keepsAttempts(run)).toBe(true);
    expect(keepsAttempts(runOf('nine-mills'))).toBe(false);
    expect(attemptsIn(runOf('nine-mills'), [])).toEqual([]);
  });
});
