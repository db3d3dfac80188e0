import { describe, expect, it } from 'vitest';
import { UPPER_YARD } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { actionsOf } from '../formats/boardActions.ts';
import { newHeader } from '../model/record.ts';
import { Run, RunEvent } from '../model/run.ts';
import { everyoneIn } from '../play/playRules.ts';
import { runEventWords } from '../words/run.en.ts';
import { attemptsIn, keepsAttempts } from './attemptsIn.ts';
import { boardsOf } from './boardsOf.ts';
import { foldRun, followRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { historyIn } from './historyIn.ts';
import { logEntry } from './logEntry.ts';
import { actionsAt, insteadOf } from './moments.ts';
import type { RunPlan } from './runPlan.ts';
import { roundNow } from './runState.ts';
import { whoIsWhere } from './whoIsWhere.ts';

const START = 1_700_000_000_000;
const picks = ['breeze', 'game:bell-tower', 'rain', 'game:lantern-roll', 'gust', 'game:wind-and-leaves'];
const input = demoDesk({ room: UPPER_YARD, lesson: lessonWith('weather-round', { picks, areaWidthM: 7, areaDepthM: 6.5, gapM: 0.5 }) });
const plan = freeze(input, fitUnweighed(input));
const at = plan.blocks.findIndex((b) => b.game);
const { id: blockId, game, segments } = plan.blocks[at];
const before = plan.blocks.slice(0, at).reduce((sum, b) => sum + b.seconds, 0);
/** Second of the lesson at which a round begins. */
const beginOf = (round: number) => before + segments.find((s) => s.kind === 'work' && s.round === round)!.at;
const event = (id: string, type: string, seconds: number, more: object = {}) =>
  RunEvent.parse({ id, type, at: START + Math.round(seconds * 1000), ...more });
const stateAt = (seconds: number, log: RunEvent[] = []) => foldRun(plan, START, log, START + seconds * 1000);
/** The first visit to the bell tower that is in that round. */
const visitOf = (title: string, round: number) => game!.visits!.findIndex((v) => v.title === title && v.round === round);
const court = visitOf('Bell tower', 0);
const miss = (id: string, seconds: number, visit = court) =>
  event(id, 'play', seconds, { blockId, visit, event: { type: 'error', position: 1 } });
const turns = (state: ReturnType<typeof stateAt>, visit = court) =>
  Object.values(state.visits[blockId][visit][0].view.turns).reduce((a, b) => a + b, 0);

describe('a run with stations that are games of their own', () => {
  it('has a board for each of them while a group is there, none before and between', () => {
    const titles = (seconds: number) => {
      const state = stateAt(seconds);
      return boardsOf(plan.blocks[at], state, roundNow(state)).flatMap((b) => b.at?.title ?? []);
    };
    expect(titles(beginOf(0) - 1)).toEqual([]);
    expect(titles(beginOf(0) + 1).sort()).toEqual(['Bell tower', 'Lantern roll', 'Wind and leaves']);
    expect(titles(beginOf(1) - 1)).toEqual([]);
    const state = stateAt(beginOf(1) + 1);
    const tower = boardsOf(plan.blocks[at], state, 1).find((b) => b.at?.title === 'Bell tower')!;
    expect(tower.at!.group).toBe(game!.visits![visitOf('Bell tower', 1)].group);
    expect(tower.parts.flatMap(actionsOf).every((a) => a.visit === visitOf('Bell tower', 1))).toBe(true);
  });

  it('counts a tap in the visit it is for, by seconds of its round', () => {
    const state = stateAt(beginOf(0) + 20, [miss('a', beginOf(0) + 10)]);
    expect(turns(state)).toBeGreaterThan(0);
    expect(turns(state, visitOf('Bell tower', 1))).toBe(0);
    expect(state.visits[blockId][court][0].at).toBe(20);
    expect(Object.values(state.plays[blockId][0].view.scores).every((s) => s === 0)).toBe(true);
    expect(runEventWords(miss('a', 1), plan)).toMatch(/court|position|Bell|miss/i);
  });

  it('takes nothing before its round and after it', () => {
    const early = stateAt(beginOf(0) + 5, [miss('a', beginOf(0) - 5)]);
    expect(turns(early)).toBe(0);
    const late = stateAt(beginOf(1) + 5, [miss('a', beginOf(1) + 1)]);
    expect(turns(late)).toBe(0);
    expect(late.visits[blockId][court][0]).toMatchObject({ view: { done: true }, refused: [{ code: 'after-end' }] });
    expect(stateAt(beginOf(0) + 5, [miss('a', beginOf(0) + 1, 900)]).visits).toEqual(stateAt(beginOf(0) + 5).visits);
  });

  it('ends a visit when its round is skipped', () => {
    const state = stateAt(beginOf(0) + 12, [event('s', 'skip', beginOf(0) + 10)]);
    expect(state.visits[blockId][court][0].view.done).toBe(true);
  });

  it('lets a student sit out of the game where they are, and come back by themselves', () => {
    const [player] = game!.groups[game!.visits![court].group];
    const box = { type: 'box', player, why: '', release: 'rest', seconds: 10 };
    const log = [event('b', 'play', beginOf(0) + 5, { blockId, visit: court, event: box })];
    const out = whoIsWhere(plan, stateAt(beginOf(0) + 7, log)).sittingOut;
    expect(out).toEqual([{ student: player, play: 0, visit: court, release: 'rest', secondsLeft: 8 }]);
    expect(whoIsWhere(plan, stateAt(beginOf(0) + 16, log)).sittingOut).toEqual([]);
    const { playing } = whoIsWhere(plan, stateAt(beginOf(0) + 16, log));
    expect(playing.find((p) => p.student === player)).toMatchObject({ visit: court });
    expect(playing.map((p) => p.student).sort()).toEqual(game!.groups.flat().sort());
  });

  it('takes a student who leaves out of every visit to come, and a latecomer into those of their group', () => {
    const [gone] = game!.groups[1];
    const mine = game!.visits!.flatMap((v, i) => (v.group === 1 ? [i] : []));
    const left = [event('l', 'presence', beginOf(0) + 5, { student: gone, status: 'excused', role: 'away' })];
    const there = (state: ReturnType<typeof stateAt>, v: number) => state.visits[blockId][v].flatMap((p) => everyoneIn(p.view));
    const without = stateAt(beginOf(0) + 6, left);
    for (const v of mine) expect(there(without, v)).not.toContain(gone);
    const back = [...left, event('r', 'presence', beginOf(1) + 5, { student: gone, status: 'late', role: 'plays' })];
    const again = stateAt(beginOf(1) + 6, back);
    const joined = game!.visits!.flatMap((_, i) => (there(again, i).includes(gone) ? [i] : []));
    const open = game!.visits!.flatMap((v, i) => (v.round > 0 ? [i] : []));
    const [group] = new Set(joined.map((v) => game!.visits![v].group));
    expect(joined).toEqual(open.filter((v) => game!.visits![v].group === group));
    expect(joined.length).toBeGreaterThan(0);
  });

  it('is followed as it is folded, and is as before once a tap is crossed out', () => {
    const log = [miss('a', beginOf(0) + 3), miss('b', beginOf(0) + 9), miss('c', beginOf(1) + 4, visitOf('Bell tower', 1))];
    const follow = followRun(plan, START);
    for (const second of [1, 4, 10]) follow(log.slice(0, second > 9 ? 2 : 1), START + (beginOf(0) + second) * 1000);
    const now = START + (beginOf(1) + 30) * 1000;
    expect(follow(log, now)).toEqual(foldRun(plan, START, log, now));
    const struck = [...log, event('x', 'strike', beginOf(1) + 20, { target: 'b' })];
    const { undoable: _, ...after } = stateAt(beginOf(1) + 30, struck);
    const { undoable: __, ...never } = stateAt(beginOf(1) + 30, [log[0], log[2]]);
    expect(after).toEqual(never);
  });

  it('offers what could be tapped then for late entries and corrections', () => {
    const log = [miss('a', beginOf(0) + 3)];
    const state = stateAt(beginOf(1) + 30, log);
    const run = { plan, startedAt: START, log, state };
    const then = actionsAt(run, blockId, START + (beginOf(0) + 10) * 1000);
    expect(then.some((a) => a.visit === court && a.event.type === 'error')).toBe(true);
    const others = insteadOf(run, log[0]);
    expect(others.length).toBeGreaterThan(0);
    expect(others.every((a) => a.visit === court)).toBe(true);
  });

  it('is told in the logbook: results of each game by group, tries by step, roles had', () => {
    const lane = visitOf('Lantern roll', 0);
    const tries = [1, 2, 3].map((i) =>
      event(`t${i}`, 'play', beginOf(0) + i, { blockId, visit: lane, event: { type: 'try', made: i !== 2, prompt: 'alone' } }),
    );
    const log = [...tries, miss('m', beginOf(0) + 8), event('e', 'end', beginOf(1) + 5)];
    const run = Run.parse({
      ...{ ...newHeader('run', 4), id: 'run', periodId: input.period.id, classId: input.schoolClass.id, lessonId: input.lesson.id },
      ...{ date: '2026-09-07', startedAt: START, endedAt: START + (beginOf(1) + 5) * 1000, plan },
    });
    const { results } = logEntry(run, log, run.endedAt!);
    const title = plan.blocks[at].title;
    expect(results.map((r) => r.block)).toEqual([title, `${title}, Bell tower`, `${title}, Lantern roll`, `${title}, Wind and leaves`]);
    const tower = results[1];
    expect(new Set(tower.rows.map((row) => row.group))).toEqual(
      new Set([0, 1].map((round) => game!.visits![visitOf('Bell tower', round)].group)),
    );
    expect(keepsAttempts(run)).toBe(true);
    const kept = attemptsIn(run, log).filter((a) => a.tries > 0);
    expect(kept).toEqual([expect.objectContaining({ game: 'Lantern roll', tries: 3, alone: 2 })]);
    expect(Object.keys(historyIn([run]).roles)).toContain('hunter');
  });

  it('frozen before there were any has none, and runs as it did', () => {
    const old: RunPlan = JSON.parse(JSON.stringify(plan));
    for (const block of old.blocks) delete block.game?.visits;
    const state = foldRun(old, START, [], START + (beginOf(0) + 5) * 1000);
    expect(state.visits).toEqual({ [blockId]: [] });
    expect(boardsOf(old.blocks[at], state, 0)).toHaveLength(1);
  });
});
