import { memo } from 'react';
import { clearRays } from '../../core/arrange/clearRays.ts';
import type { Area } from '../../core/geometry/area.ts';
import type { Rect } from '../../core/geometry/point.ts';
import type { Piece } from '../../core/model/piece.ts';
import { boxOf, meetingPoint } from '../../core/model/shape.ts';
import type { Units } from '../parts/units.ts';
import { ShapeDrawing } from './ShapeDrawing.tsx';
import type { Scale } from './scale.ts';
import { TapeArrow } from './Tape.tsx';

/** Where students stand in a place: rows of dots, left of the pennant. */
function dotsFor(count: number, width: number): { x: number; y: number }[] {
  const columns = Math.ceil(count / 2);
  const step = Math.min(26, (width - 82) / Math.max(0.5, columns - 0.5));
  return Array.from({ length: count }, (_, i) => ({ x: 10 + (i >> 1) * step + (i % 2 ? step / 2 : 0), y: i % 2 ? 17 : 0 }));
}

/** From the edge of one place to the edge of the next, along the line between where one meets there. */
export function Arrow({ a, b, scale }: { a: Piece; b: Piece; scale: Scale }) {
  const [boxA, boxB] = [boxOf(a.shape), boxOf(b.shape)];
  const [ca, cb] = [meetingPoint(a.shape), meetingPoint(b.shape)];
  const dx = cb.x - ca.x;
  const dy = cb.y - ca.y;
  const exit = (box: Rect) => Math.min(box.width / 2 / Math.max(1e-9, Math.abs(dx)), box.depth / 2 / Math.max(1e-9, Math.abs(dy)));
  const t1 = exit(boxA);
  const t2 = 1 - exit(boxB);
  if (t2 <= t1) return null;
  return <TapeArrow x1={scale.x(ca.x + dx * t1)} y1={scale.y(ca.y + dy * t1)} x2={scale.x(ca.x + dx * t2)} y2={scale.y(ca.y + dy * t2)} />;
}

interface PieceProps {
  piece: Piece;
  area: Area;
  /** The game's title, said before the place's. */
  game: string;
  scale: Scale;
  index: number;
  /** How many stand in it just now. */
  count: number;
  selected: boolean;
  units: Units;
}

/** Fewer letters of a title than these are not drawn. */
const LEAST_LETTERS = 5;

/** A place on the floor: tape, number, title, who stands in it; dragged, stepped and read aloud as one button; what happens is heard by the drawing (data-piece). */
export const PieceDrawing = memo(function PieceDrawing({ piece, area, game, scale, index, count, selected, units }: PieceProps) {
  const box = boxOf(piece.shape);
  const free = clearRays(area, box, []).map((r) => `${units.say(r.metres)} ${r.side}`);
  const x = scale.x(box.x);
  const y = scale.y(box.y + box.depth);
  const width = box.width * scale.k;
  const height = box.depth * scale.k;
  const label = piece.label ?? { x: box.x, y: box.y + box.depth };
  const head = scale.y(label.y);
  const from = scale.x(label.x);
  const small = scale.k < 31;
  // So far out that the floor beside a label's place holds one small line only.
  const tight = piece.label !== undefined && scale.k < 26;
  const numeral = tight ? 15 : small ? 22 : 26;
  const base = tight ? scale.k * 0.8 : small ? 24 : 27;
  const left = from + 14 + String(piece.number).length * (tight ? 9 : small ? 13 : 15);
  const letters = Math.floor((x + width - left - 3) / (small ? 5.6 : 6.5));
  // A word or two cut to a few letters says nothing: the number alone does.
  const isCut = piece.title.length > letters && (tight || letters < LEAST_LETTERS);
  const title = piece.title.length > letters ? `${piece.title.slice(0, Math.max(2, letters - 1))}…` : piece.title;
  return (
    <>
      <g
        data-piece={piece.id}
        role="button"
        tabIndex={0}
        aria-label={`${game}: ${piece.number} ${piece.title}, ${free.join(', ')}`}
        aria-pressed={selected}
        className="cursor-grab focus:outline-none [&:focus-visible>.focus-ring]:opacity-100"
      >
        <ShapeDrawing shape={piece.shape} taped={piece.taped} scale={scale} seed={index * 5} />
        <rect
          className="focus-ring opacity-0"
          x={x - 7}
          y={y - 7}
          width={width + 14}
          height={height + 14}
          fill="none"
          stroke="var(--color-tape)"
          strokeWidth="2.5"
        />
        {selected && (
          <rect
            x={x - 7}
            y={y - 7}
            width={width + 14}
            height={height + 14}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth="2"
            strokeDasharray="2 4"
          />
        )}
      </g>
      <g pointerEvents="none">
        {piece.pinned && <path d={`M${x + width - 13} ${y}h13v13z`} fill="var(--color-ink)" />}
        <text
          x={from + (tight ? 3 : small ? 7 : 9)}
          y={head + base}
          fontSize={numeral}
          fontFamily="var(--font-head)"
          fontWeight="700"
          fill="var(--color-tape)"
        >
          {piece.number}
        </text>
        <text
          x={left}
          y={head + (tight ? base : base - 4)}
          fontSize={tight ? 12 : small ? 12.5 : 14}
          fontFamily="var(--font-head)"
          fontWeight="620"
          style={{ fontStretch: '82%' }}
        >
          {isCut ? '' : title}
        </text>
        {height > 70 &&
          piece.taped &&
          piece.shape.shape === 'rect' &&
          dotsFor(count, width).map((d) => (
            <circle
              key={`${d.x}-${d.y}`}
              cx={x + 12 + d.x}
              cy={y + height - 38 + d.y}
              r="6"
              fill="white"
              stroke="var(--color-ink)"
              strokeWidth="1.5"
            />
          ))}
      </g>
    </>
  );
});
