import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { RunEvent } from '../model/run.ts';
import { ladderOf, School, stepAfter } from '../model/school.ts';
import { foldRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { stepsOf } from './runFold.ts';
import { whoIsWhere } from './whoIsWhere.ts';

const START = 1_700_000_000_000;
const input = demoDesk({ lesson: lessonWith('mill-sacks') });
const plan = freeze(input, fitUnweighed(input));
const blockId = plan.blocks.find((b) => b.game)!.id;
const [player] = plan.blocks.find((b) => b.game)!.game!.groups[0];
const steps = stepsOf(plan);
const inPlay =
  steps
    .slice(
      0,
      steps.findIndex((s) => s.segment.kind === 'work'),
    )
    .reduce((sum, s) => sum + s.seconds, 0) + 5;
const offence = (seconds: number, step: string, id = `o${seconds}`) =>
  RunEvent.parse({ id, at: START + seconds * 1000, type: 'offence', blockId, student: player, what: 'o0', step });
const play = (seconds: number, event: object) =>
  RunEvent.parse({ id: `p${seconds}`, at: START + seconds * 1000, type: 'play', blockId, event });
const at = (seconds: number, log: RunEvent[]) => foldRun(plan, START, log, START + seconds * 1000);
const out = (seconds: number, log: RunEvent[]) => whoIsWhere(plan, at(seconds, log)).sittingOut.map((s) => s.student);

describe('an offence while a lesson runs', () => {
  it('is a word first: counted, and nobody sits out', () => {
    const log = [offence(inPlay, 'word')];
    expect(at(inPlay + 1, log).offences).toEqual({ [player]: 1 });
    expect(out(inPlay + 1, log)).toEqual([]);
  });

  it('then takes its student out until the next restart, then for the rest of the game', () => {
    const log = [offence(inPlay, 'word'), offence(inPlay + 1, 'restart')];
    expect(out(inPlay + 2, log)).toEqual([player]);
    const [side] = plan.blocks.find((b) => b.game)!.game!.pieces;
    const goal = play(inPlay + 3, { type: 'goal', side: side.title });
    expect(out(inPlay + 4, [...log, goal])).toEqual([]);
    const rest = [...log, goal, offence(inPlay + 5, 'rest')];
    expect(out(inPlay + 8, [...rest, play(inPlay + 7, { type: 'goal', side: side.title })])).toEqual([player]);
    expect(at(inPlay + 8, rest).offences[player]).toBe(3);
  });

  it('never happened once it is struck, and can be undone', () => {
    const log = [offence(inPlay, 'restart')];
    const strike = RunEvent.parse({ id: 's1', at: START + (inPlay + 2) * 1000, type: 'strike', target: log[0].id });
    expect(at(inPlay + 3, log).undoable.map((e) => e.id)).toEqual([log[0].id]);
    expect(at(inPlay + 3, [...log, strike]).offences).toEqual({});
    expect(out(inPlay + 3, [...log, strike])).toEqual([]);
  });

  it('follows the ladder that the school chose, frozen with the run', () => {
    const ladderIn = (school: School, fault: string) => {
      const frozen = freeze({ ...input, school }, fitUnweighed({ ...input, school })).blocks.find((b) => b.game)!.game!;
      return frozen.rules.flatMap((rule) => (rule.kind === 'fault' && rule.fault === fault ? [rule.ladder] : []))[0];
    };
    expect(ladderIn(input.school, 'cross')).toEqual(['word', 'restart', 'rest']);
    expect(ladderIn({ ...input.school, ladder: ['rest'] }, 'cross')).toEqual(['rest']);
    expect(ladderIn({ ...input.school, ladder: ['rest'] }, 'aiming-at-a-feeder'), 'a ladder of its own').toEqual(['restart', 'rest']);
    const school = School.parse({ ...input.school, ladder: ['restart', 'rest'] });
    expect([0, 1, 5].map((before) => stepAfter(ladderOf(school), before))).toEqual(['restart', 'rest', 'rest']);
    expect(School.safeParse({ ...input.school, ladder: [] }).success).toBe(false);
    expect(School.safeParse({ ...input.school, ladder: ['laps'] }).success).toBe(false);
  });

  it('says nothing in words: what it was is a code', () => {
    expect(RunEvent.safeParse({ ...offence(1, 'word'), what: 'pushed Ada' }).success).toBe(false);
  });
});
