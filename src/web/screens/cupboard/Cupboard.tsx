import { useQuery, useQueryClient } from '@tanstack/react-query';
import { SlidersHorizontal, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { stockOf } from '../../../core/gear/cover.ts';
import { GEAR_KINDS, type Gear } from '../../../core/model/gear.ts';
import { call, problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { DayBar, useDay } from '../../parts/DayBar.tsx';
import { isoDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { saveRecord } from '../../parts/saveRecord.ts';
import { useUnits } from '../../parts/units.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { GearDetails } from './GearDetails.tsx';

const KINDS = GEAR_KINDS.map((k) => [k, k] as const);

/** The gear with what it is like, and how much of it each of today's periods takes at once. */
export function Cupboard() {
  const client = useQueryClient();
  const units = useUnits();
  const list = useQuery({ queryKey: ['gear'], queryFn: () => call<Gear[]>('GET', '/gear') });
  const day = useDay(isoDate(new Date())).data ?? [];
  const fitted = useFittedDay(day);
  const [open, setOpen] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const [adding, setAdding] = useState({ name: '', gearKind: 'beanbag' as Gear['gearKind'], count: '' });
  const refresh = async () => {
    setProblem('');
    await client.invalidateQueries({ queryKey: ['gear'] });
    await client.invalidateQueries({ queryKey: ['desk'] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  const save = async (gear: Gear, change: Partial<Gear>) => {
    await saveRecord(`/gear/${gear.id}`, gear, change);
    await refresh();
  };
  const whole = (text: string) => {
    if (!/^\d+$/.test(text.trim())) throw new Error(`"${text}" is not a count.`);
    return Number(text);
  };
  const need = (kind: string, periodId: string) =>
    fitted[periodId]?.gear.filter((l) => l.gearKind === kind).reduce((sum, l) => Math.max(sum, l.need), 0) ?? 0;
  const have = (kind: string) => stockOf(list.data ?? [], kind);
  const sorted = [...(list.data ?? [])].sort((a, b) => a.place.localeCompare(b.place) || a.name.localeCompare(b.name));
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4">
        <h1 className="text-xl">Cupboard</h1>
        {(list.error || problem) && <Problem text={problem || problemWords(list.error)} />}
        <table className="mt-3 w-full border-collapse">
          <caption className="sr-only">Gear, its count and place, and what today's periods take</caption>
          <thead>
            <tr className="border-b border-ink text-left align-bottom text-xs text-muted">
              <th scope="col" className="font-normal">
                Gear
              </th>
              <th scope="col" className="w-40 font-normal">
                Kind
              </th>
              <th scope="col" className="w-20 font-normal">
                Count
              </th>
              <th scope="col" className="w-40 font-normal">
                Place
              </th>
              <th scope="col" className="font-normal">
                What it is like
              </th>
              {day.map((d, i) => (
                <th key={d.period.id} scope="col" className="w-20 pl-3 text-right font-normal">
                  period {i + 1} takes
                </th>
              ))}
              <th scope="col" className="w-20">
                <span className="sr-only">Details and removing</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sorted.map((gear) => (
              <tr key={gear.id} className="border-b">
                <td className="py-0.5 pr-2">
                  <CommitField
                    quiet
                    className="cell"
                    label={`Name of ${gear.name}`}
                    value={gear.name}
                    onCommit={(name) => save(gear, { name })}
                  />
                </td>
                <td className="py-0.5 pr-2">
                  <ChoiceField
                    quiet
                    className="cell"
                    label={`Kind of ${gear.name}`}
                    value={gear.gearKind}
                    options={KINDS}
                    onPick={(gearKind) => void save(gear, { gearKind }).catch((e) => setProblem(problemWords(e)))}
                  />
                </td>
                <td className="py-0.5 pr-2">
                  <CommitField
                    quiet
                    className="cell"
                    label={`Count of ${gear.name}`}
                    inputMode="numeric"
                    value={String(gear.count)}
                    onCommit={(t) => save(gear, { count: whole(t) })}
                  />
                </td>
                <td className="py-0.5 pr-2">
                  <CommitField
                    quiet
                    className="cell"
                    label={`Place of ${gear.name}`}
                    value={gear.place}
                    onCommit={(place) => save(gear, { place })}
                  />
                </td>
                <td className="max-w-52 truncate pr-2 text-muted">{likeness(gear, units.say)}</td>
                {day.map((d) => {
                  const n = need(gear.gearKind, d.period.id);
                  return (
                    <td
                      key={d.period.id}
                      className={`head text-right text-base ${n > have(gear.gearKind) ? 'text-stop' : n ? '' : 'text-muted'}`}
                    >
                      {n || '–'}
                    </td>
                  );
                })}
                <td>
                  <span className="flex justify-end">
                    <button
                      type="button"
                      className="flex h-8 w-8 items-center justify-center hover:bg-tint"
                      aria-label={`Details of ${gear.name}`}
                      onClick={() => setOpen(gear.id)}
                    >
                      <SlidersHorizontal size={15} aria-hidden="true" />
                    </button>
                    <button
                      type="button"
                      className="flex h-8 w-8 items-center justify-center hover:bg-tint"
                      aria-label={`Remove ${gear.name}`}
                      onClick={() => call('DELETE', `/gear/${gear.id}`).then(refresh, (e) => setProblem(problemWords(e)))}
                    >
                      <Trash2 size={15} aria-hidden="true" />
                    </button>
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {list.data?.length === 0 && (
          <p className="mt-2 text-muted">The cupboard is empty. Add what you have; games then say what is short before the bell.</p>
        )}
        <form
          className="mt-4 flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            Promise.resolve()
              .then(() => call('POST', '/gear', { ...adding, count: whole(adding.count) }))
              .then(
                async () => {
                  setAdding({ ...adding, name: '', count: '' });
                  await refresh();
                },
                (error) => setProblem(problemWords(error)),
              );
          }}
        >
          <label className="w-64 text-xs text-muted">
            New gear
            <input
              className="field text-sm text-ink"
              value={adding.name}
              onChange={(e) => setAdding({ ...adding, name: e.target.value })}
            />
          </label>
          <div className="w-40">
            <ChoiceField label="Kind" value={adding.gearKind} options={KINDS} onPick={(gearKind) => setAdding({ ...adding, gearKind })} />
          </div>
          <label className="w-24 text-xs text-muted">
            Count
            <input
              className="field text-sm text-ink"
              inputMode="numeric"
              value={adding.count}
              onChange={(e) => setAdding({ ...adding, count: e.target.value })}
            />
          </label>
          <button type="submit" className="btn btn-tape">
            Add to the gear closet
          </button>
        </form>
      </main>
      {open && <GearDetails gear={sorted.find((g) => g.id === open)} onClose={() => setOpen(null)} save={save} />}
    </div>
  );
}

/** The properties in a few words. */
function likeness(gear: Gear, say: (m: number) => string): string {
  return [
    gear.diameterM && `⌀ ${say(gear.diameterM)}`,
    gear.lengthM && `${say(gear.lengthM)} long`,
    gear.massG && `${gear.massG} g`,
    gear.firmness,
    gear.bounce && `${gear.bounce === 'none' ? 'no' : gear.bounce} bounce`,
    gear.sound && gear.sound !== 'none' && `${gear.sound} sound`,
    gear.colour,
    gear.texture,
    gear.latex && 'latex',
  ]
    .filter(Boolean)
    .join(', ');
}
