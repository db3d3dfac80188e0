import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { boundsOf, millimetres } from '../../../core/geometry/point.ts';
import { PAINT_COLOURS, type PaintedKind, type PaintedSet, paintedPaths } from '../../../core/model/painted.ts';
import type { Room } from '../../../core/model/room.ts';
import { call, freshId } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { SaidChoice, SaidLength, SaidText } from '../../parts/Said.tsx';
import { useUnits } from '../../parts/units.ts';
import { useTry } from '../../parts/useTry.ts';
import { Remove, RoomPart, type SaveRoom } from './RoomParts.tsx';

/** The set in the middle of the room, lengthwise or turned, whichever fits; an error in words where neither does. */
function centred(room: Room, kind: PaintedKind): PaintedSet {
  const size = boundsOf(room.outline);
  const turned = kind.widthM > size.width;
  const [along, deep] = turned ? [kind.depthM, kind.widthM] : [kind.widthM, kind.depthM];
  if (along > size.width || deep > size.depth) throw new Error(`${kind.name} is larger than the room. Choose a smaller one.`);
  const middle = (a: number) => Math.round(a * 500) / 1000;
  return {
    id: freshId('l'),
    colour: 'grey',
    xM: size.x + middle(size.width - along) + (turned ? along : 0),
    yM: size.y + middle(size.depth - deep),
    turnedDeg: turned ? 90 : 0,
    name: kind.name,
    marks: kind.marks,
  };
}

/** Lines painted on the floor: which, where, turned how far, what colour. Placed by their lower left corner as drawn. */
export function PaintedRows({ room, save }: { room: Room; save: SaveRoom }) {
  const [problem, attempt] = useTry();
  const kinds = useQuery({ queryKey: ['painted-lines'], queryFn: () => call<PaintedKind[]>('GET', '/painted-lines') }).data ?? [];
  const units = useUnits();
  const [key, setKey] = useState('');
  const kind = kinds.find((k) => k.key === key) ?? kinds[0];
  const put = (id: string, change: (set: PaintedSet) => Partial<PaintedSet>) =>
    save((now) => ({ painted: now.painted.map((s) => (s.id === id ? { ...s, ...change(s) } : s)) }));
  /** Moves the set so that its lower left corner as drawn lies there. */
  const corner = (id: string, along: 'x' | 'y', to: number) =>
    put(id, (set) => {
      const drawn = boundsOf(paintedPaths(set).flat());
      return along === 'x' ? { xM: millimetres(set.xM + to - drawn.x) } : { yM: millimetres(set.yM + to - drawn.y) };
    });
  /** Turns the set about its middle as drawn. */
  const turn = (id: string, to: number) =>
    put(id, (set) => {
      const before = boundsOf(paintedPaths(set).flat());
      const after = boundsOf(paintedPaths({ ...set, turnedDeg: to }).flat());
      return {
        turnedDeg: to,
        xM: millimetres(set.xM + before.x + before.width / 2 - after.x - after.width / 2),
        yM: millimetres(set.yM + before.y + before.depth / 2 - after.y - after.depth / 2),
      };
    });
  return (
    <RoomPart title="Painted on the floor" {...{ problem }}>
      <ul>
        {room.painted.map((set) => {
          const drawn = boundsOf(paintedPaths(set).flat());
          return (
            <li key={set.id} className="border-b py-1 leading-8">
              <SaidText label="Lines" value={set.name} onCommit={(name) => put(set.id, () => ({ name }))} /> in{' '}
              <SaidChoice
                label="Color"
                value={set.colour}
                options={PAINT_COLOURS.map((c) => [c, c === 'grey' ? 'gray' : c] as const)}
                onPick={(colour) => attempt(put(set.id, () => ({ colour })))}
              />
              : <SaidLength label="From west" value={drawn.x} onPut={(m) => corner(set.id, 'x', m)} /> from west,{' '}
              <SaidLength label="From south" value={drawn.y} onPut={(m) => corner(set.id, 'y', m)} /> from south, turned{' '}
              <SaidText
                label="Turned, degrees"
                inputMode="decimal"
                value={String(set.turnedDeg)}
                onCommit={(t) => turn(set.id, ((readDegrees(t) % 360) + 360) % 360)}
              />
              °.{' '}
              <Remove name={set.name} onClick={() => attempt(save((now) => ({ painted: now.painted.filter((s) => s.id !== set.id) })))} />
            </li>
          );
        })}
      </ul>
      <div className="mt-2 flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <ChoiceField
            label="Lines by size"
            value={kind?.key ?? ''}
            options={kinds.map((k) => [k.key, `${k.name}, ${units.say(k.widthM)} × ${units.say(k.depthM)}`] as const)}
            onPick={(k) => setKey(k)}
          />
        </div>
        <button
          type="button"
          className="btn"
          disabled={!kind}
          onClick={() =>
            attempt(
              (async () => {
                const set = centred(room, kind);
                await save((now) => ({ painted: [...now.painted, set] }));
              })(),
            )
          }
        >
          Add these lines
        </button>
      </div>
    </RoomPart>
  );
}

function readDegrees(text: string): number {
  const degrees = Number(
    text
      .replace(',', '.')
      .replace(/°|degrees?/g, '')
      .trim(),
  );
  if (!text.trim() || !Number.isFinite(degrees)) throw new Error(`"${text}" is not an angle. Write 90.`);
  return degrees;
}
