import { useQuery } from '@tanstack/react-query';
import { ArrowLeft } from 'lucide-react';
import { useNavigate, useParams } from 'react-router';
import type { GuestBlock, GuestView } from '../../../core/fit/guestView.ts';
import { counted } from '../../../core/formats/speak.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import { limitWords } from '../../../core/words/guest.en.ts';
import { call, problemWords } from '../../api.ts';
import { isoDate, longDate, shortBell, useNow } from '../../parts/now.ts';
import { PrintButton } from '../../parts/PrintButton.tsx';
import { CareAlerts } from './CareAlerts.tsx';
import { GuestBlockView } from './GuestBlockView.tsx';

/** A lesson for somebody who stands in: what, for whom, where, minute by minute. No menu leads from here; it goes back, and onto paper. */
export function Guest() {
  const { periodId = '' } = useParams();
  const { data, error } = useQuery({
    queryKey: ['guest', periodId],
    queryFn: () => call<GuestView>('GET', `/guest/${periodId}`),
    staleTime: 30_000,
  });
  if (error)
    return (
      <main className="p-6">
        <h1 className="text-xl">This lesson is not here</h1>
        <p className="my-2">{problemWords(error)}</p>
        <BackButton />
      </main>
    );
  return data ? <Lesson view={data} periodId={periodId} /> : <main className="p-6 text-muted">Opening the lesson …</main>;
}

/** Goes back to where the sheet was opened from; to Today if it was opened by its address. */
function BackButton() {
  const navigate = useNavigate();
  const opened = (window.history.state as { idx?: number } | null)?.idx ?? 0;
  return (
    <button type="button" className="btn flex items-center gap-1.5" onClick={() => (opened > 0 ? navigate(-1) : navigate('/'))}>
      <ArrowLeft size={15} aria-hidden="true" /> Back
    </button>
  );
}

/** Limits that hold in every block with the same words: said once. */
const alike = (blocks: readonly GuestBlock[]): GuestBlock['limits'] =>
  (blocks[0]?.limits ?? []).filter((limit) => blocks.every((b) => b.limits.some((l) => JSON.stringify(l) === JSON.stringify(limit))));

function Lesson({ view, periodId }: { view: GuestView; periodId: string }) {
  const now = useNow(5_000);
  const seconds = isoDate(now) === view.date ? now.getHours() * 3600 + now.getMinutes() * 60 + now.getSeconds() : null;
  const minutes = (clockSeconds(view.end) - clockSeconds(view.start)) / 60;
  const everywhere = alike(view.blocks);
  return (
    <main tabIndex={0} className="h-full overflow-auto print:h-auto print:overflow-visible">
      <article className="mx-auto max-w-[980px] p-8 max-[600px]:p-4 print:max-w-none print:p-0">
        <div className="mb-4 flex flex-wrap justify-between gap-3 print:hidden">
          <BackButton />
          <PrintButton />
        </div>
        <header className="border-b-2 border-ink pb-4">
          <h1 className="text-2xl">
            {view.className} in {view.room.name}
          </h1>
          <p className="mt-1 text-lg">
            {longDate(view.date)}, {shortBell(view.start)}–{shortBell(view.end)} ({minutes} min). {counted(view.playing, 'student')}{' '}
            {view.playing === 1 ? 'plays' : 'play'}. The lesson is “{view.lessonTitle}”.
          </p>
          {view.stopSignal && (
            <p className="mt-3 bg-tape px-4 py-2 text-lg text-white print:border-2 print:border-ink print:bg-transparent print:text-ink">
              <span className="head">Stop signal: </span>
              {view.stopSignal}
            </p>
          )}
          {everywhere.length > 0 && (
            <ul className="mt-3 border-l-[3px] border-caution pl-3" aria-label="Limits in the whole lesson">
              {everywhere.map((limit) => (
                <li key={limit.limit} className="head text-base">
                  {limitWords(limit)}.
                </li>
              ))}
            </ul>
          )}
          <CareAlerts periodId={periodId} has={view.hasAlerts} />
        </header>
        <section className="mt-5 break-inside-avoid" aria-label="Gear">
          <h2 className="text-lg">Bring out</h2>
          <ul className="mt-1 columns-3 gap-6 max-[820px]:columns-2 max-[480px]:columns-1">
            {view.gear.map(({ gearKind, count, place }) => (
              <li key={gearKind} className="break-inside-avoid">
                <span className="font-bold">{counted(count, gearKind)}</span>
                {place && <span className="text-muted">, {place}</span>}
              </li>
            ))}
          </ul>
          {!view.gear.length && <p className="text-muted">This lesson needs no gear.</p>}
        </section>
        <ol className="mt-6" aria-label="Minute by minute">
          {view.blocks.map((block) => (
            <GuestBlockView
              key={block.id}
              view={view}
              block={{ ...block, limits: block.limits.filter((l) => !everywhere.some((e) => e.limit === l.limit)) }}
              isNow={seconds !== null && seconds >= block.at && seconds < block.at + block.seconds}
            />
          ))}
        </ol>
        <p className="mt-6 text-muted">Local rules decide. If somebody is hurt, stop the class and call the office.</p>
      </article>
    </main>
  );
}
