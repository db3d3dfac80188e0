import { SlidersHorizontal } from 'lucide-react';
import { propertiesOf } from '../../../core/gear/kinds.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { likenessWords, limitWords, stateWords } from '../../../core/words/gear.en.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import { RemoveButton } from '../../parts/RemoveButton.tsx';
import { readCount } from '../../parts/readCount.ts';
import { useUnits } from '../../parts/units.ts';

interface Props {
  gear: Gear;
  kinds: readonly GearKind[];
  /** What each of today's periods needs of its kind, and how many of the kind there are. */
  needs: readonly { id: string; count: number }[];
  have: number;
  save(gear: Gear, change: Partial<Gear>): Promise<void>;
  /** What else needs it, said before it is removed; and what happens then. */
  usedBy: string;
  onRemoved(): Promise<void>;
  onOpen(): void;
}

/** One line of a shelf: count and name, then what it is like in a sentence; what only its kind says is in gray and said to be typical. */
export function GearRow({ gear, kinds, needs, have, save, usedBy, onRemoved, onOpen }: Props) {
  const units = useUnits();
  const { properties, typical } = propertiesOf(gear, kinds);
  const likeness = likenessWords(properties, units.say);
  const known = likeness.filter(({ key }) => !typical.includes(key));
  const usual = likeness.filter(({ key }) => typical.includes(key));
  const limits = limitWords(gear.limits);
  const state = stateWords(gear);
  return (
    <li className="flex items-start border-b py-1">
      <div className="w-14 shrink-0">
        <CommitField
          quiet
          className="cell head text-right text-base"
          label={`Count of ${gear.name}`}
          inputMode="numeric"
          value={String(gear.count)}
          onCommit={(t) => save(gear, { count: readCount(t) })}
        />
      </div>
      <div className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-2 pl-3">
        <CommitField
          quiet
          className="cell head w-auto max-w-full text-base [field-sizing:content]"
          label={`Name of ${gear.name}`}
          value={gear.name}
          onCommit={(name) => save(gear, { name })}
        />
        <p className="min-w-0 basis-72 grow px-1 leading-5">
          {gear.gearKind}
          {known.length > 0 && `, ${known.map((k) => k.words).join(', ')}`}
          {usual.length > 0 && <span className="text-muted"> · typically {usual.map((k) => k.words).join(', ')}</span>}
          {state.length > 0 && <span> · {state.join(', ')}</span>}
          {limits.length > 0 && <span className="text-caution"> · {limits.join('; ')}</span>}
        </p>
      </div>
      {needs.map(({ id, count }) => (
        <span key={id} className={`head w-16 shrink-0 pt-1 text-right text-base ${count > have ? 'text-stop' : count ? '' : 'text-muted'}`}>
          {count || '–'}
        </span>
      ))}
      <span className="flex w-20 shrink-0 justify-end">
        <button
          type="button"
          className="flex h-9 w-9 items-center justify-center hover:bg-tint"
          aria-label={`Details of ${gear.name}`}
          onClick={onOpen}
        >
          <SlidersHorizontal size={15} aria-hidden="true" />
        </button>
        <RemoveButton what="gear" id={gear.id} name={gear.name} path={`/gear/${gear.id}`} also={usedBy} onRemoved={onRemoved} />
      </span>
    </li>
  );
}
