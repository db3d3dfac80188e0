import { describe, expect, it } from 'vitest';
import { demoPeriods, GRADE_3B, LESSONS } from '../../content/demo.ts';
import { classOf, demoAttendance, demoDesk, lessonWith, period } from '../../content/desk.fixture.ts';
import { boxed } from '../model/boxed.fixture.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import { findingKey } from '../model/finding.ts';
import { newHeader } from '../model/record.ts';
import { plainRoom, Room, rectangleOutline } from '../model/room.ts';
import { Wish } from '../model/student.ts';
import { fit, fitUnweighed } from './fit.ts';
import type { FitInput } from './fitted.ts';
import { expectMended } from './mended.fixture.ts';
import { openFindings } from './openFindings.ts';

const codes = (input: FitInput) => fit(input).findings.map((f) => f.code);
const NINE = ['ribbon-arcs', 'gate-lanes', 'stone-slide', 'bell-toss', 'low-net', 'two-catch', 'step-stones', 'disc-to-hand', 'windmill'];

describe('fit, the demo day', () => {
  it('has two periods ready and one with problems on purpose', () => {
    const day = demoPeriods('2026-09-07');
    const weather = demoDesk({ ...GRADE_3B, lesson: LESSONS.weather, period: day[0] });
    const mills = demoDesk({ period: day[1], attendance: demoAttendance(day[1].id) });
    const orchard = demoDesk({ lesson: LESSONS.orchard, period: day[2] });
    for (const input of [weather, mills]) expect(openFindings(input, fit(input))).toEqual([]);
    expect(openFindings(orchard, fit(orchard)).length).toBeGreaterThanOrEqual(5);
  });

  it('can be mended wholly by taking the first fix offered, again and again', () => {
    let input = demoDesk({ lesson: LESSONS.orchard });
    for (let step = 0; step < 12; step++) {
      const open = openFindings(input, fit(input));
      const next = open.find((f) => f.fixes?.length);
      if (!next) break;
      const applied = applyEdit(input.lesson, { kind: 'many', edits: [...next.fixes![0].edits] as Edit[] });
      if (!applied.ok) throw new Error(applied.code);
      input = { ...input, lesson: applied.lesson };
    }
    expect(openFindings(input, fit(input)).map((f) => f.code)).toEqual([]);
  });

  it('puts each student in exactly one group and fills the bell to the second', () => {
    const fitted = fit(demoDesk());
    const { groups } = fitted.blocks.find((b) => b.game)!.game!;
    expect(groups.flat()).toHaveLength(31);
    expect(new Set(groups.flat()).size).toBe(31);
    expect(fitted.blocks.reduce((sum, b) => sum + b.seconds, 0) + fitted.spareSeconds).toBe(45 * 60);
    let at = 0;
    for (const block of fitted.blocks) {
      expect(block.at).toBe(at);
      at += block.seconds;
    }
  });

  it('is pure: frozen input, same answer, plain data', () => {
    const input = demoDesk({ lesson: LESSONS.orchard });
    const copy = structuredClone(input);
    const one = fit(input);
    expect(fit(structuredClone(input))).toEqual(one);
    expect(input).toEqual(copy);
    expect(structuredClone(one)).toEqual(one);
    expect(fitUnweighed(input).numbers).toEqual(one.numbers);
  });
});

describe('fit, the checks', () => {
  it('class larger than total capacity', () => {
    const input = demoDesk({ lesson: lessonWith('nine-mills', { picks: NINE.slice(0, 3), areaWidthM: 3, areaDepthM: 1.5, spacingM: 2 }) });
    const { data } = expectMended(input, 'class-over-capacity');
    expect(data).toMatchObject({ playing: 31, stations: 3, total: 3 * Number(data.capacity) });
  });

  it('one station fuller than the spacing allows', () => {
    const ids = demoDesk().students.map((s) => s.id);
    const groups = [ids.slice(0, 12), ...Array.from({ length: 8 }, (_, g) => ids.slice(12 + g * 3, 15 + g * 3)).slice(0, 7), []];
    groups[8] = ids.filter((id) => !groups.flat().includes(id));
    const input = demoDesk({
      lesson: lessonWith('nine-mills', { spacingM: 2 }, { groups: { value: groups, by: 'teacher', pinned: true } }),
    });
    expectMended(input, 'station-capacity');
  });

  it('a unit that does not fit on the floor', () => {
    const small = Room.parse({
      ...newHeader('room', 3),
      id: 'small',
      name: 'Small',
      ...plainRoom(rectangleOutline(15, 11)),
    });
    const input = demoDesk({ room: small, lesson: lessonWith('nine-mills') });
    const { data } = expectMended(input, 'unit-does-not-fit');
    const game = fit(input).blocks.find((b) => b.game)!.game!;
    expect(game.pieces.length + game.unplaced.length).toBe(9);
    expect(data).toMatchObject({ wanted: 9, placed: game.pieces.length });
  });

  const placed = (x: number, y: number) => ({ placed: { windmill: { value: { x, y }, by: 'teacher', pinned: true } } });
  it('too near a wall, a door, a keep-out; outside; on another', () => {
    const near = (x: number, y: number) => demoDesk({ lesson: lessonWith('nine-mills', {}, placed(x, y)) });
    expect(expectMended(near(6, 11.9), 'too-near').data).toMatchObject({ what: 'wall' });
    expect(expectMended(near(1, 0.5), 'too-near').weight).toBe('stop');
    expect(expectMended(near(18, 6.5), 'too-near').at.near).toContain('post');
    expectMended(near(30, 3), 'piece-outside');
    const [first, second] = boxed(fit(demoDesk()).blocks.find((b) => b.game)!.game!.pieces);
    const stuck = (x: number, y: number) => ({ value: { x, y }, by: 'teacher' as const, pinned: true });
    const both = { placed: { [first.id]: stuck(first.x, first.y), [second.id]: stuck(first.x + 0.5, first.y) } };
    expectMended(demoDesk({ lesson: lessonWith('nine-mills', {}, both) }), 'pieces-too-close');
  });

  it('arranges the rest around what is stuck down, and moves nothing else', () => {
    const plain = boxed(fit(demoDesk()).blocks.find((b) => b.game)!.game!.pieces);
    const [first, second] = plain;
    const onSecond = { placed: { [first.id]: { value: { x: second.x, y: second.y }, by: 'teacher' as const, pinned: true } } };
    const fitted = fit(demoDesk({ lesson: lessonWith('nine-mills', {}, onSecond) }));
    const after = boxed(fitted.blocks.find((b) => b.game)!.game!.pieces);
    expect(after[0]).toMatchObject({ x: second.x, y: second.y, pinned: true });
    expect(fitted.findings.filter((f) => f.code === 'pieces-too-close')).toEqual([]);
    const moved = after.filter((p, i) => i > 0 && (p.x !== plain[i].x || p.y !== plain[i].y));
    expect(moved.map((p) => p.id)).toEqual([second.id]);
  });

  it('the bell, and by how much', () => {
    const input = demoDesk({ lesson: lessonWith('nine-mills', { laps: 3 }), period: period('10:05', '10:35') });
    const { data } = expectMended(input, 'over-bell');
    const fitted = fit(input);
    const needed = fitted.blocks.reduce((sum, b) => sum + b.seconds, 0);
    expect(data.over).toBe(needed - 30 * 60);
  });

  it('a stay outside the band, short and long', () => {
    expectMended(demoDesk({ lesson: lessonWith('nine-mills', { workSeconds: 30 }) }), 'stay-outside-band');
    expectMended(demoDesk({ lesson: lessonWith('nine-mills', { workSeconds: 400, picks: NINE.slice(0, 3) }) }), 'stay-outside-band');
  });

  it('explaining too long', () => {
    const lesson = lessonWith('nine-mills');
    lesson.blocks[1].seconds = { value: 400, by: 'teacher', pinned: true };
    const { data } = expectMended(demoDesk({ lesson }), 'explaining-too-long');
    expect(data).toMatchObject({ seconds: 400, most: 180 });
  });

  it('gear short: every idea that works is offered with what it changes', () => {
    const cupboard = demoDesk().cupboard.map((g) => (g.gearKind === 'scarf' ? { ...g, count: 4 } : g));
    const { data } = expectMended(demoDesk({ cupboard }), 'gear-short');
    expect(data).toMatchObject({ gearKind: 'scarf', have: 4, need: 12, short: 8 });
  });

  it('an odd one without a task', () => {
    expectMended(demoDesk({ lesson: lessonWith('nine-mills', { oddTask: 'none' }) }), 'odd-one-idle', 3);
  });

  it('a keep-apart pair together', () => {
    const base = demoDesk();
    const { groups } = fit(base).blocks.find((b) => b.game)!.game!;
    const [a, b] = groups[0];
    const wish = Wish.parse({ ...newHeader('wish', 1), id: 'w', classId: base.schoolClass.id, wish: 'apart', students: [a, b] });
    const input = demoDesk({
      wishes: [wish],
      lesson: lessonWith('nine-mills', {}, { groups: { value: groups, by: 'teacher', pinned: true } }),
    });
    expectMended(input, 'apart-together', 2);
  });

  it('no stop signal on the card', () => {
    const base = demoDesk();
    const input = demoDesk({ school: { ...base.school, stopSignal: '' } });
    expectMended(input, 'no-stop-signal');
    const cards = fit(base).blocks.find((b) => b.game)!.game!.cards;
    expect(cards.every((c) => c.lines.some((l) => l.code === 'stop'))).toBe(true);
  });

  it('nobody, no game, a game that is gone: said, not thrown', () => {
    const away = Object.fromEntries(demoDesk().students.map((s) => [s.id, { status: 'absent' as const, role: 'away' as const }]));
    expect(codes(demoDesk({ attendance: { ...demoAttendance('p'), entries: away } }))).toContain('nobody-plays');
    expect(codes(demoDesk({ lesson: { ...LESSONS.mills, blocks: [LESSONS.mills.blocks[0]] } }))).toContain('no-game');
    expect(codes(demoDesk({ lesson: lessonWith('no-such-game') }))).toContain('game-missing');
    expect(codes(demoDesk({ students: [] }))).toContain('nobody-plays');
  });
});

describe('fit, choices stay', () => {
  it('groups the teacher stuck down are disturbed least by absences', () => {
    const base = demoDesk();
    const { groups } = fit(base).blocks.find((b) => b.game)!.game!;
    const lesson = lessonWith('nine-mills', {}, { groups: { value: groups, by: 'teacher', pinned: true } });
    const without = (away: string) => {
      const entries = { [away]: { status: 'absent' as const, role: 'away' as const } };
      return fit(demoDesk({ lesson, attendance: { ...demoAttendance('p'), entries } }));
    };
    const large = groups.findIndex((g) => g.length === 4);
    const [away] = groups[large];
    const after = without(away);
    expect(after.blocks.find((b) => b.game)!.game!.groups.map((g, i) => (i === large ? [away, ...g] : g))).toEqual(groups);
    expect(after.findings.map((f) => f.code)).not.toContain('groups-evened');
    // One less of three would leave two beside four: one changes group, and is named.
    const small = groups.findIndex((g) => g.length === 3);
    const evened = without(groups[small][0]);
    const moved = evened.blocks
      .find((b) => b.game)!
      .game!.groups.flatMap((g, i) => g.filter((id) => groups.findIndex((was) => was.includes(id)) !== i));
    expect(moved).toHaveLength(1);
    expect(evened.findings.find((f) => f.code === 'groups-evened')?.data).toEqual({ moved });
  });

  it('what is accepted with a reason is closed until it is about something else', () => {
    const input = demoDesk({ lesson: lessonWith('nine-mills', { workSeconds: 30 }) });
    const finding = fit(input).findings.find((f) => f.code === 'stay-outside-band')!;
    const lesson = { ...input.lesson, accepted: [{ key: findingKey(finding), reason: 'short on purpose' }] };
    expect(openFindings({ lesson }, fit({ ...input, lesson })).map((f) => f.code)).not.toContain('stay-outside-band');
  });

  it('sizes from 1 to 60 students never throw', () => {
    for (const count of [1, 2, 3, 11, 40, 60]) {
      const students = classOf(count);
      const fitted = fit(demoDesk({ students, ratings: [], wishes: [] }));
      expect(fitted.blocks.find((b) => b.game)!.game!.groups.flat()).toHaveLength(count);
    }
  });
});
