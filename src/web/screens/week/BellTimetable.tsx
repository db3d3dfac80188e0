import { useState } from 'react';
import { Link } from 'react-router';
import { addDays } from '../../../core/model/day.ts';
import type { ClassId, RoomId } from '../../../core/model/ids.ts';
import { type BellSlot, NO_TIMETABLE, type Timetable } from '../../../core/model/timetable.ts';
import { weekLetter } from '../../../core/rotation/schoolDays.ts';
import { freshId } from '../../api.ts';
import { ShelfPage } from '../../parts/DayBar.tsx';
import { isoDate, WEEKDAYS } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { useSaveSchool } from '../../parts/useSaveSchool.ts';
import { AddBells } from './AddBells.tsx';
import { Holidays } from './Holidays.tsx';
import { ShortDays } from './ShortDays.tsx';
import { SlotRow } from './SlotRow.tsx';

/** When periods are, week after week: set once, and every week has its periods. */
export function BellTimetable() {
  const { school, save, problem } = useSaveSchool();
  const timetable = school.timetable ?? NO_TIMETABLE;
  const put = (change: Partial<Timetable>) => save({ timetable: { ...timetable, ...change } });
  const today = isoDate(new Date());
  const letter = weekLetter(timetable, today);
  const sorted = [...timetable.slots].sort((a, b) => a.weekday - b.weekday || (a.start < b.start ? -1 : 1));
  const [copied, setCopied] = useState('');
  const days = [1, 2, 3, 4, 5, 6, 7].filter((d) => d < 6 || sorted.some((s) => s.weekday === d));
  /** The day's bells on another day too; what is there stays. */
  const copyDay = (from: number, to: number) => {
    const there = (slot: BellSlot) =>
      timetable.slots.some((s) => s.weekday === to && s.start === slot.start && s.classId === slot.classId && s.week === slot.week);
    const fresh = sorted.filter((s) => s.weekday === from && !there(s)).map((s) => ({ ...s, id: freshId('slot'), weekday: to }));
    setCopied(`${fresh.length} of ${WEEKDAYS[from - 1]} copied to ${WEEKDAYS[to - 1]}.`);
    return put({ slots: [...timetable.slots, ...fresh] });
  };
  return (
    <ShelfPage>
      <div className="mx-auto max-w-4xl p-6">
        <h1 className="text-2xl">Bell timetable</h1>
        <p className="text-muted">
          Set it once: every week then has these periods, ready to plan.{' '}
          <Link to="/week" className="text-tape underline">
            Week
          </Link>
        </p>
        <p className="mt-3 flex flex-wrap items-center gap-2">
          {letter ? (
            <>
              <span>A and B weeks take turns. This is {letter === 'A' ? 'an A' : 'a B'} week.</span>
              <button type="button" className="btn" onClick={() => void put({ firstA: letter === 'A' ? addDays(today, 7) : today })}>
                Make this {letter === 'A' ? 'a B' : 'an A'} week
              </button>
              <button type="button" className="btn" onClick={() => void put({ firstA: undefined })}>
                Make every week the same
              </button>
            </>
          ) : (
            <>
              <span>Every week is the same.</span>
              <button type="button" className="btn" onClick={() => void put({ firstA: today })}>
                Use A and B weeks
              </button>
            </>
          )}
        </p>
        <Problem text={problem} />
        <AddBells
          hasWeeks={letter !== undefined}
          onAdd={(bell, weekdays) =>
            put({
              slots: [
                ...timetable.slots,
                ...weekdays.map((weekday) => ({
                  ...bell,
                  ...{ id: freshId('slot'), weekday, classId: bell.classId as ClassId, roomId: bell.roomId as RoomId },
                })),
              ],
            })
          }
        />
        <p role="status" className="min-h-5 text-muted">
          {copied}
        </p>
        {days.map((day) => {
          const slots = sorted.filter((s) => s.weekday === day);
          return (
            <section key={day} aria-label={WEEKDAYS[day - 1]} className="mt-3">
              <h2 className="flex items-baseline gap-3 border-b-2 border-paint pb-0.5 text-base">
                <span className="flex-1">{WEEKDAYS[day - 1]}</span>
                {slots.length > 0 && day < 5 && (
                  <button type="button" className="text-sm font-normal text-tape underline" onClick={() => void copyDay(day, day + 1)}>
                    Copy to {WEEKDAYS[day]}
                  </button>
                )}
              </h2>
              {slots.length === 0 && <p className="py-1 text-muted">No periods.</p>}
              <ul>
                {slots.map((slot) => (
                  <SlotRow
                    key={slot.id}
                    slot={slot}
                    hasWeeks={letter !== undefined}
                    onChange={(next) => put({ slots: timetable.slots.map((s) => (s.id === slot.id ? next : s)) })}
                    onRemove={() => put({ slots: timetable.slots.filter((s) => s.id !== slot.id) })}
                  />
                ))}
              </ul>
            </section>
          );
        })}
        <ShortDays timetable={timetable} put={put} />
        <Holidays timetable={timetable} put={put} />
      </div>
    </ShelfPage>
  );
}
