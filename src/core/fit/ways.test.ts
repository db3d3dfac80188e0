import { beforeAll, describe, expect, it } from 'vitest';
import { LESSONS } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { applyEdit } from '../model/edit.ts';
import { findingKey } from '../model/finding.ts';
import type { FormatId } from '../model/game.ts';
import type { Attendance } from '../model/period.ts';
import { heldBackWords } from '../words/ways.en.ts';
import { fitUnweighed } from './fit.ts';
import type { FitInput, FittedBlock } from './fitted.ts';
import { rankWays } from './rankWays.ts';
import { fitWords, speakPlain } from './ways.fixture.ts';
import { NEAR, searchWays, type WaysFound } from './ways.ts';
import { type Measure, MORE_IS_BETTER } from './waysMeasured.ts';

/** The demo class of 31 with three absent. */
function threeAway(lesson: FitInput['lesson']): FitInput {
  const base = demoDesk({ lesson });
  const entries = Object.fromEntries(base.students.slice(4, 7).map((s) => [s.id, { status: 'absent' as const, role: 'away' as const }]));
  return { ...base, attendance: { entries } as Attendance };
}
function found(input: FitInput, blockId: string): WaysFound {
  const search = searchWays(input, blockId);
  for (let step = search.next(), before = 0; ; step = search.next()) {
    if (step.done) return step.value;
    expect(step.value.done).toBeGreaterThanOrEqual(before);
    before = step.value.done;
  }
}
/** The longest any group stands in overflow without a bout at a station between, by walking the timeline. */
function longestWait(block: FittedBlock): number {
  const { timeline, groups } = block.game!;
  return Math.max(
    0,
    ...groups.map(([first]) => {
      let longest = 0;
      let from: number | undefined;
      for (const round of timeline.bouts) {
        if ((round.stays.find((s) => s.members.includes(first))?.piece ?? -1) >= 0) from = undefined;
        else {
          from ??= round.at;
          longest = Math.max(longest, round.until - from);
        }
      }
      return longest;
    }),
  );
}
/** The longest wait in a line, by the rules: who errs waits as many rallies as the line is long, at most all there are. */
function longestLine({ game }: FittedBlock): number {
  const { positions, rallySeconds } = game!.values as { positions: number; rallySeconds: number };
  const rallied = game!.timeline.bouts.reduce((sum, r) => sum + r.until - r.at, 0);
  return Math.max(0, ...game!.groups.map((g) => Math.min(rallied, Math.max(0, g.length - positions) * rallySeconds)));
}
/** Where the prediction is a closed form: the same wait, to the second, by walking the timeline. */
const WAITS: Partial<Record<FormatId, (block: FittedBlock) => number>> = { stations: longestWait, 'advance-court': longestLine };

const games = Object.values(LESSONS).flatMap((lesson) => lesson.blocks.filter((b) => b.game).map((b) => [b.title, lesson, b.id] as const));

describe('searchWays', () => {
  const all = new Map<string, { input: FitInput; found: WaysFound }>();
  beforeAll(() => {
    for (const [, lesson, id] of games) {
      const input = threeAway(lesson);
      all.set(id, { input, found: found(input, id) });
    }
  });

  it.each(games)('%s: every way is what the lesson then is, and adds nothing that stops it', (_title, _lesson, id) => {
    const { input, found: result } = all.get(id)!;
    const today = result.ways[0];
    expect(today.today).toBe(true);
    expect(result.tried).toBeGreaterThan(40);
    for (const way of result.ways) {
      const applied = way.edits.length
        ? applyEdit(input.lesson, { kind: 'many', edits: way.edits })
        : { ok: true as const, lesson: input.lesson };
      if (!applied.ok) throw new Error(`way does not apply: ${way.key}`);
      const fitted = fitUnweighed({ ...input, lesson: applied.lesson });
      const block = fitted.blocks.find((b) => b.id === id)!;
      expect(block.game!.forecast.activeShare.mean).toBe(way.measures.activeShare);
      expect(block.game!.pieces).toEqual(way.pieces);
      expect(way.measures.waitSeconds).toBe(WAITS[block.game!.format as FormatId]!(block));
      const stops = fitted.findings.filter((f) => f.weight === 'stop' && (f.at.block ?? id) === id).map(findingKey);
      for (const stop of stops) expect(today.stops).toContain(stop);
      expect(way.measures.gearShort).toBeLessThanOrEqual(today.measures.gearShort);
    }
  });

  it.each(games)('%s: no way beats another in everything but, it may be, today’s', (_title, _lesson, id) => {
    const { ways } = all.get(id)!.found;
    const measures = Object.keys(MORE_IS_BETTER) as Measure[];
    for (const a of ways) {
      for (const b of ways) {
        if (a === b || b.today || a.stops.length > b.stops.length) continue;
        const gains = measures.map((m) => (MORE_IS_BETTER[m] ? 1 : -1) * (a.measures[m] - b.measures[m]));
        expect(gains.every((g) => g >= 0) && gains.some((g, i) => g > NEAR[measures[i]])).toBe(false);
      }
    }
  });

  it('tries sharing, courts, smaller groups, two rounds, doubled stations and half the class', () => {
    const seen = new Set<string>();
    const six = demoDesk({ lesson: lessonWith('nine-mills', { picks: demoPicks(6) }) });
    for (const { ways, left } of [...[...all.values()].map((a) => a.found), found(six, 'game')]) {
      for (const w of ways) for (const c of w.choices) seen.add(c.code);
      for (const l of left) seen.add(l.choice.code);
    }
    for (const code of ['share-all', 'courts', 'groups', 'add-lap', 'bouts', 'double-stations', 'half-class', 'task-in-line'])
      expect(seen).toContain(code);
  });

  it('is the same every time, and has words for everything in it', () => {
    const [, lesson, id] = games[0];
    const { input, found: result } = all.get(id)!;
    expect(found(threeAway(lesson), id)).toEqual(result);
    expect(input.students).toHaveLength(31);
    for (const { found: each } of all.values()) {
      for (const code of [...each.ways.flatMap((w) => w.choices), ...each.left.map((l) => l.choice)]) expect(fitWords(code)).toMatch(/^\S/);
      expect(speakPlain(rankWays(each.ways, ['activeShare', 'turns', 'adults']))).not.toContain('undefined');
    }
  });

  it('has titles of choices that do not contradict the way: no count that another choice changes', () => {
    for (const { found: each } of all.values())
      for (const way of each.ways) for (const title of way.choices.map((c) => fitWords(c))) expect(title).not.toMatch(/wait/);
  });

  it('has no ways for a block that is no game, or nobody’s', () => {
    expect(found(demoDesk(), 'mills-water').ways).toEqual([]);
    expect(found(demoDesk(), 'nothing').ways).toEqual([]);
  });

  it('copes with one student, none and 200', () => {
    for (const count of [0, 1, 200]) {
      const base = demoDesk();
      const students = Array.from({ length: count }, (_, i) => ({ ...base.students[0], id: `s${i}` as never }));
      const { ways } = found({ ...base, students, ratings: [], wishes: [] }, 'mills-game');
      expect(ways[0].today).toBe(true);
    }
  });
});

describe('rankWays', () => {
  it('puts first what the teacher puts first, and never a way with a stop before one without', () => {
    const { ways } = found(threeAway(LESSONS.bridges), LESSONS.bridges.blocks.find((b) => b.game)!.id);
    for (const measure of ['activeShare', 'setUpMinutes', 'turns', 'floorShare'] as Measure[]) {
      const ranked = rankWays(ways, [measure, 'evenness', 'adults']);
      expect(ranked.map((w) => w.rank)).toEqual(ranked.map((_, i) => i + 1));
      const values = ranked.filter((w) => !w.stops.length).map((w) => w.measures[measure]);
      const best = MORE_IS_BETTER[measure] ? Math.max(...values) : Math.min(...values);
      const step = { activeShare: 0.01, setUpMinutes: 1, turns: 0.1, floorShare: 0.01 }[measure as 'turns']!;
      expect(Math.abs(values[0] - best)).toBeLessThanOrEqual(step + 1e-9);
      // Those that fit are in the very order of what was put first, as it is told.
      const told = ranked.filter((w) => !w.stops.length && !w.measures.gearShort).map((w) => Math.round(w.measures[measure] / step));
      expect(told).toEqual([...told].sort((a, b) => (MORE_IS_BETTER[measure] ? b - a : a - b)));
      expect(ranked.map((w) => Math.min(1, w.stops.length))).toEqual(ranked.map((w) => Math.min(1, w.stops.length)).sort());
    }
  });

  it('says where a stop or missing gear is why a way is not higher', () => {
    const { ways } = found(threeAway(LESSONS.bridges), LESSONS.bridges.blocks.find((b) => b.game)!.id);
    const [good, other] = ways;
    const best = { ...other, key: 'best', measures: { ...other.measures, activeShare: 1, gearShort: 0 } };
    const stopped = { ...best, key: 'stopped', stops: ['a', 'b'] };
    const short = { ...best, key: 'short', measures: { ...best.measures, gearShort: 1 } };
    const plain = { ...good, stops: [], measures: { ...good.measures, gearShort: 0, activeShare: 0.5 } };
    const ranked = rankWays([stopped, short, plain], ['activeShare', 'turns', 'adults']);
    expect(ranked.map((w) => [w.key, w.heldBack])).toEqual([
      [plain.key, undefined],
      ['short', 'gear'],
      ['stopped', 'stops'],
    ]);
    expect(ranked.map(heldBackWords)).toEqual(['', 'Would be higher, but 1 of its gear is short', 'Would be higher, but 2 checks stop it']);
    expect(
      rankWays([plain, { ...stopped, measures: { ...stopped.measures, activeShare: 0.1 } }], ['activeShare'])[1].heldBack,
    ).toBeUndefined();
  });
});

function demoPicks(count: number): string[] {
  const game = demoDesk().games.find((g) => g.id === 'nine-mills')!;
  return (game.setup as { stations: { id: string }[] }).stations.slice(0, count).map((s) => s.id);
}
