import { useState } from 'react';
import { byWall, distance, edgesOf, type Point } from '../../core/geometry/point.ts';
import type { Door } from '../../core/model/door.ts';
import type { FixedThing } from '../../core/model/fixedThing.ts';
import type { Room } from '../../core/model/room.ts';
import { moveDoor, moveFixed } from '../../core/model/roomMoves.ts';
import type { Units } from '../parts/units.ts';
import { Handle } from './Handle.tsx';
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
  /** A door, or a thing, dragged: its middle. */
  onDoor(door: Door, to: Point): void;
  onFixed(thing: FixedThing, to: Point): void;
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

function Drawing({ room, units, corner, onCorner, onMove, onDoor, onFixed, tape, onTape, scale }: Props & { scale: Scale }) {
  const [moving, setMoving] = useState<{ corner: number; at: Point } | null>(null);
  const outline = room.outline.map((p, i) => (moving?.corner === i ? moving.at : p));
  const [pulled, setPulled] = useState<{ id: string; at: Point } | null>(null);
  const shown = {
    ...room,
    outline,
    doors: room.doors.filter((d) => d.wall < outline.length).map((d) => (pulled?.id === d.id ? moveDoor(room, d, pulled.at) : d)),
    fixed: room.fixed.map((f) => (pulled?.id === f.id ? moveFixed(room, f, pulled.at) : f)),
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
      {room.doors.map((door, i) => {
        const middle = (d: Door) => byWall(room.outline, d.wall)(d.atM + d.widthM / 2, 0);
        const now = shown.doors.find((d) => d.id === door.id) ?? door;
        return (
          <Handle
            key={door.id}
            at={middle(door)}
            shown={middle(now)}
            name="D"
            label={`${door.name}, door ${i + 1}, ${units.say(now.atM)} along its wall`}
            chosen={pulled?.id === door.id}
            scale={scale}
            onChoose={() => undefined}
            onMoving={(at) => setPulled(at && { id: door.id, at })}
            onMove={(to) => onDoor(door, to)}
          />
        );
      })}
      {room.fixed.map((thing, i) => {
        const now = shown.fixed[i];
        const middle = (f: FixedThing) => ({ x: f.xM + f.widthM / 2, y: f.yM + f.depthM / 2 });
        return (
          <Handle
            key={thing.id}
            at={middle(thing)}
            shown={middle(now)}
            name={thing.name.slice(0, 1).toUpperCase()}
            label={`${thing.name}, ${units.say(now.xM)} from the west, ${units.say(now.yM)} from the south`}
            chosen={pulled?.id === thing.id}
            scale={scale}
            onChoose={() => undefined}
            onMoving={(at) => setPulled(at && { id: thing.id, at })}
            onMove={(to) => onFixed(thing, to)}
          />
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
