import type { Rota } from '../../../core/rotation/rota.ts';
import { Pennant } from '../../parts/Pennant.tsx';

/** Every unit's way through the block as a length of tape, cut where it moves on. */
export function RotaStrip({ rota, slot }: { rota: Rota; slot: number }) {
  const end = rota.slots.at(-1)?.until ?? 1;
  const begin = rota.slots[0]?.at ?? 0;
  const at = (seconds: number) => `${((seconds - begin) / (end - begin)) * 100}%`;
  return (
    <div className="h-full overflow-auto" tabIndex={0} role="region" aria-label="Rotation as strips">
      <ul className="flex min-h-full flex-col justify-around gap-1">
        {rota.units.map((unit, u) => (
          <li key={unit.title} className="flex items-center gap-2">
            <span className="head flex w-28 shrink-0 items-center gap-2 text-sm">
              {unit.pennant !== undefined && <Pennant index={unit.pennant} width={28} />}
              <span className="truncate">{unit.title.replace(/^(Group|Pair) /, '')}</span>
            </span>
            <ol className="relative h-9 min-w-0 flex-1">
              {rota.slots.map((s, i) => {
                const place = rota.places[s.where[u]];
                return (
                  <li
                    key={s.at}
                    title={place.title}
                    className={`absolute top-0 flex h-full items-center gap-1 overflow-hidden border px-1 ${place.rests ? 'hatched border-dashed text-muted' : i === slot ? 'border-ink bg-tape text-white' : 'border-tape bg-tint'}`}
                    style={{ left: at(s.at), width: `calc(${at(s.until)} - ${at(s.at)})` }}
                  >
                    <span className="head text-base">{place.short}</span>
                    <span className="truncate text-xs max-[1500px]:sr-only">{place.title}</span>
                  </li>
                );
              })}
            </ol>
          </li>
        ))}
      </ul>
    </div>
  );
}
