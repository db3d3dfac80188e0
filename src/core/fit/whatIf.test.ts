import { describe, expect, it } from 'vitest';
import { GRADE_3B, ROOMS } from '../../content/demo.ts';
import { classOf, demoDesk, lessonWith, period } from '../../content/desk.fixture.ts';
import { insidePolygon } from '../geometry/point.ts';
import { Room } from '../model/room.ts';
import { meetingPoint } from '../model/shape.ts';
import { differenceWords, supposedWords } from '../words/whatIf.en.ts';
import { fitUnweighed } from './fit.ts';
import { fitDiff } from './fitDiff.ts';
import type { FitInput } from './fitted.ts';
import { halfOf, type SeenGroups, type Supposed, suppose, withoutGear } from './whatIf.ts';

const seenOf = (input: FitInput): SeenGroups =>
  Object.fromEntries(fitUnweighed(input).blocks.flatMap((b) => (b.game ? [[b.id, b.game.groups]] : [])));
function otherwise(input: FitInput, ...list: Supposed[]) {
  const supposed = suppose(input, list, seenOf(input));
  return { ...supposed, diff: fitDiff(fitUnweighed(input), fitUnweighed(supposed.input)) };
}
const change = (diff: ReturnType<typeof fitDiff>, code: string) => diff.changes.find((c) => c.code === code);

describe('suppose', () => {
  const base = demoDesk();

  it('three absent: as few as can be change group, and the groups are stuck down with it', () => {
    const groups = fitUnweighed(base).blocks.find((b) => b.game)!.game!.groups;
    const students = [groups[0][0], groups[0][1], groups[3][0]] as never[];
    const { input, edits, diff } = otherwise(base, { kind: 'absent', students });
    expect(Object.keys(input.attendance!.entries)).toEqual(students);
    expect(base.attendance).toBeNull();
    expect(edits).toHaveLength(1);
    expect(change(diff, 'playing')).toMatchObject({ from: 31, to: 28 });
    // 28 in nine groups of three or four: who is left alone in group 1 gets two, group 4 none.
    expect(change(diff, 'change-group')?.to ?? 0).toBeLessThanOrEqual(2);
  });

  it('ten minutes less, at either end, never under five minutes', () => {
    const late = otherwise(base, { kind: 'less-time', minutes: 10, at: 'start' });
    expect(late.input.period).toMatchObject({ start: '10:15', end: '10:50' });
    expect(change(late.diff, 'bell')).toMatchObject({ from: 2700, to: 2100 });
    const seconds = fitUnweighed(late.input).blocks.reduce((sum, b) => sum + b.seconds, 0);
    expect(seconds).toBeLessThanOrEqual(2100);
    expect(suppose(base, [{ kind: 'less-time', minutes: 90, at: 'end' }]).input.period.end).toBe('10:10');
  });

  it('half the room: at its curtain or across its longer side, all places inside, what was put by hand let go', () => {
    for (const room of ROOMS) {
      for (const side of [0, 1] as const) {
        const half = halfOf(room, side);
        if (!half) continue;
        expect(Room.parse(half).partOf).toBe(room.id);
        const area = half.outline.length;
        expect(area).toBeGreaterThanOrEqual(3);
        const pieces = fitUnweighed(demoDesk({ room: half })).blocks.flatMap((b) => b.game?.pieces ?? []);
        for (const p of pieces) expect(insidePolygon(half.outline, meetingPoint(p.shape))).toBe(true);
      }
    }
    const placed = { 'ribbon-arcs': { value: { x: 20, y: 2 }, by: 'teacher', pinned: true } };
    const put = demoDesk({ lesson: lessonWith('nine-mills', {}, { placed }) });
    const { input, edits } = suppose(put, [{ kind: 'half-room', side: 0 }]);
    expect(edits).toEqual([{ kind: 'place', blockId: 'game', pieceId: 'ribbon-arcs', at: null }]);
    expect(input.lesson.blocks.find((b) => b.game)!.game!.placed).toEqual({});
    expect(put.lesson.blocks.find((b) => b.game)!.game!.placed).toEqual(placed);
  });

  it('gear gone: taken from its entries in order, and what is then short is told', () => {
    const kind = fitUnweighed(base).gear.find((g) => g.need > 1)!;
    const { diff } = otherwise(base, { kind: 'gear-gone', gearKind: kind.gearKind, count: kind.have });
    expect(change(diff, 'gear-short')!.to).toBe(kind.need);
    expect(diff.fails.map((f) => f.code)).toContain('gear-short');
    const two = [
      { ...base.cupboard[0], id: 'a' as never, gearKind: 'scarf' as const, count: 2 },
      { ...base.cupboard[0], id: 'b' as never, gearKind: 'scarf' as const, count: 3 },
    ];
    expect(withoutGear(two, 'scarf', 4).map((g) => g.count)).toEqual([0, 1]);
    expect(withoutGear(two, 'scarf', 40).map((g) => g.count)).toEqual([0, 0]);
  });

  it('another class, or one that joins: groups and locks of the old one are given back', () => {
    const groups = fitUnweighed(base).blocks.find((b) => b.game)!.game!.groups;
    const locks = { students: [groups[0][0]], groups: [1] };
    const pinned = demoDesk({ lesson: lessonWith('nine-mills', {}, { groups: { value: groups, by: 'teacher', pinned: true }, locks }) });
    const other = otherwise(pinned, { kind: 'class', facts: GRADE_3B });
    const after = fitUnweighed(other.input).blocks.find((b) => b.game)!.game!;
    expect(after.groups.flat().sort()).toEqual(GRADE_3B.students.map((s) => s.id as string).sort());
    expect(other.input.lesson.blocks.find((b) => b.game)!.game).not.toHaveProperty('locks');
    const both = otherwise(base, { kind: 'joins', facts: GRADE_3B });
    expect(fitUnweighed(both.input).people.playing).toHaveLength(58);
    expect(both.diff.fails.length).toBeGreaterThan(0);
    const again = suppose(both.input, [{ kind: 'leaves', schoolClass: GRADE_3B.schoolClass }]).input;
    expect(again).toEqual(base);
  });

  it('changes the facts that are to be stored: the period’s room, class, guests and bells, and gear of one kind as often as it goes', () => {
    const facts = (...list: Supposed[]) => suppose(base, list).input;
    expect(facts({ kind: 'room', room: ROOMS[1] }).period.roomId).toBe(ROOMS[1].id);
    expect(facts({ kind: 'class', facts: GRADE_3B }).period.classId).toBe(GRADE_3B.schoolClass.id);
    const joined = facts({ kind: 'joins', facts: GRADE_3B });
    expect(joined.period.guests).toEqual([GRADE_3B.schoolClass.id]);
    // A class that comes instead brings no guests, and is none of its own.
    expect(suppose(joined, [{ kind: 'class', facts: GRADE_3B }]).input.period.guests).toBeUndefined();
    const kind = base.cupboard.find((g) => g.count >= 5)!;
    const gone: Supposed = { kind: 'gear-gone', gearKind: kind.gearKind, count: 2 };
    const total = (input: FitInput) => input.cupboard.reduce((sum, g) => sum + (g.gearKind === kind.gearKind ? g.count : 0), 0);
    expect(total(facts(gone, gone))).toBe(total(base) - 4);
    expect(facts({ kind: 'absent', students: [] }).period).toBe(base.period);
  });

  it('in another period: its class, room, bell and attendance, the lesson as it is', () => {
    const desk = { ...demoDesk({ period: period('09:00', '09:30'), room: ROOMS[1] }), ...GRADE_3B };
    const { lesson: _, ...rest } = desk;
    const { input } = suppose(base, [{ kind: 'period', desk: rest }]);
    expect(input.room).toBe(ROOMS[1]);
    expect(input.schoolClass).toBe(GRADE_3B.schoolClass);
    expect(input.lesson.id).toBe(base.lesson.id);
  });

  it('adds up, in any order the same, and nothing supposed changes nothing', () => {
    const list: Supposed[] = [
      { kind: 'less-time', minutes: 10, at: 'end' },
      { kind: 'half-room', side: 1 },
      { kind: 'absent', students: base.students.slice(0, 3).map((s) => s.id) },
    ];
    const seen = seenOf(base);
    const one = suppose(base, list, seen).input;
    const other = suppose(base, [...list].reverse(), seen).input;
    expect(fitUnweighed(one)).toEqual(fitUnweighed(other));
    expect(suppose(base, [], seen)).toEqual({ input: base, edits: [] });
    expect(fitDiff(fitUnweighed(base), fitUnweighed(base))).toEqual({ changes: [], fails: [], mended: [] });
  });

  it('has words for everything supposed and every difference', () => {
    const { lesson: _, ...desk } = base;
    const list: Supposed[] = [
      { kind: 'absent', students: base.students.slice(0, 3).map((s) => s.id) },
      { kind: 'less-time', minutes: 10, at: 'end' },
      { kind: 'half-room', side: 1 },
      { kind: 'room', room: ROOMS[1] },
      { kind: 'gear-gone', gearKind: 'disc', count: 2 },
      { kind: 'class', facts: GRADE_3B },
      { kind: 'joins', facts: GRADE_3B },
      { kind: 'leaves', schoolClass: GRADE_3B.schoolClass },
      { kind: 'period', desk },
    ];
    for (const what of list) {
      expect(supposedWords(what, (id) => id)).toMatch(/\S{2}/);
      for (const c of otherwise(base, what).diff.changes) {
        const { label, numbers } = differenceWords(c);
        expect(`${label} ${numbers}`).not.toMatch(/undefined|NaN/);
      }
    }
    expect(differenceWords({ code: 'group-size', block: 'x', from: 3, to: 3, most: { from: 4, to: 3 } }).numbers).toBe('3–4 → 3');
  });

  it('copes with everybody absent and a class of 40', () => {
    const all = otherwise(base, { kind: 'absent', students: base.students.map((s) => s.id) });
    expect(all.diff.fails.map((f) => f.code)).toContain('nobody-plays');
    const forty = classOf(40);
    expect(
      fitUnweighed(suppose(base, [{ kind: 'class', facts: { ...GRADE_3B, students: forty, ratings: [], wishes: [] } }]).input).people
        .playing,
    ).toHaveLength(40);
  });
});
