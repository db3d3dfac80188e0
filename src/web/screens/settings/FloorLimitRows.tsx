import { type FloorLimits, HOUSE_FLOOR_LIMITS } from '../../../core/model/limits.ts';
import { limitsFor, type School } from '../../../core/model/school.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import { readAboveZero } from '../../parts/readNumber.ts';
import { useUnits } from '../../parts/units.ts';

const LENGTHS: [keyof FloorLimits, string][] = [
  ['wallClearanceM', 'From walls where nobody runs'],
  ['leastRunOutM', 'Run-out, at the very least'],
  ['leastStartM', 'From a start to what is grabbed, at least'],
  ['behindSwingM', 'Waiting line from a long swinging implement'],
  ['routeM', 'Way for a wheelchair or walker, clear width'],
  ['playRouteM', 'The same in play'],
  ['seenOverM', 'Seen over, up to'],
  ['loftM', 'What is lofted rises to'],
];
const PLAIN: [keyof FloorLimits, string][] = [
  ['closingSpeedMs', 'Two students may run at each other at (m/s)'],
  ['mostAtOnce', 'Dash for one object, at most'],
];

/** Limits of the floor for all bands, each the house's own until it is changed. */
export function FloorLimitRows({ school, save }: { school: School; save: (change: (now: School) => Partial<School>) => Promise<unknown> }) {
  const units = useUnits();
  const limits = limitsFor(school);
  const put = (key: keyof FloorLimits, value: number) => save((now) => ({ limits: { ...now.limits, [key]: value } }));
  return (
    <section className="mt-6">
      <div className="flex items-end justify-between border-b border-ink pb-1">
        <h2 className="text-lg">Limits of the floor</h2>
        {Object.keys(school.limits ?? {}).length > 0 && (
          <button type="button" className="text-tape underline" onClick={() => void save(() => ({ limits: {} }))}>
            Reset limits to defaults
          </button>
        )}
      </div>
      <p className="py-1 text-xs text-muted">
        Side Court defaults. Widths of routes are an older published building-access minimum, newer ones are larger and local code decides.
      </p>
      <div className="grid grid-cols-4 gap-x-4 gap-y-2">
        {[...LENGTHS, ...PLAIN].map(([key, label]) => {
          const length = LENGTHS.some(([k]) => k === key);
          const own = limits[key] !== HOUSE_FLOOR_LIMITS[key];
          return (
            <CommitField
              key={key}
              label={label}
              className={own ? 'border-tape bg-tint' : ''}
              value={length ? units.say(limits[key]) : String(limits[key])}
              onCommit={(text) => put(key, length ? units.read(text) : readAboveZero(text))}
            />
          );
        })}
      </div>
    </section>
  );
}
