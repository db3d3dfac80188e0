import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call, type Desk } from '../../../api.ts';
import type { FormProps } from './WhatIfMenu.tsx';

/** The lesson in another period: of this day, or of another one. */
export function PeriodForm({ base, onSuppose }: FormProps) {
  const [date, setDate] = useState<string>(base.period.date);
  const [chosen, setChosen] = useState('');
  const { data, isPending } = useQuery({
    queryKey: ['days', date],
    queryFn: () => call<Desk[]>('GET', `/days/${date}`),
    enabled: /^\d{4}-\d{2}-\d{2}$/.test(date),
  });
  const others = (data ?? []).filter((d) => d.period.id !== base.period.id);
  const desk = others.find((d) => d.period.id === chosen) ?? others[0];
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (desk) onSuppose({ kind: 'period', desk });
      }}
    >
      <label className="block text-xs text-muted">
        Day
        <input type="date" className="field mt-0.5 w-full text-sm text-ink" value={date} onChange={(e) => setDate(e.target.value)} />
      </label>
      <label className="block text-xs text-muted">
        Period
        <select
          className="field mt-0.5 w-full text-sm text-ink"
          value={desk?.period.id ?? ''}
          disabled={!others.length}
          onChange={(e) => setChosen(e.target.value)}
        >
          {others.map((d) => (
            <option key={d.period.id} value={d.period.id}>
              {d.period.start} {d.schoolClass.name}, {d.room.name}
            </option>
          ))}
        </select>
      </label>
      <p className="text-xs text-muted">
        {!others.length
          ? isPending
            ? 'Looking …'
            : 'No other period on that day.'
          : desk?.lesson
            ? `Kept, a copy takes the place of “${desk.lesson.title}” there; that lesson itself is not changed.`
            : 'Kept, a copy of this lesson goes there; this one stays.'}
      </p>
      <button type="submit" className="btn btn-tape self-start" disabled={!desk}>
        Try it there
      </button>
    </form>
  );
}
