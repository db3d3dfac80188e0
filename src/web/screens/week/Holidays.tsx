import { X } from 'lucide-react';
import { useState } from 'react';
import { counted } from '../../../core/formats/speak.ts';
import type { IcsError } from '../../../core/model/calendarFault.ts';
import type { Holiday, Timetable } from '../../../core/model/timetable.ts';
import { icsErrorWords } from '../../../core/words/calendar.en.ts';
import { call, problemWords } from '../../api.ts';
import { FileButton } from '../../parts/FileButton.tsx';
import { isoDate, longDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { readTextFile } from '../../parts/readTextFile.ts';

interface Props {
  timetable: Timetable;
  put(change: Partial<Timetable>): Promise<void>;
}

const keyOf = (h: Holiday) => `${h.from} ${h.until} ${h.name}`;
/** Days without school, typed or read from a calendar file. */
export function Holidays({ timetable, put }: Props) {
  const today = isoDate(new Date());
  const [typed, setTyped] = useState({ name: '', from: '', until: '' });
  const [said, setSaid] = useState('');
  const [errors, setErrors] = useState<IcsError[]>([]);
  const [problem, setProblem] = useState('');
  const list = [...timetable.holidays].sort((a, b) => (a.from < b.from ? -1 : 1));
  const read = async (file: File) => {
    try {
      const found = await call<{ holidays: Holiday[]; errors: IcsError[] }>('POST', '/school/holidays', {
        text: await readTextFile(file),
        from: today,
      });
      const known = new Set(timetable.holidays.map(keyOf));
      const fresh = found.holidays.filter((h) => !known.has(keyOf(h)));
      if (fresh.length) await put({ holidays: [...timetable.holidays, ...fresh] });
      setErrors(found.errors);
      setProblem('');
      setSaid(found.holidays.length ? `${counted(fresh.length, 'holiday')} added from ${file.name}.` : '');
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <section aria-label="Holidays" className="mt-6">
      <h2 className="border-b-2 border-paint pb-0.5 text-base">Days without school</h2>
      <ul>
        {list
          .filter((h) => h.until >= today)
          .map((h) => (
            <li key={keyOf(h)} className="flex items-center gap-3 border-b py-1">
              <span className="min-w-0 flex-1">
                <span className="font-bold">{h.name || 'No school'}</span>{' '}
                <span className="text-muted">
                  {longDate(h.from)}
                  {h.until === h.from ? '' : ` to ${longDate(h.until)}`}
                </span>
              </span>
              <button
                type="button"
                className="flex h-9 w-9 items-center justify-center hover:bg-tint"
                aria-label={`Remove ${h.name || 'No school'}, ${longDate(h.from)}`}
                onClick={() => void put({ holidays: timetable.holidays.filter((o) => keyOf(o) !== keyOf(h)) })}
              >
                <X size={15} aria-hidden="true" />
              </button>
            </li>
          ))}
      </ul>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          const { name, from, until } = typed;
          void put({ holidays: [...timetable.holidays, { name: name.trim(), from, until: until || from }] });
          setTyped({ name: '', from: '', until: '' });
        }}
      >
        <label className="text-xs text-muted">
          Name
          <input
            className="field block w-48 text-sm text-ink"
            maxLength={60}
            value={typed.name}
            onChange={(e) => setTyped({ ...typed, name: e.target.value })}
          />
        </label>
        {(['from', 'until'] as const).map((key) => (
          <label key={key} className="text-xs text-muted">
            {key === 'from' ? 'First day' : 'Last day'}
            <input
              type="date"
              className="field block w-40 text-sm text-ink"
              value={typed[key]}
              min={key === 'until' ? typed.from : undefined}
              onChange={(e) => setTyped({ ...typed, [key]: e.target.value })}
            />
          </label>
        ))}
        <button type="submit" className="btn" disabled={!typed.from}>
          Add a holiday
        </button>
        <FileButton label="Read a calendar file (.ics)" accept=".ics,text/calendar" onFile={read} />
      </form>
      <p role="status" className="min-h-5 text-muted">
        {said}
      </p>
      {errors.length > 0 && (
        <ul role="alert" className="max-h-36 overflow-auto text-stop">
          {errors.map((e) => (
            <li key={`${e.line}-${e.code}`}>{icsErrorWords(e)}</li>
          ))}
        </ul>
      )}
      <Problem text={problem} />
    </section>
  );
}
