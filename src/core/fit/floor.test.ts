import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { HOUSE_DEFAULTS } from '../model/band.ts';
import { boxed } from '../model/boxed.fixture.ts';
import { usualThing } from '../model/fixedThing.ts';
import { type LaidPiece, newLaid } from '../model/laidPiece.ts';
import { newHeader } from '../model/record.ts';
import { plainRoom, Room, rectangleOutline } from '../model/room.ts';
import { laneRunOut } from '../safety/floorZones.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';
import { expectMended } from './mended.fixture.ts';

const hall = (change: object = {}) =>
  Room.parse({ ...newHeader('room', 3), id: 'hall', name: 'Hall', ...plainRoom(rectangleOutline(26, 15)), ...change });
let made = 0;
const laid = (kind: LaidPiece['laid'], x: number, y: number, more: Partial<LaidPiece> = {}): LaidPiece => ({
  ...newLaid(kind, `${kind}-${++made}`, { x, y }),
  ...more,
});
/** A lesson whose closing block holds these pieces, no game on that floor. */
function desk(pieces: LaidPiece[], change: Partial<FitInput> = {}): FitInput {
  const lesson = lessonWith('nine-mills');
  const blocks = lesson.blocks.map((b) => (b.id === 'close' ? { ...b, laid: pieces } : b));
  return demoDesk({ room: hall(), lesson: { ...lesson, blocks }, ...change });
}
const codes = (input: FitInput) =>
  fit(input)
    .findings.filter((f) => f.at.block === 'close')
    .map((f) => f.code);
const lane = (x: number, y: number, turnedDeg: number, more: Partial<LaidPiece> = {}) =>
  laid('lane', x, y, { lengthM: 6, turnedDeg, use: 'throw', ...more });

describe('lanes', () => {
  it('side by side in one direction are right', () => {
    expect(codes(desk([lane(6, 6, 0), lane(8, 6, 0), lane(10, 6, 0)]))).toEqual([]);
  });
  it('facing each other, crossing, lying on one another: each told and mended', () => {
    expect(expectMended(desk([lane(6, 5, 0), lane(6, 12, 180, { lengthM: 3 })]), 'lanes-oppose').weight).toBe('stop');
    expectMended(desk([lane(12, 6, 0), lane(9, 7, 90, { use: 'run' })]), 'lanes-cross');
    expectMended(desk([lane(6, 6, 0), lane(6.5, 7, 0)]), 'lanes-overlap');
  });
  it('that face each other side by side miss each other', () => {
    expect(codes(desk([lane(6, 6, 0), lane(9, 6, 180)]))).toEqual([]);
  });
  it('nobody waits where it flies on', () => {
    expect(expectMended(desk([lane(6, 6, 0), laid('waiting-line', 6, 10)]), 'stands-in-lane').weight).toBe('stop');
    expect(codes(desk([lane(6, 6, 0), laid('waiting-line', 6, 1.5, { lengthM: 2.6 })]))).toEqual([]);
  });
  it('a run needs its run-out before a wall, a thing, not before an open side', () => {
    const wanted = laneRunOut({ lengthM: 6 }, HOUSE_DEFAULTS['4-5']);
    const at = (metres: number) => lane(12, 15 - metres - 3, 0, { use: 'run' });
    expect(codes(desk([at(wanted + 0.05)]))).toEqual([]);
    expect(expectMended(desk([at(wanted - 0.2)]), 'run-out-short').weight).toBe('caution');
    expect(expectMended(desk([at(1.2)]), 'run-out-short')).toMatchObject({ weight: 'stop', data: { what: 'wall' } });
    const post = usualThing({ id: 'p', name: 'post', thing: 'post', xM: 11.8, yM: 11, widthM: 0.4, depthM: 0.4, undersideM: 0 });
    expect(expectMended(desk([lane(12, 6, 0, { use: 'run' })], { room: hall({ fixed: [post] }) }), 'run-out-short').data.what).toBe('post');
    expect(codes(desk([at(1.2)], { room: hall({ walls: ['bare', 'bare', 'open side', 'bare'] }) }))).toEqual([]);
  });
  it('what is lofted needs air, what is hard is not aimed at glass', () => {
    const beam = usualThing({ id: 'b', name: 'low beam', thing: 'beam', xM: 4, yM: 8, widthM: 8, depthM: 0.4, undersideM: 3.2 });
    const room = hall({ fixed: [beam], walls: ['bare', 'bare', 'glass', 'bare'] });
    expectMended(desk([lane(6, 6, 0, { lofted: true })], { room }), 'overhead-lofted', 2);
    expect(codes(desk([lane(6, 4, 180, { lofted: true })], { room }))).toEqual([]);
    expectMended(desk([lane(6, 6, 0)], { room }), 'aimed-at-glass');
    expect(codes(desk([lane(6, 6, 0, { use: 'roll' })], { room }))).toEqual([]);
  });
  it('and everything else lies in the room, not on what stands there', () => {
    expectMended(desk([laid('hoop', 26.2, 5)]), 'laid-outside');
    const post = usualThing({ id: 'p', name: 'post', thing: 'post', xM: 11.8, yM: 7, widthM: 0.4, depthM: 0.4, undersideM: 0 });
    expectMended(desk([laid('side-box', 12, 7)], { room: hall({ fixed: [post] }) }), 'laid-outside');
  });
  it('nothing lies before a door', () => {
    const door = { id: 'd', name: 'south door', wall: 0, atM: 11, widthM: 1.6, clearM: 1.6, swing: 'inwards', exit: true };
    const room = hall({ doors: [door] });
    expect(expectMended(desk([laid('cone', 12, 1)], { room }), 'laid-at-door').weight).toBe('stop');
    expect(codes(desk([laid('cone', 14, 1), laid('teacher', 12, 1)], { room }))).toEqual([]);
  });
  it('stuck down are not moved by a fix', () => {
    const { fixes } = fit(desk([laid('hoop', 26.2, 5, { locked: true })])).findings.find((f) => f.code === 'laid-outside')!;
    expect(fixes).toEqual([]);
  });
});

describe('swings and dashes', () => {
  // Reach 0.66 and step 0.6 of the band, an implement of 0.7 m: 1.96 m each.
  const bat = (x: number, y: number, implementM = 0.7) => laid('spot', x, y, { implementM });
  it('swing circles keep apart, from walls, and from waiting lines', () => {
    expect(codes(desk([bat(6, 6), bat(9.95, 6)]))).toEqual([]);
    expect(expectMended(desk([bat(6, 6), bat(9.8, 6)]), 'swings-touch')).toMatchObject({ weight: 'caution', data: { wanted: 3.92 } });
    expect(expectMended(desk([bat(6, 6), bat(7.5, 6)]), 'swings-touch').weight).toBe('stop');
    expectMended(desk([bat(1.5, 6)]), 'swing-at-wall');
    expectMended(desk([bat(8, 7), laid('waiting-line', 11.5, 7)]), 'line-behind-swing');
    expect(codes(desk([bat(8, 7), laid('waiting-line', 13, 7)]))).toEqual([]);
    expect(codes(desk([bat(8, 7, 0.3), laid('waiting-line', 11.5, 7)]))).toEqual([]);
  });
  it('starts of a grab are neither too far nor too near, and not too many', () => {
    const object = laid('hoop', 12, 7, { grab: true });
    const home = (dx: number, dy: number, students = 1) => laid('home', 12 + dx, 7 + dy, { students });
    // 7 m/s allowed, 2.6 m/s²: from 2.36 m at most.
    expect(codes(desk([object, home(-2.3, 0), home(2.3, 0)]))).toEqual([]);
    const far = expectMended(desk([object, home(-2.5, 0), home(3, 0)]), 'start-too-far');
    expect(far.data.wanted).toBeCloseTo(49 / (8 * 2.6), 9);
    expectMended(desk([object, home(-0.7, 0), home(2, 0)]), 'start-too-near');
    const many = [object, home(-2, 0, 2), home(2, 0, 2), home(0, 2, 1), home(0, -2, 1)];
    expect(expectMended(desk(many), 'too-many-dash', 0)).toMatchObject({ weight: 'stop', data: { count: 6, most: 4 } });
    expect(codes(desk([laid('hoop', 12, 7), ...many.slice(1)]))).toEqual([]);
  });
  it("limits are the school's to change", () => {
    const school = { ...demoDesk().school, limits: { closingSpeedMs: 5 } };
    const pieces = [laid('hoop', 12, 7, { grab: true }), laid('home', 14.2, 7), laid('home', 9.8, 7)];
    expect(codes(desk(pieces))).toEqual([]);
    expect(codes(desk(pieces, { school }))).toEqual(['start-too-far']);
  });
});

describe('room, sight and ways', () => {
  /** The game block of the demo's lesson with more on its floor. */
  function game(pieces: LaidPiece[], change: Partial<FitInput> = {}, settings: Record<string, unknown> = {}): FitInput {
    const lesson = lessonWith('nine-mills', settings);
    return demoDesk({ lesson: { ...lesson, blocks: lesson.blocks.map((b) => (b.id === 'game' ? { ...b, laid: pieces } : b)) }, ...change });
  }
  it('a class too large for the floor is told, and may play more calmly', () => {
    const room = hall({ ...plainRoom(rectangleOutline(18, 12)) });
    const picks = { picks: ['ribbon-arcs', 'gate-lanes', 'stone-slide', 'bell-toss'] };
    const { data } = expectMended(game([], { room }, picks), 'crowded');
    expect(data).toMatchObject({ vigour: 'moderate', wanted: 7 });
    expect(data.found).toBeCloseTo(216 / 31, 2);
  });
  it('outside without water is noted, with a block to mend it', () => {
    const outside = hall({ outside: true, floorKind: 'grass' });
    expect(expectMended(game([], { room: outside }), 'no-water-outside').weight).toBe('note');
    expect(fit(game([], { room: hall() })).findings.map((f) => f.code)).not.toContain('no-water-outside');
  });
  it('what the teacher does not see is told, and where they would', () => {
    const plain = boxed(fit(game([])).blocks.find((b) => b.game)!.game!.pieces);
    const corner = plain[0];
    const wall = laid('barrier', corner.x + corner.width + 0.5, corner.y + 1.5, { turnedDeg: 90, widthM: 3, heightM: 1.8 });
    const teacher = laid('teacher', 13, corner.y + 1.5);
    expect((expectMended(game([wall, teacher]), 'unseen').data.names as string[]).length).toBeGreaterThan(0);
    expect(fit(game([{ ...wall, heightM: 1 }, teacher])).findings.map((f) => f.code)).not.toContain('unseen');
  });
  it('somebody on wheels gets ways that are wide enough, and it is told who it is for by function', () => {
    const [first, ...others] = demoDesk().ratings;
    const ratings = [{ ...first, supports: [{ kind: 'power-chair' as const }] }, ...others];
    expect(fit(game([])).findings.map((f) => f.code)).not.toContain('route-narrow');
    const { data } = expectMended(game([], { ratings }), 'route-narrow');
    expect(data.wheels).toEqual(['power-chair']);
    const away = demoDesk({ ratings }).students.find((s) => s.id === first.studentId)!;
    const attendance = { ...demoDesk().attendance!, entries: { [away.id]: { status: 'absent' as const, role: 'away' as const } } };
    expect(fit(game([], { ratings, attendance })).findings.map((f) => f.code)).not.toContain('route-narrow');
  });
  it('what is solid leaves a way out from every place', () => {
    const box = boxed(fit(game([])).blocks.find((b) => b.game)!.game!.pieces)[4];
    const shut = [
      laid('barrier', box.x + box.width / 2, box.y - 0.4, { widthM: box.width + 1.6, heightM: 1 }),
      laid('barrier', box.x + box.width / 2, box.y + box.depth + 0.4, { widthM: box.width + 1.6, heightM: 1 }),
      laid('barrier', box.x - 0.5, box.y + box.depth / 2, { widthM: box.depth + 1, turnedDeg: 90, heightM: 1 }),
      laid('barrier', box.x + box.width + 0.5, box.y + box.depth / 2, { widthM: box.depth + 1, turnedDeg: 90, heightM: 1 }),
    ];
    const lesson = game(shut).lesson;
    const stuck = { value: { x: box.x, y: box.y }, by: 'teacher' as const, pinned: true };
    const blocks = lesson.blocks.map((b) => (b.game ? { ...b, game: { ...b.game, placed: { [box.id]: stuck } } } : b));
    const found = fit(demoDesk({ lesson: { ...lesson, blocks } })).findings.filter((f) => f.code === 'exit-route-narrow');
    expect(found.map((f) => f.at.piece)).toContain(box.id);
    expect(found[0].weight).toBe('stop');
  });
  it('walks at a move that cross a lane or go through a place are told', () => {
    const plain = boxed(fit(game([])).blocks.find((b) => b.game)!.game!.pieces);
    const [a, b] = plain;
    const between = lane((a.x + a.width + b.x) / 2, a.y + a.depth / 2, 0, { widthM: 0.4, lengthM: 2, use: 'roll' });
    expect(fit(game([between])).findings.map((f) => f.code)).toContain('walk-crosses-lane');
    const swapped = {
      placed: Object.fromEntries(
        [
          [plain[1].id, plain[2]],
          [plain[2].id, plain[1]],
        ].map(([id, at]) => [id as string, { value: { x: (at as typeof a).x, y: (at as typeof a).y }, by: 'teacher', pinned: true }]),
      ),
    };
    expectMended(demoDesk({ lesson: lessonWith('nine-mills', {}, swapped) }), 'walk-through-place');
  });
});
