import { z } from 'zod';
import type { Point } from '../geometry/point.ts';
import { byWall, type Polygon } from '../geometry/point.ts';
import { line, metres } from './text.ts';

export const SWINGS = ['inwards', 'outwards', 'slides'] as const;
export const Door = z.object({
  id: z.string().min(1).max(64),
  name: line(40),
  /** Wall i runs from outline[i] to outline[i + 1]. */
  wall: z.number().int().min(0).max(63),
  /** From the wall's start to the door's near edge. */
  atM: metres(0, 100),
  widthM: metres(0.5, 10),
  /** How deep in front of the door is kept clear. */
  clearM: metres(0, 10),
  swing: z.enum(SWINGS, { message: 'choice' }),
  /** A way out: it is reached from wherever students stand. */
  exit: z.boolean(),
});
export type Door = z.infer<typeof Door>;

/** A door wider than this has two leaves, metres. */
const ONE_LEAF_M = 1.2;
/** How far a door's leaf reaches into the room, metres. */
export const leafM = (door: Pick<Door, 'swing' | 'widthM'>): number =>
  door.swing !== 'inwards' ? 0 : door.widthM > ONE_LEAF_M ? door.widthM / 2 : door.widthM;

/** How deep the floor before a door stays free: what is asked, never less than its leaf sweeps. */
export const clearDepth = (door: Pick<Door, 'swing' | 'widthM' | 'clearM'>): number => Math.max(door.clearM, leafM(door));

/** The doors before which some floor stays free, in the order of the room's. */
export const doorsKeptClear = (room: { doors: readonly Door[] }): Door[] => room.doors.filter((d) => clearDepth(d) > 0);

/** The floor in front of a door that stays free, as wide as the door. */
export function doorZone(room: { outline: readonly Point[] }, door: Door): Polygon {
  const point = byWall(room.outline, door.wall);
  const deep = Math.max(clearDepth(door), 0.05);
  return [point(door.atM, 0), point(door.atM + door.widthM, 0), point(door.atM + door.widthM, deep), point(door.atM, deep)];
}
