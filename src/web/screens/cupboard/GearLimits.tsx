import type { Quantity } from '../../../core/formats/measures.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearFamily } from '../../../core/model/gearKind.ts';
import { limitWords } from '../../../core/words/gear.en.ts';
import { readAboveZero } from '../../parts/readNumber.ts';
import { SaidText } from '../../parts/Said.tsx';
import { useUnits } from '../../parts/units.ts';

/** What is hit. */
const HIT: readonly GearFamily[] = ['balloon', 'ball', 'thrown object', 'cloth or rope'];
type Limit = 'loadKg' | 'loudestDb' | 'smallestMm';
const LIMITS: [Limit, string, string, Quantity | 'dB loud'][] = [
  ['loadKg', 'Carries at most', 'It carries at most', 'load'],
  ['loudestDb', 'At most as loud as (dB)', 'It is at most', 'dB loud'],
  ['smallestMm', 'Smallest loose part', 'Its smallest loose part is', 'thickness'],
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
  const units = useUnits();
  const known = limitWords(limits, units);
  const say = (value: number | undefined, quantity: Quantity | 'dB loud') => {
    if (value === undefined) return '';
    return quantity === 'dB loud' ? String(value) : units.measure(quantity, value);
  };
  const read = (text: string, quantity: Quantity | 'dB loud') =>
    quantity === 'dB loud' ? readAboveZero(text) : units.readMeasure(quantity, text);
  return (
    <details className="mt-2 border-t pt-2">
      <summary className="cursor-pointer py-1">
        <span className="head text-base">Limits</span>{' '}
        <span className={known.length ? 'text-caution' : 'text-muted'}>{known.join('; ') || 'none said'}</span>
      </summary>
      {LIMITS.map(([key, label, before, quantity]) => (
        <p key={key} className="leading-8">
          {before}{' '}
          <SaidText
            {...{ label }}
            value={say(limits[key], quantity)}
            onCommit={(t) => put({ [key]: t.trim() === '' ? undefined : read(t, quantity) })}
          />
          {quantity === 'dB loud' && limits[key] !== undefined && ' dB loud'}.
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
