import { boundsOf } from '../../core/geometry/point.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Room } from '../../core/model/room.ts';
import { RoomPaint } from './RoomPaint.tsx';
import { scaleFor } from './scale.ts';
import { NumberedTape } from './Tape.tsx';

/** The floor small and still: room, tape, numbers. */
export function MiniFloor({ room, pieces, width, height }: { room: Room; pieces: readonly Piece[]; width: number; height: number }) {
  const scale = scaleFor(room, width, height, 4);
  const box = boundsOf(room.outline);
  return (
    <svg
      width={width}
      height={height}
      className="block"
      role="img"
      aria-label={`${room.name}, ${box.width} by ${box.depth} metres, ${pieces.length} places taped`}
    >
      <RoomPaint room={room} scale={scale} labels={false} />
      {pieces.map((p, i) => (
        <NumberedTape
          key={p.id}
          rect={p}
          number={p.number}
          scale={scale}
          seed={i * 5}
          size={Math.max(12, Math.min(20, p.depth * scale.k * 0.6))}
        />
      ))}
    </svg>
  );
}
