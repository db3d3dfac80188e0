import { boundsOf } from '../../core/geometry/point.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Room } from '../../core/model/room.ts';
import { RoomPaint } from './RoomPaint.tsx';
import { scaleFor } from './scale.ts';
import { NumberedTape } from './Tape.tsx';

/** Pixels a metre below which numbers, painted lines and the width of tape would hide one another. */
const TINY = 8;

/** The floor small and still: room, tape, numbers; a stamp of it where there is too little room for those. */
export function MiniFloor({ room, pieces, width, height }: { room: Room; pieces: readonly Piece[]; width: number; height: number }) {
  const scale = scaleFor(room, width, height, 4);
  const tiny = scale.k < TINY;
  const box = boundsOf(room.outline);
  return (
    <svg
      width={width}
      height={height}
      className="block"
      role="img"
      aria-label={`${room.name}, ${box.width} by ${box.depth} metres, ${pieces.length} places taped`}
    >
      <RoomPaint room={tiny ? { ...room, painted: [] } : room} scale={scale} labels={false} />
      {tiny &&
        pieces.map((p) => (
          <rect
            key={p.id}
            x={scale.x(p.x)}
            y={scale.y(p.y + p.depth)}
            width={p.width * scale.k}
            height={p.depth * scale.k}
            fill="white"
            stroke="var(--color-tape)"
            strokeWidth="1.5"
          />
        ))}
      {(tiny ? [] : pieces).map((p, i) => (
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
