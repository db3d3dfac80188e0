import { memo } from 'react';
import { LAID_FACTS, type LaidPiece } from '../../core/model/laidPiece.ts';
import { LAID_WORDS } from '../../core/words/floor.en.ts';
import { drawnLaid } from './laidShapes.tsx';
import type { Scale } from './scale.ts';

const TAPE = 'var(--color-tape)';
const INK = 'var(--color-ink)';

/** The least of a piece that a finger or a mouse meets, px. */
const LEAST_PX = 22;

/** A laid piece as it lies, without any hand on it. */
export function StillThing({ piece, scale }: { piece: LaidPiece; scale: Scale }) {
  return (
    <g
      transform={`translate(${scale.x(piece.x).toFixed(1)} ${scale.y(piece.y).toFixed(1)})${piece.turnedDeg ? ` rotate(${piece.turnedDeg})` : ''}`}
      pointerEvents="none"
    >
      {drawnLaid({ piece, w: piece.widthM * scale.k, l: piece.lengthM * scale.k, k: scale.k })}
    </g>
  );
}

/** A laid piece: dragged, stepped and read aloud as one button; what happens is heard by the drawing (data-piece). */
export const LaidDrawing = memo(function LaidDrawing({
  piece,
  scale,
  dx,
  dy,
  selected,
  label,
}: {
  piece: LaidPiece;
  scale: Scale;
  /** How far it is being moved just now, metres. */
  dx: number;
  dy: number;
  selected: boolean;
  label: string;
}) {
  const w = piece.widthM * scale.k;
  const l = piece.lengthM * scale.k;
  const [x, y] = [scale.x(piece.x + dx), scale.y(piece.y + dy)];
  const [hw, hl] = [Math.max(w, LEAST_PX) / 2, Math.max(l, LEAST_PX) / 2];
  const name = piece.title || LAID_WORDS[piece.laid];
  const turned = (piece.turnedDeg + 45) % 180 >= 90;
  // Large things say their name inside themselves; what is chosen is named under the floor.
  const isOwn = piece.by !== 'fit' || piece.laid === 'side-box';
  const isNamed = (LAID_FACTS[piece.laid].tape === 'outline' && isOwn) || piece.laid === 'element';
  const inside = isNamed && Math.max(w, l) > name.length * 6.6 + 12 && Math.min(w, l) > 22;
  // An element of a course shows at least its number.
  const shown = inside ? name : piece.laid === 'element' && /^\d+ /.test(name) ? name.split(' ')[0] : '';
  return (
    <g
      data-piece={piece.id}
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={selected}
      className={`focus:outline-none [&:focus-visible>.focus-ring]:opacity-100 ${piece.locked ? 'cursor-default' : 'cursor-grab'}`}
      transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}
    >
      <g transform={piece.turnedDeg ? `rotate(${piece.turnedDeg})` : undefined}>
        <rect x={-hw} y={-hl} width={hw * 2} height={hl * 2} fill="transparent" />
        {drawnLaid({ piece, w, l, k: scale.k })}
        {piece.locked && <path d={`M${hw - 9} ${-hl}h9v9z`} fill={INK} />}
        {selected && (
          <rect
            x={-hw - 5}
            y={-hl - 5}
            width={hw * 2 + 10}
            height={hl * 2 + 10}
            fill="none"
            stroke={INK}
            strokeWidth="2"
            strokeDasharray="2 4"
          />
        )}
      </g>
      <rect
        className="focus-ring opacity-0"
        x={-(turned ? hl : hw) - 8}
        y={-(turned ? hw : hl) - 8}
        width={(turned ? hl : hw) * 2 + 16}
        height={(turned ? hw : hl) * 2 + 16}
        fill="none"
        stroke={TAPE}
        strokeWidth="2.5"
      />
      {shown !== '' && (
        <text
          textAnchor="middle"
          dominantBaseline="central"
          fontSize="12.5"
          fontWeight="620"
          fontFamily="var(--font-head)"
          fill={INK}
          stroke="white"
          strokeWidth="4"
          paintOrder="stroke"
          pointerEvents="none"
          transform={(turned ? w > l : l > w) && Math.min(w, l) < shown.length * 6.6 + 8 ? 'rotate(-90)' : undefined}
        >
          {shown}
        </text>
      )}
    </g>
  );
});
