import { describe, expect, it } from 'vitest';
import { UPPER_YARD } from '../content/demo.ts';
import { demoDesk, lessonWith } from '../content/desk.fixture.ts';
import { shapesApart } from '../core/arrange/validate.ts';
import { fit, fitUnweighed } from '../core/fit/fit.ts';
import { speakIn } from '../core/formats/speak.ts';
import { originIn } from '../core/model/besideRoom.ts';
import { RoomId } from '../core/model/ids.ts';
import { partRoom } from '../core/model/partRoom.ts';
import { Period } from '../core/model/period.ts';
import { Room } from '../core/model/room.ts';
import { SchoolClass } from '../core/model/schoolClass.ts';
import { boxOf } from '../core/model/shape.ts';
import { findingWords } from '../core/words/en.ts';
import { besides, overlap, withDay } from './dayBeside.ts';
import type { DeskInput } from './deskInput.ts';

const base = demoDesk();
const at = (id: string, start: string, end: string, change: Partial<DeskInput> = {}): DeskInput => ({
  ...base,
  attendance: null,
  period: Period.parse({ ...base.period, id, start, end }),
  schoolClass: SchoolClass.parse({ ...base.schoolClass, name: `Class ${id}` }),
  ...change,
});

describe('gear of two lessons at the same time', () => {
  const mine = at('a', '10:00', '10:45');
  const theirs = at('b', '10:30', '11:15', { lesson: lessonWith('mill-sacks') });
  const later = at('c', '10:45', '11:30');

  it('is promised once: what the other lesson has at its fullest is not there', () => {
    const [desk] = withDay([mine], [theirs, later]);
    const { gear } = fitUnweighed({ ...theirs, lesson: theirs.lesson! });
    expect(desk.day!.claims).toEqual([{ to: 'Class b', gear: Object.fromEntries(gear.map((line) => [line.gearKind, line.need])) }]);
  });

  it('is a shortage that says who has it', () => {
    const cones = base.cupboard.find((g) => g.gearKind === 'beanbag')!;
    const day = { claims: [{ to: 'Class b', gear: { beanbag: cones.count - 1 } }] };
    const found = fit({ ...base, day }).findings.find((f) => f.code === 'gear-short' && f.at.gear === 'beanbag')!;
    const { why } = findingWords(found, speakIn('m'));
    expect(why).toContain(`1 left while Class b has ${cones.count - 1}`);
    expect(fit(base).findings.some((f) => f.code === 'gear-short' && f.at.gear === 'beanbag')).toBe(false);
  });

  it('is no matter for periods that follow one another, for other days, for one that has no lesson', () => {
    expect(overlap(mine.period, later.period)).toBe(false);
    expect(overlap(mine.period, theirs.period)).toBe(true);
    expect(overlap(mine.period, mine.period)).toBe(false);
    expect(withDay([mine, { ...later, room: UPPER_YARD }]).map((d) => d.day)).toEqual([undefined, undefined]);
    expect(withDay([mine], [{ ...theirs, lesson: null }])[0].day!.claims).toEqual([{ to: 'Class b', gear: {} }]);
  });
});

describe('floors of the same room on the same day', () => {
  const first = at('a', '10:00', '10:45');
  const second = at('b', '10:30', '11:15', { lesson: lessonWith('bridge-keepers') });
  const next = at('c', '10:50', '11:35', { lesson: lessonWith('bridge-keepers') });

  it('of the lesson before are read, and those of another room are not', () => {
    const [, desk] = withDay([first, next]);
    const game = fitUnweighed({ ...first, lesson: first.lesson! }).blocks.findLast((b) => b.game)!.game!;
    expect(desk.day!.floors).toMatchObject([{ to: 'Class a', when: 'before', gapSeconds: 300 }]);
    expect(desk.day!.floors![0].pieces).toEqual(game.pieces);
    expect(withDay([first, { ...next, room: UPPER_YARD }])[1].day).toBeUndefined();
    expect(besides(next.period, [first.period, second.period, next.period]).map((p) => p.id)).toEqual(['a', 'b']);
  });

  it('at the same time are taken: the lesson that has its floor later is arranged around them', () => {
    const few = { ...first, lesson: lessonWith('bridge-keepers', { groups: 2 }) };
    const [one, two] = withDay([few, { ...second, lesson: lessonWith('bridge-keepers', { groups: 2 }) }]);
    expect(one.day!.floors).toEqual([]);
    const [mine, theirs] = [one, two].map((d) => fitUnweighed({ ...d, lesson: d.lesson! }).blocks.find((b) => b.game)!.game!.pieces);
    expect(mine.length + theirs.length).toBe(4);
    for (const a of mine) for (const b of theirs) expect(shapesApart(a.shape, b.shape)).toBeGreaterThan(0);
    const alone = fitUnweighed({ ...two, lesson: two.lesson!, day: undefined }).blocks.find((b) => b.game)!.game!.pieces;
    expect(alone).not.toEqual(theirs);
  });

  it('are a stop that says whose they are if the teacher puts a place there, with a fix', () => {
    const few = { ...first, lesson: lessonWith('bridge-keepers', { groups: 2 }) };
    const [{ x, y }] = fitUnweighed({ ...few, lesson: few.lesson })
      .blocks.find((b) => b.game)!
      .game!.pieces.map((p) => boxOf(p.shape));
    const placed = { 'court-1': { value: { x: x + 1, y }, by: 'teacher', pinned: true } };
    const [, desk] = withDay([few, { ...second, lesson: lessonWith('bridge-keepers', { groups: 2 }, { placed }) }]);
    const found = fit({ ...desk, lesson: desk.lesson! }).findings.find((f) => f.code === 'too-near' && f.data.what === 'others')!;
    expect(findingWords(found, speakIn('m')).what).toContain('is where Class a plays');
    expect(found.fixes!.length).toBeGreaterThan(0);
  });

  it('cost time to change: told when there is too little of it, with the tape that can be reused', () => {
    const taped = at('t', '10:00', '10:45', { lesson: lessonWith('bridge-keepers', { groups: 4 }) });
    const soon = at('u', '10:46', '11:31', { lesson: lessonWith('bridge-keepers', { groups: 4, spacing: 'wide' }) });
    const [, desk] = withDay([taped, soon]);
    const found = fit({ ...desk, lesson: desk.lesson! }).findings.find((f) => f.code === 'floor-change-late')!;
    expect(found.data).toMatchObject({ to: 'Class t', gapSeconds: 60 });
    expect(Number(found.data.seconds)).toBeGreaterThan(60);
    expect(found.fixes!.map((f) => f.code)).toEqual(['reuse-tape']);
    const { what, why } = findingWords(found, speakIn('m'));
    expect(what).toMatch(/^Changing the floor after Class t takes \d/);
    expect(why).toMatch(/of tape off, \d+ m on/);
    const [, later] = withDay([taped, at('v', '12:00', '12:45', { lesson: soon.lesson })]);
    expect(fitUnweighed({ ...later, lesson: later.lesson! }).findings.some((f) => f.code === 'floor-change-late')).toBe(false);
  });

  it('of a part and of the whole room lie where they are: one lesson keeps out of the part that the other has', () => {
    const [curtain] = base.room.curtains;
    const part = Room.parse({ ...base.room, id: RoomId.parse('part'), ...partRoom(base.room, curtain, 1)! });
    const mine = at('a', '10:00', '10:45', { room: part, lesson: lessonWith('bridge-keepers', { groups: 2 }) });
    const theirs = at('b', '10:30', '11:15', { lesson: lessonWith('bridge-keepers', { groups: 2 }) });
    const [, whole] = withDay([mine, theirs]);
    const origin = originIn(part, base.room)!;
    const outline = part.outline.map((p) => ({ x: p.x + origin.x, y: p.y + origin.y }));
    expect(whole.day!.floors![0].part).toEqual(outline);
    const pieces = fitUnweighed({ ...whole, lesson: whole.lesson! }).blocks.find((b) => b.game)!.game!.pieces;
    expect(pieces.length).toBe(2);
    for (const { shape } of pieces) expect(shapesApart(shape, { shape: 'zone', outline })).toBeGreaterThanOrEqual(0);
    // The other way round the part sees what the whole has of it, in its own frame.
    const [, inPart] = withDay([{ ...theirs, period: { ...theirs.period, start: '09:30' } }, mine]);
    const own = fitUnweighed({ ...theirs, lesson: theirs.lesson! }).blocks.find((b) => b.game)!.game!.pieces;
    expect(inPart.day!.floors![0].pieces.map((p) => boxOf(p.shape).x)).toEqual(own.map((p) => boxOf(p.shape).x - origin.x));
    expect(inPart.day!.beside).toMatchObject([{ to: 'Class b', where: 'whole' }]);
  });

  it('behind a curtain are not in the way, but are heard: games with their noise and time, and what they stop on', () => {
    const [curtain] = base.room.curtains;
    const part = (side: 0 | 1) => Room.parse({ ...base.room, id: RoomId.parse(`part-${side}`), ...partRoom(base.room, curtain, side)! });
    const [one, two] = withDay([
      at('a', '10:00', '10:45', { room: part(0), lesson: lessonWith('orchard-rows') }),
      at('b', '10:00', '10:45', { room: part(1), lesson: lessonWith('mill-sacks') }),
    ]);
    expect([one, two].map((d) => d.day!.floors)).toEqual([[], []]);
    expect(one.day!.beside).toMatchObject([{ to: 'Class b', where: 'next', signals: [base.school.stopSignal], games: [{ noise: 3 }] }]);
    const codes = fit({ ...one, lesson: one.lesson! }).findings.map((f) => f.code);
    expect(codes).toEqual(expect.arrayContaining(['noise-beside', 'same-signal']));
  });
});
