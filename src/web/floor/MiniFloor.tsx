import { boundsOf } from '../../core/geometry/point.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Room } from '../../core/model/room.ts';
import { RoomPaint } from './RoomPaint.tsx';
import { scaleFor } from './scale.ts';
import { TapeRect } from './Tape.tsx';

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
      {pieces.map((p, i) => {
        const x = scale.x(p.x);
        const y = scale.y(p.y + p.depth);
        return (
          <g key={p.id}>
            <rect x={x} y={y} width={p.width * scale.k} height={p.depth * scale.k} fill="white" fillOpacity="0.75" />
            <TapeRect x={x} y={y} width={p.width * scale.k} height={p.depth * scale.k} k={scale.k} seed={i * 5} />
            <text
              x={x + (p.width * scale.k) / 2}
              y={y + (p.depth * scale.k) / 2}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize={Math.max(12, Math.min(20, p.depth * scale.k * 0.6))}
              fontWeight="700"
              fontFamily="var(--font-head)"
              fill="var(--color-tape)"
            >
              {p.number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
