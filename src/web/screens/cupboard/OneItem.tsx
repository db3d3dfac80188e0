import { useState } from 'react';
import { aOrAn } from '../../../core/formats/speak.ts';
import type { Gear } from '../../../core/model/gear.ts';
import { Problem } from '../../parts/Problem.tsx';
import { RemoveButton } from '../../parts/RemoveButton.tsx';
import { readCount } from '../../parts/readCount.ts';
import { SaidText } from '../../parts/Said.tsx';
import { useTry } from '../../parts/useTry.ts';
import { GearFacts } from './GearFacts.tsx';
import { GearLimits } from './GearLimits.tsx';
import { GearState } from './GearState.tsx';
import { ItemDay } from './ItemDay.tsx';
import { KindQuestion } from './KindQuestion.tsx';

type Props = Parameters<typeof ItemDay>[0] & {
  save(gear: Gear, change: Partial<Gear>): Promise<void>;
  /** What else needs it, said before it is removed; and what happens then. */
  usedBy: string;
  onRemoved(): Promise<void>;
  onClose(): void;
};

/** An item of the closet: its facts as sentences, what the day takes of it, what can stand in for it. */
export function OneItem({ save, usedBy, onRemoved, onClose, ...day }: Props) {
  const { item, kinds } = day;
  const [problem, attempt] = useTry();
  const [asks, setAsks] = useState(false);
  const isUnknown = item.gearKind === 'other';
  return (
    <section aria-label={item.name}>
      <div className="flex items-start gap-2">
        <h2 className="min-w-0 flex-1 text-lg break-words">{item.name}</h2>
        <button type="button" className="btn" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="mt-1 text-base leading-8">
        We have{' '}
        <SaidText
          label={`Count of ${item.name}`}
          inputMode="numeric"
          value={String(item.count)}
          onCommit={(t) => save(item, { count: readCount(t) })}
        />{' '}
        <SaidText label={`Name of ${item.name}`} value={item.name} onCommit={(name) => save(item, { name })} />, kept in:{' '}
        <SaidText label={`Place of ${item.name}`} value={item.place} usual="no place yet" onCommit={(place) => save(item, { place })} />.{' '}
        {isUnknown ? 'What it is nobody knows yet; no game can use it.' : `It is ${aOrAn(item.gearKind)}.`}{' '}
        <button type="button" className="text-tape underline" aria-expanded={asks} onClick={() => setAsks(!asks)}>
          {isUnknown ? 'What is it like?' : 'Another kind'}
        </button>
      </p>
      {asks && (
        <KindQuestion
          name={item.name}
          kinds={kinds}
          onClose={() => setAsks(false)}
          onAnswer={(answer) => {
            setAsks(false);
            attempt(save(item, answer as Partial<Gear>));
          }}
        />
      )}
      <GearFacts gear={item} {...{ kinds, save, attempt }} />
      <ItemDay {...day} />
      <GearState gear={item} save={save} />
      <GearLimits gear={item} {...{ save, attempt }} />
      <Problem text={problem} />
      <div className="mt-3 border-t pt-3">
        <RemoveButton
          what="gear"
          id={item.id}
          name={item.name}
          path={`/gear/${item.id}`}
          label={`Remove ${item.name}`}
          also={usedBy}
          onRemoved={onRemoved}
        />
      </div>
    </section>
  );
}
