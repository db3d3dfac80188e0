import { capital } from '../../../core/formats/speak.ts';
import { type Door, SWINGS } from '../../../core/model/door.ts';
import { type Room, WALL_KINDS } from '../../../core/model/room.ts';
import { freeDoor } from '../../../core/model/roomMoves.ts';
import { wallNames } from '../../../core/words/floor.en.ts';
import { freshId } from '../../api.ts';
import { Problem } from '../../parts/Problem.tsx';
import { SaidChoice, SaidLength, SaidText, SaidYes } from '../../parts/Said.tsx';
import { useTry } from '../../parts/useTry.ts';

/** Stores a change of the room; `name` is what undoing it is called, after "Undo: ". */
export type SaveRoom = (change: Partial<Room> | ((now: Room) => Partial<Room>), name?: string) => Promise<void>;
/** The word at the end of a sentence that takes away what it is about. */
export function Remove({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button type="button" className="min-h-6 text-sm text-muted underline hover:text-stop" aria-label={`Remove ${name}`} onClick={onClick}>
      remove
    </button>
  );
}

/** A part of what there is to say about a room. */
export function RoomPart({ title, problem, children }: { title: string; problem: string; children: React.ReactNode }) {
  return (
    <section className="mt-5">
      <h2 className="border-b-2 border-paint pb-0.5 text-base">{title}</h2>
      {children}
      <Problem text={problem} />
    </section>
  );
}

/** What every wall is: what is run into, what is thrown at, what a tape can be held to. */
export function WallRows({ room, save }: { room: Room; save: SaveRoom }) {
  const names = wallNames(room.outline);
  const [problem, attempt] = useTry();
  return (
    <RoomPart title="Walls" {...{ problem }}>
      <p className="leading-8">
        {room.walls.map((kind, i) => (
          <span key={`wall-${i + 1}`}>
            {i === 0 ? `The ${names[i]}` : `the ${names[i]}`} is{' '}
            <SaidChoice
              label={capital(names[i])}
              value={kind}
              options={WALL_KINDS.map((k) => [k, k] as const)}
              onPick={(k) => attempt(save((now) => ({ walls: now.walls.map((w, j) => (j === i ? k : w)) })))}
            />
            {i < room.walls.length - 1 ? ', ' : '.'}
          </span>
        ))}
      </p>
    </RoomPart>
  );
}

/** Doors: on which wall, where along it, how wide, and how deep the floor before it is kept clear. */
export function DoorRows({ room, save }: { room: Room; save: SaveRoom }) {
  const walls = wallNames(room.outline);
  const [problem, attempt] = useTry();
  const put = (id: string, change: Partial<Door>) =>
    save(
      (now) => ({ doors: now.doors.map((d) => (d.id === id ? { ...d, ...change } : d)) }),
      `change ${room.doors.find((d) => d.id === id)?.name ?? 'a door'}`,
    );
  return (
    <RoomPart title="Doors" {...{ problem }}>
      <ul>
        {room.doors.map((door) => (
          <li key={door.id} className="border-b py-1 leading-8">
            <SaidText label="Door" value={door.name} onCommit={(name) => put(door.id, { name })} />: in the{' '}
            <SaidChoice
              label="Wall"
              value={String(door.wall)}
              options={walls.map((name, i) => [String(i), i === 0 ? `${name} (main)` : name] as const)}
              onPick={(w) => attempt(put(door.id, { wall: Number(w) }))}
            />
            , <SaidLength label="From wall's start" value={door.atM} onPut={(atM) => put(door.id, { atM })} /> from its start,{' '}
            <SaidLength label="Width" value={door.widthM} onPut={(widthM) => put(door.id, { widthM })} /> wide, with{' '}
            <SaidLength label="Kept clear" value={door.clearM} onPut={(clearM) => put(door.id, { clearM })} /> kept clear. It swings{' '}
            <SaidChoice
              label="Swings"
              value={door.swing}
              options={SWINGS.map((k) => [k, k] as const)}
              onPick={(swing) => attempt(put(door.id, { swing }))}
            />{' '}
            and is{' '}
            <SaidYes
              label="A way out"
              value={door.exit}
              words={['a way out', 'no way out']}
              onPick={(exit) => attempt(put(door.id, { exit }))}
            />
            .{' '}
            <Remove
              name={door.name}
              onClick={() => attempt(save((now) => ({ doors: now.doors.filter((d) => d.id !== door.id) }), `remove ${door.name}`))}
            />
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn mt-2"
        onClick={() =>
          attempt(
            save(
              (now) => ({
                doors: [
                  ...now.doors,
                  freeDoor(now, {
                    id: freshId('d'),
                    name: `Door ${now.doors.length + 1}`,
                    wall: 0,
                    atM: 1,
                    widthM: 1.6,
                    clearM: 1.6,
                    swing: 'inwards',
                    exit: true,
                  }),
                ],
              }),
              'add a door',
            ),
          )
        }
      >
        Add a door
      </button>
    </RoomPart>
  );
}
