import { boundsOf, distance, type Point } from '../geometry/point.ts';
import { parted } from './curtain.ts';
import { partRoom } from './partRoom.ts';
import type { Room } from './room.ts';

/** How another lesson's room lies to one's own: the same floor, the whole of which one's own is a part, a part of one's own, or the other side of a curtain. */
export const BESIDE = ['same', 'whole', 'part', 'next'] as const;
export type Beside = (typeof BESIDE)[number];

/** How another room lies to one's own; undefined where they have nothing to do with one another. */
export function besideOf(mine: Pick<Room, 'id' | 'partOf'>, other: Pick<Room, 'id' | 'partOf'>): Beside | undefined {
  if (mine.id === other.id) return 'same';
  if (mine.partOf === other.id) return 'whole';
  if (other.partOf === mine.id) return 'part';
  return mine.partOf !== undefined && mine.partOf === other.partOf ? 'next' : undefined;
}

/** Where the corner of a part lies in the whole room, m; undefined where no curtain of the room makes it. Its name tells two alike apart. */
export function originIn(part: Pick<Room, 'name' | 'outline'>, whole: Room): Point | undefined {
  const found = whole.curtains.flatMap((curtain) =>
    ([0, 1] as const).flatMap((side) => {
      const made = partRoom(whole, curtain, side);
      const isAlike = made && made.outline.length === part.outline.length && made.outline.every((p, i) => near(p, part.outline[i]));
      return isAlike ? [{ origin: boundsOf(parted(whole.outline, curtain)![side].outline), name: curtain.parts[side] }] : [];
    }),
  );
  const one = found.find((f) => f.name === part.name) ?? found[0];
  return one && { x: one.origin.x, y: one.origin.y };
}

const near = (a: Point, b: Point) => distance(a, b) < 5e-3;
