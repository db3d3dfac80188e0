import { useMemo, useState } from 'react';
import { type FittedBlock, type FittedLesson, laidIn } from '../../../core/fit/fitted.ts';
import { boundsOf, middleOf, type Rect } from '../../../core/geometry/point.ts';
import type { Finding } from '../../../core/model/finding.ts';
import type { Room } from '../../../core/model/room.ts';
import { limitsFor, type School } from '../../../core/model/school.ts';
import { meetingPoint } from '../../../core/model/shape.ts';
import { floorZones } from '../../../core/safety/floorZones.ts';
import { inTheWay, seenFrom } from '../../../core/safety/sight.ts';
import type { FloorMark } from '../../floor/AdaptMarks.tsx';
import { Floor } from '../../floor/Floor.tsx';
import { type Layer, USUAL_LAYERS } from '../../floor/layers.ts';
import type { OtherPlace } from '../../floor/OthersLayer.tsx';
import type { Units } from '../../parts/units.ts';
import { ChosenBar } from './ChosenBar.tsx';
import { FloorBar } from './FloorBar.tsx';
import type { FloorEdits } from './floorEdits.ts';
import { LayersMenu } from './LayersMenu.tsx';
import { LayOut } from './LayOut.tsx';
import { ringsFor } from './rings.ts';

interface Props {
  room: Room;
  school: School;
  fitted: FittedLesson | null;
  block: FittedBlock | undefined;
  findings: readonly Finding[];
  units: Units;
  edits: FloorEdits;
  chosen: readonly string[];
  onChoose(ids: string[]): void;
  round: number;
  onRound(round: number): void;
  walking: boolean;
  onWalk(): void;
  alone: boolean;
  onAlone(): void;
  onMore(): void;
  /** Only looked at: what is supposed takes no hand until it is kept or dropped. */
  still: boolean;
  faded: boolean;
  marks: readonly FloorMark[];
  others: readonly OtherPlace[];
  children?: React.ReactNode;
}

/** The desk's floor with what is under it: layers, what is chosen, laying out. */
export function DeskFloor({
  room,
  school,
  fitted,
  block,
  findings,
  units,
  edits,
  chosen: wanted,
  onChoose,
  still,
  faded,
  marks,
  others,
  children,
  onMore,
  ...bar
}: Props) {
  // What was taken up or undone is chosen no more.
  const chosen = (still ? [] : wanted).filter((id) => [...edits.places, ...edits.things, ...edits.laid].some((p) => p.id === id));
  /** What is chosen lies in the lower half of the floor: its measures are then above it. */
  const liesLow = chosen.some((id) => {
    const place = edits.places.find((p) => p.id === id);
    const y = place ? meetingPoint(place.shape).y : [...edits.things, ...edits.laid].find((p) => p.id === id)!.y;
    return y < middleOf(boundsOf(room.outline)).y;
  });
  const [layers, setLayers] = useState<readonly Layer[]>(USUAL_LAYERS);
  const [laying, setLaying] = useState(false);
  const [boxing, setBoxing] = useState(false);
  const [box, setBox] = useState<Rect | null>(null);
  const game = block?.game;
  const rings = fitted ? ringsFor(findings, fitted, room, block?.id ?? null) : [];
  const limits = limitsFor(school);
  const zones = useMemo(
    () =>
      fitted && layers.includes('safety')
        ? floorZones(room, game?.pieces ?? [], game?.clearances ?? {}, block ? laidIn(block) : [], fitted.defaults)
        : [],
    [fitted, layers, room, game, block],
  );
  const teacher = block?.laid.find((p) => p.laid === 'teacher');
  const seen = useMemo(
    () =>
      teacher && layers.includes('sight')
        ? seenFrom(room.outline, inTheWay(room, block ? laidIn(block) : [], limits.seenOverM), teacher)
        : null,
    [teacher, layers, room, block, limits.seenOverM],
  );
  return (
    <>
      <div className="relative min-h-0 flex-1">
        <Floor
          room={room}
          game={game}
          laid={still ? block?.laid : edits.laid}
          round={bar.round}
          rings={rings}
          marks={marks}
          others={others}
          selected={chosen}
          units={units}
          layers={layers}
          zones={zones}
          seen={seen}
          {...(boxing && {
            onBox: (drawn: Rect | null) => {
              setBox(drawn);
              setBoxing(false);
              setLaying(true);
            },
          })}
          {...(!still && { onSelect: onChoose, onMove: edits.move, onTurn: edits.turn, onTakeUp: edits.takeUp })}
          faded={faded}
        />
        {boxing && (
          <p role="status" className="absolute bottom-2 left-14 bg-tape px-3 py-1.5 text-white">
            Drag a box on the floor: what you add goes in there.
          </p>
        )}
        {chosen.length > 0 && !boxing && (
          <section
            aria-label="What is chosen"
            className={`absolute left-12 flex max-w-[calc(100%-3rem)] min-h-12 items-center gap-3 overflow-x-auto border-[1.5px] border-ink bg-paper px-3 whitespace-nowrap [scrollbar-width:thin] ${liesLow ? 'top-0' : 'bottom-0'}`}
          >
            <ChosenBar ids={chosen} units={units} edits={edits} onMore={onMore} />
          </section>
        )}
      </div>
      {game && game.unplaced.length > 0 && (
        <p className="mx-4 border-[1.5px] border-dashed border-stop px-3 py-1" role="status">
          <strong className="text-stop">Unplaced:</strong> {game.unplaced.map((u) => `${u.number} ${u.title}`).join(', ')}. The floor holds{' '}
          {game.pieces.length} of this size.
        </p>
      )}
      <FloorBar {...bar} game={game} units={units} tools={<LayersMenu layers={layers} onLayers={setLayers} sightHint={!teacher} />}>
        {!still && children}
        {block && !still && (
          <button type="button" className="btn whitespace-nowrap" onClick={() => setLaying(true)}>
            Add<span className="@max-[960px]:sr-only"> to the floor</span> …
          </button>
        )}
      </FloorBar>
      {block && (
        <LayOut
          open={laying}
          onClose={() => setLaying(false)}
          room={room}
          wallClearanceM={limits.wallClearanceM}
          edits={edits}
          units={units}
          onLaid={onChoose}
          box={box}
          onBox={setBox}
          onDraw={() => {
            setLaying(false);
            setBoxing(true);
          }}
        />
      )}
    </>
  );
}
