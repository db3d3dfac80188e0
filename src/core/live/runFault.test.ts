import { describe, expect, it } from 'vitest';
import { LESSONS } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { FORMATS } from '../formats/registry.ts';
import { mutatedAt, pathsIn, shapesOf } from '../model/mutations.fixture.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { seededRng } from '../rng.ts';
import { boardsOf } from './boardsOf.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { eventsFault, runFault } from './runFault.ts';
import { planOf } from './runPlan.ts';

const START = 1_790_000_000_000;

/** A run of a lesson as it is stored: frozen, written, and read again. */
function runOf(input: ReturnType<typeof demoDesk>): Run {
  const ids = { id: 'run-of-tests', periodId: input.period.id, classId: input.schoolClass.id, lessonId: input.lesson.id };
  const plan = freeze(input, fitUnweighed(input));
  return Run.parse(
    JSON.parse(JSON.stringify({ ...newHeader('run', 4), ...ids, date: input.period.date, startedAt: START, endedAt: null, plan })),
  );
}
const mills = runOf(demoDesk());
const replanOf = (run: Run, blocks: unknown = planOf(run).blocks) => ({ id: 'again', type: 'replan', at: START + 60_000, blocks });
const events = (...list: unknown[]) => list.map((e) => RunEvent.parse(e));

describe('a run at the door', () => {
  it('is taken as freeze made it, of every format', () => {
    for (const format of Object.keys(FORMATS)) {
      const game = GAMES.find((g) => g.format === format)!;
      const run = runOf(demoDesk({ lesson: lessonWith(game.id) }));
      expect([format, runFault(run, events(replanOf(run)))]).toEqual([format, undefined]);
    }
    for (const [name, lesson] of Object.entries(LESSONS))
      expect([name, runFault(runOf(demoDesk({ lesson })), [])]).toEqual([name, undefined]);
  });

  it('is refused with the place if the blocks of a replan are not of the shape that is read', () => {
    const bad = [{ id: 'x', segments: [{ kind: 'work', at: -1, until: 1e308 }], game: { plays: [null] } }];
    expect(eventsFault(mills, [], events({ id: 'p', type: 'pause', at: START }, replanOf(mills, bad)))).toMatchObject({
      path: ['events', 1, 'blocks', 0, expect.any(String)],
    });
  });

  it('is refused if nothing can be made of it though its shape is right', () => {
    const plan = structuredClone(planOf(mills));
    plan.blocks.find((b) => b.game)!.game!.plays = [{ groups: 'all' }];
    expect(runFault({ ...mills, plan } as unknown as Run, [])).toEqual({ path: ['run', 'plan'], code: 'not-readable' });
  });

  it.each([1, 2, 3, 4])('is refused, or folds and shows its boards at any second, changed at each of its kinds of places (%i)', (seed) => {
    const random = seededRng(seed).float;
    const base = { ...mills, plan: JSON.parse(JSON.stringify(mills.plan)) };
    let taken = 0;
    for (const path of shapesOf(pathsIn(base.plan), random)) {
      const { value, what } = mutatedAt(base.plan, path, random);
      const run = { ...mills, plan: value } as Run;
      const asReplan = RunEvent.safeParse(replanOf(mills, (value as { blocks?: unknown }).blocks));
      const asRun = Run.safeParse(run);
      if (asRun.success && !runFault(asRun.data, [])) {
        taken += 1;
        for (const second of [0, 600, 1500, 3000, 90_000]) {
          const state = foldRun(planOf(asRun.data), START, [], START + second * 1000);
          for (const block of state.plan.blocks)
            for (const round of [0, 3]) expect(() => boardsOf(block, state, round), what).not.toThrow();
          expect(Number.isFinite(state.step), what).toBe(true);
        }
      }
      if (asReplan.success) expect(() => eventsFault(mills, [], [asReplan.data]), what).not.toThrow();
    }
    expect(taken).toBeGreaterThan(20);
  });
});
