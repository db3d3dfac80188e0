import { ChevronDown } from 'lucide-react';
import { listed } from '../../../core/formats/speak.ts';
import { GAME_FAMILIES, type GameFamily } from '../../../core/model/game.ts';
import type { Desk } from '../../api.ts';
import { Popup } from '../../parts/Popup.tsx';

const WORD = 'head cursor-pointer border-b-2 border-tape bg-transparent text-tape hover:bg-tint';

interface ChoiceProps<T extends string | number> {
  label: string;
  value: T | null;
  options: readonly (readonly [value: T | null, words: string])[];
  onChoose(value: T | null): void;
}

/** A word of a sentence that can be another one. */
export function Choice<T extends string | number>({ label, value, options, onChoose }: ChoiceProps<T>) {
  const at = options.findIndex(([v]) => v === value);
  return (
    <select
      aria-label={label}
      className={`${WORD} field-sizing-content max-w-full appearance-none`}
      value={at}
      onChange={(e) => onChoose(options[Number(e.target.value)][0])}
    >
      {options.map(([v, words], i) => (
        <option key={String(v)} value={i} className="text-sm">
          {words}
        </option>
      ))}
    </select>
  );
}

/** The period that games are judged for. */
export function PeriodChoice({ desk, day, onChoose }: { desk: Desk; day: readonly Desk[]; onChoose(id: string): void }) {
  return (
    <Choice
      label="Period"
      value={desk.period.id as string}
      options={day.map((d, i) => [d.period.id as string, `${d.schoolClass.name}, period ${i + 1}`])}
      onChoose={(id) => id && onChoose(id)}
    />
  );
}

interface FamiliesProps {
  chosen: readonly GameFamily[];
  onChoose(families: GameFamily[]): void;
}

/** A box to tick for everything that a teacher may look for. */
export function FamilyBoxes({ chosen, onChoose }: FamiliesProps) {
  return GAME_FAMILIES.map((family) => (
    <label key={family} className="flex min-h-9 items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-4 accent-tape"
        checked={chosen.includes(family)}
        onChange={(e) => onChoose(GAME_FAMILIES.filter((f) => (f === family ? e.target.checked : chosen.includes(f))))}
      />
      {family}
    </label>
  ));
}

/** What is no verb, said as one: "games to …". */
const SAID: Partial<Record<GameFamily, string>> = { rhythm: 'keep a rhythm', pace: 'keep a pace' };

/** What games are for: any of those that are ticked. */
export function Families({ chosen, onChoose }: FamiliesProps) {
  const words = chosen.length ? listed(chosen.map((f) => SAID[f] ?? f)).replace(' and ', ' or ') : 'do anything';
  return (
    <Popup
      label="What games are for"
      className="grid grid-cols-2 gap-x-4 p-3"
      trigger={
        <button type="button" className={`${WORD} inline-flex items-center gap-1`} aria-label={`Purpose: ${words}`}>
          {words}
          <ChevronDown size={16} aria-hidden="true" />
        </button>
      }
    >
      <FamilyBoxes {...{ chosen, onChoose }} />
      <button type="button" className="btn col-span-2 mt-2 justify-self-start" disabled={!chosen.length} onClick={() => onChoose([])}>
        Anything
      </button>
    </Popup>
  );
}
