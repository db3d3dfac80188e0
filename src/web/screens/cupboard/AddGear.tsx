import { useId, useState } from 'react';
import { kindOfName } from '../../../core/gear/kinds.ts';
import { GEAR_FAMILIES, type GearFamily, type GearKind } from '../../../core/model/gearKind.ts';
import { call, problemWords } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readCount } from '../../parts/readCount.ts';

const EMPTY = { name: '', gearKind: '', count: '', place: '' };
const FAMILIES = [['', 'choose …'] as const, ...GEAR_FAMILIES.map((f) => [f, f] as const)];

interface Props {
  kinds: readonly GearKind[];
  places: readonly string[];
  onAdded(): Promise<void>;
}

/** New gear in a line: a name and a count are enough, the kind is read from the name. A kind that nobody knows needs its family. */
export function AddGear({ kinds, places, onAdded }: Props) {
  const [text, setText] = useState(EMPTY);
  const [family, setFamily] = useState<GearFamily | ''>('');
  const [problem, setProblem] = useState('');
  const id = useId();
  const named = text.gearKind.trim();
  const isNew = named !== '' && !kinds.some((k) => k.kind === named);
  const read = kindOfName(text.name, kinds);
  const field = (key: keyof typeof EMPTY, label: string, width: string, more: React.InputHTMLAttributes<HTMLInputElement> = {}) => (
    <label className={`text-xs text-muted ${width}`}>
      {label}
      <input className="field text-sm text-ink" value={text[key]} onChange={(e) => setText({ ...text, [key]: e.target.value })} {...more} />
    </label>
  );
  const add = async () => {
    const count = readCount(text.count, 'Count');
    if (isNew && !family) throw new Error(`“${named}” is a kind that nobody knows yet. Choose its family.`);
    const kind = named === '' ? {} : { gearKind: named, ...(isNew ? { family } : {}) };
    await call('POST', '/gear', { name: text.name, count, place: text.place, ...kind });
    setText({ ...EMPTY, place: text.place });
    setFamily('');
    setProblem('');
    await onAdded();
  };
  return (
    <form
      className="mt-3 border bg-white px-3 py-2"
      aria-label="Add gear"
      onSubmit={(e) => {
        e.preventDefault();
        add().catch((error) => setProblem(problemWords(error)));
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        {field('name', 'New gear', 'w-64')}
        {field('gearKind', 'Kind', 'w-48', { list: `${id}-kinds`, placeholder: text.name ? read : 'from the name' })}
        <datalist id={`${id}-kinds`}>
          {kinds.map(({ kind, family: of }) => (
            <option key={kind} value={kind} label={`${kind} · ${of}`} />
          ))}
        </datalist>
        {isNew && (
          <div className="w-48">
            <ChoiceField label={`Family of “${named}”`} value={family} options={FAMILIES} onPick={setFamily} />
          </div>
        )}
        {field('count', 'Count', 'w-20', { inputMode: 'numeric' })}
        {field('place', 'Kept in', 'w-40', { list: `${id}-places` })}
        <datalist id={`${id}-places`}>
          {places.map((place) => (
            <option key={place} value={place} />
          ))}
        </datalist>
        <button type="submit" className="btn btn-tape">
          Add to the gear closet
        </button>
      </div>
      {problem && <Problem text={problem} />}
    </form>
  );
}
