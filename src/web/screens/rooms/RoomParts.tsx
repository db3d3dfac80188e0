import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { capital } from '../../../core/formats/speak.ts';
import { type Door, SWINGS } from '../../../core/model/door.ts';
import { type Room, WALL_KINDS } from '../../../core/model/room.ts';
import { freeDoor } from '../../../core/model/roomMoves.ts';
import { wallNames } from '../../../core/words/floor.en.ts';
import { freshId, problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useUnits } from '../../parts/units.ts';

/** Stores a change of the room; `name` is what undoing it is called, after "Undo: ". */
export type SaveRoom = (change: Partial<Room> | ((now: Room) => Partial<Room>), name?: string) => Promise<void>;
/** Tries a change and keeps what was wrong with it, in words. */
export function useTry(): [string, (work: Promise<unknown>) => void] {
  const [problem, setProblem] = useState('');
  return [
    problem,
    (work) =>
      void work.then(
        () => setProblem(''),
        (e) => setProblem(problemWords(e)),
      ),
  ];
}

/** The button that takes a row away. */
export function Remove({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="flex h-8 w-8 items-center justify-center self-end hover:bg-tint"
      aria-label={`Remove ${name}`}
      onClick={onClick}
    >
      <Trash2 size={15} aria-hidden="true" />
    </button>
  );
}

/** Something that is so or not. */
export function Tick({ label, value, onPick }: { label: string; value: boolean; onPick: (value: boolean) => void }) {
  return (
    <label className="flex min-h-8 items-center gap-2 self-end text-sm">
      <input type="checkbox" checked={value} onChange={(e) => onPick(e.target.checked)} className="h-4 w-4" />
      {label}
    </label>
  );
}

/** What every wall is: what is run into, what is thrown at, what a tape can be held to. */
export function WallRows({ room, save }: { room: Room; save: SaveRoom }) {
  const names = wallNames(room.outline);
  const [problem, attempt] = useTry();
  return (
    <section className="mt-5">
      <h2 className="border-b pb-1 text-base">Walls</h2>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1 pt-2">
        {room.walls.map((kind, i) => (
          <ChoiceField
            key={`wall-${i + 1}`}
            label={capital(names[i])}
            value={kind}
            options={WALL_KINDS.map((k) => [k, k] as const)}
            onPick={(k) => attempt(save((now) => ({ walls: now.walls.map((w, j) => (j === i ? k : w)) })))}
          />
        ))}
      </div>
      <Problem text={problem} />
    </section>
  );
}

/** Doors: on which wall, where along it, how wide, and how deep the floor before it is kept clear. */
export function DoorRows({ room, save }: { room: Room; save: SaveRoom }) {
  const units = useUnits();
  const walls = wallNames(room.outline);
  const [problem, attempt] = useTry();
  const put = (id: string, change: Partial<Door>) =>
    save(
      (now) => ({ doors: now.doors.map((d) => (d.id === id ? { ...d, ...change } : d)) }),
      `change ${room.doors.find((d) => d.id === id)?.name ?? 'a door'}`,
    );
  return (
    <section className="mt-5">
      <h2 className="border-b pb-1 text-base">Doors</h2>
      <ul>
        {room.doors.map((door) => (
          <li key={door.id} className="grid grid-cols-[1fr_1fr_32px] gap-x-2 gap-y-1 border-b py-2">
            <CommitField label="Door" value={door.name} onCommit={(name) => put(door.id, { name })} />
            <ChoiceField
              label="Wall"
              value={String(door.wall)}
              options={walls.map((name, i) => [String(i), i === 0 ? `${name} (main)` : name] as const)}
              onPick={(w) => attempt(put(door.id, { wall: Number(w) }))}
            />
            <Remove
              name={door.name}
              onClick={() => attempt(save((now) => ({ doors: now.doors.filter((d) => d.id !== door.id) }), `remove ${door.name}`))}
            />
            <div className="col-span-3 grid grid-cols-3 gap-2">
              <CommitField label="From wall's start" value={units.say(door.atM)} onCommit={(t) => put(door.id, { atM: units.read(t) })} />
              <CommitField label="Width" value={units.say(door.widthM)} onCommit={(t) => put(door.id, { widthM: units.read(t) })} />
              <CommitField label="Kept clear" value={units.say(door.clearM)} onCommit={(t) => put(door.id, { clearM: units.read(t) })} />
              <ChoiceField
                label="Swings"
                value={door.swing}
                options={SWINGS.map((k) => [k, k] as const)}
                onPick={(swing) => attempt(put(door.id, { swing }))}
              />
              <Tick label="A way out" value={door.exit} onPick={(exit) => attempt(put(door.id, { exit }))} />
            </div>
          </li>
        ))}
      </ul>
      <Problem text={problem} />
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
    </section>
  );
}
