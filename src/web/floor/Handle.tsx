import { useRef } from 'react';
import type { Point } from '../../core/geometry/point.ts';
import { arrowStep, pointIn, SETTLE_MS, snap } from './gesture.ts';
import type { Scale } from './scale.ts';

const within = (v: number) => Math.max(0, Math.min(100, snap(v)));

/** A point of the room that is dragged or stepped with arrow keys; told while it moves, and once where it came to lie. */
export function Handle({
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
