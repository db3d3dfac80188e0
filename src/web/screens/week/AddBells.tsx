import { useState } from 'react';
import { WEEKDAYS } from '../../parts/now.ts';
import { useClassNames } from '../../parts/useClassNames.ts';
import { BellFields, type BellTyped } from './BellFields.tsx';

const SCHOOL_DAYS = [1, 2, 3, 4, 5, 6] as const;

/** One bell on one or more days of the week, in a line. */
export function AddBells({ hasWeeks, onAdd }: { hasWeeks: boolean; onAdd(bell: BellTyped, weekdays: number[]): Promise<void> }) {
  const { classes, rooms } = useClassNames();
  const [typed, setTyped] = useState<BellTyped>({ start: '09:00', end: '09:45', classId: '', roomId: '' });
  const [days, setDays] = useState<number[]>([1]);
  const bell = { ...typed, classId: typed.classId || (classes[0]?.id ?? ''), roomId: typed.roomId || (rooms[0]?.id ?? '') };
  if (!classes.length || !rooms.length)
    return <p className="mt-3 text-stop">A timetable needs a class and a room. Add them first, under Classes and Rooms.</p>;
  return (
    <form
      className="mt-3 border p-3"
      aria-label="New period of the week"
      onSubmit={(e) => {
        e.preventDefault();
        void onAdd(bell, days);
      }}
    >
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="text-xs text-muted">On</legend>
        {SCHOOL_DAYS.map((day) => (
          <label key={day} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              className="h-4 w-4 accent-tape"
              checked={days.includes(day)}
              onChange={(e) => setDays(e.target.checked ? [...days, day].sort() : days.filter((d) => d !== day))}
            />
            {WEEKDAYS[day - 1]}
          </label>
        ))}
      </fieldset>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <BellFields value={bell} hasWeeks={hasWeeks} onChange={(change) => setTyped({ ...typed, ...change })} />
        <button type="submit" className="btn btn-tape" disabled={!days.length}>
          Add to the timetable
        </button>
      </div>
    </form>
  );
}
