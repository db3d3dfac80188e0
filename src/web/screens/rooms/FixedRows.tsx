import { boundsOf } from '../../../core/geometry/point.ts';
import { FIXED_KINDS, type FixedThing, SIDES, usualThing } from '../../../core/model/fixedThing.ts';
import type { Room } from '../../../core/model/room.ts';
import { freeSpot, withDiameter } from '../../../core/model/roomMoves.ts';
import { freshId } from '../../api.ts';
import { SaidChoice, SaidLength, SaidText, SaidYes } from '../../parts/Said.tsx';
import { useTry } from '../../parts/useTry.ts';
import { Remove, RoomPart, type SaveRoom } from './RoomParts.tsx';

const SHAPES = [
  ['rectangle', 'rectangle'],
  ['round', 'round thing'],
] as const;

/** In another shape; a round thing has one diameter. */
const reshaped = (thing: FixedThing, shape: FixedThing['shape']): Partial<FixedThing> =>
  shape === 'round' ? { ...withDiameter(thing, Math.min(thing.widthM, thing.depthM)), shape } : { shape };

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
  const [problem, attempt] = useTry();
  const size = boundsOf(room.outline);
  const put = (id: string, change: Partial<FixedThing>) =>
    save(
      (now) => ({ fixed: now.fixed.map((f) => (f.id === id ? { ...f, ...change } : f)) }),
      `change ${room.fixed.find((f) => f.id === id)?.name ?? 'a thing'}`,
    );
  return (
    <RoomPart title="What stands in the room" {...{ problem }}>
      <ul>
        {room.fixed.map((thing) => (
          <li key={thing.id} className="border-b py-1 leading-8">
            <SaidText label="Thing" value={thing.name} onCommit={(name) => put(thing.id, { name })} />, a{' '}
            <SaidChoice
              label="Kind"
              value={thing.thing}
              options={FIXED_KINDS.map((k) => [k, k] as const)}
              onPick={(k) => attempt(put(thing.id, { thing: k }))}
            />
            : <SaidLength label="From west" value={thing.xM} onPut={(xM) => put(thing.id, { xM })} /> from west,{' '}
            <SaidLength label="From south" value={thing.yM} onPut={(yM) => put(thing.id, { yM })} /> from south; a{' '}
            <SaidChoice
              label="Shape"
              value={thing.shape}
              options={SHAPES}
              onPick={(shape) => attempt(put(thing.id, reshaped(thing, shape)))}
            />
            ,{' '}
            {thing.shape === 'round' ? (
              <>
                <SaidLength label="Diameter" value={thing.widthM} onPut={(m) => put(thing.id, withDiameter(thing, m))} /> across,{' '}
              </>
            ) : (
              <>
                <SaidLength label="Width" value={thing.widthM} onPut={(widthM) => put(thing.id, { widthM })} /> wide,{' '}
                <SaidLength label="Depth" value={thing.depthM} onPut={(depthM) => put(thing.id, { depthM })} /> deep,{' '}
              </>
            )}
            <SaidLength label="Height" value={thing.heightM} onPut={(heightM) => put(thing.id, { heightM })} /> high, its underside at{' '}
            <SaidLength label="Underside" value={thing.undersideM} onPut={(undersideM) => put(thing.id, { undersideM })} />. It draws out{' '}
            <SaidChoice
              label="Draws out to"
              value={thing.opens?.to ?? 'none'}
              options={[['none', 'nowhere'] as const, ...SIDES.map((side) => [side, `to the ${side}`] as const)]}
              onPick={(to) =>
                attempt(
                  put(thing.id, { opens: to === 'none' ? null : { byM: thing.opens?.byM ?? 2, open: thing.opens?.open ?? false, to } }),
                )
              }
            />
            {thing.opens && (
              <>
                , by <SaidLength label="By" value={thing.opens.byM} onPut={(byM) => put(thing.id, { opens: { ...thing.opens!, byM } })} />,
                and stands{' '}
                <SaidYes
                  label={`The ${thing.thing} stands open`}
                  value={thing.opens.open}
                  words={['open', 'closed']}
                  onPick={(open) => attempt(put(thing.id, { opens: { ...thing.opens!, open } }))}
                />
              </>
            )}
            .{' '}
            <Remove
              name={thing.name}
              onClick={() => attempt(save((now) => ({ fixed: now.fixed.filter((f) => f.id !== thing.id) }), `remove ${thing.name}`))}
            />
          </li>
        ))}
      </ul>
      <div className="mt-2 flex gap-2">
        {USUAL.map(({ name, thing, at }) => (
          <button
            key={thing}
            type="button"
            className="btn"
            onClick={() =>
              attempt(
                save(
                  (now) => ({
                    fixed: [
                      ...now.fixed,
                      freeSpot(now, usualThing({ id: freshId('f'), name, thing, undersideM: 0, ...at(size.width, size.depth) })),
                    ],
                  }),
                  `add a ${thing}`,
                ),
              )
            }
          >
            Add a {thing}
          </button>
        ))}
      </div>
    </RoomPart>
  );
}
