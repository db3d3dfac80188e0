import type { Point } from '../../core/geometry/point.ts';
import type { Room } from '../../core/model/room.ts';
import type { FloorZone } from '../../core/safety/floorZones.ts';
import type { Scale } from './scale.ts';

const drawn = (polygon: readonly Point[], scale: Scale) =>
  `M${polygon.map((p) => `${scale.x(p.x).toFixed(1)} ${scale.y(p.y).toFixed(1)}`).join('L')}Z`;

/** What the teacher does not see, shaded: the room less what is seen. */
export function SightLayer({ room, seen, scale }: { room: Pick<Room, 'outline'>; seen: readonly Point[]; scale: Scale }) {
  return (
    <path
      d={drawn(room.outline, scale) + drawn(seen, scale)}
      fillRule="evenodd"
      fill="var(--color-ink)"
      fillOpacity="0.22"
      pointerEvents="none"
    >
      <title>Not seen from the teacher's spot</title>
    </path>
  );
}

const ZONES: Record<FloorZone['zone'], { stroke: string; dash: string; words: string }> = {
  door: { stroke: 'var(--color-stop)', dash: '3 3', words: 'kept clear before a door' },
  'run-out': { stroke: 'var(--color-caution)', dash: '9 4', words: 'run-out' },
  flight: { stroke: 'var(--color-caution)', dash: '2 5', words: 'where it flies or rolls on' },
  swing: { stroke: 'var(--color-stop)', dash: '6 4', words: 'swing' },
};

/** Floor that safety asks for, each kind dashed in its own way. */
export function SafetyLayer({ zones, scale }: { zones: readonly FloorZone[]; scale: Scale }) {
  return (
    <g pointerEvents="none">
      {zones.map(({ zone, outline }) => {
        const { stroke, dash, words } = ZONES[zone];
        const d = drawn(outline, scale);
        return (
          <path key={d} d={d} fill={stroke} fillOpacity="0.08" stroke={stroke} strokeWidth="1.5" strokeDasharray={dash}>
            <title>{words}</title>
          </path>
        );
      })}
    </g>
  );
}
