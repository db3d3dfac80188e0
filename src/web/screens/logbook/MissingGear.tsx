import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { counted, listed } from '../../../core/formats/speak.ts';
import { withGone } from '../../../core/gear/stockTaking.ts';
import type { LogEntry } from '../../../core/live/logEntry.ts';
import type { Gear } from '../../../core/model/gear.ts';
import { call, freshId, problemWords } from '../../api.ts';
import { Problem } from '../../parts/Problem.tsx';
import { refreshFacts, useShelfUndo } from '../../parts/shelfUndo.ts';

/** Gear that did not come back, line by line, with the press that takes it out of the gear closet; and what nobody counted. */
export function MissingGear({ entry }: { entry: LogEntry }) {
  const client = useQueryClient();
  const { add } = useShelfUndo();
  const { data: gear = [] } = useQuery({ queryKey: ['gear'], queryFn: () => call<Gear[]>('GET', '/gear') });
  const [problem, setProblem] = useState('');
  /** The item of a kind that has the most: what is missing is taken from it. */
  const itemOf = (kind: string) => gear.filter((g) => g.gearKind === kind).sort((a, b) => b.count - a.count)[0];
  const isLost = (kind: string, count: number) =>
    gear.some((g) => g.gearKind === kind && g.gone?.some((x) => x.what === 'lost' && x.date === entry.date && x.count >= count));
  const lose = async (item: Gear, count: number) => {
    const path = `/gear/${item.id}`;
    try {
      const now = await call<Gear>('PUT', path, withGone(item, { what: 'lost', count, date: entry.date }));
      const request = { method: 'PUT' as const, path, body: { ...item, revision: now.revision } };
      add({ id: freshId('l'), name: `mark ${counted(count, item.gearKind)} as lost`, request });
      await refreshFacts(client);
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  const uncounted = entry.gearUncounted.map((g) => counted(g.need, g.gearKind));
  return (
    <>
      {entry.gearMissing.length > 0 && (
        <ul className="mt-1">
          {entry.gearMissing.map((g) => {
            const missing = g.need - g.counted;
            const item = itemOf(g.gearKind);
            return (
              <li key={g.gearKind} className="border-b py-1">
                {g.counted} of {counted(g.need, g.gearKind)}
                {g.atSwitch !== undefined && <span className="text-muted">, first missed at switch {g.atSwitch}</span>}
                {isLost(g.gearKind, missing) ? (
                  <span className="block text-muted">marked as lost in the gear closet</span>
                ) : (
                  item && (
                    <button type="button" className="block text-tape underline" onClick={() => void lose(item, missing)}>
                      Mark {counted(missing, g.gearKind)} as lost in the gear closet
                    </button>
                  )
                )}
              </li>
            );
          })}
        </ul>
      )}
      {!entry.gearMissing.length && <p className="mt-1">all counted gear is back</p>}
      {uncounted.length > 0 && <p className="mt-1 text-muted">Not counted: {listed(uncounted)}</p>}
      <Problem text={problem} />
    </>
  );
}
