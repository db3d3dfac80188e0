import { useState } from 'react';
import { clockOf, duration } from '../../../core/formats/speak.ts';
import { type Rota, whereAt } from '../../../core/rotation/rota.ts';
import { bellClock } from '../../parts/bellClock.ts';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  rota: Rota;
  beginsAt: number | undefined;
  slot: number;
  onSlot(slot: number): void;
}

/** "Where do I go next?": every student at any moment, found by a few letters of the name. */
export function WhereNext({ rota, beginsAt, slot, onSlot }: Props) {
  const [wanted, setWanted] = useState('');
  const [moment, setMoment] = useState<number | null>(null);
  const end = rota.slots.at(-1)?.until ?? 0;
  const at = moment ?? rota.slots[slot]?.at ?? 0;
  const say = (seconds: number) => (beginsAt === undefined ? clockOf(seconds) : bellClock(beginsAt + seconds));
  const rows = rota.units
    .flatMap((unit, u) => unit.members.map((name) => ({ name, unit, ...whereAt(rota, u, at) })))
    .filter((r) => r.name.toLowerCase().includes(wanted.trim().toLowerCase()))
    .sort((a, b) => (a.name < b.name ? -1 : 1));
  return (
    <div className="flex h-full min-h-0 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-4 print:hidden">
        <label className="w-56 text-xs text-muted">
          Who
          <input
            className="field mt-0.5 w-full text-sm text-ink"
            value={wanted}
            placeholder="part of a name"
            onChange={(e) => setWanted(e.target.value)}
          />
        </label>
        <label className="min-w-60 flex-1 text-xs text-muted">
          When: {say(at)}
          <input
            type="range"
            className="mt-2 w-full accent-tape"
            min={0}
            max={Math.max(0, end - 1)}
            step={5}
            value={at}
            aria-valuetext={say(at)}
            onChange={(e) => {
              const next = Number(e.target.value);
              setMoment(next);
              const within = rota.slots.findLastIndex((s) => s.at <= next);
              if (within >= 0 && within !== slot) onSlot(within);
            }}
          />
        </label>
      </div>
      <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="region" aria-label="Where everyone is and goes">
        <ul className="columns-[20rem] gap-x-8">
          {rows.map(({ name, unit, now, next, inSeconds }) => (
            <li key={unit.title + name} className="flex break-inside-avoid items-center gap-2 border-b py-1">
              {unit.pennant !== undefined && <Pennant index={unit.pennant} width={26} />}
              <span className="min-w-0 flex-1 font-bold">{name}</span>
              <span className="text-right">
                {now ? `${now.short} ${now.title === now.short ? '' : now.title}` : 'on the way'}
                <span className="block text-xs text-muted">
                  {next ? `then ${next.short} ${next.title} in ${duration(inSeconds ?? 0)}` : 'stays to the end'}
                </span>
              </span>
            </li>
          ))}
        </ul>
        {!rows.length && <p className="text-muted">Nobody of that name is in it.</p>}
      </div>
    </div>
  );
}
