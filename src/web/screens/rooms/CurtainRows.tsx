import { boundsOf, type Point } from '../../../core/geometry/point.ts';
import type { Curtain } from '../../../core/model/curtain.ts';
import { partRoom } from '../../../core/model/partRoom.ts';
import type { Room } from '../../../core/model/room.ts';
import { call, freshId } from '../../api.ts';
import { SaidLength, SaidText } from '../../parts/Said.tsx';
import { useTry } from '../../parts/useTry.ts';
import { Remove, RoomPart, type SaveRoom } from './RoomParts.tsx';

/** A curtain across the middle, from the main door wall to the one opposite. */
function usualCurtain(room: Room): Curtain {
  const box = boundsOf(room.outline);
  const x = Math.round((box.x + box.width / 2) * 10) / 10;
  const parts: Curtain['parts'] = [`${room.name}, west half`.slice(0, 40), `${room.name}, east half`.slice(0, 40)];
  return { id: freshId('c'), name: 'curtain', a: { x, y: box.y }, b: { x, y: box.y + box.depth }, parts };
}

/** Curtains: from where to where, what each part is called; a part becomes a room of its own to be planned in. */
export function CurtainRows({ room, save, onMade }: { room: Room; save: SaveRoom; onMade: (room: Room) => Promise<void> }) {
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
    <RoomPart title="Curtains" {...{ problem }}>
      <ul>
        {room.curtains.map((curtain) => (
          <li key={curtain.id} className="border-b py-1 leading-8">
            <SaidText label="Curtain" value={curtain.name} onCommit={(name) => put(curtain.id, { name })} />:{' '}
            {ends.map(([end, label]) => (
              <span key={end}>
                {label.toLowerCase()}{' '}
                {axes.map(([axis, from]) => (
                  <span key={axis}>
                    <SaidLength
                      label={`${label} ${from}`}
                      value={curtain[end][axis]}
                      onPut={(m) => put(curtain.id, { [end]: { ...curtain[end], [axis]: m } })}
                    />{' '}
                    {from}
                    {axis === 'x' ? ' and ' : ''}
                  </span>
                ))}
                {end === 'a' ? ', ' : '. '}
              </span>
            ))}
            <Remove
              name={curtain.name}
              onClick={() => attempt(save((now) => ({ curtains: now.curtains.filter((c) => c.id !== curtain.id) })))}
            />
            {([0, 1] as const).map((side) => (
              <div key={side} className="flex flex-wrap items-center gap-x-2">
                <span>
                  {side === 0 ? 'On its left:' : 'On its right:'}{' '}
                  <SaidText
                    label={side === 0 ? 'The part on its left' : 'The part on its right'}
                    value={curtain.parts[side]}
                    onCommit={(name) => put(curtain.id, { parts: curtain.parts.with(side, name) as Curtain['parts'] })}
                  />
                </span>
                <button
                  type="button"
                  className="text-tape underline"
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
      <button
        type="button"
        className="btn mt-2"
        onClick={() => attempt(save((now) => ({ curtains: [...now.curtains, usualCurtain(now)] })))}
      >
        Add a curtain
      </button>
    </RoomPart>
  );
}
