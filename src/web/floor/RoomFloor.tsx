import { useMemo, useRef, useState } from 'react';
import { byWall, distance, edgesOf, type Point } from '../../core/geometry/point.ts';
import type { Room } from '../../core/model/room.ts';
import type { Units } from '../parts/units.ts';
import { RoomMeasure } from './Floor.tsx';
import { arrowStep, pointIn, SETTLE_MS, snap } from './gesture.ts';
import { RoomPaint } from './RoomPaint.tsx';
import { type Scale, scaleFor, useSize } from './scale.ts';

interface Props {
  room: Room;
  units: Units;
  /** Index of the chosen corner. */
  corner: number | null;
  onCorner(corner: number | null): void;
  onMove(corner: number, to: Point): void;
}

/** A room to measure: its corners are dragged or stepped with arrow keys, the lengths of its walls follow. */
export function RoomFloor(props: Props) {
  const [box, size] = useSize();
  // The scale stays while a corner is dragged: it follows the stored room.
  const scale = useMemo(() => (size.width ? scaleFor(props.room, size.width, size.height, 44, 64) : null), [props.room, size]);
  return (
    <div ref={box} className="h-full w-full">
      {scale && <Drawing {...props} scale={scale} />}
    </div>
  );
}

function Drawing({ room, units, corner, onCorner, onMove, scale }: Props & { scale: Scale }) {
  const [moving, setMoving] = useState<{ corner: number; at: Point } | null>(null);
  const held = useRef(false);
  const settle = useRef<ReturnType<typeof setTimeout>>(undefined);
  const outline = room.outline.map((p, i) => (moving?.corner === i ? moving.at : p));
  const shown = moving ? { ...room, outline, doors: room.doors.filter((d) => d.wall < outline.length) } : room;
  const within = (v: number) => Math.max(0, Math.min(100, snap(v)));
  const toRoom = (event: React.PointerEvent<SVGGElement>): Point => {
    const at = pointIn(event, scale);
    return { x: within(at.x), y: within(at.y) };
  };
  const drop = () => {
    if (held.current && moving) onMove(moving.corner, moving.at);
    held.current = false;
    setMoving(null);
  };
  const key = (i: number) => (event: React.KeyboardEvent) => {
    const step = arrowStep(event);
    if (event.key === 'Escape') onCorner(null);
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onCorner(i);
    }
    if (!step) return;
    event.preventDefault();
    onCorner(i);
    const from = moving?.corner === i ? moving.at : room.outline[i];
    const at = { x: within(from.x + step[0]), y: within(from.y + step[1]) };
    setMoving({ corner: i, at });
    clearTimeout(settle.current);
    settle.current = setTimeout(() => {
      onMove(i, at);
      setMoving(null);
    }, SETTLE_MS);
  };
  return (
    <svg
      width={scale.width}
      height={scale.height}
      className="block touch-none select-none"
      role="group"
      aria-label={`Outline of ${room.name}`}
    >
      <RoomPaint room={shown} scale={scale} />
      <RoomMeasure room={shown} scale={scale} units={units} above={36} />
      {edgesOf(outline).map(([a, b], wall) => {
        const length = distance(a, b);
        if (length * scale.k < 40) return null;
        const point = byWall(outline, wall);
        const [middle, out] = [point(length / 2, 0), point(length / 2, -1)];
        const at = { x: scale.x(middle.x) + (out.x - middle.x) * 20, y: scale.y(middle.y) - (out.y - middle.y) * 14 };
        return (
          <text
            key={`${a.x} ${a.y} ${wall}`}
            x={at.x}
            y={at.y}
            textAnchor="middle"
            dominantBaseline="central"
            fontSize="13"
            fill="var(--color-muted)"
          >
            {units.say(length)}
          </text>
        );
      })}
      {outline.map((p, i) => (
        <g
          key={`corner-${i + 1}`}
          role="button"
          tabIndex={0}
          aria-label={`Corner ${i + 1}, ${units.say(p.x)} from the west, ${units.say(p.y)} from the south`}
          aria-pressed={corner === i}
          className="cursor-grab focus:outline-none [&:focus-visible>.focus-ring]:opacity-100"
          onPointerDown={(event) => {
            held.current = true;
            event.currentTarget.setPointerCapture(event.pointerId);
            onCorner(i);
          }}
          onPointerMove={(event) => held.current && setMoving({ corner: i, at: toRoom(event) })}
          onPointerUp={drop}
          onPointerCancel={drop}
          onKeyDown={key(i)}
        >
          <rect
            className="focus-ring opacity-0"
            x={scale.x(p.x) - 14}
            y={scale.y(p.y) - 14}
            width="28"
            height="28"
            fill="none"
            stroke="var(--color-tape)"
            strokeWidth="2.5"
          />
          <circle
            cx={scale.x(p.x)}
            cy={scale.y(p.y)}
            r="10"
            fill={corner === i ? 'var(--color-ink)' : 'white'}
            stroke="var(--color-ink)"
            strokeWidth="1.5"
          />
          <text
            x={scale.x(p.x)}
            y={scale.y(p.y)}
            textAnchor="middle"
            dominantBaseline="central"
            fontSize="12"
            fontWeight="700"
            fill={corner === i ? 'white' : 'var(--color-ink)'}
            pointerEvents="none"
          >
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  );
}
