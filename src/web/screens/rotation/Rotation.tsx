import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { FitInput } from '../../../core/fit/fitted.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { shortNames } from '../../../core/model/names.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { Desk } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { WithLesson } from '../../parts/WithLesson.tsx';
import { useFitAtOnce } from '../../worker/useFit.ts';
import { CallList } from './CallList.tsx';
import { LadderTable } from './LadderTable.tsx';
import { RotaChart, RotaLegend } from './RotaChart.tsx';
import { RotaSettingsBar } from './RotaSettingsBar.tsx';
import { RotaStrip } from './RotaStrip.tsx';
import { blockOf, KIND_WORDS, KINDS, type Kind, rotaOf, USUAL } from './rotas.ts';
import { WhereNext } from './WhereNext.tsx';

const VIEWS = { chart: 'Chart', strip: 'Strip', next: 'Where next' } as const;
type View = keyof typeof VIEWS;

/** A period's rotation: who goes where when, read from across the gym, as strips, or for one student; others beside the planned one. */
export function Rotation() {
  const { periodId = '' } = useParams();
  return (
    <WithLesson
      periodId={periodId}
      waiting="Reading the plan …"
      empty="No lesson here yet: plan one on the desk first."
      bar={<DayBar current={periodId} />}
    >
      {(desk, lesson) => (
        <>
          <div className="print:hidden">
            <DayBar date={desk.period.date} current={periodId} />
          </div>
          <Planned desk={desk} lesson={lesson} />
        </>
      )}
    </WithLesson>
  );
}

function Planned({ desk, lesson }: { desk: Desk; lesson: Lesson }) {
  const [search, setSearch] = useSearchParams();
  const input = useMemo<FitInput>(() => ({ ...desk, lesson }), [desk, lesson]);
  const { fitted } = useFitAtOnce(input);
  const [settings, setSettings] = useState(USUAL);
  const [slot, setSlot] = useState(0);
  const kind = (KINDS as readonly string[]).includes(search.get('kind') ?? '') ? (search.get('kind') as Kind) : 'planned';
  const view = (search.get('view') ?? 'chart') in VIEWS ? ((search.get('view') ?? 'chart') as View) : 'chart';
  const names = shortNames(desk.students);
  const block = fitted ? blockOf(fitted, search.get('block')) : undefined;
  const rota = useMemo(() => block && rotaOf(kind, block, settings, (id) => names.get(id) ?? id), [block, kind, settings, names]);
  const set = (change: Record<string, string>) => {
    const next = new URLSearchParams(search);
    for (const [key, value] of Object.entries(change)) next.set(key, value);
    setSearch(next, { replace: true });
    setSlot(0);
  };
  if (fitted && !block)
    return (
      <main className="p-6">
        <p className="text-muted">Nothing rotates in this lesson: it has no game with groups.</p>
      </main>
    );
  const games = fitted?.blocks.filter((b) => b.game) ?? [];
  const beginsAt = kind === 'planned' && block ? clockSeconds(desk.period.start) + block.at : undefined;
  const members = block?.game?.groups.flat().map((id) => names.get(id) ?? id) ?? [];
  const at = Math.min(slot, Math.max(0, (rota?.slots.length ?? 1) - 1));
  return (
    <main className="flex min-h-0 flex-1 flex-col gap-3 px-6 py-3" aria-label="Rotation">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-2 text-xl">
          {kind === 'planned' ? (block?.title ?? 'Rotation') : KIND_WORDS[kind]}
          <span className="block text-xs font-normal text-muted">
            {desk.schoolClass.name} · {desk.room.name}
          </span>
        </h1>
        <label className="w-52 text-xs text-muted print:hidden">
          Rotation
          <select className="field mt-0.5 w-full text-sm text-ink" value={kind} onChange={(e) => set({ kind: e.target.value })}>
            {KINDS.map((k) => (
              <option key={k} value={k}>
                {KIND_WORDS[k]}
              </option>
            ))}
          </select>
        </label>
        {games.length > 1 && (
          <label className="w-44 text-xs text-muted print:hidden">
            Groups of
            <select className="field mt-0.5 w-full text-sm text-ink" value={block?.id} onChange={(e) => set({ block: e.target.value })}>
              {games.map((b) => (
                <option key={b.id} value={b.id}>
                  {b.title}
                </option>
              ))}
            </select>
          </label>
        )}
        <div className="flex flex-wrap items-end gap-3 print:hidden">
          <RotaSettingsBar kind={kind} settings={settings} onChange={(change) => setSettings({ ...settings, ...change })} />
        </div>
        <div className="ml-auto flex gap-2 print:hidden">
          {rota &&
            (Object.keys(VIEWS) as View[]).map((v) => (
              <button
                key={v}
                type="button"
                aria-pressed={view === v}
                className={`btn ${view === v ? 'btn-tape' : ''}`}
                onClick={() => set({ view: v })}
              >
                {VIEWS[v]}
              </button>
            ))}
          <button type="button" className="btn" onClick={() => window.print()}>
            Print
          </button>
          <Link className="btn flex items-center" to={`/desk/${desk.period.id}`}>
            Desk
          </Link>
        </div>
      </div>
      <div className="min-h-0 flex-1 print:overflow-visible">
        {!fitted && <p className="text-muted">Fitting the plan …</p>}
        {rota && view === 'chart' && <RotaChart {...{ rota, beginsAt, slot: at, onSlot: setSlot }} />}
        {rota && view === 'strip' && <RotaStrip rota={rota} slot={at} />}
        {rota && view === 'next' && <WhereNext key={kind} {...{ rota, beginsAt, slot: at, onSlot: setSlot }} />}
        {block && kind === 'calls' && <CallList members={members} atOnce={settings.atOnce} calls={settings.rounds} />}
        {block && kind === 'climbing' && <LadderTable key={block.id} members={members} />}
      </div>
      {rota && view !== 'next' && <RotaLegend rota={rota} />}
    </main>
  );
}
