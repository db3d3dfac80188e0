import { boundsOf } from '../../../core/geometry/point.ts';
import { FIXED_KINDS, type FixedThing, SIDES, usualThing } from '../../../core/model/fixedThing.ts';
import type { Room } from '../../../core/model/room.ts';
import { freeSpot, withDiameter } from '../../../core/model/roomMoves.ts';
import { freshId } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useUnits } from '../../parts/units.ts';
import { Remove, type SaveRoom, Tick, useTry } from './RoomParts.tsx';

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
    save(
      (now) => ({ fixed: now.fixed.map((f) => (f.id === id ? { ...f, ...change } : f)) }),
      `change ${room.fixed.find((f) => f.id === id)?.name ?? 'a thing'}`,
    );
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
            <Remove
              name={thing.name}
              onClick={() => attempt(save((now) => ({ fixed: now.fixed.filter((f) => f.id !== thing.id) }), `remove ${thing.name}`))}
            />
            <div className="col-span-3 grid grid-cols-5 gap-2">
              <CommitField label="From west" value={units.say(thing.xM)} onCommit={(t) => put(thing.id, { xM: units.read(t) })} />
              <CommitField label="From south" value={units.say(thing.yM)} onCommit={(t) => put(thing.id, { yM: units.read(t) })} />
              {thing.shape === 'round' ? (
                <CommitField
                  label="Diameter"
                  value={units.say(thing.widthM)}
                  onCommit={(t) => put(thing.id, withDiameter(thing, units.read(t)))}
                />
              ) : (
                <>
                  <CommitField label="Width" value={units.say(thing.widthM)} onCommit={(t) => put(thing.id, { widthM: units.read(t) })} />
                  <CommitField label="Depth" value={units.say(thing.depthM)} onCommit={(t) => put(thing.id, { depthM: units.read(t) })} />
                </>
              )}
              <CommitField
                label="Underside"
                value={units.say(thing.undersideM)}
                onCommit={(t) => put(thing.id, { undersideM: units.read(t) })}
              />
            </div>
            <div className="col-span-3 grid grid-cols-[0.8fr_1.3fr_1.2fr_0.8fr] gap-2">
              <CommitField label="Height" value={units.say(thing.heightM)} onCommit={(t) => put(thing.id, { heightM: units.read(t) })} />
              <ChoiceField
                label="Shape"
                value={thing.shape}
                options={(['rectangle', 'round'] as const).map((k) => [k, k] as const)}
                onPick={(shape) =>
                  attempt(
                    put(thing.id, shape === 'round' ? { ...withDiameter(thing, Math.min(thing.widthM, thing.depthM)), shape } : { shape }),
                  )
                }
              />
              <ChoiceField
                label="Draws out to"
                value={thing.opens?.to ?? 'none'}
                options={[['none', 'nowhere'] as const, ...SIDES.map((side) => [side, side] as const)]}
                onPick={(to) =>
                  attempt(
                    put(thing.id, { opens: to === 'none' ? null : { byM: thing.opens?.byM ?? 2, open: thing.opens?.open ?? false, to } }),
                  )
                }
              />
              {thing.opens && (
                <CommitField
                  label="By"
                  value={units.say(thing.opens.byM)}
                  onCommit={(t) => put(thing.id, { opens: { ...thing.opens!, byM: units.read(t) } })}
                />
              )}
            </div>
            {thing.opens && (
              <div className="col-span-3">
                <Tick
                  label={`The ${thing.thing} stands open`}
                  value={thing.opens.open}
                  onPick={(open) => attempt(put(thing.id, { opens: { ...thing.opens!, open } }))}
                />
              </div>
            )}
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
    </section>
  );
}
