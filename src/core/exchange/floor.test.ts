import DxfParser from 'dxf-parser';
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { MILL_GYM, UPPER_YARD } from '../../content/demo.ts';
import { demoDesk } from '../../content/desk.fixture.ts';
import { rectPiece } from '../arrange/rectPlaces.ts';
import { setOutList } from '../arrange/setOutList.ts';
import { laidTape, setOutUnits } from '../arrange/setOutUnit.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { courtThings } from '../formats/advance-court/layout.ts';
import { byWall, distance } from '../geometry/point.ts';
import { footprint, newLaid } from '../model/laidPiece.ts';
import { boxOf, rectShape } from '../model/shape.ts';
import { wallNames } from '../words/floor.en.ts';
import { floorDrawing, LAYERS } from './floorDrawing.ts';
import { floorDxf } from './floorDxf.ts';
import { floorSvg } from './floorSvg.ts';

const { pieces } = fitUnweighed(demoDesk()).blocks.find((b) => b.game)!.game!;
const list = setOutList(MILL_GYM, pieces, 0, 30);
const drawing = floorDrawing(MILL_GYM, pieces, list.marks);

describe('a floor as DXF', () => {
  const read = new DxfParser().parseSync(floorDxf(drawing))!;
  const on = (layer: string) => read.entities.filter((e) => e.layer === layer);

  it('opens in an independent reader: metres, layers by name, the outline where it is', () => {
    expect(read.header.$INSUNITS, 'metres').toBe(6);
    expect(Object.keys(read.tables.layer.layers)).toEqual(expect.arrayContaining([...LAYERS]));
    const [outline] = on('room');
    expect(outline.shape, 'closed').toBe(true);
    expect(outline.vertices!.map(({ x, y }) => ({ x, y }))).toEqual(MILL_GYM.outline);
  });

  it('has every line of tape and every mark at its place', () => {
    const tape = on('tape');
    expect(tape).toHaveLength(pieces.length * 4);
    const corner = boxOf(pieces[2].shape);
    expect(tape.some((t) => t.vertices!.some((v) => distance(v, corner) < 1e-6))).toBe(true);
    const numbers = on('marks').filter((e) => e.type === 'TEXT');
    expect(numbers).toHaveLength(36);
    for (const mark of list.marks) {
      const told = numbers.find((n) => n.text === String(mark.number))!;
      expect(distance(told.startPoint!, mark.at)).toBeLessThan(0.25);
    }
  });
});

describe('a floor as SVG', () => {
  it('is sound XML, true to scale, one group a layer', () => {
    const text = floorSvg(drawing, 100);
    expect(XMLValidator.validate(text)).toBe(true);
    const { svg } = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' }).parse(text);
    expect([svg.width, svg.height]).toEqual(['270mm', '160mm']);
    expect(svg.viewBox).toBe('0 0 27 16');
    const groups = svg.g as { id: string; path?: { d: string } | { d: string }[] }[];
    expect(groups.map((g) => g.id)).toEqual([...LAYERS]);
    const outline = groups[0].path as { d: string };
    expect(outline.d).toBe('M0.5 15.5 L26.5 15.5 L26.5 0.5 L0.5 0.5 Z');
  });

  it('cannot be broken by a name, and refuses a scale that is none', () => {
    const named = { ...drawing, name: 'Hall & "Stage" <b>' };
    expect(XMLValidator.validate(floorSvg(named, 50))).toBe(true);
    expect(floorSvg(named, 50)).not.toContain('<b>');
    expect(() => floorSvg(drawing, 0)).toThrowError('invalid scale: 0');
  });
});

describe('the set-out list', () => {
  it('has every corner once in walking order, checks named by their numbers', () => {
    expect(list.marks.map((m) => m.number)).toEqual(Array.from({ length: 36 }, (_, i) => i + 1));
    expect(list.findings).toEqual([]);
    for (const mark of list.marks) if (mark.check) expect(mark.checkNumber).toBeLessThan(mark.number);
    expect(list.marks.filter((m) => m.check).length).toBe(35);
  });

  it('counts tape, less what is painted there already', () => {
    const rims = pieces.map((p) => boxOf(p.shape)).reduce((sum, b) => sum + 2 * (b.width + b.depth), 0);
    expect(list.tapeM + list.paintedM).toBeCloseTo(rims, 6);
    const bare = setOutList({ ...MILL_GYM, painted: [] }, pieces, 0, 30);
    expect(bare.paintedM).toBe(0);
    const at = (y: number) => [{ ...pieces[0], shape: rectShape({ x: 4, y, width: 9, depth: 9 }) }];
    const onLines = at(3);
    const half = setOutList(MILL_GYM, onLines, 0, 30);
    expect(half.paintedM, 'three sides and the middle line of the net court').toBeCloseTo(36, 1);
    expect(half.tapeM).toBeCloseTo(0, 1);
    const aside = setOutList(MILL_GYM, at(3.2), 0, 30);
    expect(aside.paintedM, 'only the sides that run along').toBeLessThan(19);
  });

  it('weighs minutes by the given rates', () => {
    const rates = { secondsPerMark: 10, secondsPerTapeM: 2, secondsPerPiece: 5, walkMs: 1 };
    const slow = setOutList(MILL_GYM, pieces, 12, 30, rates);
    expect(slow.layOutSeconds).toBeCloseTo(360 + 2 * slow.tapeM + 60 + slow.walkM, 6);
    expect(slow.takeInSeconds).toBeCloseTo(slow.tapeM + 60 + slow.walkM, 6);
  });

  it('tapes a court without its waiting line, its cells parted', () => {
    const place = { id: 'court-1', number: 1, title: 'Tower', x: 2, y: 2, width: 4, depth: 6, turned: 0 as const, pinned: false };
    const things = (cells: number) => courtThings(place, 2, cells, 1);
    expect(footprint(things(4)[0])[0]).toEqual({ x: 2, y: 4 });
    const lines = (cells: number) => things(cells).flatMap(laidTape);
    expect([lines(4).length, lines(3).length]).toEqual([6, 6]);
    const metres = (cells: number) => lines(cells).reduce((sum, [a, b]) => sum + distance(a, b), 0);
    expect([metres(4), metres(3)], 'an odd one has the whole row').toEqual([24, 22]);
    expect(setOutUnits([{ ...rectPiece(place, false) }], things(4)).map((u) => [u.name, u.marks.length])).toEqual([
      ['1 Tower', 4],
      ['1 Tower, line', 2],
      ['1 Tower, line', 2],
    ]);
  });
});

describe('walls', () => {
  it('are named by the side they bound, whichever way the corners go', () => {
    expect(wallNames(MILL_GYM.outline)).toEqual(['south wall', 'east wall', 'north wall', 'west wall']);
    expect(wallNames([...UPPER_YARD.outline].reverse())).toEqual(['north wall', 'east wall', 'south wall', 'west wall']);
    const cut = [
      { x: 0, y: 0 },
      { x: 20, y: 0 },
      { x: 20, y: 8 },
      { x: 9, y: 8 },
      { x: 9, y: 15 },
      { x: 0, y: 15 },
    ];
    expect(wallNames(cut)).toEqual(['south wall', 'east wall', 'north wall', 'east wall 2', 'north wall 2', 'west wall']);
  });
});

describe('what is laid out beside the places', () => {
  const laid = [
    { ...newLaid('lane', 'l1', { x: 13, y: 7.5 }, 30), lengthM: 5 },
    newLaid('cone', 'c1', { x: 8, y: 7 }),
    { ...newLaid('barrier', 'b1', { x: 13, y: 11 }, 20), widthM: 3 },
    newLaid('teacher', 't1', { x: 2.2, y: 12 }),
  ];
  const sheet = setOutList(MILL_GYM, [], 0, 30, undefined, laid);

  it('has its marks: corners, ends, or its middle; people have none; each again from its two offsets within 5 mm', () => {
    expect(sheet.units.map((u) => [u.name, u.marks.length])).toEqual([
      ['lane', 4],
      ['cone', 1],
      ['barrier', 2],
    ]);
    expect(setOutUnits([], [newLaid('cone', 'a', { x: 1, y: 1 }), newLaid('cone', 'b', { x: 2, y: 1 })]).map((u) => u.nth)).toEqual([1, 2]);
    expect(sheet.marks).toHaveLength(7);
    for (const { at, from } of sheet.marks) {
      // Both walls are straight lines: the mark is where the two lines alongside them meet.
      const lines = from.map(({ wall, distance: off }) => [byWall(MILL_GYM.outline, wall)(0, off), byWall(MILL_GYM.outline, wall)(1, off)]);
      const [[p, q], [r, s]] = lines;
      const cross = (q.x - p.x) * (s.y - r.y) - (q.y - p.y) * (s.x - r.x);
      const t = ((r.x - p.x) * (s.y - r.y) - (r.y - p.y) * (s.x - r.x)) / cross;
      expect(distance(at, { x: p.x + t * (q.x - p.x), y: p.y + t * (q.y - p.y) })).toBeLessThan(0.005);
    }
    expect(sheet.tapeM + sheet.paintedM).toBeCloseTo(2 * (1.5 + 5), 6);
  });

  it('is in the drawing on layers of its own', () => {
    const read = new DxfParser().parseSync(floorDxf(floorDrawing(MILL_GYM, [], sheet.marks, laid)))!;
    const on = (layer: string) => read.entities.filter((e) => e.layer === layer);
    expect(on('tape')).toHaveLength(4);
    expect(on('pieces')).toHaveLength(2);
    expect(XMLValidator.validate(floorSvg(floorDrawing(MILL_GYM, [], sheet.marks, laid), 100))).toBe(true);
  });

  it('is not measured from a curtain or an open side', () => {
    const yard = setOutList(UPPER_YARD, [], 0, 60, undefined, [newLaid('cone', 'c1', { x: 36, y: 20 })]);
    expect(yard.marks[0].from.map((f) => f.wall).sort()).toEqual([0, 3]);
  });
});
