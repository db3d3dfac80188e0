import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { halfOf, halvingLine } from '../../../../core/fit/whatIf.ts';
import type { Room } from '../../../../core/model/room.ts';
import { call } from '../../../api.ts';
import type { FormProps } from './WhatIfMenu.tsx';

const field = 'field mt-0.5 w-full text-sm text-ink';
const labelled = 'block text-xs text-muted';

/** Minutes less at one end of the period. */
export function TimeForm({ onSuppose }: FormProps) {
  const [minutes, setMinutes] = useState(10);
  const [at, setAt] = useState<'start' | 'end'>('start');
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        onSuppose({ kind: 'less-time', minutes, at });
      }}
    >
      <label className={labelled}>
        Minutes less
        <select className={field} value={minutes} onChange={(e) => setMinutes(Number(e.target.value))}>
          {[5, 10, 15, 20, 25].map((m) => (
            <option key={m} value={m}>
              {m} minutes
            </option>
          ))}
        </select>
      </label>
      <label className={labelled}>
        Which end
        <select className={field} value={at} onChange={(e) => setAt(e.target.value as 'start' | 'end')}>
          <option value="start">begins later</option>
          <option value="end">ends earlier</option>
        </select>
      </label>
      <button type="submit" className="btn btn-tape mt-1 self-start">
        Try less time
      </button>
    </form>
  );
}

/** Half of the room, or another one. */
export function RoomForm({ base, onSuppose }: FormProps) {
  const [choice, setChoice] = useState('half-0');
  const rooms = useQuery({ queryKey: ['rooms'], queryFn: () => call<Room[]>('GET', '/rooms') }).data ?? [];
  const halves = ([0, 1] as const).flatMap((side) => (halfOf(base.room, side) ? [{ side, name: halvingLine(base.room).parts[side] }] : []));
  const others = rooms.filter((r) => r.id !== base.room.id && r.partOf !== base.room.id);
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const other = others.find((r) => r.id === choice);
        if (other) onSuppose({ kind: 'room', room: other });
        else onSuppose({ kind: 'half-room', side: choice === 'half-1' ? 1 : 0 });
      }}
    >
      <label className={labelled}>
        Where
        <select className={field} value={choice} onChange={(e) => setChoice(e.target.value)}>
          {halves.map(({ side, name }) => (
            <option key={side} value={`half-${side}`}>
              only {name}
            </option>
          ))}
          {others.map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
        </select>
      </label>
      <p className="text-xs text-muted">Places that were put by hand are placed anew there.</p>
      <button type="submit" className="btn btn-tape mt-1 self-start" disabled={!halves.length && !others.length}>
        Try this room
      </button>
    </form>
  );
}

/** Some of a kind of gear gone. */
export function GearForm({ base, onSuppose }: FormProps) {
  const stock = new Map<string, number>();
  for (const g of base.cupboard) stock.set(g.gearKind, (stock.get(g.gearKind) ?? 0) + g.count);
  const kinds = [...stock.keys()].sort();
  const [gearKind, setGearKind] = useState(kinds[0] ?? '');
  const [count, setCount] = useState('2');
  const number = Number(count);
  const good = Number.isInteger(number) && number >= 1 && number <= (stock.get(gearKind) ?? 0);
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (good) onSuppose({ kind: 'gear-gone', gearKind, count: number });
      }}
    >
      <label className={labelled}>
        What is gone
        <select className={field} value={gearKind} onChange={(e) => setGearKind(e.target.value)}>
          {kinds.map((kind) => (
            <option key={kind} value={kind}>
              {kind} ({stock.get(kind)} there)
            </option>
          ))}
        </select>
      </label>
      <label className={labelled}>
        How many
        <input
          className={field}
          inputMode="numeric"
          value={count}
          aria-invalid={!good}
          aria-describedby="gear-gone-more"
          onChange={(e) => setCount(e.target.value)}
        />
      </label>
      <p id="gear-gone-more" className={`text-xs ${good ? 'text-muted' : 'text-stop'}`}>
        {kinds.length ? `A whole number from 1 to ${stock.get(gearKind)}.` : 'The gear closet is empty.'}
      </p>
      <button type="submit" className="btn btn-tape self-start" disabled={!good}>
        Try it without
      </button>
    </form>
  );
}
