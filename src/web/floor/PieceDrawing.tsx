import { memo } from 'react';
import { clearRays } from '../../core/arrange/clearRays.ts';
import type { Area } from '../../core/geometry/area.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Units } from '../parts/units.ts';
import type { Scale } from './scale.ts';
import { TapeArrow, TapeRect } from './Tape.tsx';

/** Where students stand in a place: rows of dots, left of the pennant. */
function dotsFor(count: number, width: number): { x: number; y: number }[] {
  const columns = Math.ceil(count / 2);
  const step = Math.min(26, (width - 82) / Math.max(0.5, columns - 0.5));
  return Array.from({ length: count }, (_, i) => ({ x: 10 + (i >> 1) * step + (i % 2 ? step / 2 : 0), y: i % 2 ? 17 : 0 }));
}

/** From the edge of one place to the edge of the next, along the line between their middles. */
export function Arrow({ a, b, scale }: { a: Piece; b: Piece; scale: Scale }) {
  const ca = { x: a.x + a.width / 2, y: a.y + a.depth / 2 };
  const cb = { x: b.x + b.width / 2, y: b.y + b.depth / 2 };
  const exit = (p: Piece, dx: number, dy: number) => {
    const t = Math.min(p.width / 2 / Math.max(1e-9, Math.abs(dx)), p.depth / 2 / Math.max(1e-9, Math.abs(dy)));
    return t;
  };
  const dx = cb.x - ca.x;
  const dy = cb.y - ca.y;
  const t1 = exit(a, dx, dy);
  const t2 = 1 - exit(b, dx, dy);
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

/** A place on the floor: tape, number, title, who stands in it; dragged, stepped and read aloud as one button; what happens is heard by the drawing (data-piece). */
export const PieceDrawing = memo(function PieceDrawing({ piece, area, game, scale, index, count, selected, units }: PieceProps) {
  const free = clearRays(area, piece, []).map((r) => `${units.say(r.metres)} ${r.side}`);
  const x = scale.x(piece.x);
  const y = scale.y(piece.y + piece.depth);
  const width = piece.width * scale.k;
  const height = piece.depth * scale.k;
  const line = (piece.lineM ?? 0) * scale.k;
  // A court's number and name stand in the gap before its waiting line, its cells are not written over.
  const head = piece.cells ? y + height - line - 4 : y;
  const waiting = piece.cells ? Math.max(0, count - piece.cells) : 0;
  const small = scale.k < 31;
  // So far out that the gap holds one small line only.
  const tight = line > 0 && line * 0.55 < 26;
  const numeral = tight ? 15 : small ? 22 : 26;
  const base = tight ? line * 0.55 + 1 : small ? 24 : 27;
  const left = x + 14 + String(piece.number).length * (tight ? 9 : small ? 13 : 15);
  const letters = Math.floor((x + width - left - 3) / (small ? 5.6 : 6.5));
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
        <rect x={x} y={y} width={width} height={height} fill="white" fillOpacity="0.72" />
        <TapeRect x={x} y={y} width={width} height={height - line} k={scale.k} seed={index * 5} />
        {line > 0 && (
          <rect
            x={x + 4}
            y={y + height - line * 0.45}
            width={width - 8}
            height={Math.max(4, line * 0.45 - 2)}
            fill="none"
            stroke="var(--color-tape)"
            strokeWidth="1.5"
            strokeDasharray="5 4"
          />
        )}
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
        {piece.cells && <Cells {...{ x, y, width }} height={height - line} cells={piece.cells} />}
        {piece.pinned && <path d={`M${x + width - 13} ${y}h13v13z`} fill="var(--color-ink)" />}
        <text
          x={x + (small ? 7 : 9)}
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
          {tight && title.endsWith('…') ? '' : title}
        </text>
        {Array.from({ length: waiting }, (_, i) => (
          <circle
            key={`line-${i + 1}`}
            cx={x + 12 + i * Math.min(13, (width - 66) / Math.max(1, waiting - 1))}
            cy={y + height - line * 0.225}
            r={tight ? 4 : 5}
            fill="white"
            stroke="var(--color-ink)"
            strokeWidth="1.5"
          />
        ))}
        {height > 70 &&
          !piece.cells &&
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

/** A court's ranked cells: two columns, the lowest at the lower left, the top last; an odd one takes the whole row. */
function Cells({ x, y, width, height, cells }: { x: number; y: number; width: number; height: number; cells: number }) {
  const rows = Math.ceil(cells / 2);
  const step = height / rows;
  return (
    <g pointerEvents="none" stroke="var(--color-tape)" strokeWidth="2">
      {Array.from({ length: rows - 1 }, (_, r) => (
        <line key={`row-${r + 1}`} x1={x} x2={x + width} y1={y + step * (r + 1)} y2={y + step * (r + 1)} />
      ))}
      <line x1={x + width / 2} x2={x + width / 2} y1={cells % 2 ? y + step : y} y2={y + height} />
      {Array.from({ length: cells }, (_, i) => {
        const row = i >> 1;
        const alone = cells % 2 === 1 && i === cells - 1;
        return (
          <text
            key={`cell-${i + 1}`}
            x={x + width * (alone ? 0.5 : i % 2 ? 0.75 : 0.25)}
            y={y + height - step * (row + 0.5)}
            textAnchor="middle"
            dominantBaseline="central"
            fontSize={Math.max(12, Math.min(18, step * 0.5))}
            fontWeight="700"
            stroke="none"
            fill="var(--color-muted)"
          >
            {i + 1}
          </text>
        );
      })}
    </g>
  );
}
