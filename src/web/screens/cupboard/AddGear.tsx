import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { type GearVocabulary, kindOfName } from '../../../core/gear/gearNames.ts';
import type { Gear } from '../../../core/model/gear.ts';
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
  onAdded(id: string): Promise<void>;
}

/** New gear: a name and a count are enough, the kind is read from the name. A kind that nobody knows needs its family. */
export function AddGear({ kinds, places, onAdded }: Props) {
  const [text, setText] = useState(EMPTY);
  const [family, setFamily] = useState<GearFamily | ''>('');
  const [problem, setProblem] = useState('');
  const id = useId();
  const named = text.gearKind.trim();
  const isNew = named !== '' && !kinds.some((k) => k.kind === named);
  const names = useQuery({ queryKey: ['gear-names'], queryFn: () => call<GearVocabulary>('GET', '/gear-names') }).data;
  const read = kindOfName(text.name, kinds, names);
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
    const made = await call<Gear>('POST', '/gear', { name: text.name, count, place: text.place, ...kind });
    setText({ ...EMPTY, place: text.place });
    setFamily('');
    setProblem('');
    await onAdded(made.id);
  };
  return (
    <form
      className="border-t border-ink bg-bench px-5 py-3"
      aria-label="Add gear"
      onSubmit={(e) => {
        e.preventDefault();
        add().catch((error) => setProblem(problemWords(error)));
      }}
    >
      <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
        {field('name', 'New gear', '')}
        {field('gearKind', 'Kind', '', { list: `${id}-kinds`, placeholder: text.name ? read : 'from the name' })}
        <datalist id={`${id}-kinds`}>
          {kinds.map(({ kind, family: of }) => (
            <option key={kind} value={kind} label={`${kind} · ${of}`} />
          ))}
        </datalist>
        {isNew && (
          <div className="col-span-2">
            <ChoiceField label={`Family of “${named}”`} value={family} options={FAMILIES} onPick={setFamily} />
          </div>
        )}
        {field('count', 'Count', '', { inputMode: 'numeric' })}
        {field('place', 'Kept in', '', { list: `${id}-places` })}
        <datalist id={`${id}-places`}>
          {places.map((place) => (
            <option key={place} value={place} />
          ))}
        </datalist>
        <button type="submit" className="btn btn-tape col-span-2 text-center">
          Add to the gear closet
        </button>
      </div>
      {problem && <Problem text={problem} />}
    </form>
  );
}
