import { useMemo } from 'react';
import { clearRays } from '../../core/arrange/clearRays.ts';
import { tapedBox } from '../../core/arrange/setOutUnit.ts';
import { paintedGuides } from '../../core/arrange/snapTo.ts';
import { roundsOf } from '../../core/formats/bouts.ts';
import { boundsOf } from '../../core/geometry/point.ts';
import { footprint, LAID_FACTS, type LaidPiece, laidMoved } from '../../core/model/laidPiece.ts';
import { type Piece, pieceMoved } from '../../core/model/piece.ts';
import { roomArea } from '../../core/model/room.ts';
import { boxOf } from '../../core/model/shape.ts';
import { movesBetween } from '../../core/rotation/moves.ts';
import { LAID_WORDS } from '../../core/words/floor.en.ts';
import { AdaptMarks } from './AdaptMarks.tsx';
import { BoxDraw } from './BoxDraw.tsx';
import type { FloorProps } from './Floor.tsx';
import { GroupPennants } from './GroupPennants.tsx';
import { LaidDrawing, StillThing } from './LaidDrawing.tsx';
import type { Layer } from './layers.ts';
import { OthersLayer } from './OthersLayer.tsx';
import { Arrow, PieceDrawing } from './PieceDrawing.tsx';
import { RoomMeasure } from './RoomMeasure.tsx';
import { RoomPaint } from './RoomPaint.tsx';
import { SafetyLayer, SightLayer } from './SafetyLayer.tsx';
import { Sign } from './Sign.tsx';
import type { Scale } from './scale.ts';
import { ChalkRing, GuideLine, Measure, RING_PX, ringsApart } from './Tape.tsx';
import { type Movable, useMoving } from './useMoving.ts';
import { useZoom } from './useZoom.ts';

type Props = Omit<FloorProps, 'faded' | 'layers'> & { layers: readonly Layer[]; base: Scale };
const NOTHING: never[] = [];

/** The floor drawn at its scale, zoomed and panned; one ear for everything that lies on it. */
export function FloorDrawing(props: Props) {
  const { room, game, round, units, base, layers, seen, zones } = props;
  const laid = props.laid ?? NOTHING;
  const selected = props.selected ?? NOTHING;
  const { scale, bind, zoomed, by, whole } = useZoom(base);
  const area = useMemo(() => roomArea(room, 0), [room]);
  const painted = useMemo(() => paintedGuides(room), [room]);
  const still = game?.pieces ?? NOTHING;
  const things = game?.things ?? NOTHING;
  const movables = useMemo(
    () => [
      ...still.map((p): Movable => ({ id: p.id, box: tapedBox(p, things), at: boxOf(p.shape), locked: false })),
      ...[...things.filter((t) => !LAID_FACTS[t.laid].part), ...laid].map(
        (p): Movable => ({ id: p.id, box: { ...boundsOf(footprint(p)), turned: 0 }, at: p, locked: p.locked }),
      ),
    ],
    [still, things, laid],
  );
  const { moving, handlers } = useMoving({ ...props, movables, painted, selected, scale });
  const on = (layer: Layer) => layers.includes(layer);
  /** A thing goes with its place, or alone. */
  const shift = ({ id, of }: { id: string; of?: string }) =>
    moving && (moving.ids.has(id) || (of !== undefined && moving.ids.has(of))) ? moving : { dx: 0, dy: 0 };
  const pieces = still.map((p) => (moving?.ids.has(p.id) ? pieceMoved(p, moving.dx, moving.dy) : p));
  const size = boundsOf(room.outline);
  const rounds = useMemo(() => (game ? roundsOf(game.groups, game.timeline.bouts) : []), [game]);
  const places = rounds[round] ?? NOTHING;
  const next = rounds[round + 1];
  const arrows = next && on('paths') ? movesBetween(places, next) : NOTHING;
  /** Places with something in them: there is no floor left for dots. */
  const filled = useMemo(() => new Set(things.flatMap((t) => t.of ?? [])), [things]);
  const parts = things.filter((t) => LAID_FACTS[t.laid].part && on('lines'));
  const shownLaid = [...things.filter((t) => !LAID_FACTS[t.laid].part), ...laid].filter((p) => on(LAID_FACTS[p.laid].layer));
  const chosen = selected.length === 1 ? selected[0] : null;
  return (
    <>
      <svg
        ref={bind}
        width={scale.width}
        height={scale.height}
        className="block touch-none overflow-hidden select-none"
        role="group"
        aria-label={`Floor of ${room.name}, ${units.say(size.width)} by ${units.say(size.depth)}`}
        {...handlers}
      >
        <RoomPaint room={room} scale={scale} />
        <RoomMeasure room={room} scale={scale} units={units} />
        {props.others && props.others.length > 0 && <OthersLayer others={props.others} scale={scale} />}
        {on('sight') && seen && <SightLayer room={room} seen={seen} scale={scale} />}
        {on('safety') && <SafetyLayer zones={zones ?? NOTHING} scale={scale} />}
        {arrows.map(([from, to]) => {
          const a = pieces[from];
          const b = pieces[to];
          return a && b ? <Arrow key={`${from}-${to}`} a={a} b={b} scale={scale} /> : null;
        })}
        {on('lines') &&
          pieces.map((piece, i) => (
            <PieceDrawing
              key={piece.id}
              piece={piece}
              area={area}
              game={game?.title ?? ''}
              scale={scale}
              index={i}
              count={on('people') && places.indexOf(i) >= 0 && !filled.has(piece.id) ? (game?.groups[places.indexOf(i)].length ?? 0) : 0}
              selected={selected.includes(piece.id)}
              units={units}
            />
          ))}
        {parts.map((piece) => (
          <StillThing key={piece.id} piece={laidMoved(piece, shift(piece).dx, shift(piece).dy)} scale={scale} />
        ))}
        {shownLaid.map((piece) => (
          <LaidDrawing
            key={piece.id}
            piece={piece}
            scale={scale}
            dx={shift(piece).dx}
            dy={shift(piece).dy}
            selected={selected.includes(piece.id)}
            label={`${piece.title || LAID_WORDS[piece.laid]}, ${units.say(piece.x)} from the west, ${units.say(piece.y)} from the south${piece.locked ? ', stuck down' : ''}`}
          />
        ))}
        {on('people') && <GroupPennants pieces={pieces} things={things} places={places} scale={scale} still={moving === null} />}
        <AdaptMarks marks={props.marks ?? NOTHING} scale={scale} />
        {chosen !== null && (
          <Distances
            id={chosen}
            units={units}
            pieces={pieces}
            laid={[...things.filter((t) => t.id === chosen), ...laid]}
            shift={shift({ id: chosen })}
            scale={scale}
            area={area}
          />
        )}
        {moving?.guides.map((g) => (
          <GuideLine key={`${g.along}-${g.at}`} guide={g} scale={scale} />
        ))}
        {ringsApart((props.rings ?? []).map((ring) => ({ ...ring, x: scale.x(ring.x), y: scale.y(ring.y) }))).map((ring) => (
          <ChalkRing key={ring.number} {...ring} r={RING_PX} />
        ))}
        {props.onBox && <BoxDraw scale={scale} onBox={props.onBox} />}
      </svg>
      {props.onMove && (
        <div className="absolute top-2 left-1 flex flex-col" role="group" aria-label="Zoom">
          <button type="button" className="btn px-1.5" aria-label="Zoom in" onClick={() => by(1.5)}>
            <Sign of="nearer" />
          </button>
          <button type="button" className="btn -mt-px px-1.5" aria-label="Zoom out" disabled={!zoomed} onClick={() => by(1 / 1.5)}>
            <Sign of="farther" />
          </button>
          <button type="button" className="btn -mt-px px-1.5" aria-label="The whole room" disabled={!zoomed} onClick={whole}>
            <Sign of="wholeRoom" />
          </button>
        </div>
      )}
    </>
  );
}

/** Metres from the chosen one to what is next to it on every side. */
function Distances({
  id,
  pieces,
  laid,
  shift,
  scale,
  area,
  units,
}: Pick<Props, 'units'> & {
  id: string;
  pieces: readonly Piece[];
  laid: readonly LaidPiece[];
  shift: { dx: number; dy: number };
  scale: Scale;
  area: ReturnType<typeof roomArea>;
}) {
  const boxes = [
    ...pieces.map((p) => ({ id: p.id, ...boxOf(p.shape) })),
    ...laid.map((p) => {
      const box = boundsOf(footprint(p));
      return { id: p.id, ...box, ...(p.id === id ? { x: box.x + shift.dx, y: box.y + shift.dy } : {}) };
    }),
  ];
  const me = boxes.find((b) => b.id === id);
  if (!me) return null;
  const others = boxes.filter((b) => b !== me);
  return clearRays(area, me, others)
    .filter((r) => r.metres > 0.04)
    .map((r) => (
      <Measure
        key={r.side}
        x1={scale.x(r.from.x)}
        y1={scale.y(r.from.y)}
        x2={scale.x(r.to.x)}
        y2={scale.y(r.to.y)}
        text={units.say(r.metres)}
      />
    ));
}
