import { useRef, useState } from 'react';
import { byWall, distance, edgesOf, type Point } from '../../core/geometry/point.ts';
import type { Room } from '../../core/model/room.ts';
import type { Units } from '../parts/units.ts';
import { arrowStep, pointIn, SETTLE_MS, snap } from './gesture.ts';
import { RoomMeasure } from './RoomMeasure.tsx';
import { RoomPaint } from './RoomPaint.tsx';
import { Scaled } from './Scaled.tsx';
import type { Scale } from './scale.ts';
import { Measure } from './Tape.tsx';

interface Props {
  room: Room;
  units: Units;
  /** Index of the chosen corner. */
  corner: number | null;
  onCorner(corner: number | null): void;
  onMove(corner: number, to: Point): void;
  /** The measuring tape's two ends; null while it is rolled up. */
  tape: [Point, Point] | null;
  onTape(tape: [Point, Point]): void;
}

/** A room to measure: its corners are dragged or stepped with arrow keys, the lengths of its walls follow. */
export function RoomFloor(props: Props) {
  // The scale stays while a corner is dragged: it follows the stored room.
  return (
    <Scaled room={props.room} pad={44} above={64}>
      {(scale) => <Drawing {...props} scale={scale} />}
    </Scaled>
  );
}

function Drawing({ room, units, corner, onCorner, onMove, tape, onTape, scale }: Props & { scale: Scale }) {
  const [moving, setMoving] = useState<{ corner: number; at: Point } | null>(null);
  const outline = room.outline.map((p, i) => (moving?.corner === i ? moving.at : p));
  const shown = moving ? { ...room, outline, doors: room.doors.filter((d) => d.wall < outline.length) } : room;
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
        <Handle
          key={`corner-${i + 1}`}
          at={room.outline[i]}
          shown={p}
          name={String(i + 1)}
          label={`Corner ${i + 1}, ${units.say(p.x)} from the west, ${units.say(p.y)} from the south`}
          chosen={corner === i}
          scale={scale}
          onChoose={(yes) => onCorner(yes ? i : null)}
          onMoving={(at) => setMoving(at && { corner: i, at })}
          onMove={(to) => onMove(i, to)}
        />
      ))}
      {tape && <MeasuringTape room={room} tape={tape} units={units} scale={scale} onTape={onTape} />}
    </svg>
  );
}

/** Nearer than this an end of the measuring tape is held to a wall's corner, metres. */
const HOLD_M = 0.25;

/** Two ends of a tape laid anywhere: how far it is between them. */
function MeasuringTape({
  room,
  tape,
  units,
  scale,
  onTape,
}: {
  room: Room;
  tape: [Point, Point];
  units: Units;
  scale: Scale;
  onTape(tape: [Point, Point]): void;
}) {
  const [moving, setMoving] = useState<{ end: number; at: Point } | null>(null);
  const held = (p: Point) => room.outline.find((c) => distance(c, p) < HOLD_M) ?? p;
  const ends = tape.map((p, i) => (moving?.end === i ? held(moving.at) : p));
  const [a, b] = ends;
  return (
    <g>
      <Measure x1={scale.x(a.x)} y1={scale.y(a.y)} x2={scale.x(b.x)} y2={scale.y(b.y)} text={units.say(distance(a, b))} />
      {ends.map((p, i) => (
        <Handle
          key={i === 0 ? 'A' : 'B'}
          at={tape[i]}
          shown={p}
          name={i === 0 ? 'A' : 'B'}
          label={`End ${i === 0 ? 'A' : 'B'} of the tape, ${units.say(p.x)} from the west, ${units.say(p.y)} from the south; the other end is ${units.say(distance(a, b))} away`}
          chosen={moving?.end === i}
          scale={scale}
          onChoose={() => undefined}
          onMoving={(at) => setMoving(at && { end: i, at })}
          onMove={(to) => onTape(i === 0 ? [held(to), tape[1]] : [tape[0], held(to)])}
        />
      ))}
    </g>
  );
}

const within = (v: number) => Math.max(0, Math.min(100, snap(v)));

/** A point of the room that is dragged or stepped with arrow keys; told while it moves, and once where it came to lie. */
function Handle({
  at,
  shown,
  name,
  label,
  chosen,
  scale,
  onChoose,
  onMoving,
  onMove,
}: {
  at: Point;
  shown: Point;
  name: string;
  label: string;
  chosen: boolean;
  scale: Scale;
  onChoose(chosen: boolean): void;
  onMoving(at: Point | null): void;
  onMove(to: Point): void;
}) {
  const held = useRef(false);
  const last = useRef<Point | null>(null);
  const settle = useRef<ReturnType<typeof setTimeout>>(undefined);
  const told = (p: Point) => {
    last.current = p;
    onMoving(p);
  };
  const drop = () => {
    if (held.current && last.current) onMove(last.current);
    held.current = false;
    last.current = null;
    onMoving(null);
  };
  const key = (event: React.KeyboardEvent) => {
    const step = arrowStep(event);
    if (event.key === 'Escape') onChoose(false);
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onChoose(true);
    }
    if (!step) return;
    event.preventDefault();
    onChoose(true);
    const from = last.current ?? at;
    told({ x: within(from.x + step[0]), y: within(from.y + step[1]) });
    clearTimeout(settle.current);
    settle.current = setTimeout(() => {
      if (last.current) onMove(last.current);
      last.current = null;
      onMoving(null);
    }, SETTLE_MS);
  };
  const [x, y] = [scale.x(shown.x), scale.y(shown.y)];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={chosen}
      className="cursor-grab focus:outline-none [&:focus-visible>.focus-ring]:opacity-100"
      onPointerDown={(event) => {
        held.current = true;
        event.currentTarget.setPointerCapture(event.pointerId);
        onChoose(true);
      }}
      onPointerMove={(event) => {
        if (!held.current) return;
        const p = pointIn(event, scale);
        told({ x: within(p.x), y: within(p.y) });
      }}
      onPointerUp={drop}
      onPointerCancel={drop}
      onKeyDown={key}
    >
      <rect
        className="focus-ring opacity-0"
        x={x - 14}
        y={y - 14}
        width="28"
        height="28"
        fill="none"
        stroke="var(--color-tape)"
        strokeWidth="2.5"
      />
      <circle cx={x} cy={y} r="10" fill={chosen ? 'var(--color-ink)' : 'white'} stroke="var(--color-ink)" strokeWidth="1.5" />
      <text
        x={x}
        y={y}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize="12"
        fontWeight="700"
        fill={chosen ? 'white' : 'var(--color-ink)'}
        pointerEvents="none"
      >
        {name}
      </text>
    </g>
  );
}
