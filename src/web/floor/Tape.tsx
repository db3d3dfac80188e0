import { memo } from 'react';
import type { Guide } from '../../core/arrange/snapTo.ts';
import type { Rect } from '../../core/geometry/point.ts';
import type { Scale } from './scale.ts';

/** A torn end: small teeth across the strip, always the same for the same seed. */
function teeth(seed: number, n: number): number[] {
  return Array.from({ length: n }, (_, i) => ((Math.imul(seed + i * 7 + 3, 2654435761) >>> 24) / 255) * 3.5);
}

/** One strip of tape from (x1, y1) to (x2, y2) along an axis, `w` wide, with straight torn ends that overlap corners. */
function strip(x1: number, y1: number, x2: number, y2: number, w: number, seed: number): string {
  const flat = Math.abs(y2 - y1) < Math.abs(x2 - x1);
  const over = w * 1.2 + 2;
  const a = teeth(seed, 4);
  const b = teeth(seed + 11, 4);
  const across = [-0.5, -0.17, 0.17, 0.5].map((t) => t * w);
  const end = (x: number, y: number, sign: number, t: number[]) =>
    across.map((c, i) => (flat ? [x + sign * (over + t[i]), y + c] : [x + c, y + sign * (over + t[i])]));
  const list = [...end(x1, y1, -1, a), ...end(x2, y2, 1, b).reverse()];
  return `M${list.map((p) => p.map((v) => v.toFixed(1)).join(' ')).join('L')}Z`;
}

/** A taped rectangle: four strips of true width (5 cm, at least 2.5 px) whose ends overlap as real tape does. */
export const TapeRect = memo(function TapeRect({
  x,
  y,
  width,
  height,
  k,
  seed,
}: {
  x: number;
  y: number;
  width: number;
  height: number;
  k: number;
  seed: number;
}) {
  const w = Math.max(3.2, 0.05 * k);
  const d = [
    strip(x, y, x + width, y, w, seed),
    strip(x, y + height, x + width, y + height, w, seed + 1),
    strip(x, y, x, y + height, w, seed + 2),
    strip(x + width, y, x + width, y + height, w, seed + 3),
  ];
  return (
    <g fill="var(--color-tape)">
      {d.map((path) => (
        <path key={path} d={path} />
      ))}
    </g>
  );
});

/** A taped rectangle of the room with its number in the middle. */
export function NumberedTape({
  rect,
  number,
  scale,
  seed,
  size,
}: {
  rect: Rect;
  number: number;
  scale: Scale;
  seed: number;
  size: number;
}) {
  const [x, y] = [scale.x(rect.x), scale.y(rect.y + rect.depth)];
  const [width, height] = [rect.width * scale.k, rect.depth * scale.k];
  return (
    <g>
      <rect x={x} y={y} width={width} height={height} fill="white" fillOpacity="0.75" />
      <TapeRect x={x} y={y} width={width} height={height} k={scale.k} seed={seed} />
      <text
        x={x + width / 2}
        y={y + height / 2}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={size}
        fontWeight="700"
        fontFamily="var(--font-head)"
        fill="var(--color-tape)"
      >
        {number}
      </text>
    </g>
  );
}

/** A measured distance: a thin chalk line with its number on a white label. */
export function Measure({ x1, y1, x2, y2, text }: { x1: number; y1: number; x2: number; y2: number; text: string }) {
  const flat = Math.abs(y2 - y1) < Math.abs(x2 - x1);
  const cx = (x1 + x2) / 2;
  const cy = (y1 + y2) / 2;
  const width = text.length * 7.2 + 10;
  const cap = flat ? `M${x1} ${y1 - 5}v10M${x2} ${y2 - 5}v10` : `M${x1 - 5} ${y1}h10M${x2 - 5} ${y2}h10`;
  return (
    <g pointerEvents="none">
      <path d={`M${x1} ${y1}L${x2} ${y2}${cap}`} stroke="var(--color-ink)" strokeWidth="1.5" fill="none" />
      <rect x={cx - width / 2} y={cy - 10} width={width} height={20} fill="white" stroke="var(--color-ink)" strokeWidth="1.5" />
      <text x={cx} y={cy} textAnchor="middle" dominantBaseline="central" fontSize="13" fontWeight="700" fill="var(--color-ink)">
        {text}
      </text>
    </g>
  );
}

/** A tape arrow from one place towards the next. */
export function TapeArrow({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }) {
  const length = Math.hypot(x2 - x1, y2 - y1);
  if (length < 8) return null;
  const ux = (x2 - x1) / length;
  const uy = (y2 - y1) / length;
  const bx = x2 - ux * 9;
  const by = y2 - uy * 9;
  return (
    <g pointerEvents="none">
      <line x1={x1} y1={y1} x2={bx} y2={by} stroke="var(--color-tape)" strokeWidth="2.5" />
      <polygon points={`${x2},${y2} ${bx - uy * 5},${by + ux * 5} ${bx + uy * 5},${by - ux * 5}`} fill="var(--color-tape)" />
    </g>
  );
}

/** Radius of a chalk ring, px. */
export const RING_PX = 38;
const CORNERS = [
  [1, -1],
  [-1, -1],
  [1, 1],
  [-1, 1],
] as const;

/** The rings with a corner each for its number, such that no two numbers lie on one another where that can be helped. */
export function ringsApart<R extends { x: number; y: number }>(rings: R[]): (R & { corner: readonly [number, number] })[] {
  const badges: { x: number; y: number }[] = [];
  return rings.map((ring) => {
    const at = ([dx, dy]: readonly [number, number]) => ({ x: ring.x + dx * RING_PX * 0.72, y: ring.y + dy * RING_PX * 0.72 });
    const free = (p: { x: number; y: number }) => badges.every((b) => Math.hypot(b.x - p.x, b.y - p.y) > 22);
    const corner = CORNERS.find((c) => free(at(c))) ?? CORNERS[0];
    badges.push(at(corner));
    return { ...ring, corner };
  });
}

/** A chalk ring round a place that a check is about, with the number that the list repeats. */
export function ChalkRing({
  x,
  y,
  r,
  number,
  weight,
  corner,
}: {
  x: number;
  y: number;
  r: number;
  number: number;
  corner: readonly [number, number];
  weight: 'stop' | 'caution' | 'note';
}) {
  const colour = weight === 'stop' ? 'var(--color-stop)' : 'var(--color-caution)';
  return (
    <g pointerEvents="none">
      <path
        d={`M${x - r} ${y + 2}C${x - r + 1} ${y - r * 1.05} ${x + r * 0.9} ${y - r * 1.1} ${x + r} ${y - 3}C${x + r * 1.02} ${y + r * 0.95} ${x - r * 0.9} ${y + r * 1.08} ${x - r - 1} ${y - 4}`}
        fill="none"
        stroke={colour}
        strokeWidth="3"
        strokeLinecap="round"
      />
      <circle cx={x + corner[0] * r * 0.72} cy={y + corner[1] * r * 0.72} r="10" fill={colour} />
      <text
        x={x + corner[0] * r * 0.72}
        y={y + corner[1] * r * 0.72}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize="12"
        fontWeight="700"
        fill="white"
      >
        {number}
      </text>
    </g>
  );
}

const GUIDE_WORDS: Record<Guide['kind'], string> = { painted: 'on the painted line', edge: 'in line', even: 'even gaps' };

/** The line that a dragged place came to lie on, and what it is. */
export function GuideLine({ guide, scale }: { guide: Guide; scale: Scale }) {
  const upright = guide.along === 'x';
  const point = (v: number) => (upright ? [scale.x(guide.at), scale.y(v)] : [scale.x(v), scale.y(guide.at)]);
  const [x1, y1] = point(guide.from);
  const [x2, y2] = point(guide.to);
  const words = GUIDE_WORDS[guide.kind];
  const at = upright ? { x: x1 + 6, y: Math.min(y1, y2) - 8 } : { x: Math.max(x1, x2) + 6, y: y1 };
  return (
    <g pointerEvents="none">
      <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--color-ink)" strokeWidth="2" strokeDasharray="7 5" />
      <rect x={at.x - 4} y={at.y - 9} width={words.length * 6.6 + 8} height={18} fill="white" fillOpacity="0.9" />
      <text x={at.x} y={at.y} dominantBaseline="central" fontSize="12" fontWeight="700" fill="var(--color-ink)">
        {words}
      </text>
    </g>
  );
}
