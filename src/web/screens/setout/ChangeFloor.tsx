import type { Change, FloorThing } from '../../../core/arrange/floorChange.ts';
import { boundsOf, middleOf, type Polygon } from '../../../core/geometry/point.ts';
import type { Room } from '../../../core/model/room.ts';
import { RoomPaint } from '../../floor/RoomPaint.tsx';
import { Scaled } from '../../floor/Scaled.tsx';
import type { Scale } from '../../floor/scale.ts';
import { TapeArrow } from '../../floor/Tape.tsx';

interface Props {
  room: Room;
  before: readonly FloorThing[];
  after: readonly FloorThing[];
  changes: readonly Change[];
  /** The chosen change. */
  at: number | null;
  onPick: (index: number) => void;
}

/** Both floors in one: what goes dashed and crossed out, what comes as tape, what stays grey, an arrow for what is carried. */
export function ChangeFloor(props: Props) {
  return (
    <Scaled room={props.room} pad={30}>
      {(scale) => <Drawing {...props} scale={scale} />}
    </Scaled>
  );
}

const LOOK: Record<Change['change'], { stroke: string; fill: string; dash?: string; width: number }> = {
  goes: { stroke: 'var(--color-stop)', fill: 'none', dash: '5 4', width: 2 },
  comes: { stroke: 'var(--color-tape)', fill: 'white', width: 3 },
  moves: { stroke: 'var(--color-ink)', fill: 'white', width: 2 },
  stays: { stroke: 'var(--color-paint)', fill: 'white', width: 2.5 },
};
const middle = (outline: Polygon) => middleOf(boundsOf(outline));
/** Small things are drawn at least this large, px. */
const LEAST_PX = 9;

function Drawing({ room, before, after, changes, at, onPick, scale }: Props & { scale: Scale }) {
  const shape = (outline: Polygon) => {
    const box = boundsOf(outline);
    const grow = Math.max(0, LEAST_PX / scale.k - Math.max(box.width, box.depth)) / 2;
    const mid = middle(outline);
    return outline
      .map((p) => `${scale.x(p.x + Math.sign(p.x - mid.x) * grow).toFixed(1)},${scale.y(p.y + Math.sign(p.y - mid.y) * grow).toFixed(1)}`)
      .join(' ');
  };
  return (
    <svg width={scale.width} height={scale.height} className="block" role="img" aria-label={`${room.name}: ${changes.length} changes`}>
      <RoomPaint room={room} scale={scale} />
      {changes.map((c, i) => {
        const { stroke, fill, dash, width } = LOOK[c.change];
        const now = (c.after === undefined ? before[c.before!] : after[c.after]).outline;
        const was = c.change === 'moves' ? before[c.before!].outline : null;
        const [x, y] = [scale.x(middle(now).x), scale.y(middle(now).y)];
        return (
          <g key={`${c.before}>${c.after}`} className="cursor-pointer" onClick={() => onPick(i)}>
            {was && <polygon points={shape(was)} fill="none" stroke={stroke} strokeWidth="1.5" strokeDasharray="3 3" />}
            {was && <TapeArrow x1={scale.x(middle(was).x)} y1={scale.y(middle(was).y)} x2={x} y2={y} />}
            <polygon
              points={shape(now)}
              fill={fill}
              fillOpacity={c.change === 'stays' ? 0.35 : 0.75}
              stroke={stroke}
              strokeWidth={at === i ? width + 2 : width}
              strokeDasharray={dash}
            />
          </g>
        );
      })}
      {changes.map((c, i) => {
        const now = (c.after === undefined ? before[c.before!] : after[c.after]).outline;
        const [x, y] = [scale.x(middle(now).x), scale.y(middle(now).y)];
        const box = boundsOf(now);
        const small = Math.min(box.width, box.depth) * scale.k < 24;
        const { stroke } = LOOK[c.change];
        return (
          <g key={`${c.before}>${c.after}`} className="cursor-pointer" onClick={() => onPick(i)}>
            <circle
              cx={small ? x + 11 : x}
              cy={small ? y - 11 : y}
              r="10"
              fill={at === i ? 'var(--color-ink)' : 'white'}
              stroke={stroke}
              strokeWidth="1.5"
            />
            <text
              x={small ? x + 11 : x}
              y={small ? y - 11 : y}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize="12"
              fontWeight="700"
              fill={at === i ? 'white' : 'var(--color-ink)'}
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
