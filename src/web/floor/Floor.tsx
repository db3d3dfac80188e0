import { useMemo, useRef, useState } from 'react';
import { clearRays } from '../../core/arrange/clearRays.ts';
import { tapedRect } from '../../core/arrange/setOutList.ts';
import { type Guide, paintedGuides, snapTo } from '../../core/arrange/snapTo.ts';
import type { FittedGame } from '../../core/fit/fitted.ts';
import { boundsOf } from '../../core/geometry/point.ts';
import type { Piece } from '../../core/model/piece.ts';
import { type Room, roomArea } from '../../core/model/room.ts';
import { PennantCloth } from '../parts/Pennant.tsx';
import type { Units } from '../parts/units.ts';
import { arrowStep, pointIn, SETTLE_MS, snap } from './gesture.ts';
import { Arrow, PieceDrawing } from './PieceDrawing.tsx';
import { RoomPaint } from './RoomPaint.tsx';
import { type Scale, scaleFor, useSize } from './scale.ts';
import { ChalkRing, GuideLine, Measure, RING_PX, ringsApart } from './Tape.tsx';

export interface FloorRing {
  number: number;
  weight: 'stop' | 'caution' | 'note';
  x: number;
  y: number;
}

interface Props {
  room: Room;
  game?: FittedGame;
  /** Index into the game's rounds. */
  round: number;
  rings?: FloorRing[];
  selected?: string | null;
  units: Units;
  onSelect?(pieceId: string | null): void;
  /** A piece was dragged or stepped to a new lower left corner; one gesture, one call. */
  onPlace?(pieceId: string, at: { x: number; y: number }): void;
  faded?: boolean;
}

/** The floor: room as paint, places as tape, groups as pennants. Pieces are dragged or stepped with arrow keys; distances are live. */
export function Floor({ room, game, round, rings = [], selected, units, onSelect, onPlace, faded }: Props) {
  const [box, size] = useSize();
  const scale = useMemo(() => (size.width ? scaleFor(room, size.width, size.height, 22, 44) : null), [room, size]);
  return (
    <div ref={box} className={`h-full w-full ${faded ? 'opacity-45' : ''}`}>
      {scale && <Drawing {...{ room, game, round, rings, selected, units, onSelect, onPlace, scale }} />}
    </div>
  );
}

function Drawing({ room, game, round, rings, selected, units, onSelect, onPlace, scale }: Omit<Props, 'faded'> & { scale: Scale }) {
  const [moving, setMoving] = useState<{ id: string; x: number; y: number; guides?: Guide[] } | null>(null);
  const grip = useRef<{ dx: number; dy: number; moved: boolean } | null>(null);
  const settle = useRef<ReturnType<typeof setTimeout>>(undefined);
  const area = useMemo(() => roomArea(room, 0), [room]);
  const painted = useMemo(() => paintedGuides(room), [room]);
  const pieces = (game?.pieces ?? []).map((p) => (moving?.id === p.id ? { ...p, x: moving.x, y: moving.y } : p));
  const size = boundsOf(room.outline);
  const places = game?.timeline.rounds[round]?.places ?? [];
  const next = game?.timeline.rounds[round + 1]?.places;
  const chosen = pieces.find((p) => p.id === selected);

  const down = (piece: Piece) => (event: React.PointerEvent<SVGGElement>) => {
    if (!onPlace) return;
    const at = pointIn(event, scale);
    grip.current = { dx: at.x - piece.x, dy: at.y - piece.y, moved: false };
    event.currentTarget.setPointerCapture(event.pointerId);
    onSelect?.(piece.id);
  };
  const move = (piece: Piece) => (event: React.PointerEvent<SVGGElement>) => {
    if (!grip.current) return;
    const at = pointIn(event, scale);
    const to = { x: snap(at.x - grip.current.dx), y: snap(at.y - grip.current.dy) };
    if (!grip.current.moved && Math.hypot(to.x - piece.x, to.y - piece.y) < 0.15) return;
    grip.current.moved = true;
    // With Alt held a place lies where it is put, to ten centimetres.
    if (event.altKey) return setMoving({ id: piece.id, ...to });
    const still = (game?.pieces ?? []).filter((p) => p.id !== piece.id).map(tapedRect);
    const rect = tapedRect({ ...piece, ...to });
    const snapped = snapTo(rect, still, painted);
    setMoving({ id: piece.id, x: snapped.x, y: snapped.y - (rect.y - to.y), guides: snapped.guides });
  };
  const up = (piece: Piece) => () => {
    const moved = grip.current?.moved;
    grip.current = null;
    if (moved && moving) onPlace?.(piece.id, { x: moving.x, y: moving.y });
    setMoving(null);
  };
  const key = (piece: Piece) => (event: React.KeyboardEvent) => {
    const step = arrowStep(event);
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onSelect?.(selected === piece.id ? null : piece.id);
    }
    if (event.key === 'Escape') onSelect?.(null);
    if (!step || !onPlace) return;
    event.preventDefault();
    onSelect?.(piece.id);
    const from = moving?.id === piece.id ? moving : piece;
    const at = { x: snap(from.x + step[0]), y: snap(from.y + step[1]) };
    setMoving({ id: piece.id, ...at });
    clearTimeout(settle.current);
    settle.current = setTimeout(() => {
      onPlace(piece.id, at);
      setMoving(null);
    }, SETTLE_MS);
  };

  const middle = (p: Piece) => ({ x: scale.x(p.x + p.width / 2), y: scale.y(p.y + p.depth / 2) });
  const arrows = next
    ? [...new Set(places.flatMap((from, g) => (from >= 0 && next[g] >= 0 && from !== next[g] ? [`${from}>${next[g]}`] : [])))].map((pair) =>
        pair.split('>').map(Number),
      )
    : [];
  return (
    <svg
      width={scale.width}
      height={scale.height}
      className="block touch-none select-none"
      role="group"
      aria-label={`Floor of ${room.name}, ${units.say(size.width)} by ${units.say(size.depth)}`}
    >
      <RoomPaint room={room} scale={scale} />
      <RoomMeasure room={room} scale={scale} units={units} />
      {arrows.map(([from, to]) => {
        const a = pieces[from];
        const b = pieces[to];
        return a && b ? <Arrow key={`${from}-${to}`} a={a} b={b} scale={scale} /> : null;
      })}
      {pieces.map((piece, i) => (
        <PieceDrawing
          key={piece.id}
          piece={piece}
          scale={scale}
          index={i}
          group={places.indexOf(i)}
          selected={piece.id === selected}
          count={places.indexOf(i) >= 0 ? (game?.groups[places.indexOf(i)].length ?? 0) : 0}
          label={`${game?.title}: ${piece.number} ${piece.title}, ${clearRays(area, piece, [])
            .map((r) => `${units.say(r.metres)} ${r.side}`)
            .join(', ')}`}
          handlers={{
            onPointerDown: down(piece),
            onPointerMove: move(piece),
            onPointerUp: up(piece),
            onPointerCancel: up(piece),
            onKeyDown: key(piece),
          }}
        />
      ))}
      {places.map((at, g) => {
        const piece = pieces[at];
        if (!piece) return null;
        const c = middle(piece);
        // A court's pennant flies at its upper corner: its cells and its line are people's.
        const x = scale.x(piece.x + piece.width) - (piece.cells ? 30 : 46);
        const y = piece.cells ? scale.y(piece.y + piece.depth) - 30 : c.y + (piece.depth * scale.k) / 2 - 40;
        return (
          <g
            key={`group-${g}`}
            style={{ transform: `translate(${x}px, ${y}px)`, transition: moving ? undefined : 'transform 220ms ease-in-out' }}
            pointerEvents="none"
          >
            <line x1="-1" y1="-3" x2="-1" y2="30" stroke="var(--color-ink)" strokeWidth="2.5" />
            <PennantCloth index={g} />
            <circle cx="32" cy="22" r="8.5" fill="white" stroke="var(--color-ink)" strokeWidth="1.5" />
            <text x="32" y="22.5" textAnchor="middle" dominantBaseline="central" fontSize="12" fontWeight="700">
              {g + 1}
            </text>
          </g>
        );
      })}
      {chosen &&
        clearRays(
          area,
          chosen,
          pieces.filter((p) => p !== chosen),
        )
          .filter((r) => r.metres > 0.04)
          .map((r) => (
            <Measure
              key={r.side}
              x1={scale.x(r.from.x)}
              y1={scale.y(r.from.y)}
              x2={scale.x(r.to.x)}
              y2={scale.y(r.to.y)}
              text={units.say(r.metres)}
            />
          ))}
      {moving?.guides?.map((g) => (
        <GuideLine key={`${g.along}-${g.at}`} guide={g} scale={scale} />
      ))}
      {ringsApart((rings ?? []).map((ring) => ({ ...ring, x: scale.x(ring.x), y: scale.y(ring.y) }))).map((ring) => (
        <ChalkRing key={ring.number} {...ring} r={RING_PX} />
      ))}
    </svg>
  );
}

/** The room's name and its two measures, above it. */
export function RoomMeasure({ room, scale, units, above = 18 }: { room: Room; scale: Scale; units: Units; above?: number }) {
  const box = boundsOf(room.outline);
  const y = scale.y(box.y + box.depth) - above;
  const left = scale.x(box.x);
  const right = scale.x(box.x + box.width);
  const text = `${room.name} · ${units.say(box.width)} × ${units.say(box.depth)}`;
  const half = text.length * 3.6 + 14;
  const middle = (left + right) / 2;
  return (
    <g stroke="var(--color-paint)" strokeWidth="1.5" fill="none">
      <path d={`M${left} ${y - 5}v10M${left} ${y}H${middle - half}M${middle + half} ${y}H${right}M${right} ${y - 5}v10`} />
      <text x={middle} y={y + 4.5} textAnchor="middle" fontSize="14" stroke="none" fill="var(--color-ink)">
        {text}
      </text>
    </g>
  );
}
