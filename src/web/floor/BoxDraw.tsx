import { useState } from 'react';
import { boxBetween } from '../../core/arrange/boxedArea.ts';
import type { Point, Rect } from '../../core/geometry/point.ts';
import { pointIn } from './gesture.ts';
import type { Scale } from './scale.ts';

/** A box pulled open on the floor: from one corner to the opposite one. It takes every press while it is there. */
export function BoxDraw({ scale, onBox }: { scale: Scale; onBox(box: Rect | null): void }) {
  const [from, setFrom] = useState<Point | null>(null);
  const [to, setTo] = useState<Point | null>(null);
  const box = from && to ? boxBetween(from, to) : null;
  return (
    <g
      className="cursor-crosshair"
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(pointIn(event, scale));
        setTo(null);
      }}
      onPointerMove={(event) => from && setTo(pointIn(event, scale))}
      onPointerUp={() => {
        onBox(box && box.width > 0.2 && box.depth > 0.2 ? box : null);
        setFrom(null);
        setTo(null);
      }}
      onPointerCancel={() => onBox(null)}
    >
      <title>Drag a box on the floor</title>
      <rect width={scale.width} height={scale.height} fill="transparent" />
      {box && (
        <rect
          x={scale.x(box.x)}
          y={scale.y(box.y + box.depth)}
          width={box.width * scale.k}
          height={box.depth * scale.k}
          fill="var(--color-tint)"
          fillOpacity="0.5"
          stroke="var(--color-tape)"
          strokeWidth="2.5"
          strokeDasharray="8 5"
        />
      )}
    </g>
  );
}
