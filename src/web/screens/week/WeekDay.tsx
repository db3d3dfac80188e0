import { MoreHorizontal } from 'lucide-react';
import { Link } from 'react-router';
import { isReady, type Readiness } from '../../../core/fit/readiness.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { BellSlot, Holiday, ShortDay } from '../../../core/model/timetable.ts';
import type { clashesOf } from '../../../core/rotation/schoolDays.ts';
import { sideBySide } from '../../../core/rotation/sideBySide.ts';
import { readinessWords } from '../../../core/words/facts.en.ts';
import type { Desk } from '../../api.ts';
import { shortBell, shortDate, weekdayName } from '../../parts/now.ts';
import { PeriodMenu } from '../../parts/PeriodMenu.tsx';
import { useClassNames } from '../../parts/useClassNames.ts';
import { HEAD, heightOf, type Span } from './Ruler.tsx';

export interface DayShown {
  date: string;
  desks: Desk[];
  /** Slots of the bell timetable that no period was made from. */
  open: BellSlot[];
  holiday?: Holiday;
  shortDay?: ShortDay;
  isRead: boolean;
}

interface Props {
  day: DayShown;
  span: Span;
  today: string;
  /** Seconds after midnight. */
  now: number;
  readiness: Record<string, Readiness>;
  clashes: ReturnType<typeof clashesOf>;
  onPlan(slot: BellSlot): void;
  onSaid(said: string): void;
}

/** One day of the week as a length of tape: periods at their bells, what the timetable has and nobody has planned as an outline. */
export function WeekDay({ day, span, today, now, readiness, clashes, onPlan, onSaid }: Props) {
  const names = useClassNames();
  const { date, desks, open, holiday, shortDay, isRead } = day;
  const isPast = date < today;
  const bells = [...desks.map((d) => d.period), ...open].map((b) => ({ from: clockSeconds(b.start), until: clockSeconds(b.end) }));
  const lanes = sideBySide(bells);
  const place = (i: number): React.CSSProperties => ({
    top: heightOf(bells[i].from - span.from),
    height: heightOf(bells[i].until - bells[i].from) - 2,
    left: `calc(${(lanes[i].lane / lanes[i].lanes) * 100}% + 4px)`,
    width: `calc(${100 / lanes[i].lanes}% - 8px)`,
  });
  const note = holiday ? holiday.name || 'no school' : shortDay?.name;
  return (
    <section
      aria-label={`${weekdayName(date)}, ${shortDate(date)}`}
      data-today={date === today || undefined}
      className="min-w-36 flex-1 border-r"
    >
      <h2
        className={`sticky top-0 z-[5] border-b bg-paper px-2 text-base leading-5 ${date === today ? 'font-bold' : ''}`}
        style={{ height: HEAD }}
      >
        <Link to={date === today ? '/' : `/day/${date}`} className="block truncate pt-1 hover:underline">
          {weekdayName(date)} {shortDate(date)}
        </Link>
        <span className="block truncate text-xs font-normal text-muted">{note ?? (date === today ? 'today' : '')}</span>
      </h2>
      <div className={`relative ${holiday ? 'bg-bench' : ''}`} style={{ height: heightOf(span.until - span.from) + 12 }}>
        {date === today && now >= span.from && now <= span.until && (
          <span
            className="absolute inset-x-0 z-[4] border-t-2 border-ink"
            style={{ top: heightOf(now - span.from) }}
            role="img"
            aria-label="The clock stands here"
          />
        )}
        {!isRead && <p className="p-2 text-xs text-muted">Opening the day …</p>}
        {desks.map((desk, i) => (
          <PeriodTape
            key={desk.period.id}
            {...{ desk, isPast, onSaid }}
            readiness={readiness[desk.period.id]}
            clash={clashes.find((c) => c.a === desk.period.id || c.b === desk.period.id)?.over}
            style={place(i)}
          />
        ))}
        {open.map((slot, i) => (
          <button
            key={slot.id}
            type="button"
            className="absolute overflow-hidden border-[1.5px] border-dashed border-paint px-2 py-1 text-left leading-4 hover:bg-tint"
            style={place(desks.length + i)}
            onClick={() => onPlan(slot)}
          >
            <span className="head block truncate">{names.ofClass(slot.classId)}</span>
            <span className="block truncate text-xs text-muted">{shortBell(slot.start)} · plan a lesson</span>
          </button>
        ))}
      </div>
    </section>
  );
}

interface TapeProps {
  desk: Desk;
  isPast: boolean;
  readiness: Readiness | undefined;
  clash: 'room' | 'class' | undefined;
  style: React.CSSProperties;
  onSaid(said: string): void;
}

/** One period: past ones are paint, planned ones tape, one without a lesson an outline. */
function PeriodTape({ desk, isPast, readiness, clash, style, onSaid }: TapeProps) {
  const { period, schoolClass, lesson, room } = desk;
  const isCancelled = period.cancelled !== undefined;
  const look = isCancelled
    ? 'border border-dashed text-muted'
    : isPast
      ? 'border border-paint bg-paper'
      : lesson
        ? 'bg-tint'
        : 'border-[1.5px] border-dashed border-tape bg-paper';
  const isOpen = readiness && !isReady(readiness);
  const mark = isCancelled
    ? `canceled${period.cancelled ? `: ${period.cancelled}` : ''}`
    : clash === 'room'
      ? 'two lessons in this room'
      : clash === 'class'
        ? 'this class twice'
        : isPast || !lesson
          ? ''
          : readiness
            ? readinessWords(readiness)
            : '…';
  return (
    <div className={`absolute flex overflow-hidden ${look}`} style={style}>
      <Link to={`/desk/${period.id}`} className="min-w-0 flex-1 px-2 py-1 leading-4 hover:underline">
        <span className={`head block truncate text-[15px] ${isCancelled ? 'line-through' : ''}`}>{schoolClass.name}</span>
        <span className="block truncate text-sm">{lesson?.title ?? 'no lesson yet'}</span>
        <span className="block truncate text-xs">
          {mark && <span className={clash || isOpen ? 'font-bold text-stop' : 'text-muted'}>{mark} · </span>}
          <span className="text-muted">
            {shortBell(period.start)} {room.name}
          </span>
        </span>
      </Link>
      <PeriodMenu
        desk={desk}
        onSaid={onSaid}
        trigger={
          <button
            type="button"
            className="flex h-8 w-8 shrink-0 items-center justify-center hover:bg-paper"
            aria-label={`${schoolClass.name}, ${shortDate(period.date)}, ${shortBell(period.start)}: more`}
          >
            <MoreHorizontal size={16} aria-hidden="true" />
          </button>
        }
      />
    </div>
  );
}
