import type { SetOutMark } from '../../../core/arrange/setOutList.ts';
import { tapedRect } from '../../../core/arrange/setOutUnit.ts';
import { edgesOf, nearestOn } from '../../../core/geometry/point.ts';
import type { LaidPiece } from '../../../core/model/laidPiece.ts';
import type { Piece } from '../../../core/model/piece.ts';
import type { Room } from '../../../core/model/room.ts';
import { LAID_SHAPES } from '../../floor/laidShapes.tsx';
import { RoomPaint } from '../../floor/RoomPaint.tsx';
import { Scaled } from '../../floor/Scaled.tsx';
import type { Scale } from '../../floor/scale.ts';
import { Measure, NumberedTape } from '../../floor/Tape.tsx';
import type { Units } from '../../parts/units.ts';

interface Props {
  room: Room;
  pieces: readonly Piece[];
  laid: readonly LaidPiece[];
  marks: readonly SetOutMark[];
  mark: SetOutMark | undefined;
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

function Drawing({ room, pieces, laid, marks, mark, units, onPick, scale }: Props & { scale: Scale }) {
  const checked = mark?.checkNumber && marks.find((m) => m.number === mark.checkNumber);
  return (
    <svg
      width={scale.width}
      height={scale.height}
      className="block"
      role="img"
      aria-label={`${room.name}: ${marks.length} marks to set out`}
    >
      <RoomPaint room={room} scale={scale} />
      {pieces.map((piece, i) => (
        <NumberedTape key={piece.id} rect={tapedRect(piece)} number={piece.number} scale={scale} seed={i * 5} size={22} />
      ))}
      {laid.map((piece) => (
        <g key={piece.id} transform={`translate(${scale.x(piece.x)} ${scale.y(piece.y)}) rotate(${piece.turnedDeg})`} pointerEvents="none">
          {LAID_SHAPES[piece.laid]({ piece, w: piece.widthM * scale.k, l: piece.lengthM * scale.k, k: scale.k })}
        </g>
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
