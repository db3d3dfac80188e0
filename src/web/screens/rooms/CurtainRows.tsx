import { boundsOf, type Point } from '../../../core/geometry/point.ts';
import type { Curtain } from '../../../core/model/curtain.ts';
import { partRoom } from '../../../core/model/partRoom.ts';
import type { Room } from '../../../core/model/room.ts';
import { call, freshId } from '../../api.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useUnits } from '../../parts/units.ts';
import { Remove, type SaveRoom, useTry } from './RoomParts.tsx';

/** A curtain across the middle, from the main door wall to the one opposite. */
function usualCurtain(room: Room): Curtain {
  const box = boundsOf(room.outline);
  const x = Math.round((box.x + box.width / 2) * 10) / 10;
  const parts: Curtain['parts'] = [`${room.name}, west half`.slice(0, 40), `${room.name}, east half`.slice(0, 40)];
  return { id: freshId('c'), name: 'curtain', a: { x, y: box.y }, b: { x, y: box.y + box.depth }, parts };
}

/** Curtains: from where to where, what each part is called; a part becomes a room of its own to be planned in. */
export function CurtainRows({ room, save, onMade }: { room: Room; save: SaveRoom; onMade: (room: Room) => Promise<void> }) {
  const units = useUnits();
  const [problem, attempt] = useTry();
  const put = (id: string, change: Partial<Curtain>) =>
    save((now) => ({ curtains: now.curtains.map((c) => (c.id === id ? { ...c, ...change } : c)) }));
  const ends: ['a' | 'b', string][] = [
    ['a', 'One end'],
    ['b', 'Other end'],
  ];
  const axes: [keyof Point, string][] = [
    ['x', 'from west'],
    ['y', 'from south'],
  ];
  return (
    <section className="mt-5">
      <h2 className="border-b pb-1 text-base">Curtains</h2>
      <ul>
        {room.curtains.map((curtain) => (
          <li key={curtain.id} className="border-b py-2">
            <div className="grid grid-cols-[1fr_32px] gap-2">
              <CommitField label="Curtain" value={curtain.name} onCommit={(name) => put(curtain.id, { name })} />
              <Remove
                name={curtain.name}
                onClick={() => attempt(save((now) => ({ curtains: now.curtains.filter((c) => c.id !== curtain.id) })))}
              />
            </div>
            <div className="mt-1 grid grid-cols-2 gap-2">
              {ends.flatMap(([end, label]) =>
                axes.map(([axis, from]) => (
                  <CommitField
                    key={`${end}${axis}`}
                    label={`${label} ${from}`}
                    value={units.say(curtain[end][axis])}
                    onCommit={(t) => put(curtain.id, { [end]: { ...curtain[end], [axis]: units.read(t) } })}
                  />
                )),
              )}
            </div>
            {([0, 1] as const).map((side) => (
              <div key={side} className="mt-1 grid grid-cols-[1fr_auto] items-end gap-2">
                <CommitField
                  label={side === 0 ? 'The part on its left' : 'The part on its right'}
                  value={curtain.parts[side]}
                  onCommit={(name) => put(curtain.id, { parts: curtain.parts.with(side, name) as Curtain['parts'] })}
                />
                <button
                  type="button"
                  className="btn"
                  aria-label={`Make a room of it: ${curtain.parts[side]}`}
                  onClick={() =>
                    attempt(
                      (async () => {
                        const part = partRoom(room, curtain, side);
                        if (!part) throw new Error('The curtain does not reach from wall to wall.');
                        await onMade(await call<Room>('POST', '/rooms', part));
                      })(),
                    )
                  }
                >
                  Make a room of it
                </button>
              </div>
            ))}
          </li>
        ))}
      </ul>
      <Problem text={problem} />
      <button
        type="button"
        className="btn mt-2"
        onClick={() => attempt(save((now) => ({ curtains: [...now.curtains, usualCurtain(now)] })))}
      >
        Add a curtain
      </button>
    </section>
  );
}
