import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { capital, counted, listed } from '../../../core/formats/speak.ts';
import { stockOf } from '../../../core/gear/cover.ts';
import { promisedTwice } from '../../../core/gear/stockTaking.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { call, problemWords } from '../../api.ts';
import { DayBar, useDay } from '../../parts/DayBar.tsx';
import { download } from '../../parts/download.ts';
import { isoDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { saveRecord } from '../../parts/saveRecord.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { useSaveSchool } from '../../parts/useSaveSchool.ts';
import { AddGear } from './AddGear.tsx';
import { GearImport } from './GearImport.tsx';
import { Kits } from './Kits.tsx';
import { MakeIt } from './MakeIt.tsx';
import { OneItem } from './OneItem.tsx';
import { OwnKinds } from './OwnKinds.tsx';
import { Shelves } from './Shelves.tsx';
import { WishList } from './WishList.tsx';

/** The gear closet as its shelves: what lies on them, what the day takes of it at once, and one item in sentences beside them. */
export function Cupboard() {
  const client = useQueryClient();
  const list = useQuery({ queryKey: ['gear'], queryFn: () => call<Gear[]>('GET', '/gear') });
  const kinds = useQuery({ queryKey: ['gear-kinds'], queryFn: () => call<GearKind[]>('GET', '/gear-kinds') }).data ?? [];
  const day = useDay(isoDate(new Date())).data ?? [];
  const fitted = useFittedDay(day);
  const [chosen, setChosen] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const [looked, setLooked] = useState('');
  const [importing, setImporting] = useState(false);
  const refresh = async () => {
    setProblem('');
    for (const queryKey of [['gear'], ['gear-kinds'], ['gear-names'], ['school'], ['desk'], ['day']])
      await client.invalidateQueries({ queryKey });
  };
  const save = async (gear: Gear, change: Partial<Gear>) => {
    await saveRecord(`/gear/${gear.id}`, gear, change);
    await refresh();
  };
  const kits = useSaveSchool().school.kits ?? [];
  /** "Period 2 and kit Relay bag need it." */
  const usedBy = ({ id, gearKind }: Gear) => {
    const periods = needsOf(gearKind).flatMap((need, i) => (need > 0 ? [`period ${i + 1}`] : []));
    const users = [...periods, ...kits.flatMap((kit) => (kit.items.some((i) => i.gearId === id) ? [`the kit ${kit.name}`] : []))];
    return users.length ? `${capital(listed(users))} ${users.length === 1 ? 'needs' : 'need'} it.` : '';
  };
  const all = list.data ?? [];
  /** What each period needs of every kind at once: the most of any of its blocks. */
  const promising = day.map(({ period: { id, start, end } }) => {
    const needs: Record<string, number> = {};
    for (const { gearKind, need } of fitted[id]?.gear ?? []) needs[gearKind] = Math.max(needs[gearKind] ?? 0, need);
    return { id, start, end, needs };
  });
  const needsOf = (kind: string) => promising.map(({ needs }) => needs[kind] ?? 0);
  const twice = promisedTwice(promising, (kind) => stockOf(all, kind));
  const saveList = async () => {
    const { gearCsv } = await import('../../../core/exchange/gearCsv.ts');
    download(new Blob([gearCsv(all, kinds)], { type: 'text/csv' }), 'gear.csv');
  };
  const words = looked.toLowerCase().split(/\s+/).filter(Boolean);
  const isLookedFor = (g: Gear) => words.every((w) => `${g.name} ${g.gearKind} ${g.place}`.toLowerCase().includes(w));
  const shown = all.filter(isLookedFor).sort((a, b) => a.place.localeCompare(b.place) || a.name.localeCompare(b.name));
  const item = all.find((g) => g.id === chosen);
  const owned = [...new Set(all.map((g) => g.gearKind))];
  const shortLines = promising.flatMap(({ needs }, i) =>
    owned.flatMap((kind) => {
      const missing = (needs[kind] ?? 0) - stockOf(all, kind);
      return missing > 0 ? [`${counted(missing, kind)} short in period ${i + 1}`] : [];
    }),
  );
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <div className="flex min-h-0 flex-1 max-[900px]:flex-col">
        <main className="min-h-0 min-w-0 flex-1 overflow-auto px-6 py-4">
          <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
            <h1 className="text-xl">Gear closet</h1>
            {all.length > 0 && (
              <p className="min-w-0 flex-1">
                {counted(all.length, 'item')},{' '}
                {counted(
                  all.reduce((sum, g) => sum + g.count, 0),
                  'piece',
                )}
                . {shortLines.length > 0 && <strong className="text-stop">{capital(listed(shortLines.slice(0, 2)))}.</strong>}
              </p>
            )}
            <label className="flex items-center">
              <span className="sr-only">Find gear</span>
              <input className="field w-44" placeholder="Find gear" value={looked} onChange={(e) => setLooked(e.target.value)} />
            </label>
            <button type="button" className="btn" onClick={() => setImporting(true)}>
              Import a list
            </button>
            <button type="button" className="btn" disabled={!all.length} onClick={() => void saveList()}>
              Save as CSV
            </button>
          </div>
          {(list.error || problem) && <Problem text={problem || problemWords(list.error)} />}
          {twice.map((t) => (
            <p key={t.kind} className="mt-2 border-l-[3px] border-stop pl-2 text-stop">
              {t.kind}: periods {listed(t.periods.map((id) => String(day.findIndex((d) => d.period.id === id) + 1)))} are at the same time
              and need {t.need}. There {t.have === 1 ? 'is' : 'are'} {t.have}.
            </p>
          ))}
          <div className="mt-3">
            <Shelves
              gear={shown}
              {...{ kinds, chosen }}
              choose={(id) => setChosen(id === chosen ? null : id)}
              needsOf={needsOf}
              haveOf={(kind) => stockOf(all, kind)}
            />
          </div>
          {!list.data && !list.error && <p className="mt-4 text-muted">Opening the closet …</p>}
          {list.data?.length === 0 && (
            <p className="mt-4 text-muted">The closet is empty. Add what you have; games then say what is short before the bell.</p>
          )}
          {all.length > 0 && !shown.length && <p className="mt-4 text-muted">Nothing in the closet is called “{looked}”.</p>}
          {all.length > 0 && !words.length && (
            <>
              <WishList gear={all} />
              <Kits gear={all} />
              <OwnKinds gear={all} onChanged={refresh} />
              <MakeIt gear={all} onMade={refresh} />
            </>
          )}
        </main>
        <aside
          aria-label="One item, and new gear"
          className="flex w-[380px] shrink-0 flex-col border-l border-ink max-[900px]:max-h-[46vh] max-[900px]:w-full max-[900px]:border-t max-[900px]:border-l-0"
        >
          <div className="min-h-0 flex-1 overflow-auto px-5 py-4">
            {item ? (
              <OneItem
                key={item.id}
                {...{ item, kinds, save }}
                gear={all}
                periods={promising}
                usedBy={usedBy(item)}
                onRemoved={refresh}
                onClose={() => setChosen(null)}
              />
            ) : (
              <p className="text-muted">{all.length ? 'Choose an item on the shelves: what it is like, and who needs it today.' : ''}</p>
            )}
          </div>
          <AddGear
            kinds={kinds}
            places={[...new Set(all.map((g) => g.place).filter(Boolean))]}
            onAdded={async (id) => {
              await refresh();
              setChosen(id);
            }}
          />
        </aside>
      </div>
      {importing && <GearImport onClose={() => setImporting(false)} onDone={refresh} />}
    </div>
  );
}
