import { clockOf } from '../../../core/formats/speak.ts';
import type { Rota } from '../../../core/rotation/rota.ts';
import { bellClock } from '../../parts/bellClock.ts';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  rota: Rota;
  /** Seconds after midnight at which the block begins; undefined where it stands in no lesson. */
  beginsAt: number | undefined;
  slot: number;
  onSlot(slot: number): void;
}

/** Fewer lines than this are drawn larger, so that five metres away they are read. */
const LARGE = 14;

/** Who goes where, as a chart to be read from across the gym: a line for each pennant, a column for each round, numbers as large as fit. */
export function RotaChart({ rota, beginsAt, slot, onSlot }: Props) {
  const { units, slots, places } = rota;
  const large = units.length <= LARGE && slots.length <= LARGE;
  const cell = large ? 'text-[clamp(26px,min(4vw,6.2vh),76px)]' : 'text-[clamp(14px,1.5vw,30px)]';
  return (
    <div className="h-full overflow-auto" tabIndex={0} role="region" aria-label="Rotation chart">
      <table className="h-full w-full border-collapse">
        <caption className="sr-only">Where every {units[0]?.title.startsWith('Group') ? 'group' : 'one'} is in each round</caption>
        <thead>
          <tr>
            <th scope="col" className="sticky top-0 left-0 z-20 bg-paper">
              <span className="sr-only">Who</span>
            </th>
            {slots.map((s, i) => (
              <th
                key={s.at}
                scope="col"
                className={`sticky top-0 z-10 border-b border-ink p-0 ${i === slot ? 'bg-tape text-white' : 'bg-paper'}`}
              >
                <button type="button" className="w-full px-1 py-1" aria-pressed={i === slot} onClick={() => onSlot(i)}>
                  <span className="sr-only">Round </span>
                  <span className={`head block leading-none ${large ? 'text-[clamp(18px,1.8vw,34px)]' : 'text-base'}`}>{i + 1}</span>{' '}
                  <span className={`block text-xs ${i === slot ? '' : 'text-muted'}`}>
                    {beginsAt === undefined ? clockOf(s.at) : bellClock(beginsAt + s.at)}
                  </span>
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {units.map((unit, u) => (
            <tr key={unit.title} className="border-b">
              <th scope="row" className="sticky left-0 z-10 bg-paper py-0.5 pr-3 text-left whitespace-nowrap">
                <span className="flex items-center gap-2">
                  {unit.pennant !== undefined && <Pennant index={unit.pennant} width={large ? 54 : 26} />}
                  <span className={`head ${large ? 'text-[clamp(20px,2.2vw,44px)]' : 'text-sm'} leading-none`}>
                    {unit.title.replace(/^(Group|Pair) /, '')}
                  </span>
                </span>
              </th>
              {slots.map((s, i) => {
                const place = places[s.where[u]];
                return (
                  <td
                    key={s.at}
                    title={place.title}
                    className={`head text-center leading-none ${cell} ${place.rests ? 'text-muted' : ''} ${i === slot ? 'bg-tint' : ''}`}
                  >
                    {place.short}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** What the numbers and letters of a chart stand for. */
export function RotaLegend({ rota }: { rota: Rota }) {
  const used = new Set(rota.slots.flatMap((s) => s.where));
  return (
    <ul aria-label="Places" className="flex flex-wrap gap-x-5 gap-y-0.5">
      {rota.places
        .filter((_, p) => used.has(p))
        .map((place) => (
          <li key={place.short + place.title} className="flex items-baseline gap-1.5">
            <span className={`head text-lg ${place.rests ? 'text-muted' : 'text-tape'}`}>{place.short}</span>
            <span>{place.title}</span>
          </li>
        ))}
    </ul>
  );
}
