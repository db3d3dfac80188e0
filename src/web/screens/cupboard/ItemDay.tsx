import { Link } from 'react-router';
import { stockOf } from '../../../core/gear/cover.ts';
import { standInsFor } from '../../../core/gear/standIns.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { standInWords } from '../../../core/words/gear.en.ts';

interface Props {
  item: Gear;
  gear: readonly Gear[];
  kinds: readonly GearKind[];
  /** What each of today's periods needs at once, by kind. */
  periods: readonly { id: string; needs: Readonly<Record<string, number>> }[];
}

/** How far the day takes of an item, period by period, and what else in the closet can stand in for it. */
export function ItemDay({ item, gear, kinds, periods }: Props) {
  const have = stockOf(gear, item.gearKind);
  const needs = periods.map((p) => p.needs[item.gearKind] ?? 0);
  const short = needs.findIndex((need) => need > have);
  const standIns = standInsFor(item.gearKind, kinds)
    .map((s) => ({ ...s, free: stockOf(gear, s.kind) - (short < 0 ? 0 : (periods[short].needs[s.kind] ?? 0)) }))
    .filter((s) => s.free > 0)
    .slice(0, 3);
  return (
    <>
      {periods.length > 0 && (
        <section className="mt-2 border-t pt-2" aria-label="The day">
          <h3 className="text-base">The day</h3>
          <ol className="mt-1 grid grid-cols-3 gap-2">
            {periods.map(({ id }, i) => (
              <li key={id}>
                <span className="block text-xs text-muted">period {i + 1}</span>
                <Taken need={needs[i]} have={have} />
              </li>
            ))}
          </ol>
          {short >= 0 && (
            <Link className="mt-1 inline-block text-tape underline" to={`/desk/${periods[short].id}`}>
              See period {short + 1} on the desk
            </Link>
          )}
        </section>
      )}
      {standIns.length > 0 && (
        <section className="mt-3 border-t pt-2" aria-label="Stand-ins">
          <h3 className="text-base">{short < 0 ? 'Can stand in for them' : `Can stand in for them in period ${short + 1}`}</h3>
          <ul className="mt-1 flex flex-col gap-1.5">
            {standIns.map((s) => (
              <li key={s.kind} className="torn bg-tint px-3 py-1">
                <span className="block font-bold">{gear.find((g) => g.gearKind === s.kind)?.name ?? s.kind}</span>
                <span className="block text-xs">
                  {s.free} there · {standInWords(s.changes)}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** A length of tape: how much of what there is is in use. */
function Taken({ need, have }: { need: number; have: number }) {
  if (!need) return <span className="flex h-6 items-center text-xs text-muted">free</span>;
  const isShort = need > have;
  return (
    <span className={`relative block h-6 ${isShort ? 'bg-stop text-paper' : 'bg-tint'}`}>
      {!isShort && <span className="absolute inset-y-0 left-0 bg-tape" style={{ width: `${(need / have) * 100}%` }} aria-hidden="true" />}
      <span className={`head relative block px-1.5 leading-6 ${isShort ? '' : 'text-right'}`}>
        <span className={isShort ? '' : 'bg-tint px-1'}>
          {need} of {have}
        </span>
      </span>
    </span>
  );
}
