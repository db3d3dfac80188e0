import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { aOrAn, counted, many } from '../../../core/formats/speak.ts';
import { maybeThis } from '../../../core/gear/haveThis.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { call, freshId, problemWords } from '../../api.ts';
import { Popup } from '../../parts/Popup.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readCount } from '../../parts/readCount.ts';
import { refreshFacts, useShelfUndo } from '../../parts/shelfUndo.ts';

interface Props {
  kind: string;
  cupboard: readonly Gear[];
  kinds: readonly GearKind[];
}

/** A kind that the closet seems not to have: the teacher says which item it is, or how many there are after all. */
export function HaveThis({ kind, cupboard, kinds }: Props) {
  const client = useQueryClient();
  const { add } = useShelfUndo();
  const [count, setCount] = useState('');
  const [problem, setProblem] = useState('');
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem('');
      await refreshFacts(client);
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  const use = (item: Gear) =>
    attempt(async () => {
      const path = `/gear/${item.id}`;
      const now = await call<Gear>('PUT', path, { ...item, gearKind: kind });
      const request = { method: 'PUT' as const, path, body: { ...item, revision: now.revision } };
      add({ id: freshId('k'), name: `use ${item.name} as ${many(kind)}`, request });
    });
  const addNew = () =>
    attempt(async () => {
      const made = await call<Gear>('POST', '/gear', { name: many(kind), gearKind: kind, count: readCount(count, 'Count'), place: '' });
      add({ id: made.id, name: `add ${counted(made.count, kind)}`, request: { method: 'DELETE', path: `/gear/${made.id}` } });
    });
  return (
    <Popup
      label={`Which item is ${aOrAn(kind)}?`}
      className="w-80 p-3"
      trigger={
        <button type="button" className="self-start text-tape underline">
          I have this: which item is it?
        </button>
      }
    >
      <p className="mb-1">
        In the gear closet, <strong>{many(kind)}</strong> are:
      </p>
      <ul className="max-h-64 overflow-auto" aria-label="Items of the gear closet" tabIndex={0}>
        {maybeThis(kind, cupboard, kinds).map((item) => (
          <li key={item.id}>
            <button
              type="button"
              className="flex min-h-9 w-full items-baseline justify-between gap-2 px-2 hover:bg-tint"
              onClick={() => void use(item)}
            >
              <span className="min-w-0 break-words">{item.name}</span>
              <span className="shrink-0 text-xs text-muted">
                {item.count}
                {item.gearKind === 'other' ? '' : ` · now ${item.gearKind}`}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex items-end gap-2 border-t pt-2"
        onSubmit={(e) => {
          e.preventDefault();
          void addNew();
        }}
      >
        <label className="flex-1 text-xs text-muted">
          Not on this list: how many are there?
          <input className="field text-sm text-ink" inputMode="numeric" value={count} onChange={(e) => setCount(e.target.value)} />
        </label>
        <button type="submit" className="btn" disabled={!count.trim()}>
          Add
        </button>
      </form>
      <Problem text={problem} />
    </Popup>
  );
}
