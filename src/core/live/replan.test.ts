import { describe, expect, it } from 'vitest';
import { demoDesk } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import { RunEvent } from '../model/run.ts';
import { everyoneIn } from '../play/playRules.ts';
import { foldRun, followRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { restOf } from './restOf.ts';

const START = 1_700_000_000_000;
const input = demoDesk();
const plan = freeze(input, fitUnweighed(input));
const gameAt = plan.blocks.findIndex((b) => b.game);
const before = plan.blocks.slice(0, gameAt).reduce((sum, b) => sum + b.seconds, 0);
const gameId = plan.blocks[gameAt].id as BlockId;
const event = (id: string, type: string, seconds: number, more: object = {}) =>
  RunEvent.parse(JSON.parse(JSON.stringify({ id, type, at: START + seconds * 1000, ...more })));
const at = (seconds: number, log: RunEvent[]) => foldRun(plan, START, log, START + seconds * 1000);
const edited = (edit: Edit) => {
  const applied = applyEdit(input.lesson, edit);
  if (!applied.ok) throw new Error(applied.code);
  return { ...input, lesson: applied.lesson };
};

describe('the rest of a lesson under way', () => {
  it('is fitted into the time that is left, what has begun kept', () => {
    const late = at(600, []);
    const current = late.steps[late.step].block;
    const rest = restOf(input, late, plan.periodSeconds - 600);
    expect(rest.blocks.map((b) => b.id)).toEqual(plan.blocks.slice(current + 1).map((b) => b.id));
    const blockLeft = plan.blocks.slice(0, current + 1).reduce((sum, b) => sum + b.seconds, 0) - 600;
    expect(rest.secondsLeft).toBe(plan.periodSeconds - 600 - blockLeft);
    expect(rest.overSeconds).toBe(0);
  });

  it('shrinks after a long hold, and says what that costs in turns', () => {
    const log = [event('p', 'pause', 10), event('r', 'resume', 700)];
    const state = at(710, log);
    const rest = restOf(input, state, plan.periodSeconds - 710);
    const planned = plan.blocks.slice(state.steps[state.step].block + 1).reduce((sum, b) => sum + b.seconds, 0);
    const now = rest.blocks.reduce((sum, b) => sum + b.seconds, 0);
    expect(now).toBeLessThan(planned);
    expect(now).toBeLessThanOrEqual(rest.secondsLeft);
    const without = restOf(input, state, plan.periodSeconds - 710, [gameId]);
    expect(without.blocks.map((b) => b.id)).not.toContain(gameId);
    expect(without.turns.after).toBeLessThan(without.turns.before);
  });

  it('says how far past the bell it is if even the shortest does not fit', () => {
    const rest = restOf(input, at(5, []), 120);
    expect(rest.secondsLeft).toBe(0);
    expect(rest.overSeconds).toBeGreaterThan(0);
  });

  it('has those who are here now in its groups', () => {
    const [gone] = plan.blocks[gameAt].game!.groups[0];
    const log = [event('g', 'presence', 20, { student: gone, status: 'absent', role: 'away' })];
    const rest = restOf(input, at(30, log), plan.periodSeconds - 30);
    expect(rest.blocks.find((b) => b.id === gameId)!.game!.groups.flat()).not.toContain(gone);
    expect(plan.blocks[gameAt].game!.groups.flat()).toContain(gone);
  });
});

describe('a replanned run', () => {
  const changed = edited({ kind: 'set-setting', blockId: gameId, key: 'laps', value: 1 });
  const longer = edited({ kind: 'set-seconds', blockId: gameId, seconds: 900 });
  const replan = (id: string, seconds: number, given = longer, log: RunEvent[] = []) =>
    event(id, 'replan', seconds, { blocks: restOf(given, at(seconds, log), plan.periodSeconds - seconds).blocks });

  it('goes on by the new plan, each play opened anew, and nothing that has begun changes', () => {
    const log = [replan('x', 30)];
    const state = at(before + 60, log);
    expect(state.plan.blocks[gameAt].seconds).toBe(900);
    expect(state.steps.filter((s) => s.block === gameAt).reduce((sum, s) => sum + s.seconds, 0)).toBe(900);
    expect(state.plays[gameId].flatMap((p) => everyoneIn(p.view)).sort()).toEqual(plan.blocks[gameAt].game!.groups.flat().sort());
    expect(at(29, log.slice(0, 0)).steps.slice(0, 2)).toEqual(state.steps.slice(0, 2));
  });

  it('leaves the block under way alone, even if the new plan holds it', () => {
    const late = before + 60;
    const now = at(late, []);
    const all = event('x', 'replan', late, { blocks: freeze(changed, fitUnweighed(changed)).blocks });
    const state = at(late + 1, [all]);
    expect(state.plan.blocks[gameAt]).toEqual(now.plan.blocks[gameAt]);
    expect(state.step).toBe(now.step);
    expect(state.plan.blocks.map((b) => b.id)).toEqual(plan.blocks.map((b) => b.id));
  });

  it('is as it was once the change is crossed out, and can be changed again', () => {
    const log = [replan('x', 30)];
    const strike = event('s', 'strike', 40, { target: 'x' });
    const { undoable: _, ...never } = at(before + 60, []);
    const { undoable: __, ...struck } = at(before + 60, [...log, strike]);
    expect(struck).toEqual(never);
    expect(at(35, log).undoable.map((e) => e.id)).toEqual(['x']);
    const twice = at(before + 60, [...log, replan('y', 50, input, log)]);
    expect(twice.plan.blocks[gameAt].seconds).not.toBe(900);
  });

  it('is followed as it is folded', () => {
    const log = [replan('x', 30)];
    const follow = followRun(plan, START);
    follow([], START + 20_000);
    for (const s of [31, before + 10, before + 400]) expect(follow(log, START + s * 1000)).toEqual(at(s, log));
  });

  it('ends after the block under way if nothing is left', () => {
    const none = event('x', 'replan', 30, { blocks: [] });
    const state = at(4000, [none]);
    expect(state.plan.blocks.length).toBe(at(30, []).steps[at(30, []).step].block + 1);
    expect(state).toMatchObject({ ended: false, remainingMs: 0 });
  });
});
