import { type MutableRefObject, useMemo, useRef } from 'react';
import type { FittedGame } from '../../../core/fit/fitted.ts';
import type { SamplePlay } from '../../../core/fit/tryOut.ts';
import { formatOf } from '../../../core/formats/registry.ts';
import { frameAt } from '../../../core/formats/tryOut.ts';
import type { Room } from '../../../core/model/room.ts';
import type { PlayFold } from '../../../core/play/foldPlay.ts';
import { StillThing } from '../../floor/LaidDrawing.tsx';
import { RoomPaint } from '../../floor/RoomPaint.tsx';
import { Scaled } from '../../floor/Scaled.tsx';
import { ShapeDrawing } from '../../floor/ShapeDrawing.tsx';
import type { Scale } from '../../floor/scale.ts';

interface Props {
  room: Room;
  game: FittedGame;
  sample: SamplePlay;
  at: number;
  /** The place whose students are drawn filled. */
  filled?: string;
}

/** Where play stands at a second: folded on from where it stood before, from the start again if time goes back. */
function usePlays(sample: SamplePlay, format: string, at: number): PlayFold[] {
  const known: MutableRefObject<{ sample: SamplePlay; at: number; next: number[]; folds: PlayFold[] } | null> = useRef(null);
  if (!known.current || known.current.sample !== sample || known.current.at > at)
    known.current = {
      sample,
      at: 0,
      next: sample.plays.map(() => 0),
      folds: sample.plays.map((p) => formatOf(format).open(p.setup)),
    };
  const now = known.current;
  now.at = at;
  sample.plays.forEach(({ events }, i) => {
    while (now.next[i] < events.length && events[now.next[i]].at <= at) {
      now.folds[i] = now.folds[i].step(events[now.next[i]]);
      now.next[i] += 1;
    }
  });
  return now.folds;
}

/** The floor with a dot for every student at a second of a play: open in play, broken out of it, filled in the role that stands out. */
export function PlayFloor(props: Props) {
  return (
    <Scaled room={props.room} pad={22} above={30}>
      {(scale) => <Drawing {...props} scale={scale} />}
    </Scaled>
  );
}

function Drawing({ room, game, sample, at, filled, scale }: Props & { scale: Scale }) {
  const folds = usePlays(sample, game.format, at);
  const active = new Set(folds.flatMap((f) => f.active()));
  const standing = new Set(folds.flatMap((f) => (filled ? (f.view().places[filled] ?? []) : [])));
  const still = useMemo(
    () => (
      <>
        <RoomPaint room={room} scale={scale} />
        {game.pieces.map((p, i) => (
          <ShapeDrawing key={p.id} shape={p.shape} taped={p.taped} scale={scale} seed={i * 5} />
        ))}
        {game.things.map((t) => (
          <StillThing key={t.id} piece={t} scale={scale} />
        ))}
      </>
    ),
    [room, game, scale],
  );
  const ids = Object.keys(sample.frames);
  return (
    <svg
      width={scale.width}
      height={scale.height}
      className="block"
      role="img"
      aria-label={`${room.name}, second ${Math.floor(at)} of ${Math.round(sample.seconds)}: ${active.size} of ${ids.length} students in play`}
    >
      {still}
      {ids.map((id) => {
        const to = frameAt(sample.frames[id], at);
        const from = frameAt(sample.frames[id], Math.max(0, at - 1));
        if (!to || !from) return null;
        const [x, y] = [scale.x(to.x), scale.y(to.y)];
        const isFilled = standing.has(id);
        return (
          <g key={id}>
            <line x1={scale.x(from.x)} y1={scale.y(from.y)} x2={x} y2={y} stroke="var(--color-ink)" strokeOpacity="0.35" strokeWidth="2" />
            <circle
              cx={x}
              cy={y}
              r="7"
              fill={isFilled ? 'var(--color-ink)' : 'white'}
              stroke="var(--color-ink)"
              strokeWidth="1.5"
              strokeDasharray={active.has(id) ? undefined : '2 2.5'}
            />
          </g>
        );
      })}
    </svg>
  );
}
