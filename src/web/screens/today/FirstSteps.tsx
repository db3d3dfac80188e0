import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { RoomId } from '../../../core/model/ids.ts';
import { NEW_SCHOOL } from '../../../core/model/newSchool.ts';
import { newHeader } from '../../../core/model/record.ts';
import { plainRoom, type Room, rectangleOutline } from '../../../core/model/room.ts';
import type { School } from '../../../core/model/school.ts';
import { rectShape } from '../../../core/model/shape.ts';
import { call } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { EnterDemo } from '../../parts/DemoSchool.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { hereUnits, unitChoices, useSchool } from '../../parts/units.ts';
import { saveSchool } from '../../parts/useSaveSchool.ts';
import { useTry } from '../../parts/useTry.ts';

const GHOST: Room = {
  ...newHeader('room', 3),
  id: RoomId.parse('ghost'),
  name: 'A room to come',
  ...plainRoom(rectangleOutline(26, 15)),
};
const GHOST_PIECES = [0, 1, 2, 3, 4, 5].map((i) => ({
  id: `ghost-${i}`,
  number: i + 1,
  title: '',
  shape: rectShape({ x: 2.5 + (i % 3) * 8, y: i < 3 ? 10 : 2, width: 5, depth: 3 }),
  taped: true,
  pinned: false,
}));

/** A day without periods: what to do first, over the ghost of a floor. */
export function FirstSteps({ onAdd }: { onAdd: () => void }) {
  const classes = useQuery({ queryKey: ['classes'], queryFn: () => call<unknown[]>('GET', '/classes') }).data?.length ?? 0;
  const rooms = useQuery({ queryKey: ['rooms'], queryFn: () => call<unknown[]>('GET', '/rooms') }).data?.length ?? 0;
  const gear = useQuery({ queryKey: ['gear'], queryFn: () => call<unknown[]>('GET', '/gear') }).data?.length ?? 0;
  const client = useQueryClient();
  const school = useSchool();
  const [problem, attempt] = useTry();
  const [chosen, setChosen] = useState<School['units']>();
  // Nothing was said yet: the region's own, which is stored with the first step.
  const units = chosen ?? (school.revision === 0 ? hereUnits() : school.units);
  const store = (now: School['units']) => attempt(saveSchool(client, { units: now }));
  const steps = [
    { done: classes > 0, to: '/classes', label: 'Add a class', gives: 'Paste its roster: groups come out even, and nobody is forgotten.' },
    { done: rooms > 0, to: '/rooms', label: 'Measure the room', gives: 'Width, depth, doors, posts: every station keeps clear of them.' },
    {
      done: gear > 0,
      to: '/cupboard',
      label: 'Fill the gear closet',
      gives: 'What you have and how many: you see what is short before the bell.',
    },
  ];
  const ready = steps.slice(0, 2).every((s) => s.done);
  return (
    <section className="relative flex min-h-0 items-center justify-center overflow-hidden p-6" aria-label="First steps">
      <div className="absolute opacity-25" aria-hidden="true">
        <MiniFloor room={GHOST} pieces={GHOST_PIECES} width={860} height={520} />
      </div>
      <div className="relative w-[460px] border-[1.5px] border-ink bg-paper p-6">
        <h2 className="text-xl">No periods yet</h2>
        <p className="text-muted">{NEW_SCHOOL.name}: three facts, then the first period.</p>
        <fieldset className="mt-3 flex items-center gap-4">
          <legend className="sr-only">Lengths are in</legend>
          <span aria-hidden="true">Lengths in</span>
          {unitChoices().map(([value, label]) => (
            <label key={value} className="flex min-h-9 items-center gap-2">
              <input
                type="radio"
                name="first-units"
                className="h-4 w-4 accent-tape"
                checked={units === value}
                onChange={() => {
                  setChosen(value);
                  store(value);
                }}
              />
              {label}
            </label>
          ))}
        </fieldset>
        <Problem text={problem} />
        <ol className="mt-1">
          {steps.map((step, i) => (
            <li key={step.to} className="border-t py-2">
              <Link
                to={step.to}
                onClick={() => units !== school.units && store(units)}
                className="flex items-baseline gap-3 hover:underline"
              >
                <span className="head w-5 text-lg text-tape">{step.done ? '✓' : i + 1}</span>
                <span>
                  <span className="font-bold">{step.label}</span>
                  <span className="block text-muted">{step.gives}</span>
                </span>
              </Link>
            </li>
          ))}
        </ol>
        <button type="button" className="btn btn-tape mt-2" disabled={!ready} onClick={onAdd}>
          Add a period
        </button>
        {classes + rooms + gear === 0 && (
          <div className="mt-3 border-t pt-3">
            <EnterDemo />
          </div>
        )}
      </div>
    </section>
  );
}
