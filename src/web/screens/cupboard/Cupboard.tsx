import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Search } from 'lucide-react';
import { useState } from 'react';
import { capital, listed } from '../../../core/formats/speak.ts';
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
import { GearDetails } from './GearDetails.tsx';
import { GearImport } from './GearImport.tsx';
import { GearRow } from './GearRow.tsx';
import { Kits } from './Kits.tsx';
import { MakeIt } from './MakeIt.tsx';
import { OwnKinds } from './OwnKinds.tsx';
import { WishList } from './WishList.tsx';

/** The gear closet, shelf by shelf: what there is, what it is like, and how much of it each of today's periods takes at once. */
export function Cupboard() {
  const client = useQueryClient();
  const list = useQuery({ queryKey: ['gear'], queryFn: () => call<Gear[]>('GET', '/gear') });
  const kinds = useQuery({ queryKey: ['gear-kinds'], queryFn: () => call<GearKind[]>('GET', '/gear-kinds') }).data ?? [];
  const day = useDay(isoDate(new Date())).data ?? [];
  const fitted = useFittedDay(day);
  const [open, setOpen] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const [looked, setLooked] = useState('');
  const [importing, setImporting] = useState(false);
  const refresh = async () => {
    setProblem('');
    for (const queryKey of [['gear'], ['gear-kinds'], ['school'], ['desk'], ['day']]) await client.invalidateQueries({ queryKey });
  };
  const save = async (gear: Gear, change: Partial<Gear>) => {
    await saveRecord(`/gear/${gear.id}`, gear, change);
    await refresh();
  };
  const kits = useSaveSchool().school.kits ?? [];
  /** "Period 2 and kit Relay bag need it." */
  const usedBy = ({ id, gearKind }: Gear) => {
    const periods = day.flatMap((d, i) => (need(gearKind, d.period.id) > 0 ? [`period ${i + 1}`] : []));
    const users = [...periods, ...kits.flatMap((kit) => (kit.items.some((i) => i.gearId === id) ? [`the kit ${kit.name}`] : []))];
    return users.length ? `${capital(listed(users))} ${users.length === 1 ? 'needs' : 'need'} it.` : '';
  };
  const need = (kind: string, periodId: string) =>
    fitted[periodId]?.gear.filter((l) => l.gearKind === kind).reduce((sum, l) => Math.max(sum, l.need), 0) ?? 0;
  const all = list.data ?? [];
  const promising = day.map((d) => ({
    ...{ id: d.period.id, start: d.period.start, end: d.period.end },
    needs: Object.fromEntries((fitted[d.period.id]?.gear ?? []).map((l) => [l.gearKind, need(l.gearKind, d.period.id)])),
  }));
  const twice = promisedTwice(promising, (kind) => stockOf(all, kind));
  const saveList = async () => {
    const { gearCsv } = await import('../../../core/exchange/gearCsv.ts');
    download(new Blob([gearCsv(all, kinds)], { type: 'text/csv' }), 'gear.csv');
  };
  const words = looked.toLowerCase().split(/\s+/).filter(Boolean);
  const isLookedFor = (g: Gear) => words.every((w) => `${g.name} ${g.gearKind} ${g.place}`.toLowerCase().includes(w));
  const shown = all.filter(isLookedFor).sort((a, b) => a.place.localeCompare(b.place) || a.name.localeCompare(b.name));
  const shelves = [...new Set(shown.map((g) => g.place))];
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <h1 className="text-xl">Gear closet</h1>
          <label className="ml-auto flex items-center gap-2">
            <Search size={16} aria-hidden="true" />
            <span className="sr-only">Find gear</span>
            <input className="field w-64" placeholder="Find gear" value={looked} onChange={(e) => setLooked(e.target.value)} />
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
            {t.kind}: periods {listed(t.periods.map((id) => String(day.findIndex((d) => d.period.id === id) + 1)))} are at the same time and
            need {t.need}. There {t.have === 1 ? 'is' : 'are'} {t.have}.
          </p>
        ))}
        <AddGear kinds={kinds} places={[...new Set(all.map((g) => g.place).filter(Boolean))]} onAdded={refresh} />
        {shown.length > 0 && day.length > 0 && (
          <p className="sticky -top-4 z-10 mt-3 flex justify-end bg-paper pt-3 pr-20 pb-0.5 text-xs text-muted">
            <span className="self-end pr-2">needed at once in</span>
            {day.map((d, i) => (
              <span key={d.period.id} className="w-16 text-right leading-4">
                Period {i + 1}
              </span>
            ))}
          </p>
        )}
        {shelves.map((place) => (
          <section key={place} className="mt-3" aria-label={place || 'No place yet'}>
            <h2 className="border-b-2 border-paint pb-0.5 text-base">{place || 'No place yet'}</h2>
            <ul>
              {shown
                .filter((g) => g.place === place)
                .map((gear) => (
                  <GearRow
                    key={gear.id}
                    gear={gear}
                    kinds={kinds}
                    needs={day.map((d) => ({ id: d.period.id, count: need(gear.gearKind, d.period.id) }))}
                    have={stockOf(all, gear.gearKind)}
                    {...{ save }}
                    usedBy={usedBy(gear)}
                    onRemoved={refresh}
                    onOpen={() => setOpen(gear.id)}
                  />
                ))}
            </ul>
          </section>
        ))}
        {all.length === 0 && (
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
      {importing && <GearImport onClose={() => setImporting(false)} onDone={refresh} />}
      {open && <GearDetails gear={all.find((g) => g.id === open)} kinds={kinds} onClose={() => setOpen(null)} save={save} />}
    </div>
  );
}
