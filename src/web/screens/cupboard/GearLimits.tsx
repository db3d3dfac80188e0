import type { Gear } from '../../../core/model/gear.ts';
import type { GearFamily } from '../../../core/model/gearKind.ts';
import { limitWords } from '../../../core/words/gear.en.ts';
import { SaidText } from '../../parts/Said.tsx';

/** What is hit. */
const HIT: readonly GearFamily[] = ['balloon', 'ball', 'thrown object', 'cloth or rope'];
type Limit = 'loadKg' | 'loudestDb' | 'smallestMm';
const LIMITS: [Limit, string, string, string][] = [
  ['loadKg', 'Carries at most (kg)', 'It carries at most', 'kg'],
  ['loudestDb', 'At most as loud as (dB)', 'It is at most', 'dB loud'],
  ['smallestMm', 'Smallest loose part (mm)', 'Its smallest loose part is', 'mm'],
];

interface Props {
  gear: Gear;
  save(gear: Gear, change: Partial<Gear>): Promise<void>;
  attempt(work: Promise<unknown>): void;
}

/** What must not be done with an item: folded to what is known. */
export function GearLimits({ gear, save, attempt }: Props) {
  const limits = gear.limits ?? {};
  const put = (change: Partial<NonNullable<Gear['limits']>>) => save(gear, { limits: { ...limits, ...change } });
  const hits = limits.hits ?? [];
  const known = limitWords(limits);
  return (
    <details className="mt-2 border-t pt-2">
      <summary className="cursor-pointer py-1">
        <span className="head text-base">Limits</span>{' '}
        <span className={known.length ? 'text-caution' : 'text-muted'}>{known.join('; ') || 'none said'}</span>
      </summary>
      {LIMITS.map(([key, label, before, after]) => (
        <p key={key} className="leading-8">
          {before}{' '}
          <SaidText
            {...{ label }}
            inputMode="decimal"
            value={limits[key] === undefined ? '' : String(limits[key])}
            onCommit={(t) => {
              if (t.trim() !== '' && !(Number(t) >= 0)) throw new Error(`"${t}" is not a number.`);
              return put({ [key]: t.trim() === '' ? undefined : Number(t) });
            }}
          />{' '}
          {limits[key] === undefined ? '' : after}.
        </p>
      ))}
      <fieldset>
        <legend>It is used to hit only (anything, if none is chosen):</legend>
        <div className="flex flex-wrap gap-x-4">
          {HIT.map((family) => (
            <label key={family} className="flex min-h-8 items-center gap-1.5">
              <input
                type="checkbox"
                className="h-4 w-4 accent-tape"
                checked={hits.includes(family)}
                onChange={(e) => {
                  const next = e.target.checked ? [...hits, family] : hits.filter((f) => f !== family);
                  attempt(put({ hits: next.length ? next : undefined }));
                }}
              />
              {family}
            </label>
          ))}
        </div>
      </fieldset>
    </details>
  );
}
