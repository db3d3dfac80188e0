import { boundsOf } from '../../core/geometry/point.ts';
import type { Room } from '../../core/model/room.ts';
import type { Units } from '../parts/units.ts';
import type { Scale } from './scale.ts';

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
