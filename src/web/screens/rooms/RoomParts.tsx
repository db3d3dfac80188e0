import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { boundsOf } from '../../../core/geometry/point.ts';
import { type Door, FIXED_KINDS, type FixedThing, type Room } from '../../../core/model/room.ts';
import { wallNames } from '../../../core/words/floor.en.ts';
import { freshId, problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useUnits } from '../../parts/units.ts';

export type SaveRoom = (change: Partial<Room> | ((now: Room) => Partial<Room>)) => Promise<void>;
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

/** Doors: on which wall, where along it, how wide, and how deep the floor before it is kept clear. */
export function DoorRows({ room, save }: { room: Room; save: SaveRoom }) {
  const units = useUnits();
  const walls = wallNames(room.outline);
  const [problem, attempt] = useTry();
  const put = (id: string, change: Partial<Door>) =>
    save((now) => ({ doors: now.doors.map((d) => (d.id === id ? { ...d, ...change } : d)) }));
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
            <Remove name={door.name} onClick={() => attempt(save((now) => ({ doors: now.doors.filter((d) => d.id !== door.id) })))} />
            <div className="col-span-3 grid grid-cols-3 gap-2">
              <CommitField label="From wall's start" value={units.say(door.atM)} onCommit={(t) => put(door.id, { atM: units.read(t) })} />
              <CommitField label="Width" value={units.say(door.widthM)} onCommit={(t) => put(door.id, { widthM: units.read(t) })} />
              <CommitField label="Kept clear" value={units.say(door.clearM)} onCommit={(t) => put(door.id, { clearM: units.read(t) })} />
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
            save((now) => ({
              doors: [...now.doors, { id: freshId('d'), name: `Door ${now.doors.length + 1}`, wall: 0, atM: 1, widthM: 1.6, clearM: 1.6 }],
            })),
          )
        }
      >
        Add a door
      </button>
    </section>
  );
}

const tenth = (metres: number) => Math.round(metres * 10) / 10;
/** What usually stands in a gym, where it usually stands: the teacher then types what is true. */
const USUAL: { name: string; thing: FixedThing['thing']; at(w: number, d: number): Pick<FixedThing, 'xM' | 'yM' | 'widthM' | 'depthM'> }[] =
  [
    { name: 'post', thing: 'post', at: (w, d) => ({ xM: tenth(w * 0.7), yM: tenth(d * 0.5), widthM: 0.4, depthM: 0.4 }) },
    { name: 'stage lip', thing: 'stage', at: (_, d) => ({ xM: 0, yM: tenth(d * 0.25), widthM: 1, depthM: tenth(d * 0.5) }) },
    { name: 'bleacher', thing: 'bleacher', at: (w) => ({ xM: tenth(w * 0.3), yM: 0, widthM: tenth(w * 0.3), depthM: 0.8 }) },
  ];

/** Posts, stages, bleachers: rectangles by their near left corner and size. */
export function FixedRows({ room, save }: { room: Room; save: SaveRoom }) {
  const units = useUnits();
  const [problem, attempt] = useTry();
  const size = boundsOf(room.outline);
  const put = (id: string, change: Partial<FixedThing>) =>
    save((now) => ({ fixed: now.fixed.map((f) => (f.id === id ? { ...f, ...change } : f)) }));
  return (
    <section className="mt-5">
      <h2 className="border-b pb-1 text-base">What stands in the room</h2>
      <ul>
        {room.fixed.map((thing) => (
          <li key={thing.id} className="grid grid-cols-[1fr_1fr_32px] gap-x-2 gap-y-1 border-b py-2">
            <CommitField label="Thing" value={thing.name} onCommit={(name) => put(thing.id, { name })} />
            <ChoiceField
              label="Kind"
              value={thing.thing}
              options={FIXED_KINDS.map((k) => [k, k] as const)}
              onPick={(k) => attempt(put(thing.id, { thing: k }))}
            />
            <Remove name={thing.name} onClick={() => attempt(save((now) => ({ fixed: now.fixed.filter((f) => f.id !== thing.id) })))} />
            <div className="col-span-3 grid grid-cols-5 gap-2">
              <CommitField label="From west" value={units.say(thing.xM)} onCommit={(t) => put(thing.id, { xM: units.read(t) })} />
              <CommitField label="From south" value={units.say(thing.yM)} onCommit={(t) => put(thing.id, { yM: units.read(t) })} />
              <CommitField label="Width" value={units.say(thing.widthM)} onCommit={(t) => put(thing.id, { widthM: units.read(t) })} />
              <CommitField label="Depth" value={units.say(thing.depthM)} onCommit={(t) => put(thing.id, { depthM: units.read(t) })} />
              <CommitField
                label="Underside"
                value={units.say(thing.undersideM)}
                onCommit={(t) => put(thing.id, { undersideM: units.read(t) })}
              />
            </div>
          </li>
        ))}
      </ul>
      <Problem text={problem} />
      <div className="mt-2 flex gap-2">
        {USUAL.map(({ name, thing, at }) => (
          <button
            key={thing}
            type="button"
            className="btn"
            onClick={() =>
              attempt(
                save((now) => ({ fixed: [...now.fixed, { id: freshId('f'), name, thing, undersideM: 0, ...at(size.width, size.depth) }] })),
              )
            }
          >
            Add a {thing}
          </button>
        ))}
      </div>
    </section>
  );
}
