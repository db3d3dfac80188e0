import type { Point } from '../../core/geometry/point.ts';
import { boxOf, lengthOf, outlineOf, pointAlong, type Shape } from '../../core/model/shape.ts';
import type { Scale } from './scale.ts';
import { TapeRect } from './Tape.tsx';

const TAPE = 'var(--color-tape)';
/** Metres between the arrow heads along a path. */
const HEAD_EVERY_M = 3;

export const pointsText = (points: readonly Point[], scale: Scale): string =>
  points.map((p) => `${scale.x(p.x).toFixed(1)},${scale.y(p.y).toFixed(1)}`).join(' ');

/** Arrow heads along a path, pointing the way it is traveled. */
function PathHeads({ shape, scale }: { shape: Extract<Shape, { shape: 'path' }>; scale: Scale }) {
  const count = Math.max(1, Math.floor(lengthOf(shape) / HEAD_EVERY_M));
  const step = lengthOf(shape) / count;
  return (
    <g fill="none" stroke={TAPE} strokeWidth="2">
      {Array.from({ length: count }, (_, i) => {
        const at = pointAlong(shape, (i + 0.5) * step);
        return (
          <path
            key={`head-${i + 1}`}
            d="M-5 4L0 -3L5 4"
            transform={`translate(${scale.x(at.x).toFixed(1)} ${scale.y(at.y).toFixed(1)}) rotate(${at.turnedDeg.toFixed(1)})`}
          />
        );
      })}
    </g>
  );
}

/** The floor of a place: taped, or a quiet dashed edge where only what lies inside it marks it; a path with the way it is traveled. `small`: nothing but its outline. */
export function ShapeDrawing({
  shape,
  taped,
  scale,
  seed,
  small,
}: {
  shape: Shape;
  taped: boolean;
  scale: Scale;
  seed: number;
  small?: boolean;
}) {
  if (shape.shape === 'path') {
    const d = `M${pointsText(shape.points, scale).replaceAll(' ', 'L')}${shape.closed ? 'Z' : ''}`;
    return (
      <>
        <path
          d={d}
          fill="none"
          stroke="white"
          strokeOpacity="0.72"
          strokeWidth={Math.max(4, shape.widthM * scale.k)}
          strokeLinejoin="round"
        />
        <path d={d} fill="none" stroke={TAPE} strokeWidth="1.5" strokeDasharray={small ? undefined : '8 6'} strokeLinejoin="round" />
        {!small && <PathHeads shape={shape} scale={scale} />}
      </>
    );
  }
  const box = boxOf(shape);
  const [x, y, width, height] = [scale.x(box.x), scale.y(box.y + box.depth), box.width * scale.k, box.depth * scale.k];
  const plain = shape.shape === 'rect' && !shape.turnedDeg;
  const edge = taped || small ? {} : { strokeDasharray: '3 7', strokeOpacity: 0.7 };
  if (plain && taped && !small)
    return (
      <>
        <rect x={x} y={y} width={width} height={height} fill="white" fillOpacity="0.72" />
        <TapeRect x={x} y={y} width={width} height={height} k={scale.k} seed={seed} />
      </>
    );
  return (
    <polygon
      points={pointsText(outlineOf(shape), scale)}
      fill="white"
      fillOpacity={small ? 1 : taped ? 0.72 : 0.35}
      stroke={TAPE}
      strokeWidth={taped && !small ? Math.max(2.5, 0.05 * scale.k) : 1.5}
      {...edge}
    />
  );
}
