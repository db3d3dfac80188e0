import { byWall, distance, edgesOf } from '../../core/geometry/point.ts';
import type { Room } from '../../core/model/room.ts';
import { wallNames } from '../../core/words/floor.en.ts';
import type { Scale } from './scale.ts';

/** How far from its wall a name stands, CSS pixels. */
const AWAY_PX = 16;
/** Shorter walls have no room for their name. */
const LEAST_PX = 84;

/** The name of each wall outside along it, as set-out lists call it. */
export function WallNames({ room, scale }: { room: Room; scale: Scale }) {
  const names = wallNames(room.outline);
  return (
    <g className="head" fontSize="13" fill="var(--color-muted)" textAnchor="middle">
      {edgesOf(room.outline).map(([a, b], wall) => {
        const length = distance(a, b);
        if (length * scale.k < LEAST_PX) return null;
        const at = byWall(room.outline, wall)(length / 2, -AWAY_PX / scale.k);
        const [x, y] = [scale.x(at.x), scale.y(at.y)];
        // Never upside down: turned from straight up to straight down at most.
        const turned = (Math.atan2(-(b.y - a.y), b.x - a.x) * 180) / Math.PI;
        const upright = turned > 90 || turned <= -90 ? turned + 180 : turned;
        return (
          <text key={names[wall]} x={x} y={y} dominantBaseline="central" transform={`rotate(${upright} ${x} ${y})`}>
            {names[wall]}
          </text>
        );
      })}
    </g>
  );
}
