import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Gear } from '../../core/model/gear.ts';
import type { Room } from '../../core/model/room.ts';
import type { SchoolClass } from '../../core/model/schoolClass.ts';
import { call, readRuns } from '../api.ts';
import { useDay } from './DayBar.tsx';
import { isoDate, longDate, shortBell } from './now.ts';
import { Floating } from './Sheet.tsx';
import { SHELVES } from './shelves.ts';

interface Found {
  what: string;
  name: string;
  to: string;
}
/** The most that is listed at once. */
const MOST = 12;

/** A list of the server's. */
function useList<T>(key: string): T[] {
  return useQuery({ queryKey: [key], queryFn: () => call<T[]>('GET', `/${key}`) }).data ?? [];
}

/** Everything that has a place of its own: shelves, today's periods, classes, rooms, gear, past lessons. */
function useEverything(): Found[] {
  const day = useDay(isoDate(new Date())).data ?? [];
  const classes = useList<{ schoolClass: SchoolClass }>('classes');
  const rooms = useList<Room>('rooms');
  const gear = useList<Gear>('gear');
  const runs = useQuery({ queryKey: ['runs'], queryFn: readRuns }).data?.runs ?? [];
  return [
    ...day.map((d) => ({
      what: 'period',
      name: `${shortBell(d.period.start)} ${d.schoolClass.name}${d.lesson ? `: ${d.lesson.title}` : ''}`,
      to: `/desk/${d.period.id}`,
    })),
    ...SHELVES.map((s) => ({ what: 'shelf', name: s.label, to: s.to })),
    ...classes.map(({ schoolClass: c }) => ({ what: 'class', name: c.name, to: `/classes/${c.id}` })),
    ...rooms.map((r) => ({ what: 'room', name: r.name, to: `/rooms/${r.id}` })),
    ...gear.map((g) => ({ what: 'gear', name: `${g.name}, ${g.count}`, to: '/cupboard' })),
    ...runs.map((r) => ({ what: 'past lesson', name: `${r.className}: ${r.lessonTitle}, ${longDate(r.date)}`, to: `/logbook/${r.runId}` })),
  ];
}

/** Type a few letters of anything, Enter goes there. */
export default function FindPanel({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const id = useId();
  const everything = useEverything();
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = everything.filter((f) => words.every((w) => `${f.what} ${f.name}`.toLowerCase().includes(w))).slice(0, MOST);
  const go = (to: string) => {
    onClose();
    navigate(to);
  };
  const onKey = (event: React.KeyboardEvent) => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by) {
      event.preventDefault();
      setAt((i) => Math.max(0, Math.min(found.length - 1, i + by)));
    }
    if (event.key === 'Enter' && found[at]) go(found[at].to);
  };
  return (
    <Floating open onClose={onClose} title="Find anything">
      <input
        role="combobox"
        aria-label="Find"
        aria-expanded={found.length > 0}
        aria-controls={id}
        aria-activedescendant={found[at] ? `${id}-${at}` : undefined}
        className="field text-base"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
        }}
        onKeyDown={onKey}
      />
      <ul id={id} role="listbox" aria-label="What was found" className="mt-2 max-h-80 overflow-auto">
        {found.map((f, i) => (
          <li
            key={`${f.what} ${f.name}`}
            id={`${id}-${i}`}
            role="option"
            aria-selected={i === at}
            tabIndex={-1}
            className={`flex cursor-pointer justify-between gap-3 px-2 py-1.5 ${i === at ? 'bg-tint' : ''}`}
            onClick={() => go(f.to)}
            onKeyDown={onKey}
          >
            <span>{f.name}</span>
            <span className="text-xs text-muted">{f.what}</span>
          </li>
        ))}
      </ul>
      {!found.length && <p className="mt-2 text-muted">Nothing is called that.</p>}
    </Floating>
  );
}
