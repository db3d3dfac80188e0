import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import type { FitInput } from '../fit/fitted.ts';
import { pairKey } from '../groups/traits.ts';
import type { Run } from '../model/run.ts';
import { roleRota } from '../rotation/roleRota.ts';
import { freeze } from './freeze.ts';
import { historyIn } from './historyIn.ts';

const input = demoDesk({ lesson: lessonWith('wind-and-leaves', { hunters: 3, bouts: 2 }) });
const runOf = (given: FitInput) => ({ plan: freeze(given, fitUnweighed(given)) }) as unknown as Run;
const huntersIn = (run: Run) => historyIn([run]).roles.hunter ?? {};
const players = input.students.map((s) => s.id as string);

describe('what a class has had', () => {
  it('is who met whom and who had which role, over all its lessons', () => {
    const run = runOf(input);
    const stations = runOf(demoDesk());
    const { met, roles, lessons } = historyIn([run, stations, stations]);
    expect(lessons).toBe(3);
    expect(Object.values(roles.hunter).reduce((sum, n) => sum + n, 0)).toBe(6);
    const [a, b] = (stations.plan.blocks.find((block) => 'game' in block) as unknown as { game: { groups: string[][] } }).game.groups[0];
    expect(met[pairKey(a, b)]).toBeGreaterThanOrEqual(2);
  });

  it('gives hunting to those who have hunted least: after enough lessons everyone has, and about equally often', () => {
    const runs: Run[] = [];
    for (let lesson = 0; lesson < 11; lesson++) runs.push(runOf({ ...input, history: historyIn(runs) }));
    const times = historyIn(runs).roles.hunter;
    const counts = players.map((id) => times[id] ?? 0);
    expect(Math.min(...counts)).toBeGreaterThan(0);
    expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
    expect(huntersIn(runs[0])).not.toEqual(huntersIn(runs[1]));
  });

  it('lets others feed and guard first', () => {
    const clash = (gameId: string, role: string) => {
      const given = demoDesk({ lesson: lessonWith(gameId) });
      const first = runOf(given);
      const second = runOf({ ...given, history: historyIn([first]) });
      const had = Object.keys(historyIn([first]).roles[role]);
      expect(had.length).toBeGreaterThan(0);
      expect(Object.keys(historyIn([second]).roles[role]).filter((id) => had.includes(id))).toEqual([]);
    };
    clash('mill-sacks', 'feeder');
    clash('bell-rows', 'guard');
  });
});

describe('a rota that evens out what was had', () => {
  it('keeps seats and rounds, and brings totals within one of one another', () => {
    const ids = ['a', 'b', 'c', 'd', 'e'];
    const had = { caller: { a: 3, b: 1 }, keeper: { c: 2 } };
    const roles = [
      { id: 'caller', seats: 1 },
      { id: 'keeper', seats: 2 },
    ];
    const { rounds } = roleRota({ players: ids, roles, rounds: 4, had });
    for (const round of rounds) {
      expect([round.caller.length, round.keeper.length]).toEqual([1, 2]);
      expect(new Set([...round.caller, ...round.keeper]).size).toBe(3);
    }
    const called = ids.map((id) => (had.caller[id as 'a'] ?? 0) + rounds.filter((r) => r.caller.includes(id)).length);
    expect(called).toEqual([3, 2, 1, 1, 1].map((n, i) => (i === 1 ? called[1] : n)));
    expect(called.reduce((sum, n) => sum + n, 0)).toBe(8);
    expect(Math.max(...called.slice(1)) - Math.min(...called.slice(1))).toBeLessThanOrEqual(1);
  });

  it('without anything had is the same as before', () => {
    const request = { players: ['a', 'b', 'c'], roles: [{ id: 'x', seats: 1 }], rounds: 5 };
    expect(roleRota({ ...request, had: undefined })).toEqual(roleRota(request));
  });
});
