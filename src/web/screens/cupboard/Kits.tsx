import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { kitLines } from '../../../core/gear/stockTaking.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { Kit } from '../../../core/model/school.ts';
import { freshId, problemWords } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readCount } from '../../parts/readCount.ts';
import { useSaveSchool } from '../../parts/useSaveSchool.ts';

/** Sets of gear that are taken out together, each line against the closet. */
export function Kits({ gear }: { gear: readonly Gear[] }) {
  const { school, save, problem } = useSaveSchool();
  const [name, setName] = useState('');
  const kits = school.kits ?? [];
  const put = (next: Kit[]) => save({ kits: next });
  return (
    <section className="mt-6" aria-label="Kits">
      <h2 className="border-b-2 border-paint pb-0.5 text-base">Kits</h2>
      <p className="mt-1 text-muted">Gear that you take out together, under one name.</p>
      {kits.map((kit) => (
        <OneKit
          key={kit.id}
          {...{ kit, gear }}
          put={(next) => put(kits.map((k) => (k === kit ? next : k)))}
          remove={() => put(kits.filter((k) => k !== kit))}
        />
      ))}
      <form
        className="mt-2 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (!name.trim()) return;
          void put([...kits, { id: freshId('kit'), name: name.trim(), items: [] }]);
          setName('');
        }}
      >
        <label className="w-72 text-xs text-muted">
          New kit
          <input className="field text-sm text-ink" value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
        </label>
        <button type="submit" className="btn">
          Add a kit
        </button>
      </form>
      <Problem text={problem} />
    </section>
  );
}

function OneKit({
  kit,
  gear,
  put,
  remove,
}: {
  kit: Kit;
  gear: readonly Gear[];
  put(kit: Kit): Promise<unknown>;
  remove(): Promise<unknown>;
}) {
  const [text, setText] = useState('1');
  const [problem, setProblem] = useState('');
  const lines = kitLines(kit, gear);
  const short = lines.filter((l) => l.short > 0).length;
  const rest = gear.filter((g) => !kit.items.some((i) => i.gearId === g.id)).sort((a, b) => a.name.localeCompare(b.name));
  const add = (gearId: string) => {
    try {
      const count = Math.max(1, readCount(text, 'How many'));
      setProblem('');
      void put({ ...kit, items: [...kit.items, { gearId, count }] });
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <details className="border-b">
      <summary className="flex min-h-11 cursor-pointer items-baseline gap-3 py-2">
        <span className="head text-base">{kit.name}</span>
        <span className="min-w-0 flex-1 text-muted">{lines.map((l) => `${l.count} ${l.name}`).join(', ') || 'nothing in it yet'}</span>
        {short > 0 && <span className="text-stop">{short === 1 ? '1 line is short' : `${short} lines are short`}</span>}
      </summary>
      <ul>
        {lines.map((line) => (
          <li key={line.gearId} className="flex items-center gap-3 py-0.5 pl-3">
            <span className="head w-8 text-right text-base">{line.count}</span>
            <span className="flex-1">
              {line.name} <span className="text-muted">{line.place}</span>
              {line.short > 0 && <span className="text-stop"> · {line.short} short</span>}
            </span>
            <button
              type="button"
              className="flex h-9 w-9 items-center justify-center hover:bg-tint"
              aria-label={`Take ${line.name} out of ${kit.name}`}
              onClick={() => void put({ ...kit, items: kit.items.filter((i) => i.gearId !== line.gearId) })}
            >
              <Trash2 size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <div className="flex items-end gap-2 py-2 pl-3">
        <label className="text-xs text-muted">
          How many
          <input
            className="field block w-20 text-sm text-ink"
            aria-label={`How many for ${kit.name}`}
            inputMode="numeric"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        <div className="w-72">
          <ChoiceField
            label={`Add to ${kit.name}`}
            value=""
            options={[['', 'choose gear …'] as const, ...rest.map((g) => [g.id as string, g.name] as const)]}
            onPick={(id) => id && add(id)}
          />
        </div>
        <button type="button" className="btn ml-auto" onClick={() => void remove()}>
          Remove the kit
        </button>
      </div>
      <Problem text={problem} />
    </details>
  );
}
