import { describe, expect, it } from 'vitest';
import { MILL_GYM, OLD_DINING_HALL, ROOMS } from '../../content/demo.ts';
import { floorDrawing } from './floorDrawing.ts';
import { floorDxf } from './floorDxf.ts';
import { floorSvg } from './floorSvg.ts';
import { readOutline } from './outlineFile.ts';
import { damagedPlans } from './planDamage.fixture.ts';

const svg = (inside: string) => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 40">${inside}</svg>`;
const L = OLD_DINING_HALL.outline;

describe('an outline from a drawing', () => {
  it('comes back from what was written, DXF and SVG, for every room of the demo', () => {
    for (const room of ROOMS) {
      const drawing = floorDrawing(room, [], []);
      expect(readOutline(floorDxf(drawing)), room.name).toEqual({ ok: true, outline: room.outline, metresPerUnit: 1 });
      expect(readOutline(floorSvg(drawing, 100), 1), room.name).toEqual({ ok: true, outline: room.outline, metresPerUnit: 1 });
    }
  });

  it('is read in the unit that is told, whichever way its corners go and wherever it lies', () => {
    const shape = [...L].reverse().map((p) => `${p.x * 100 + 730},${2000 - p.y * 100}`);
    expect(readOutline(svg(`<g><polygon points="${shape.join(' ')}"/></g>`), 0.01)).toMatchObject({ ok: true, outline: L });
    const path = 'm 5 5 h 1800 v -750 h -750 v -550 h -1050 z';
    expect(readOutline(svg(`<path d="${path}"/>`), 0.01)).toMatchObject({ ok: true, outline: L });
    expect(readOutline(svg('<rect x="1" y="2" width="26" height="15"/>'), 1)).toMatchObject({ ok: true, outline: MILL_GYM.outline });
  });

  it('is put together where a plan draws it wall by wall, in millimetres', () => {
    const line = (a: { x: number; y: number }, b: { x: number; y: number }) =>
      `0\nLINE\n8\nwalls\n10\n${a.x * 1000}\n20\n${a.y * 1000}\n30\n0\n11\n${b.x * 1000}\n21\n${b.y * 1000}\n31\n0\n`;
    const walls = L.map((p, i) => (i % 2 ? line(L[(i + 1) % L.length], p) : line(p, L[(i + 1) % L.length])));
    const text = `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${walls.join('')}0\nENDSEC\n0\nEOF\n`;
    expect(readOutline(text)).toEqual({ ok: true, outline: L, metresPerUnit: 0.001 });
    const gap = text.replace(walls[2], '');
    expect(readOutline(gap)).toMatchObject({ ok: false, problem: { code: 'open' } });
  });

  it('is the largest closed shape', () => {
    const read = readOutline(svg('<rect width="3" height="3"/><rect x="5" y="5" width="20" height="10"/><path d="M0 0 L90 90"/>'), 1);
    expect(read).toMatchObject({
      ok: true,
      outline: [
        { x: 0, y: 0 },
        { x: 20, y: 0 },
        { x: 20, y: 10 },
        { x: 0, y: 10 },
      ],
    });
  });

  it.each([
    ['nothing', '', 'not-a-drawing', undefined],
    ['a letter', 'Dear colleague, here is the plan', 'not-a-drawing', undefined],
    ['half an SVG', '<svg>\n<path d="M0 0 L1', 'broken', 'line 2'],
    ['another XML', '<room><wall/></room>', 'not-a-drawing', undefined],
    ['an enormous file', `<svg>${' '.repeat(5_000_000)}</svg>`, 'not-a-drawing', undefined],
    ['an SVG without a shape', svg('<text>hall</text>'), 'no-outline', undefined],
    ['an open outline', svg('<polyline points="0,0 20,0 20,10 0,10"/>'), 'open', '0, 0 and 0, -10'],
    ['a curved wall', svg('<path d="M0 0 H20 V10 Q10 15 0 10 Z"/>'), 'curved', undefined],
    ['a shape moved by a transform', svg('<g transform="scale(2)"><rect width="20" height="10"/></g>'), 'transformed', undefined],
    ['a wall over another', svg('<polygon points="0,0 20,10 20,0 0,10"/>'), 'crosses', undefined],
    ['a room of a millimetre scale read as metres', svg('<rect width="26000" height="15000"/>'), 'wrong-scale', '26000 × 15000 m'],
    ['a doll’s house', svg('<rect width="2.6" height="1.5"/>'), 'wrong-scale', '2.6 × 1.5 m'],
    [
      'a leaf',
      svg(
        `<polygon points="${Array.from({ length: 200 }, (_, i) => `${20 + (15 + (i % 2)) * Math.cos((i * Math.PI) / 100)},${20 + (15 + (i % 2)) * Math.sin((i * Math.PI) / 100)}`).join(' ')}"/>`,
      ),
      'too-many-corners',
      '200',
    ],
  ])('%s is refused and told where', (_, text, code, at) => {
    const read = readOutline(text, 1);
    expect(read).toMatchObject({ ok: false, problem: { code } });
    if (!read.ok && at) expect((read.problem as { at?: string }).at).toBe(at);
  });

  const dxf = (entities: string, end = '0\nENDSEC\n0\nEOF\n') => `0\nSECTION\n2\nENTITIES\n${entities}${end}`;
  const corner = (x: number, y: number) => `10\n${x}\n20\n${y}\n`;
  const hall = `${corner(0, 0)}${corner(20, 0)}${corner(20, 10)}${corner(0, 10)}`;
  it.each([
    ['numbers after the end of a path', svg('<path d="M0 0 H20 V10 H0 Z 5 5"/>'), 'broken', 'path 1, sign 11'],
    ['a path that begins with numbers', svg('<rect width="20" height="10"/><path d="5 5 L3 3"/>'), 'broken', 'path 1, sign 1'],
    ['a path that breaks off', svg('<path d="M0 0 L20 0 20"/>'), 'broken', 'path 1, sign 7'],
    ['a tag that is not ended', `<svg>\n\n<path d="M0 0`, 'broken', 'line 3'],
    ['entities of its own', '<!DOCTYPE svg [\n<!ENTITY a "&b;&b;">\n]><svg/>', 'broken', 'line 2'],
    ['thousands of groups in groups', `<svg>${'<g>'.repeat(9000)}${'</g>'.repeat(9000)}</svg>`, 'too-deep', 'line 1'],
    ['a hundred thousand elements', `<svg>${'<g/>'.repeat(100_000)}</svg>`, 'too-much', 'more than 40000 elements'],
    ['a hundred thousand points', svg(`<path d="M0 0${' 1 1'.repeat(100_000)}"/>`), 'too-much', 'more than 20000 points'],
    ['a polyline that is not ended', dxf(`0\nPOLYLINE\n70\n1\n0\nVERTEX\n${corner(0, 0)}`), 'broken', 'line 5'],
    ['a polyline ended by another', dxf('0\nPOLYLINE\n70\n1\n0\nLINE\n'), 'broken', 'line 5'],
    ['a count that promises too much', dxf(`0\nLWPOLYLINE\n90\n999999999\n70\n1\n${hall}`), 'broken', 'line 7'],
    ['a count below nothing', dxf(`0\nLWPOLYLINE\n90\n-1\n70\n1\n${hall}`), 'broken', 'line 7'],
    ['a corner in words', dxf(`0\nLWPOLYLINE\n90\n1\n10\nhere\n20\n0\n`), 'broken', 'line 9'],
    ['a section without an end', dxf(`0\nLINE\n${corner(0, 0)}`, '0\nEOF\n'), 'broken', 'line 9'],
    ['a file without an end', dxf(`0\nLINE\n${corner(0, 0)}`, ''), 'broken', 'line 11'],
    ['a group code in words', dxf('zero\nLINE\n'), 'broken', 'line 5'],
    ['ten thousand walls', dxf(`0\nLINE\n${corner(0, 0)}11\n5\n21\n5\n`.repeat(10_000)), 'too-much', '10000 lines'],
  ])('%s stops nothing and is told with its place', (_, text, code, at) => {
    expect(readOutline(text, 1)).toEqual({ ok: false, problem: { code, at } });
  });

  it('is read from a polyline of the old kind, and past what is no wall', () => {
    const vertices = [corner(0, 0), corner(20, 0), corner(20, 10), corner(0, 10)].map((c) => `0\nVERTEX\n${c}`).join('');
    const text = dxf(`0\nTEXT\n1\nhall\n10\nx\n0\nPOLYLINE\n66\n1\n70\n1\n${vertices}0\nSEQEND\n0\nCIRCLE\n${corner(1, 1)}40\n3\n`);
    expect(readOutline(text, 1)).toMatchObject({
      ok: true,
      outline: [
        { x: 0, y: 0 },
        { x: 20, y: 0 },
        { x: 20, y: 10 },
        { x: 0, y: 10 },
      ],
    });
  });

  it('ends for every damaged file, with an outline or with a reason', () => {
    for (const { name, text } of damagedPlans(400, 7)) {
      const read = readOutline(text, 1);
      if (read.ok) expect(read.outline.length, name).toBeGreaterThanOrEqual(3);
      else expect(read.problem.code, name).toMatch(/^[a-z-]+$/);
    }
  });
});
