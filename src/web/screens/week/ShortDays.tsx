import { X } from 'lucide-react';
import { useState } from 'react';
import type { ShortDay, Timetable } from '../../../core/model/timetable.ts';
import { schoolDay } from '../../../core/rotation/schoolDays.ts';
import { isoDate, longDate, shortBell } from '../../parts/now.ts';

interface Props {
  timetable: Timetable;
  put(change: Partial<Timetable>): Promise<void>;
}

/** Days with other bells: the day's periods keep their order and get these times. */
export function ShortDays({ timetable, put }: Props) {
  const [date, setDate] = useState('');
  const [name, setName] = useState('Short day');
  const days = [...timetable.shortDays].sort((a, b) => (a.date < b.date ? -1 : 1));
  const today = isoDate(new Date());
  const change = (at: string, bells: ShortDay['bells']) =>
    put({ shortDays: timetable.shortDays.map((d) => (d.date === at ? { ...d, bells } : d)) });
  const add = () => {
    // The usual bells to begin with: each is then typed over.
    const usual = schoolDay({ ...timetable, shortDays: [] }, date).slots;
    const bells = [...new Map(usual.map((s) => [s.start, { start: s.start, end: s.end }])).values()].slice(0, 12);
    return put({ shortDays: [...timetable.shortDays.filter((d) => d.date !== date), { date, name: name.trim() || 'Short day', bells }] });
  };
  return (
    <section aria-label="Short days" className="mt-6">
      <h2 className="border-b-2 border-paint pb-0.5 text-base">Days with other bells</h2>
      <ul>
        {days
          .filter((d) => d.date >= today)
          .map((d) => {
            const { leftOut } = schoolDay(timetable, d.date);
            return (
              <li key={d.date} className="border-b py-2">
                <p className="flex items-center gap-2">
                  <span className="font-bold">{longDate(d.date)}</span> {d.name}
                  <button
                    type="button"
                    className="ml-auto flex h-9 w-9 items-center justify-center hover:bg-tint"
                    aria-label={`Remove ${d.name}, ${longDate(d.date)}`}
                    onClick={() => void put({ shortDays: timetable.shortDays.filter((o) => o.date !== d.date) })}
                  >
                    <X size={15} aria-hidden="true" />
                  </button>
                </p>
                <div className="flex flex-wrap gap-4">
                  {d.bells.map((bell, i) => (
                    <span key={`${d.date}-${i + 1}`} className="flex items-center gap-1">
                      <span className="head">{i + 1}</span>
                      {(['start', 'end'] as const).map((key) => (
                        <input
                          key={key}
                          type="time"
                          aria-label={`${d.name}, period ${i + 1} ${key === 'start' ? 'starts' : 'ends'}`}
                          className="field w-28"
                          value={bell[key]}
                          onChange={(e) =>
                            e.target.value &&
                            void change(
                              d.date,
                              d.bells.map((b, k) => (k === i ? { ...b, [key]: e.target.value } : b)),
                            )
                          }
                        />
                      ))}
                    </span>
                  ))}
                  {d.bells.length > 0 && (
                    <button type="button" className="btn" onClick={() => void change(d.date, d.bells.slice(0, -1))}>
                      Leave the last one out
                    </button>
                  )}
                </div>
                {leftOut.length > 0 && (
                  <p className="text-caution">Does not take place: {leftOut.map((s) => shortBell(s.start)).join(', ')}</p>
                )}
              </li>
            );
          })}
      </ul>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        <label className="text-xs text-muted">
          Day
          <input type="date" className="field block w-40 text-sm text-ink" value={date} onChange={(e) => setDate(e.target.value)} />
        </label>
        <label className="text-xs text-muted">
          What it is called
          <input className="field block w-48 text-sm text-ink" maxLength={40} value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <button type="submit" className="btn" disabled={!date}>
          Add a short day
        </button>
      </form>
    </section>
  );
}
