import { distance, edgesOf, insidePolygon, nearestOn, type Point, polygonsMeet, rectPolygon } from '../geometry/point.ts';
import { type Door, doorZone } from './door.ts';
import { type FixedThing, fixedZone } from './fixedThing.ts';
import type { Room } from './room.ts';

/** Measures of a room are whole 5 cm where they are dragged. */
const tidy = (metres: number) => Math.round(metres * 20) / 20;

/** Where a door is dragged to: onto the nearest wall that is long enough for it, its middle there; unchanged where none is. */
export function moveDoor(room: Pick<Room, 'outline'>, door: Door, to: Point): Door {
  const walls = edgesOf(room.outline).map((wall, i) => ({ wall, i, length: distance(wall[0], wall[1]), on: nearestOn(to, wall) }));
  const long = walls.filter((w) => w.length >= door.widthM);
  if (!long.length) return door;
  const near = long.reduce((a, b) => (distance(to, b.on) < distance(to, a.on) - 1e-9 ? b : a));
  const along = distance(near.wall[0], near.on) - door.widthM / 2;
  return { ...door, wall: near.i, atM: tidy(Math.max(0, Math.min(near.length - door.widthM, along))) };
}

/** Where a thing is dragged to, its middle there; held inside the room's bounds. */
export function moveFixed(room: Pick<Room, 'outline'>, thing: FixedThing, to: Point): FixedThing {
  const xs = room.outline.map((p) => p.x);
  const ys = room.outline.map((p) => p.y);
  const held = (v: number, size: number, all: number[]) => tidy(Math.max(Math.min(...all), Math.min(Math.max(...all) - size, v)));
  return { ...thing, xM: held(to.x - thing.widthM / 2, thing.widthM, xs), yM: held(to.y - thing.depthM / 2, thing.depthM, ys) };
}

/** Steps in which a free place is looked for, metres. */
const STEP_M = 0.5;

/** A new thing in free space: as near as can be to where it was meant, inside the walls, clear of doors and of what stands there. Where it was meant if nothing is free. */
export function freeSpot(room: Room, thing: FixedThing): FixedThing {
  const keptClear = [...room.doors.map((d) => doorZone(room, d)), ...room.fixed.map(fixedZone)];
  const isFree = ({ xM, yM }: { xM: number; yM: number }) => {
    const rect = rectPolygon({ x: xM + 0.01, y: yM + 0.01, width: thing.widthM - 0.02, depth: thing.depthM - 0.02 });
    return rect.every((p) => insidePolygon(room.outline, p)) && !keptClear.some((zone) => polygonsMeet(zone, rect));
  };
  const [xs, ys] = [room.outline.map((p) => p.x), room.outline.map((p) => p.y)];
  const spots = [{ xM: thing.xM, yM: thing.yM }];
  for (let x = Math.min(...xs); x <= Math.max(...xs) - thing.widthM + 1e-9; x += STEP_M)
    for (let y = Math.min(...ys); y <= Math.max(...ys) - thing.depthM + 1e-9; y += STEP_M) spots.push({ xM: tidy(x), yM: tidy(y) });
  const far = (s: { xM: number; yM: number }) => Math.hypot(s.xM - thing.xM, s.yM - thing.yM);
  const free = spots.filter(isFree).sort((a, b) => far(a) - far(b) || a.xM - b.xM || a.yM - b.yM);
  return { ...thing, ...free[0] };
}

/** A new door on a stretch of wall that has none: on the main door wall first, from its start; where it was meant if every wall is full. */
export function freeDoor(room: Pick<Room, 'outline' | 'doors'>, door: Door): Door {
  for (const [i, wall] of edgesOf(room.outline).entries()) {
    const others = room.doors.filter((d) => d.wall === i);
    for (
      let at = Math.min(1, distance(wall[0], wall[1]) - door.widthM);
      at >= 0 && at + door.widthM <= distance(wall[0], wall[1]);
      at += STEP_M
    )
      if (others.every((d) => at + door.widthM <= d.atM || at >= d.atM + d.widthM)) return { ...door, wall: i, atM: tidy(at) };
  }
  return door;
}

/** A round thing of that diameter, its middle where it was. */
export function withDiameter(thing: FixedThing, metres: number): FixedThing {
  const at = (from: number, size: number) => tidy(Math.max(0, from + size / 2 - metres / 2));
  return { ...thing, xM: at(thing.xM, thing.widthM), yM: at(thing.yM, thing.depthM), widthM: metres, depthM: metres };
}
