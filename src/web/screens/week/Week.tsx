import { useQueries, useQueryClient } from '@tanstack/react-query';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { addDays, mondayOf } from '../../../core/model/day.ts';
import { clockSeconds, type Period } from '../../../core/model/period.ts';
import { NO_TIMETABLE } from '../../../core/model/timetable.ts';
import { clashesOf, openSlots, schoolDay, weekLetter } from '../../../core/rotation/schoolDays.ts';
import { call, problemWords } from '../../api.ts';
import { DayBar, dayQuery } from '../../parts/DayBar.tsx';
import { isoDate, longDate, shortDate, useNow } from '../../parts/now.ts';
import { PeriodDialog } from '../../parts/PeriodDialog.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { refreshFacts, useShelfUndo } from '../../parts/shelfUndo.ts';
import { useSchool } from '../../parts/units.ts';
import { useReadiness } from '../../parts/useReadiness.ts';
import { RULER, Ruler } from './Ruler.tsx';
import { type DayShown, WeekDay } from './WeekDay.tsx';

/** Bells shown if a week has none. */
const USUAL_DAY = { from: 8 * 3600, until: 16 * 3600 };
const HALF_HOUR = 1800;

/** The days of a week side by side over one ruler of bells: what is planned, what is not, what clashes. */
export function Week() {
  const now = useNow(15_000);
  const today = isoDate(now);
  const { date: asked } = useParams();
  const monday = mondayOf(asked && /^\d{4}-\d{2}-\d{2}$/.test(asked) ? asked : today);
  const dates = Array.from({ length: 7 }, (_, i) => addDays(monday, i));
  const navigate = useNavigate();
  const client = useQueryClient();
  const { add } = useShelfUndo();
  const { timetable = NO_TIMETABLE } = useSchool();
  const queries = useQueries({ queries: dates.map(dayQuery) });
  const desks = queries.flatMap((q) => q.data ?? []);
  const readiness = useReadiness(desks.filter((d) => d.period.cancelled === undefined && d.period.date >= today));
  const clashes = clashesOf(desks.map((d) => d.period));
  const [adding, setAdding] = useState<string | null>(null);
  const [said, setSaid] = useState('');
  const days = dates
    .map((date, i): DayShown => {
      const own = queries[i].data ?? [];
      const { holiday, shortDay } = schoolDay(timetable, date);
      // What nobody planned on a day that is over is no news.
      const open =
        queries[i].data && date >= today
          ? openSlots(
              timetable,
              date,
              own.map((d) => d.period),
            )
          : [];
      return { date, desks: own, open, holiday, shortDay, isRead: queries[i].data !== undefined };
    })
    // Weekends are shown if something is on them.
    .filter((day, i) => i < 5 || day.desks.length + day.open.length > 0);
  const bells = days.flatMap((d) => [...d.desks.map((x) => x.period), ...d.open]);
  const from = Math.min(...bells.map((b) => clockSeconds(b.start)), ...(bells.length ? [] : [USUAL_DAY.from]));
  const until = Math.max(...bells.map((b) => clockSeconds(b.end)), ...(bells.length ? [] : [USUAL_DAY.until]));
  const span = { from: Math.floor(from / HALF_HOUR) * HALF_HOUR, until: Math.ceil(until / HALF_HOUR) * HALF_HOUR };
  const scroller = useRef<HTMLDivElement>(null);
  const isThisWeek = days.some((d) => d.date === today);
  // Where not all days fit, the week begins at today.
  useEffect(() => {
    const at = isThisWeek ? scroller.current?.querySelector<HTMLElement>('[data-today]') : null;
    if (scroller.current && at) scroller.current.scrollLeft = at.offsetLeft - scroller.current.offsetLeft - RULER;
  }, [isThisWeek]);
  const error = queries.find((q) => q.error)?.error;
  const letter = weekLetter(timetable, monday);
  const planSlot = async (date: string, slot: DayShown['open'][number]) => {
    const { id, weekday: _, week: __, ...bell } = slot;
    const made = await call<Period>('POST', '/periods', { ...bell, date, slot: id });
    await refreshFacts(client);
    navigate(`/desk/${made.id}`);
  };
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <main className="flex min-h-0 flex-1 flex-col px-6 pb-4 max-[600px]:px-3">
        <header className="flex flex-wrap items-center gap-x-3 gap-y-2 py-3">
          <h1 className="text-2xl">Week of {shortDate(monday)}</h1>
          {letter && <span className="head border-[1.5px] border-ink px-2">{letter} week</span>}
          <span className="flex">
            <Step to={addDays(monday, -7)} label="The week before" icon={<ChevronLeft size={18} aria-hidden="true" />} />
            <Step to={addDays(monday, 7)} label="The week after" icon={<ChevronRight size={18} aria-hidden="true" />} />
          </span>
          <input
            type="date"
            aria-label="Go to the week of"
            className="field w-40"
            value={asked ?? today}
            onChange={(e) => e.target.value && navigate(`/week/${e.target.value}`)}
          />
          {monday !== mondayOf(today) && (
            <Link className="btn" to="/week">
              This week
            </Link>
          )}
          <span className="ml-auto flex gap-3 max-[600px]:ml-0">
            <Link className="btn" to="/timetable">
              Bell timetable
            </Link>
            <button type="button" className="btn btn-tape" onClick={() => setAdding(today >= monday && today <= dates[6] ? today : monday)}>
              Add a period
            </button>
          </span>
        </header>
        <p role="status" className="min-h-5 text-muted">
          {said}
        </p>
        <Problem text={error ? problemWords(error) : ''} />
        {!timetable.slots.length && !desks.length && queries.every((q) => q.data) && (
          <p className="text-muted">
            No periods this week. Add one, or set up the{' '}
            <Link to="/timetable" className="text-tape underline">
              bell timetable
            </Link>{' '}
            once: every week then has its periods.
          </p>
        )}
        <div
          ref={scroller}
          className="flex min-h-0 flex-1 overflow-auto border-t border-ink"
          tabIndex={0}
          role="region"
          aria-label="The week"
        >
          <Ruler span={span} />
          {days.map((day) => (
            <WeekDay
              key={day.date}
              {...{ day, span, today, readiness, clashes }}
              now={now.getHours() * 3600 + now.getMinutes() * 60}
              onPlan={(slot) => void planSlot(day.date, slot).catch((e) => setSaid(problemWords(e)))}
              onSaid={setSaid}
            />
          ))}
        </div>
      </main>
      {adding && (
        <PeriodDialog
          title={`A period on ${longDate(adding)}`}
          action="Add the period"
          fields={{ date: adding, start: '10:05', end: '10:50', classId: '', roomId: '' }}
          save={(fields) => call<Period>('POST', '/periods', fields)}
          onSaved={(made) => {
            add({
              id: made.id,
              name: `add a period on ${shortDate(made.date)}`,
              request: { method: 'DELETE', path: `/periods/${made.id}` },
            });
            void refreshFacts(client);
          }}
          onClose={() => setAdding(null)}
        />
      )}
    </div>
  );
}

function Step({ to, label, icon }: { to: string; label: string; icon: React.ReactNode }) {
  return (
    <Link to={`/week/${to}`} aria-label={label} className="flex h-9 w-9 items-center justify-center border hover:bg-tint">
      {icon}
    </Link>
  );
}
