import { boundsOf } from '../../core/geometry/point.ts';
import type { LaidPiece } from '../../core/model/laidPiece.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Room } from '../../core/model/room.ts';
import { boxOf, meetingPoint } from '../../core/model/shape.ts';
import { useUnits } from '../parts/units.ts';
import { StillThing } from './LaidDrawing.tsx';
import { PieceTape } from './PieceTape.tsx';
import { RoomPaint } from './RoomPaint.tsx';
import { scaleFor } from './scale.ts';

/** Pixels a metre below which numbers, painted lines and the width of tape would hide one another. */
const TINY = 8;

/** The floor small and still: room, tape, numbers; a stamp of it where there is too little room for those. */
export function MiniFloor({
  room,
  pieces,
  things = [],
  width,
  height,
}: {
  room: Room;
  pieces: readonly Piece[];
  /** What lies inside the places. */
  things?: readonly LaidPiece[];
  width: number;
  height: number;
}) {
  const units = useUnits();
  const scale = scaleFor(room, width, height, 4);
  const tiny = scale.k < TINY;
  const box = boundsOf(room.outline);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      className="block"
      role="img"
      aria-label={`${room.name}, ${units.say(box.width)} by ${units.say(box.depth)}, ${pieces.length} areas`}
    >
      <RoomPaint room={tiny ? { ...room, painted: [] } : room} scale={scale} labels={false} />
      {pieces.map((p, i) => (
        <PieceTape
          key={p.id}
          piece={p}
          scale={scale}
          seed={i * 5}
          size={tiny ? null : Math.max(12, Math.min(20, boxOf(p.shape).depth * scale.k * 0.6))}
        />
      ))}
      {!tiny && things.map((t) => <StillThing key={t.id} piece={t} scale={scale} />)}
      {!tiny &&
        pieces
          .filter((p) => !p.taped)
          .map((p) => {
            const at = p.label ?? meetingPoint(p.shape);
            return (
              <text key={p.id} x={scale.x(at.x) + 4} y={scale.y(at.y) + 13} fontSize="13" fontWeight="700" fill="var(--color-tape)">
                {p.number}
              </text>
            );
          })}
    </svg>
  );
}
