import { memo } from 'react';
import { boundsOf, byWall, distance, edgesOf, type Point, turnsLeft } from '../../core/geometry/point.ts';
import { clearDepth, type Door, doorZone, leafM } from '../../core/model/door.ts';
import { type FixedThing, OVERHEAD_M, standsOn } from '../../core/model/fixedThing.ts';
import { type PaintColour, type PaintedSet, paintedPaths } from '../../core/model/painted.ts';
import type { Room, WallKind } from '../../core/model/room.ts';
import type { Scale } from './scale.ts';

function points(polygon: readonly { x: number; y: number }[], scale: Scale): string {
  return polygon.map((p) => `${scale.x(p.x)},${scale.y(p.y)}`).join(' ');
}

function DoorPaint({ room, door, scale }: { room: Room; door: Door; scale: Scale }) {
  const point = byWall(room.outline, door.wall);
  const at = (along: number, deep: number) => {
    const p = point(along, deep);
    return { x: scale.x(p.x), y: scale.y(p.y) };
  };
  const hinge = at(door.atM, 0);
  const latch = at(door.atM + door.widthM, 0);
  // Every leaf from its hinge: a wide door has two that meet in the middle.
  const inwards = door.swing === 'inwards' ? 1 : -1;
  const leaf = leafM({ ...door, swing: 'inwards' });
  const r = leaf * scale.k;
  const ends = leaf < door.widthM ? [1, -1] : [1];
  const leaves = ends.map((side) => {
    const foot = side === 1 ? door.atM : door.atM + door.widthM;
    const [from, closed, wide] = [at(foot, 0), at(foot + side * leaf, 0), at(foot, inwards * leaf)];
    const sweep = turnsLeft(room.outline) === (side * inwards === 1) ? 0 : 1;
    return `M${closed.x} ${closed.y}A${r} ${r} 0 0 ${sweep} ${wide.x} ${wide.y}L${from.x} ${from.y}`;
  });
  return (
    <g>
      {clearDepth(door) > 0 && <polygon points={points(doorZone(room, door), scale)} fill="var(--color-paper)" fillOpacity="0.65" />}
      <line x1={hinge.x} y1={hinge.y} x2={latch.x} y2={latch.y} stroke="var(--color-paper)" strokeWidth="6" />
      <path
        d={door.swing === 'slides' ? `M${hinge.x} ${hinge.y}L${latch.x} ${latch.y}` : leaves.join('')}
        fill="none"
        stroke="var(--color-paint)"
        strokeWidth="1.5"
      />
    </g>
  );
}

function FixedPaint({ thing, scale, labels }: { thing: FixedThing; scale: Scale; labels: boolean }) {
  const rect = standsOn(thing);
  const x = scale.x(rect.x);
  const y = scale.y(rect.y + rect.depth);
  const width = rect.width * scale.k;
  const height = rect.depth * scale.k;
  const upright = height > width * 1.4;
  const cx = x + width / 2;
  const cy = y + height / 2;
  if (thing.undersideM >= OVERHEAD_M) {
    return (
      <g>
        <rect x={x} y={y} width={width} height={height} fill="none" stroke="var(--color-paint)" strokeWidth="1.5" strokeDasharray="3 4">
          <title>{`${thing.name}, overhead`}</title>
        </rect>
      </g>
    );
  }
  if (thing.shape === 'round') {
    return (
      <g>
        <ellipse cx={cx} cy={cy} rx={Math.max(4, width / 2)} ry={Math.max(4, height / 2)} fill="var(--color-ink)" />
        {labels && (
          <text x={cx - Math.max(8, width / 2 + 4)} y={cy + 4} textAnchor="end" fontSize="12" fill="var(--color-muted)">
            {thing.name}
          </text>
        )}
      </g>
    );
  }
  const room = (upright ? height : width) > thing.name.length * 6.4 + 8 && (upright ? width : height) >= 16;
  return (
    <g>
      <rect x={x} y={y} width={width} height={height} fill="#F6F1E8" stroke="var(--color-paint)" strokeWidth="1.5" />
      <rect x={x} y={y} width={width} height={height} fill="url(#hatch)" />
      {labels && room && (
        <text
          x={cx}
          y={cy}
          textAnchor="middle"
          dominantBaseline="central"
          fontSize="12"
          fill="var(--color-ink)"
          stroke="#F6F1E8"
          strokeWidth="4"
          paintOrder="stroke"
          transform={upright ? `rotate(-90 ${cx} ${cy})` : undefined}
        >
          {thing.name}
        </text>
      )}
    </g>
  );
}

/** How paint of each colour looks on the floor: quiet, so that tape stands above it. */
const PAINT: Record<PaintColour, string> = {
  white: '#FFFFFF',
  black: '#3B444E',
  grey: '#6A7580',
  red: '#A8655E',
  blue: '#6580A8',
  green: '#5F8A6C',
  yellow: '#A88F3E',
  orange: '#B0784A',
};
const PAINTED_LINE_M = 0.05;

function PaintedLines({ set, scale }: { set: PaintedSet; scale: Scale }) {
  const d = paintedPaths(set)
    .map((path) => `M${path.map((p) => `${scale.x(p.x).toFixed(1)} ${scale.y(p.y).toFixed(1)}`).join('L')}`)
    .join('');
  return (
    <path d={d} fill="none" stroke={PAINT[set.colour]} strokeOpacity="0.85" strokeWidth={Math.max(1, PAINTED_LINE_M * scale.k)}>
      <title>{set.name}</title>
    </path>
  );
}

/** A wall as it is: bare a line, padded with its pads before it, glass a double line, an open side dots, a curtain waves. */
function WallPaint({ room, wall, kind, scale, width }: { room: Room; wall: number; kind: WallKind; scale: Scale; width: number }) {
  const [a, b] = edgesOf(room.outline)[wall];
  const point = byWall(room.outline, wall);
  const length = distance(a, b);
  const line = (deep: number) => {
    const [p, q] = [point(0, deep), point(length, deep)];
    return { x1: scale.x(p.x), y1: scale.y(p.y), x2: scale.x(q.x), y2: scale.y(q.y) };
  };
  if (kind === 'curtain') return <CurtainPaint a={a} b={b} name="" scale={scale} />;
  if (kind === 'open side')
    return <line {...line(0)} stroke="var(--color-paint)" strokeWidth="2" strokeDasharray="2 7" strokeLinecap="round" />;
  const inside = width / scale.k;
  return (
    <>
      <line {...line(0)} stroke="var(--color-ink)" strokeWidth={kind === 'glass' ? 1.5 : width} strokeLinecap="square" />
      {kind === 'glass' && <line {...line(inside)} stroke="var(--color-ink)" strokeWidth="1.5" />}
      {kind === 'padded' && (
        <line {...line(inside * 1.4)} stroke="var(--color-paint)" strokeWidth={width} strokeDasharray={`${scale.k} 2`} />
      )}
    </>
  );
}

/** Metres of one wave of a drawn curtain. */
const WAVE_M = 0.6;

function CurtainPaint({ a, b, name, scale }: { a: Point; b: Point; name: string; scale: Scale }) {
  const length = distance(a, b);
  const waves = Math.max(1, Math.round(length / WAVE_M));
  const [ux, uy] = [(b.x - a.x) / length, (b.y - a.y) / length];
  const at = (t: number, off: number) =>
    `${scale.x(a.x + ux * length * t - uy * off).toFixed(1)} ${scale.y(a.y + uy * length * t + ux * off).toFixed(1)}`;
  const d = Array.from({ length: waves }, (_, i) => `Q${at((i + 0.5) / waves, i % 2 ? -0.22 : 0.22)} ${at((i + 1) / waves, 0)}`);
  const upright = Math.abs(uy) > Math.abs(ux);
  const [mx, my] = [scale.x((a.x + b.x) / 2), scale.y((a.y + b.y) / 2)];
  return (
    <g>
      <path d={`M${at(0, 0)}${d.join('')}`} fill="none" stroke="var(--color-paint)" strokeWidth="1.5" strokeOpacity="0.8" />
      {name && (
        <text
          x={mx}
          y={my}
          textAnchor="middle"
          fontSize="12"
          fill="var(--color-muted)"
          stroke="var(--color-maple)"
          strokeWidth="4"
          paintOrder="stroke"
          transform={upright ? `rotate(-90 ${mx} ${my}) translate(0 -5)` : 'translate(0 -5)'}
        >
          {name}
        </text>
      )}
    </g>
  );
}

/** The floor's own colour: light enough that tape and type stand on it. */
const GROUND: Record<Room['floorKind'], string> = {
  wood: 'var(--color-maple)',
  sheet: '#E6E9E4',
  carpet: '#E6E1EA',
  asphalt: '#DCDEE0',
  grass: '#E1EBD8',
};

/** What exists: the floor, walls, doors with their swing, posts, stage, bleachers. Thin, quiet, solid. */
export const RoomPaint = memo(function RoomPaint({ room, scale, labels = true }: { room: Room; scale: Scale; labels?: boolean }) {
  const box = boundsOf(room.outline);
  const plank = Math.max(5, scale.k * 0.22);
  return (
    <g>
      <defs>
        <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" stroke="var(--color-paint)" strokeOpacity="0.45" strokeWidth="1.5" />
        </pattern>
        <pattern id="planks" width={plank * 14} height={plank * 2} patternUnits="userSpaceOnUse">
          <path
            d={`M0 ${plank}H${plank * 14}M0 0H${plank * 14}M${plank * 4} 0V${plank}M${plank * 11} ${plank}V${plank * 2}`}
            stroke="#E2D6C0"
            strokeWidth="0.8"
          />
        </pattern>
      </defs>
      <polygon points={points(room.outline, scale)} fill={GROUND[room.floorKind]} />
      {room.floorKind === 'wood' && <polygon points={points(room.outline, scale)} fill="url(#planks)" />}
      {room.painted.map((set) => (
        <PaintedLines key={set.id} set={set} scale={scale} />
      ))}
      {room.walls.map((kind, i) => (
        <WallPaint key={`wall-${i + 1}`} room={room} wall={i} kind={kind} scale={scale} width={labels ? 4 : 2.5} />
      ))}
      {room.fixed.map((thing) => (
        <FixedPaint key={thing.id} thing={thing} scale={scale} labels={labels && scale.k * box.width > 300} />
      ))}
      {room.curtains.map((curtain) => (
        <CurtainPaint key={curtain.id} a={curtain.a} b={curtain.b} name={labels ? curtain.name : ''} scale={scale} />
      ))}
      {room.doors.map((door) => (
        <DoorPaint key={door.id} room={room} door={door} scale={scale} />
      ))}
    </g>
  );
});
