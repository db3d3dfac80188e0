import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, type Desk, problemWords } from '../../api.ts';
import { Floor } from '../../floor/Floor.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { useUnits } from '../../parts/units.ts';

/** A period without a lesson: the room as a ghost, and the first action over it. */
export function EmptyDesk({ desk }: { desk: Desk }) {
  const client = useQueryClient();
  const units = useUnits();
  const [title, setTitle] = useState('');
  const start = useMutation({
    mutationFn: () => call('POST', `/periods/${desk.period.id}/lesson`, { title }),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['desk', desk.period.id] });
      void client.invalidateQueries({ queryKey: ['day'] });
    },
  });
  return (
    <div className="flex h-full flex-col">
      <DayBar date={desk.period.date} current={desk.period.id} />
      <main className="relative min-h-0 flex-1">
        <div className="absolute inset-0 opacity-40" inert>
          <Floor room={desk.room} round={0} units={units} />
        </div>
        <form
          className="absolute top-1/2 left-1/2 w-96 -translate-x-1/2 -translate-y-1/2 border-[1.5px] border-ink bg-paper p-6"
          onSubmit={(e) => {
            e.preventDefault();
            start.mutate();
          }}
        >
          <h1 className="text-xl">No lesson yet</h1>
          <p className="mt-1 text-muted">
            {desk.schoolClass.name}, {desk.students.length} students, {desk.room.name}. A lesson starts with arriving, explaining and
            closing; games come in between.
          </p>
          <label className="mt-3 block text-xs text-muted" htmlFor="lesson-title">
            What is it called?
          </label>
          <input id="lesson-title" className="field" value={title} maxLength={60} onChange={(e) => setTitle(e.target.value)} />
          {start.error && (
            <p role="alert" className="mt-1 text-stop">
              {problemWords(start.error)}
            </p>
          )}
          <button type="submit" className="btn btn-tape mt-3" disabled={!title.trim() || start.isPending}>
            Plan a lesson
          </button>
        </form>
      </main>
    </div>
  );
}
