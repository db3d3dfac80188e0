import { type Point, rectPolygon } from '../geometry/point.ts';
import type { BandDefaults } from '../model/band.ts';
import { doorsKeptClear, doorZone } from '../model/door.ts';
import { footprint, type LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import { boxOf, circlePolygon } from '../model/shape.ts';
import { fliesOn, flight } from './lanes.ts';
import { runOut, speedOver, swingClearance } from './runOut.ts';

/** Floor that safety asks for: kept clear before doors, run-out past lanes and places, where things fly on, where implements swing. */
export interface FloorZone {
  zone: 'door' | 'run-out' | 'flight' | 'swing';
  outline: Point[];
}

/** Metres that a run along a lane needs to stop past its end: the speed that can be reached on it, braked, and 0.3 m. */
export function laneRunOut(lane: Pick<LaidPiece, 'lengthM'>, { acceleration, braking, sprint }: BandDefaults): number {
  return Math.round(runOut(speedOver(lane.lengthM, acceleration, sprint * 1.2), braking, 0.3) * 100) / 100;
}

/** Metres that somebody at a spot with an implement needs free around. */
export const swingAt = (piece: Pick<LaidPiece, 'implementM'>, { armReach, swingStep }: BandDefaults): number =>
  swingClearance(armReach, piece.implementM ?? 0, swingStep);

/** Everything that the safety layer draws: doors, run-outs, flights and swings of one block's floor. */
export function floorZones(
  room: Room,
  pieces: readonly Piece[],
  clearances: Readonly<Record<string, { metres: number; running: boolean }>>,
  laid: readonly LaidPiece[],
  defaults: BandDefaults,
): FloorZone[] {
  const grown = (p: Piece, by: number) => {
    const box = boxOf(p.shape);
    return rectPolygon({ x: box.x - by, y: box.y - by, width: box.width + 2 * by, depth: box.depth + 2 * by });
  };
  return [
    ...doorsKeptClear(room).map((d): FloorZone => ({ zone: 'door', outline: [...doorZone(room, d)] })),
    ...pieces
      .filter((p) => clearances[p.id]?.running)
      .map((p): FloorZone => ({ zone: 'run-out', outline: grown(p, clearances[p.id].metres) })),
    ...laid.flatMap((p): FloorZone[] => {
      if (p.laid === 'lane' && p.use === 'run') return [{ zone: 'run-out', outline: footprint(flight(p, laneRunOut(p, defaults))) }];
      if (p.laid === 'lane') return [{ zone: 'flight', outline: footprint(flight(p, fliesOn(p))) }];
      return p.implementM ? [{ zone: 'swing', outline: circlePolygon(p, swingAt(p, defaults)) }] : [];
    }),
  ];
}
