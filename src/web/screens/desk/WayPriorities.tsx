import { MEASURES } from '../../../core/fit/ways.ts';
import type { Measure } from '../../../core/fit/waysMeasured.ts';
import { MEASURE_WORDS } from '../../../core/words/ways.en.ts';
import { storedJson } from '../../parts/storedJson.ts';

const KEPT = 'side-court-way-priorities';
const USUAL: Measure[] = ['activeShare', 'idleSeconds', 'turns'];
const PLACES = ['First', 'then', 'then'];

/** What this teacher put first the last time, on this computer. */
export function readPriorities(): Measure[] {
  const kept = storedJson('localStorage', KEPT);
  if (Array.isArray(kept) && kept.length === 3 && kept.every((m) => MEASURES.includes(m))) return kept;
  return USUAL;
}

/** Three priorities in order; choosing one that stands elsewhere changes places with it. */
export function WayPriorities({ chosen, onChoose }: { chosen: Measure[]; onChoose(next: Measure[]): void }) {
  const choose = (place: number, measure: Measure) => {
    const next = chosen.map((m, i) => (i === place ? measure : m === measure ? chosen[place] : m));
    localStorage.setItem(KEPT, JSON.stringify(next));
    onChoose(next);
  };
  return (
    <fieldset className="flex flex-wrap items-end gap-2">
      <legend className="sr-only">What counts most</legend>
      {PLACES.map((name, place) => (
        <label key={`place-${place + 1}`} className="min-w-0 flex-1 text-xs text-muted">
          {name}
          <select
            className="field mt-0.5 w-full text-sm text-ink"
            value={chosen[place]}
            onChange={(e) => choose(place, e.target.value as Measure)}
          >
            {MEASURES.map((measure) => (
              <option key={measure} value={measure}>
                {MEASURE_WORDS[measure].priority}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  );
}
