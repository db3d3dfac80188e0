import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { counted } from '../../../core/formats/speak.ts';
import { boundsOf, type Point } from '../../../core/geometry/point.ts';
import { moveCorner } from '../../../core/model/outline.ts';
import { FLOOR_KINDS, type Room, rectangleOutline } from '../../../core/model/room.ts';
import { moveDoor, moveFixed } from '../../../core/model/roomMoves.ts';
import { call, problemWords } from '../../api.ts';
import { RoomFloor } from '../../floor/RoomFloor.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { FileButtons } from '../../parts/FileButtons.tsx';
import { NameDialog } from '../../parts/NameDialog.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { RemoveButton } from '../../parts/RemoveButton.tsx';
import { SaidChoice, SaidText, SaidYes } from '../../parts/Said.tsx';
import { ShelfList } from '../../parts/ShelfList.tsx';
import { saveRecord } from '../../parts/saveRecord.ts';
import { useShelfUndo } from '../../parts/shelfUndo.ts';
import { useUnits } from '../../parts/units.ts';
import { useTry } from '../../parts/useTry.ts';
import { CurtainRows } from './CurtainRows.tsx';
import { FixedRows } from './FixedRows.tsx';
import { OutlineRows } from './OutlineRows.tsx';
import { PaintedRows } from './PaintedRows.tsx';
import { DoorRows, type SaveRoom, WallRows } from './RoomParts.tsx';

/** Rooms as paint, to scale: measures, doors with what is kept clear, posts and stages. */
export function Rooms() {
  const { roomId } = useParams();
  const client = useQueryClient();
  const navigate = useNavigate();
  const units = useUnits();
  const [adding, setAdding] = useState(false);
  const list = useQuery({ queryKey: ['rooms'], queryFn: () => call<Room[]>('GET', '/rooms') });
  const room = list.data?.find((r) => r.id === roomId) ?? list.data?.[0];
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: ['rooms'] });
    await client.invalidateQueries({ queryKey: ['desk'] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <div className="flex min-h-0 flex-1 max-[700px]:flex-col">
        <ShelfList
          title="Rooms"
          items={(list.data ?? []).map((r) => ({
            id: r.id,
            to: `/rooms/${r.id}`,
            name: r.name,
            more: `${units.say(boundsOf(r.outline).width)} × ${units.say(boundsOf(r.outline).depth)} · ${counted(r.doors.length, 'door')}`,
          }))}
          action="Add a room"
          onAdd={() => setAdding(true)}
        />
        {room ? (
          <OneRoom key={room.id} room={room} refresh={refresh} />
        ) : (
          <main className="flex-1 p-6">
            {list.error ? (
              <Problem text={problemWords(list.error)} />
            ) : (
              <p className="text-muted">
                {list.data ? 'No room yet. Add one and type its width and depth; doors and posts come after.' : 'Opening the rooms …'}
              </p>
            )}
          </main>
        )}
      </div>
      <NameDialog
        open={adding}
        title="A new room"
        label="Name of the room"
        action="Add the room"
        onClose={() => setAdding(false)}
        onSave={async (name) => {
          const made = await call<Room>('POST', '/rooms', { name, outline: rectangleOutline(20, 12), doors: [], fixed: [] });
          await refresh();
          navigate(`/rooms/${made.id}`);
        }}
      />
    </div>
  );
}

/** A tape laid along the middle of the room: its ends are then dragged to what is to be measured. */
function acrossMiddle(room: Room): [Point, Point] {
  const box = boundsOf(room.outline);
  const y = Math.round((box.y + box.depth / 2) * 10) / 10;
  const at = (share: number) => ({ x: Math.round((box.x + box.width * share) * 10) / 10, y });
  return [at(0.3), at(0.7)];
}

function OneRoom({ room, refresh }: { room: Room; refresh: () => Promise<void> }) {
  const units = useUnits();
  const navigate = useNavigate();
  const { add } = useShelfUndo();
  const save: SaveRoom = async (change, name = `change ${room.name}`) => {
    const path = `/rooms/${room.id}`;
    // Saves follow one another: what undoing puts back is what this one found.
    let before = room;
    const now = await saveRecord(path, room, (found) => {
      before = found;
      return typeof change === 'function' ? change(found) : change;
    });
    const body = { ...before, revision: now.revision };
    add({ id: `${room.id}-${now.revision}`, name, request: { method: 'PUT', path, body } });
    await refresh();
  };
  const [outlineProblem, attempt] = useTry();
  const [corner, setCorner] = useState<number | null>(null);
  const [tape, setTape] = useState<[Point, Point] | null>(null);
  const open = async (made: Room) => {
    await refresh();
    navigate(`/rooms/${made.id}`);
  };
  return (
    <main className="flex min-h-0 min-w-0 flex-1 max-[700px]:flex-col">
      <div className="relative min-w-0 flex-1">
        <RoomFloor
          room={room}
          units={units}
          corner={corner}
          onCorner={setCorner}
          onMove={(i, to) => attempt(save((now) => moveCorner(now, i, to), `move corner ${i + 1}`))}
          onDoor={(door, to) =>
            attempt(save((now) => ({ doors: now.doors.map((d) => (d.id === door.id ? moveDoor(now, d, to) : d)) }), `move ${door.name}`))
          }
          onFixed={(thing, to) =>
            attempt(save((now) => ({ fixed: now.fixed.map((f) => (f.id === thing.id ? moveFixed(now, f, to) : f)) }), `move ${thing.name}`))
          }
          tape={tape}
          onTape={setTape}
        />
        <button
          type="button"
          className="btn absolute top-3 left-3"
          aria-pressed={tape !== null}
          onClick={() => setTape(tape ? null : acrossMiddle(room))}
        >
          {tape ? 'Roll up the tape' : 'Measure'}
        </button>
      </div>
      <aside
        aria-label="Measures"
        className="w-[400px] shrink-0 overflow-auto border-l border-ink p-4 max-[700px]:max-h-[30vh] max-[700px]:w-full max-[700px]:border-t max-[700px]:border-l-0"
        tabIndex={0}
      >
        <p className="text-base leading-8">
          <SaidText label="Room" value={room.name} onCommit={(name) => save({ name })} /> is{' '}
          <SaidYes label="Outdoors" value={room.outside} words={['outdoors', 'indoors']} onPick={(outside) => attempt(save({ outside }))} />
          , on{' '}
          <SaidChoice
            label="Floor"
            value={room.floorKind}
            options={FLOOR_KINDS.map((k) => [k, k] as const)}
            onPick={(floorKind) => attempt(save({ floorKind }))}
          />
          .
        </p>
        <OutlineRows room={room} save={save} corner={corner} onCorner={setCorner} problem={outlineProblem} attempt={attempt} />
        <WallRows room={room} save={save} />
        <DoorRows room={room} save={save} />
        <FixedRows room={room} save={save} />
        <PaintedRows room={room} save={save} />
        <CurtainRows room={room} save={save} onMade={open} />
        <p className="mt-4 text-xs text-muted">
          Measure from the inside corner at the left end of the main door wall. What is kept clear here is a planning aid: exits and local
          rules decide.
        </p>
        <div className="mt-4 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn"
            onClick={() =>
              attempt(
                (async () => {
                  const { id: _, name, ...same } = room;
                  await open(await call<Room>('POST', '/rooms', { ...same, name: `${name.slice(0, 32)}, a copy` }));
                })(),
              )
            }
          >
            Copy the room
          </button>
          <FileButtons room={room} pieces={[]} marks={[]} name={room.name} />
        </div>
        <RemoveButton
          what="room"
          id={room.id}
          name={room.name}
          path={`/rooms/${room.id}`}
          label="Remove the room"
          className="btn mt-2"
          onRemoved={async () => {
            await refresh();
            navigate('/rooms');
          }}
        />
      </aside>
    </main>
  );
}
