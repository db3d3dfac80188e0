import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { lanternRoll } from '../../content/lanternRoll.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { FIRST_CELL } from '../model/skillLadder.ts';
import { undoable } from './effective.ts';
import { freeze } from './freeze.ts';
import { skillTriesIn } from './skillTries.ts';

const START = 1_700_000_000_000;
const input = demoDesk({ lesson: lessonWith('lantern-roll', { step: 1 }) });
const run = Run.parse({
  ...newHeader('run', 4),
  ...{ id: 'run', periodId: 'p', classId: 'c', lessonId: 'l', date: '2026-09-07', startedAt: START, endedAt: START + 2_700_000 },
  plan: JSON.parse(JSON.stringify(freeze(input, fitUnweighed(input)))),
});
const block = run.plan.blocks.find((b) => 'game' in b)! as unknown as { id: string; game: { plays: { player: string }[] } };
const [{ player }] = block.game.plays;

let made = 0;
const event = (fields: object) => RunEvent.parse({ id: `e${++made}`, at: START + (900 + made) * 1000, ...fields });
const mark = (fields: object) =>
  event({ type: 'mark', student: player, skill: 'throw', cell: FIRST_CELL, made: true, prompt: 'alone', ...fields });
const lane = (fields: object) => event({ type: 'play', blockId: block.id, play: 0, event: fields });

describe('tries for the ladders of skills', () => {
  it('come from marks, added up by cell, with the help that they had', () => {
    const log = [
      mark({}),
      mark({ prompt: 'word' }),
      mark({ made: false }),
      mark({ count: 3 }),
      mark({ cell: { ...FIRST_CELL, distance: 1 } }),
    ];
    expect(skillTriesIn(run, log).map(({ tries, made: by, from }) => [tries, by.alone, by.word, from])).toEqual([
      [6, 4, 1, 'mark'],
      [1, 1, 0, 'mark'],
    ]);
  });

  it('come from lanes too, at the cell that the game gives its step', () => {
    const log = [lane({ type: 'try', made: true, prompt: 'model' }), lane({ type: 'try', made: false })];
    const { skill, ladder } = lanternRoll.setup as { skill: string; ladder: { cell: object }[] };
    expect(skillTriesIn(run, log)).toEqual([
      {
        ...{ student: player, skill, at: ladder[0].cell, time: START, date: '2026-09-07', from: 'lane', tries: 2 },
        made: { alone: 0, word: 0, model: 1, hand: 0 },
      },
    ]);
  });

  it('are gone once crossed out, and undone like any tap', () => {
    const first = mark({});
    const strike = event({ type: 'strike', target: first.id });
    expect(undoable([first])).toEqual([first]);
    expect(skillTriesIn(run, [first, strike])).toEqual([]);
  });

  it('are guided by a hand only with the student’s yes', () => {
    const withHand = { ...mark({}), prompt: 'hand' };
    expect(RunEvent.safeParse(withHand).error?.issues[0].message).toBe('yes-first');
    expect(RunEvent.safeParse({ ...withHand, saidYes: true }).success).toBe(true);
  });
});
