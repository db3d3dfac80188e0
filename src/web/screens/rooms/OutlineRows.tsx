import { useState } from 'react';
import { areaOf, boundsOf } from '../../../core/geometry/point.ts';
import { addCorner, asRectangle, cutCorner, isRectangle, moveCorner, removeCorner, withOutline } from '../../../core/model/outline.ts';
import type { Room } from '../../../core/model/room.ts';
import { wallNames } from '../../../core/words/floor.en.ts';
import { Problem } from '../../parts/Problem.tsx';
import { SaidLength } from '../../parts/Said.tsx';
import { useUnits } from '../../parts/units.ts';
import { OutlineFile } from './OutlineFile.tsx';
import { Remove, type SaveRoom } from './RoomParts.tsx';

/** What a cut takes off at first, of each wall: the teacher then types what is true. */
const CUT_SHARE = 0.4;
/** The most corners an outline may have. */
const MOST_CORNERS = 64;

interface Props {
  room: Room;
  save: SaveRoom;
  corner: number | null;
  onCorner(corner: number | null): void;
  problem: string;
  attempt(work: Promise<unknown>): void;
}

/** The outline: two measures for a rectangle; any other corner by corner, each by its distances from west and south. */
export function OutlineRows({ room, save, corner, onCorner, problem, attempt }: Props) {
  const units = useUnits();
  const size = boundsOf(room.outline);
  const [fromFile, setFromFile] = useState(false);
  const rectangle = isRectangle(room.outline);
  const walls = wallNames(room.outline);
  const cut = () =>
    attempt(
      save((now) => {
        const box = boundsOf(now.outline);
        const round = (m: number) => Math.round(m * 10) / 10;
        // The far right corner: its wall before runs along the depth, the one after along the width.
        return cutCorner(now, 2, round(box.depth * CUT_SHARE), round(box.width * CUT_SHARE)) ?? {};
      }),
    );
  return (
    <section className="mt-2">
      {rectangle ? (
        <p className="text-base leading-8">
          It is{' '}
          <SaidLength
            label="Width (along the main door wall)"
            value={size.width}
            onPut={(m) => save((now) => asRectangle(now, m, boundsOf(now.outline).depth))}
          />{' '}
          wide along the main door wall, and{' '}
          <SaidLength label="Depth" value={size.depth} onPut={(m) => save((now) => asRectangle(now, boundsOf(now.outline).width, m))} />{' '}
          deep.
        </p>
      ) : (
        <>
          <h2 className="flex justify-between border-b-2 border-paint pb-0.5 text-base">
            <span>Corners</span>
            <span className="font-normal text-muted">{units.measure('area', Math.round(areaOf(room.outline)))} of floor</span>
          </h2>
          <ol>
            {room.outline.map((p, i) => (
              <li
                key={`corner-${i + 1}`}
                className={`border-b py-0.5 leading-8 ${corner === i ? 'bg-tint' : ''}`}
                onFocus={() => onCorner(i)}
              >
                <span className="head inline-block w-7 pl-1 text-base">{i + 1}</span>
                <SaidLength
                  label={`Corner ${i + 1} from west`}
                  value={p.x}
                  onPut={(x) => save((now) => moveCorner(now, i, { x, y: now.outline[i].y }))}
                />{' '}
                from west,{' '}
                <SaidLength
                  label={`Corner ${i + 1} from south`}
                  value={p.y}
                  onPut={(y) => save((now) => moveCorner(now, i, { x: now.outline[i].x, y }))}
                />{' '}
                from south.{' '}
                {room.outline.length > 3 && (
                  <Remove
                    name={`corner ${i + 1}`}
                    onClick={() => {
                      onCorner(null);
                      attempt(save((now) => removeCorner(now, i)));
                    }}
                  />
                )}
              </li>
            ))}
          </ol>
        </>
      )}
      <Problem text={problem} />
      <div className="mt-2 flex flex-wrap gap-2">
        {rectangle ? (
          <button type="button" className="btn" onClick={cut}>
            Cut a corner off
          </button>
        ) : (
          <button type="button" className="btn" onClick={() => attempt(save((now) => asRectangle(now, size.width, size.depth)))}>
            Make it a rectangle
          </button>
        )}
        <button
          type="button"
          className="btn"
          disabled={room.outline.length >= MOST_CORNERS}
          onClick={() => attempt(save((now) => addCorner(now, corner ?? 0)))}
        >
          Add a corner in the {walls[corner ?? 0]}
        </button>
        <button type="button" className="btn" onClick={() => setFromFile(true)}>
          From a plan …
        </button>
        <OutlineFile
          open={fromFile}
          room={room}
          onClose={() => setFromFile(false)}
          onUse={(outline) => save((now) => withOutline(now, outline))}
        />
      </div>
    </section>
  );
}
