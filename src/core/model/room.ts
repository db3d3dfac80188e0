import { z } from 'zod';
import type { Area } from '../geometry/area.ts';
import { areaOf, boundsOf, byWall, crossingEdges, edgesOf, type Point, type Polygon, rectPolygon } from '../geometry/point.ts';
import { RoomId } from './ids.ts';
import { PaintedSet, paintedPaths } from './painted.ts';
import { recordOf } from './record.ts';
import { line, metres } from './text.ts';

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
});
export type Door = z.infer<typeof Door>;

export const FIXED_KINDS = ['post', 'stage', 'bleacher', 'tree', 'planter', 'beam', 'wall ring', 'other'] as const;
export const FLOOR_KINDS = ['wood', 'sheet', 'carpet', 'asphalt', 'grass'] as const;
/** What hangs at this height or above is walked under: it keeps no floor from anybody. Metres; local rules decide. */
export const OVERHEAD_M = 2.2;
export const FixedThing = z.object({
  id: z.string().min(1).max(64),
  name: line(40),
  thing: z.enum(FIXED_KINDS, { message: 'choice' }),
  xM: metres(0, 100),
  yM: metres(0, 100),
  widthM: metres(0.05, 100),
  depthM: metres(0.05, 100),
  /** Height of its underside: 0 where it stands on the floor. */
  undersideM: metres(0, 20),
});
export type FixedThing = z.infer<typeof FixedThing>;

const corner = z.object({ x: metres(0, 100), y: metres(0, 100) });

/**
 * A room as it is. Origin at the inside corner nearest the main door wall's left end, x right, y away from it; metres.
 * Doors must lie on their wall, fixed things inside the room.
 */
export const Room = z
  .object({
    ...recordOf('room', 2),
    id: RoomId,
    name: line(40),
    floorKind: z.enum(FLOOR_KINDS, { message: 'choice' }),
    outline: z.array(corner).min(3).max(64),
    doors: z.array(Door).max(12),
    fixed: z.array(FixedThing).max(40),
    /** Lines on the floor that are there already. */
    painted: z.array(PaintedSet).max(20, { message: 'too-many' }),
  })
  .superRefine((room, ctx) => {
    const size = boundsOf(room.outline);
    const walls = edgesOf(room.outline);
    if (size.width < 3) ctx.addIssue({ code: 'custom', path: ['outline', 'width'], message: 'too-small' });
    if (size.depth < 3) ctx.addIssue({ code: 'custom', path: ['outline', 'depth'], message: 'too-small' });
    const crossing = crossingEdges(room.outline);
    if (crossing) ctx.addIssue({ code: 'custom', path: ['outline', crossing[1]], message: 'crosses' });
    else if (areaOf(room.outline) < 9) ctx.addIssue({ code: 'custom', path: ['outline'], message: 'too-small' });
    room.doors.forEach((door, i) => {
      const wall = walls[door.wall];
      if (!wall) ctx.addIssue({ code: 'custom', path: ['doors', i, 'wall'], message: 'choice' });
      else if (door.atM + door.widthM > Math.hypot(wall[1].x - wall[0].x, wall[1].y - wall[0].y) + 1e-6)
        ctx.addIssue({ code: 'custom', path: ['doors', i, 'atM'], message: 'outside-wall' });
    });
    room.fixed.forEach((thing, i) => {
      if (thing.xM + thing.widthM > size.x + size.width + 1e-6)
        ctx.addIssue({ code: 'custom', path: ['fixed', i, 'xM'], message: 'outside-room' });
      if (thing.yM + thing.depthM > size.y + size.depth + 1e-6)
        ctx.addIssue({ code: 'custom', path: ['fixed', i, 'yM'], message: 'outside-room' });
    });
    room.painted.forEach((set, i) => {
      const drawn = boundsOf(paintedPaths(set).flat());
      if (drawn.x < size.x - 1e-6 || drawn.x + drawn.width > size.x + size.width + 1e-6)
        ctx.addIssue({ code: 'custom', path: ['painted', i, 'xM'], message: 'outside-room' });
      if (drawn.y < size.y - 1e-6 || drawn.y + drawn.depth > size.y + size.depth + 1e-6)
        ctx.addIssue({ code: 'custom', path: ['painted', i, 'yM'], message: 'outside-room' });
    });
  });
export type Room = z.infer<typeof Room>;

/** A rectangle's outline: walls 0 south (main door wall), 1 east, 2 north, 3 west. */
export function rectangleOutline(widthM: number, depthM: number): Point[] {
  return rectPolygon({ x: 0, y: 0, width: widthM, depth: depthM });
}

/** The floor in front of a door that stays free: as wide as the door, clearM deep. */
export function doorZone(room: Pick<Room, 'outline'>, door: Door): Polygon {
  const point = byWall(room.outline, door.wall);
  const deep = Math.max(door.clearM, 0.05);
  return [point(door.atM, 0), point(door.atM + door.widthM, 0), point(door.atM + door.widthM, deep), point(door.atM, deep)];
}

/** The four corners of a fixed thing. */
export function fixedZone(thing: FixedThing): Polygon {
  return rectPolygon({ x: thing.xM, y: thing.yM, width: thing.widthM, depth: thing.depthM });
}

/** The things that take floor: what hangs overhead is left out. */
export const standing = (room: Pick<Room, 'fixed'>): FixedThing[] => room.fixed.filter((f) => f.undersideM < OVERHEAD_M);

/** The room as a floor to arrange on, everything that must stay free as keepOut. */
export function roomArea(room: Room, wallClearance: number): Area {
  const keepOut = [...room.doors.filter((d) => d.clearM > 0).map((d) => doorZone(room, d)), ...standing(room).map(fixedZone)];
  return { outline: room.outline, keepOut, wallClearance };
}
