import { Gear } from '../core/model/gear.ts';
import { newHeader } from '../core/model/record.ts';

type Line = [name: string, gearKind: Gear['gearKind'], count: number, place: string, more?: Partial<Gear>];

const LINES: Line[] = [
  ['Foam discs', 'disc', 12, 'shelf A', { diameterM: 0.23, massG: 90, firmness: 'soft' }],
  ['Curling stones, felt', 'sliding stone', 8, 'floor cart', { diameterM: 0.2, massG: 900, firmness: 'hard' }],
  ['Beanbags', 'beanbag', 48, 'basket 1', { massG: 120, firmness: 'soft', bounce: 'none' }],
  ['Juggling scarves', 'scarf', 30, 'basket 2', { massG: 12, colour: 'mixed' }],
  ['Ribbons on sticks', 'ribbon', 10, 'tube', { lengthM: 2 }],
  ['Juggling cubes', 'juggling cube', 24, 'basket 2', { massG: 110, firmness: 'soft' }],
  ['Hoops', 'hoop', 18, 'wall hooks', { diameterM: 0.7 }],
  ['Marker cones', 'cone', 40, 'cart', { colour: 'four colors' }],
  ['Long ropes', 'rope', 6, 'wall hooks', { lengthM: 5 }],
  ['Folding mats', 'mat', 8, 'mat cart', { lengthM: 1.5 }],
  ['Pinnies', 'pinnie', 16, 'bag', { colour: 'orange' }],
  ['Hand bells', 'bell', 3, 'shelf B', { sound: 'bell' }],
  ['Ring targets', 'target', 4, 'shelf C', { diameterM: 1 }],
  ['Low net with feet', 'low net', 2, 'corner', { lengthM: 3 }],
  ['Gates, foam', 'gate', 12, 'shelf C', {}],
  ['Baskets', 'basket', 6, 'shelf B', {}],
  ['Floor spots', 'floor spot', 30, 'cart', { texture: 'ribbed' }],
  ['Light balls', 'light ball', 8, 'net bag', { diameterM: 0.25, massG: 60, bounce: 'low' }],
  ['Soft balls', 'soft ball', 20, 'net bag', { diameterM: 0.16, massG: 150, firmness: 'soft' }],
  ['Benches', 'bench', 4, 'along the wall', { lengthM: 3 }],
  ['Bell ball', 'bell ball', 1, 'shelf B', { latex: 'no' }],
  ['Foam paddles', 'foam paddle', 6, 'shelf A', {}],
  ['Bright balls', 'bright ball', 4, 'net bag', {}],
  ['Ramp', 'ramp', 1, 'corner', {}],
];

/** Alder Hollow's cupboard. */
export const DEMO_CUPBOARD: Gear[] = LINES.map(([name, gearKind, count, place, more], i) =>
  Gear.parse({ ...newHeader('gear', 2), id: `gear-${i + 1}`, name, gearKind, count, place, ...more }),
);
