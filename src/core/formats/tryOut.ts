import type { Point } from '../geometry/point.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import { boxOf, lengthOf, meetingPoint, type PathShape, pointAlong } from '../model/shape.ts';
import type { PlayFold } from '../play/foldPlay.ts';
import { everyoneIn, type PlayEvent, wherePlaced } from '../play/playRules.ts';
import type { Measured } from '../simulate/measurePlay.ts';

/** Where somebody is at a second; between two frames they move straight. Metres. */
export interface Frame extends Point {
  at: number;
}
/** One simulated play: its events, how it went for everyone, and where they were if its format knows the way. */
export interface TriedPlay {
  events: PlayEvent[];
  measured: Measured[];
  endedAt?: number;
  /** Of each player by id. */
  frames?: Record<string, Frame[]>;
}
/** A block's floor as far as it tells where students stand. */
export interface PlayFloor {
  pieces: readonly Piece[];
  things: readonly LaidPiece[];
  groups: readonly (readonly string[])[];
}

/** Seconds that somebody takes from one spot to another, at the most. */
const WALK_S = 2;
/** Metres between two who stand at one spot. */
const BESIDE_M = 0.7;

/** The middle and the size of a place or a thing; of a path its line too. */
function spotAt(floor: PlayFloor, id: string): { at: Point; width: number; depth: number; path?: PathShape } | undefined {
  const piece = floor.pieces.find((p) => p.id === id);
  if (piece)
    return {
      at: meetingPoint(piece.shape),
      ...sizeOf(boxOf(piece.shape)),
      ...(piece.shape.shape === 'path' ? { path: piece.shape } : {}),
    };
  const thing = floor.things.find((t) => t.id === id);
  return (
    thing && { at: { x: thing.x, y: thing.y }, width: Math.max(thing.widthM, thing.lengthM), depth: Math.min(thing.widthM, thing.lengthM) }
  );
}
const sizeOf = ({ width, depth }: { width: number; depth: number }) => ({ width, depth });

/** Where the nth of so many stands at a spot: in rows around its middle, as far apart as it has room for. */
function stand(spot: { at: Point; width: number; depth: number }, nth: number, count: number): Point {
  if (count === 1) return spot.at;
  const columns = Math.max(1, Math.ceil(Math.sqrt((count * spot.width) / Math.max(0.3, spot.depth))));
  const rows = Math.ceil(count / columns);
  const dx = Math.min(BESIDE_M * 2, (spot.width * 0.8) / columns);
  const dy = Math.min(BESIDE_M * 2, (spot.depth * 0.8) / rows);
  return {
    x: spot.at.x + ((nth % columns) - (columns - 1) / 2) * dx,
    y: spot.at.y + (Math.floor(nth / columns) - (rows - 1) / 2) * dy,
  };
}

/** Where the nth of so many is on a path: all along it, evenly. */
function along(path: PathShape, nth: number, count: number): Point {
  const { x, y } = pointAlong(path, (nth * lengthOf(path)) / count);
  return { x, y };
}

/** Frames from place to place: after each event everyone walks to where the play's view says they are. `spotOf`: the place or thing where a student at a place of the view stands. */
export function framesByPlaces(
  play: PlayFold,
  events: readonly PlayEvent[],
  floor: PlayFloor,
  spotOf: (place: string, student: string) => string | undefined,
): Record<string, Frame[]> {
  const frames: Record<string, Frame[]> = {};
  let fold = play;
  const put = (at: number) => {
    const bySpot = new Map<string, string[]>();
    for (const [place, ids] of wherePlaced(fold.view()))
      for (const id of ids) {
        const key = spotOf(place, id) ?? '';
        bySpot.set(key, [...(bySpot.get(key) ?? []), id]);
      }
    for (const [key, ids] of bySpot) {
      const spot = spotAt(floor, key);
      if (!spot) continue;
      ids.forEach((id, i) => {
        const to = spot.path ? along(spot.path, i, ids.length) : stand(spot, i, ids.length);
        frames[id] ??= [];
        const before = frames[id].at(-1);
        if (before && Math.hypot(before.x - to.x, before.y - to.y) < 0.01) return;
        if (before && at > before.at) frames[id].push({ at, x: before.x, y: before.y });
        frames[id].push({ at: before ? Math.max(at, before.at) + WALK_S : 0, ...to });
      });
    }
  };
  put(0);
  for (const event of events) {
    fold = fold.step(event);
    put(event.at);
  }
  for (const id of everyoneIn(play.view())) frames[id] ??= [];
  return frames;
}

/** Where somebody is at a second, between two frames. */
export function frameAt(frames: readonly Frame[], at: number): Point | undefined {
  if (!frames.length) return undefined;
  let [low, high] = [0, frames.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (frames[middle].at <= at) low = middle;
    else high = middle - 1;
  }
  const [a, b] = [frames[low], frames[low + 1]];
  if (!b || at <= a.at) return a;
  const share = Math.min(1, (at - a.at) / Math.max(1e-6, b.at - a.at));
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}
