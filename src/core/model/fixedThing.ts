import { z } from 'zod';
import { type Polygon, type Rect, rectPolygon } from '../geometry/point.ts';
import { line, metres } from './text.ts';

export const FIXED_KINDS = ['post', 'stage', 'bleacher', 'tree', 'planter', 'beam', 'wall ring', 'other'] as const;
/** What hangs at this height or above is walked under: it keeps no floor from anybody. Metres; local rules decide. */
export const OVERHEAD_M = 2.2;
export const SIDES = ['north', 'east', 'south', 'west'] as const;
export type Side = (typeof SIDES)[number];

export const FixedThing = z.object({
  id: z.string().min(1).max(64),
  name: line(40),
  thing: z.enum(FIXED_KINDS, { message: 'choice' }),
  shape: z.enum(['rectangle', 'round'], { message: 'choice' }),
  xM: metres(0, 100),
  yM: metres(0, 100),
  widthM: metres(0.05, 100),
  depthM: metres(0.05, 100),
  /** Height of its underside: 0 where it stands on the floor. */
  undersideM: metres(0, 20),
  /** Height of its top: what is seen over, and what is not. */
  heightM: metres(0, 30),
  /** What can be drawn out, as a bleacher: to which side, by how much, and whether it is. */
  opens: z.object({ to: z.enum(SIDES, { message: 'choice' }), byM: metres(0.1, 20), open: z.boolean() }).nullable(),
});
export type FixedThing = z.infer<typeof FixedThing>;

/** Height of the top of such things in the usual case, metres. */
export const USUAL_HEIGHT_M: Record<FixedThing['thing'], number> = {
  post: 4,
  stage: 1,
  bleacher: 2.5,
  tree: 5,
  planter: 0.6,
  beam: 3.5,
  'wall ring': 3.6,
  other: 1,
};
const usualShape = (thing: string): FixedThing['shape'] => (thing === 'post' || thing === 'tree' ? 'round' : 'rectangle');

/** A thing of a kind with its usual shape and height, closed where it could open. */
export function usualThing(thing: Omit<FixedThing, 'shape' | 'heightM' | 'opens'>): FixedThing {
  return { ...thing, shape: usualShape(thing.thing), heightM: USUAL_HEIGHT_M[thing.thing], opens: null };
}

/** The rectangle that a fixed thing takes as it stands now, drawn out or not. */
export function standsOn({ xM, yM, widthM, depthM, opens }: FixedThing): Rect {
  const by = opens?.open ? opens.byM : 0;
  const side = opens?.to;
  return {
    x: side === 'west' ? xM - by : xM,
    y: side === 'south' ? yM - by : yM,
    width: widthM + (side === 'east' || side === 'west' ? by : 0),
    depth: depthM + (side === 'north' || side === 'south' ? by : 0),
  };
}

/** Corners of a round thing's outline: drawn round it, so that nothing comes nearer than asked. */
const ROUND_CORNERS = 16;

/** The outline of what a fixed thing takes of the floor. */
export function fixedZone(thing: FixedThing): Polygon {
  const rect = standsOn(thing);
  if (thing.shape === 'rectangle') return rectPolygon(rect);
  const grow = 1 / Math.cos(Math.PI / ROUND_CORNERS);
  return Array.from({ length: ROUND_CORNERS }, (_, i) => {
    const angle = ((i + 0.5) * 2 * Math.PI) / ROUND_CORNERS;
    return {
      x: rect.x + rect.width / 2 + (rect.width / 2) * grow * Math.cos(angle),
      y: rect.y + rect.depth / 2 + (rect.depth / 2) * grow * Math.sin(angle),
    };
  });
}

/** The things that take floor: what hangs overhead is left out. */
export const standing = (room: { fixed: readonly FixedThing[] }): FixedThing[] => room.fixed.filter((f) => f.undersideM < OVERHEAD_M);
