import { ROOMS } from '../../content/demo.ts';
import { type Rng, seededRng } from '../rng.ts';
import { floorDrawing } from './floorDrawing.ts';
import { floorDxf } from './floorDxf.ts';
import { floorSvg } from './floorSvg.ts';

/** What stands in plans and means something to their readers. */
const SCRAPS = [
  '0',
  '10',
  '20',
  '90',
  '70',
  '999999999',
  '-1',
  '1e309',
  'NaN',
  '',
  'SECTION',
  'ENDSEC',
  'ENTITIES',
  'EOF',
  'LINE',
  'LWPOLYLINE',
  'POLYLINE',
  'VERTEX',
  'SEQEND',
  'INSERT',
  'BLOCKS',
  'HATCH',
  'SPLINE',
  'HEADER',
  '<svg>',
  '</svg>',
  '<g>',
  '</g>',
  '<path d="',
  'Z 5 5',
  'M',
  'L 1',
  'a1 1 0 0',
  '"',
  "'",
  '>',
  '<',
  '<!--',
  '-->',
  '<![CDATA[',
  '&lt;',
  '&#x0;',
  '&a;',
  '<!DOCTYPE a [',
  '<?xml',
  'transform="',
  '\0',
  '\ud800',
  '\u202e',
]; // prettier-ignore

/** One change of a text: a piece cut out, repeated, moved, swapped for a scrap, or a sign flipped. */
function damaged(text: string, random: Rng): string {
  const at = random.below(text.length + 1);
  const long = random.below(4) ? random.below(40) : random.below(text.length + 1);
  const piece = text.slice(at, at + long);
  const scrap = SCRAPS[random.below(SCRAPS.length)];
  const changes = [
    () => text.slice(0, at),
    () => text.slice(0, at) + text.slice(at + long),
    () => text.slice(0, at) + piece.repeat(2 + random.below(30)) + text.slice(at),
    () => text.slice(0, at) + scrap + text.slice(at),
    () => text.slice(0, at) + scrap + text.slice(at + long),
    () => `${text.slice(0, at)}\n${scrap}\n${text.slice(at)}`,
    () => text.slice(0, at) + String.fromCharCode(text.charCodeAt(at) ^ (1 << random.below(7))) + text.slice(at + 1),
    () =>
      text
        .split('\n')
        .filter((_, i) => i % (2 + random.below(9)) || !random.below(3))
        .join('\n'), // prettier-ignore
  ];
  return changes[random.below(changes.length)]();
}

/** Plans of the demo's rooms, DXF and SVG, with one to six changes each; the same for the same seed. */
export function damagedPlans(count: number, seed: number): { name: string; text: string }[] {
  const whole = ROOMS.flatMap((room) => {
    const drawing = floorDrawing(room, [], []);
    return [floorDxf(drawing), floorSvg(drawing, 100)];
  });
  return Array.from({ length: count }, (_, i) => {
    const random = seededRng(seed * 10_007 + i);
    let text = whole[random.below(whole.length)];
    for (let n = 1 + random.below(6); n > 0; n--) text = damaged(text, random);
    return { name: `plan ${i} of seed ${seed}`, text };
  });
}
