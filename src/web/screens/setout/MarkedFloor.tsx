import type { PacedList, PacedStep } from '../../../core/arrange/paced.ts';
import type { SetOutMark } from '../../../core/arrange/setOutList.ts';
import { edgesOf, nearestOn } from '../../../core/geometry/point.ts';
import type { LaidPiece } from '../../../core/model/laidPiece.ts';
import type { Piece } from '../../../core/model/piece.ts';
import type { Room } from '../../../core/model/room.ts';
import { StillThing } from '../../floor/LaidDrawing.tsx';
import { PieceTape } from '../../floor/PieceTape.tsx';
import { RoomPaint } from '../../floor/RoomPaint.tsx';
import { Scaled } from '../../floor/Scaled.tsx';
import type { Scale } from '../../floor/scale.ts';
import { Measure } from '../../floor/Tape.tsx';
import { WallNames } from '../../floor/WallNames.tsx';
import type { Units } from '../../parts/units.ts';

interface Props {
  room: Room;
  pieces: readonly Piece[];
  laid: readonly LaidPiece[];
  marks: readonly SetOutMark[];
  mark: SetOutMark | undefined;
  /** Instead of marks: what each middle is paced from. */
  paced?: PacedList;
  units: Units;
  onPick: (number: number) => void;
}

/** The floor with every mark by its number; the chosen one with the lines to measure it by. */
export function MarkedFloor(props: Props) {
  return (
    <Scaled room={props.room} pad={30}>
      {(scale) => <Drawing {...props} scale={scale} />}
    </Scaled>
  );
}

const AWAY = { east: [-1, 0], west: [1, 0], north: [0, -1], south: [0, 1] } as const;

/** From what the paces are counted, to the middle. */
function Paces({ step, scale }: { step: PacedStep; scale: Scale }) {
  const [x, y] = [scale.x(step.at.x), scale.y(step.at.y)];
  return (
    <g pointerEvents="none">
      {step.from.map((f) => {
        const [dx, dy] = AWAY[f.towards];
        const from = { x: scale.x(step.at.x + dx * f.metres), y: scale.y(step.at.y + dy * f.metres) };
        return (
          <g key={f.towards}>
            <line x1={from.x} y1={from.y} x2={x} y2={y} stroke="var(--color-ink)" strokeWidth="1.5" strokeDasharray="5 4" />
            <circle cx={from.x} cy={from.y} r="3" fill="var(--color-ink)" />
          </g>
        );
      })}
    </g>
  );
}

function Drawing({ room, pieces, laid, marks, mark, paced, units, onPick, scale }: Props & { scale: Scale }) {
  const checked = mark?.checkNumber && marks.find((m) => m.number === mark.checkNumber);
  return (
    <svg
      width={scale.width}
      height={scale.height}
      className="block"
      role="img"
      aria-label={`${room.name}: ${marks.length} marks to set up`}
    >
      <RoomPaint room={room} scale={scale} />
      <WallNames room={room} scale={scale} />
      {pieces.map((piece, i) => (
        <PieceTape key={piece.id} piece={piece} scale={scale} seed={i * 5} size={22} />
      ))}
      {laid.map((piece) => (
        <StillThing key={piece.id} piece={piece} scale={scale} />
      ))}
      {paced?.steps.map((step) => (
        <Paces key={step.unit} step={step} scale={scale} />
      ))}
      {checked && mark && (
        <line
          x1={scale.x(mark.at.x)}
          y1={scale.y(mark.at.y)}
          x2={scale.x(checked.at.x)}
          y2={scale.y(checked.at.y)}
          stroke="var(--color-stop)"
          strokeWidth="2"
          strokeDasharray="6 5"
        />
      )}
      {mark?.from.map(({ wall, distance }) => {
        const foot = nearestOn(mark.at, edgesOf(room.outline)[wall]);
        // Too short to be written at: the card beside it tells it.
        if (distance * scale.k < 44) return null;
        return (
          <Measure
            key={wall}
            x1={scale.x(mark.at.x)}
            y1={scale.y(mark.at.y)}
            x2={scale.x(foot.x)}
            y2={scale.y(foot.y)}
            text={units.say(distance)}
          />
        );
      })}
      {marks.map((m) => {
        const chosen = m.number === mark?.number;
        return (
          <g key={m.number} className="cursor-pointer" onClick={() => onPick(m.number)}>
            <circle
              cx={scale.x(m.at.x)}
              cy={scale.y(m.at.y)}
              r={chosen ? 15 : 10}
              fill={chosen ? 'var(--color-ink)' : 'white'}
              stroke="var(--color-ink)"
              strokeWidth="1.5"
            />
            <text
              x={scale.x(m.at.x)}
              y={scale.y(m.at.y)}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize={chosen ? 16 : 12}
              fontWeight="700"
              fill={chosen ? 'white' : 'var(--color-ink)'}
            >
              {m.number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
