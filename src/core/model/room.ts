import { z } from 'zod';
import type { Area } from '../geometry/area.ts';
import { areaOf, boundsOf, byWall, crossingEdges, edgesOf, type Point, type Polygon, rectPolygon } from '../geometry/point.ts';
import { Curtain, parted } from './curtain.ts';
import { Door, doorsKeptClear, doorZone } from './door.ts';
import { FixedThing, fixedZone, standing } from './fixedThing.ts';
import { RoomId } from './ids.ts';
import { PaintedSet, paintedPaths } from './painted.ts';
import { recordFields } from './record.ts';
import { line, metres } from './text.ts';

export const FLOOR_KINDS = ['wood', 'sheet', 'carpet', 'asphalt', 'grass'] as const;
/** What a wall is: padded and bare ones are run into, glass is not thrown at, an open side has no wall, a curtain gives way. */
export const WALL_KINDS = ['bare', 'padded', 'glass', 'open side', 'curtain'] as const;
export type WallKind = (typeof WALL_KINDS)[number];

const corner = z.object({ x: metres(0, 100), y: metres(0, 100) });

/**
 * A room as it is. Origin at the inside corner nearest the main door wall's left end, x right, y away from it; metres.
 * Doors must lie on their wall, fixed things inside the room.
 */
export const Room = z
  .object({
    ...recordFields('room', 3),
    id: RoomId,
    name: line(40),
    floorKind: z.enum(FLOOR_KINDS, { message: 'choice' }),
    /** Under the sky. */
    outside: z.boolean(),
    outline: z.array(corner).min(3).max(64),
    /** One for each wall: wall i runs from outline[i] to outline[i + 1]. */
    walls: z.array(z.enum(WALL_KINDS, { message: 'choice' })).max(64),
    doors: z.array(Door).max(12),
    fixed: z.array(FixedThing).max(40),
    /** Lines on the floor that are there already. */
    painted: z.array(PaintedSet).max(20, { message: 'too-many' }),
    /** Where the room can be parted in two. */
    curtains: z.array(Curtain).max(4, { message: 'too-many' }),
    /** The room of which this is a part, by one of its curtains. */
    partOf: RoomId.optional(),
  })
  .superRefine((room, ctx) => {
    const size = boundsOf(room.outline);
    const walls = edgesOf(room.outline);
    if (size.width < 3) ctx.addIssue({ code: 'custom', path: ['outline', 'width'], message: 'too-small' });
    if (size.depth < 3) ctx.addIssue({ code: 'custom', path: ['outline', 'depth'], message: 'too-small' });
    const crossing = crossingEdges(room.outline);
    if (crossing) ctx.addIssue({ code: 'custom', path: ['outline', crossing[1]], message: 'crosses' });
    else if (areaOf(room.outline) < 9) ctx.addIssue({ code: 'custom', path: ['outline'], message: 'too-small' });
    if (room.walls.length !== room.outline.length) ctx.addIssue({ code: 'custom', path: ['walls'], message: 'choice' });
    room.curtains.forEach((curtain, i) => {
      if (!crossing && !parted(room.outline, curtain)) ctx.addIssue({ code: 'custom', path: ['curtains', i, 'a'], message: 'not-across' });
    });
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

/** What a room of this outline is until it is told otherwise: wood, bare walls, nothing in it. */
export const plainRoom = (outline: Point[]) => ({
  floorKind: 'wood' as const,
  outside: false,
  outline,
  walls: outline.map((): WallKind => 'bare'),
  doors: [],
  fixed: [],
  painted: [],
  curtains: [],
});

/** Where one stands just inside the first door: what is brought out comes from there. The first corner if there is no door. */
export function doorSpot({ doors: [door], outline }: Pick<Room, 'doors' | 'outline'>): Point {
  return door ? byWall(outline, door.wall)(door.atM + door.widthM / 2, 0.5) : outline[0];
}

/** Walls that a tape cannot be held to: open sides and curtains. */
export const softWalls = (room: Pick<Room, 'walls'>): number[] =>
  room.walls.flatMap((kind, i) => (kind === 'open side' || kind === 'curtain' ? [i] : []));

/** The room as a floor to arrange on, everything that must stay free as keepOut: doors, standing things, then what else is `taken`. */
export function roomArea(room: Room, wallClearance: number, taken: readonly Polygon[] = []): Area {
  const keepOut = [...doorsKeptClear(room).map((d) => doorZone(room, d)), ...standing(room).map(fixedZone), ...taken];
  return { outline: room.outline, keepOut, wallClearance };
}
