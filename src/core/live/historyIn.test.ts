import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { fit, fitUnweighed } from '../fit/fit.ts';
import type { FitInput } from '../fit/fitted.ts';
import { speakIn } from '../formats/speak.ts';
import { pairKey } from '../groups/traits.ts';
import type { Run } from '../model/run.ts';
import { roleRota } from '../rotation/roleRota.ts';
import { findingWords } from '../words/en.ts';
import type { AttemptsOnDay } from './attemptsIn.ts';
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

describe('stages that a class has met', () => {
  const desk = demoDesk({ lesson: lessonWith('lantern-roll', { step: 2, enough: 5 }) });
  const [ada, bo, cy] = desk.students.map((s) => s.id as string);
  const day = (date: string, player: string, step: number, made: number, tries = 10): AttemptsOnDay => {
    const stepId = ['near-big', 'near-one', 'middle', 'narrow', 'far'][step];
    const suggest = made / tries >= 0.8 ? 1 : made / tries <= 0.4 ? -1 : 0;
    return {
      date,
      game: 'Lantern roll',
      player,
      step,
      stepId,
      tries,
      alone: made,
      helped: 0,
      made: { alone: made, word: 0, model: 0, hand: 0 },
      fallen: 0,
      suggest,
    };
  };
  const attempts = [
    day('2026-09-01', ada, 1, 9),
    day('2026-09-03', ada, 1, 10),
    day('2026-09-03', ada, 2, 6),
    day('2026-09-01', bo, 1, 2),
    day('2026-09-03', bo, 1, 4),
    day('2026-09-01', cy, 1, 9),
    day('2026-09-01', cy, 1, 9),
  ];
  const history = historyIn([], attempts);
  const lanes = (given: FitInput) => fitUnweighed(given).blocks.find((b) => b.game)!.game!;
  const stepOf = (given: FitInput, player: string) =>
    (lanes(given).plays as { player: string; step: number }[]).find((p) => p.player === player)!.step;

  it('are told by day: how often tried, how often well enough for a harder one, how often too hard', () => {
    expect(history.stages['near-one'][ada]).toEqual({ days: 2, up: 2, down: 0 });
    expect(history.stages['near-one'][bo]).toEqual({ days: 2, up: 0, down: 2 });
    expect(history.stages['near-one'][cy], 'twice on one day is one day').toEqual({ days: 1, up: 1, down: 0 });
    expect(history.stages.middle[ada]).toEqual({ days: 1, up: 0, down: 0 });
  });

  it('decide where each begins: beyond what went well on two days, one back from what went badly on two', () => {
    const given = { ...desk, history };
    expect([ada, bo, cy].map((id) => stepOf(given, id))).toEqual([2, 0, 1]);
    expect([ada, bo, cy].map((id) => stepOf(desk, id))).toEqual([1, 1, 1]);
    const same = demoDesk({ lesson: lessonWith('lantern-roll', { step: 2, startAt: 'same' }), history });
    expect(stepOf(same, ada)).toBe(1);
  });

  it('make the lanes as long as the farthest step needs, and say so with a fix', () => {
    const long = (given: FitInput) => lanes(given).things.find((t) => t.laid === 'lane')!.lengthM;
    expect(long({ ...desk, history })).toBeGreaterThan(long(desk));
    const note = fit({ ...desk, history }).findings.find((f) => f.code === 'lane-own-starts')!;
    expect(findingWords(note, speakIn('m')).what).toBe('1 student starts further on, 1 at an easier step');
    expect(note.fixes!.map((f) => f.code)).toEqual(['same-start']);
    expect(fitUnweighed(desk).findings.some((f) => f.code === 'lane-own-starts')).toBe(false);
  });
});
