import type { FittedGame } from '../../core/fit/fitted.ts';
import type { Point, Rect } from '../../core/geometry/point.ts';
import type { LaidPiece } from '../../core/model/laidPiece.ts';
import type { Room } from '../../core/model/room.ts';
import type { FloorZone } from '../../core/safety/floorZones.ts';
import type { Units } from '../parts/units.ts';
import type { FloorMark } from './AdaptMarks.tsx';
import { FloorDrawing } from './FloorDrawing.tsx';
import { type Layer, USUAL_LAYERS } from './layers.ts';
import type { OtherPlace } from './OthersLayer.tsx';
import { Scaled } from './Scaled.tsx';

export interface FloorRing {
  number: number;
  weight: 'stop' | 'caution' | 'note';
  x: number;
  y: number;
}

export interface FloorProps {
  room: Room;
  game?: FittedGame;
  /** What the teacher laid out beside the game's places. */
  laid?: readonly LaidPiece[];
  /** Index into the game's rounds. */
  round: number;
  rings?: FloorRing[];
  /** Plans in use, by initials. */
  marks?: readonly FloorMark[];
  selected?: readonly string[];
  units: Units;
  layers?: readonly Layer[];
  /** What the teacher sees from their spot, and what safety asks: drawn while their layers are on. */
  seen?: readonly Point[] | null;
  zones?: readonly FloorZone[];
  /** What other classes have of the floor at the same time. */
  others?: readonly OtherPlace[];
  onSelect?(ids: string[]): void;
  /** Places and pieces were dragged or stepped; one gesture, one call. */
  onMove?(ids: string[], dx: number, dy: number): void;
  onTurn?(id: string, byDeg: number): void;
  onTakeUp?(ids: string[]): void;
  /** A box is being drawn: told where, or null where it was too small. */
  onBox?(box: Rect | null): void;
  faded?: boolean;
}

/** The floor: room as paint, places as tape, groups as pennants. What lies on it is dragged or stepped with arrow keys; distances are live. */
export function Floor({ faded, layers = USUAL_LAYERS, ...props }: FloorProps) {
  return (
    <Scaled room={props.room} pad={22} above={44} beside={38} className={`relative ${faded ? 'opacity-45' : ''}`}>
      {(scale) => <FloorDrawing {...props} layers={layers} base={scale} />}
    </Scaled>
  );
}
