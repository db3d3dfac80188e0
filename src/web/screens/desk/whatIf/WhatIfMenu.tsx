import { useState } from 'react';
import type { FitInput } from '../../../../core/fit/fitted.ts';
import type { Supposed } from '../../../../core/fit/whatIf.ts';
import { Popup } from '../../../parts/Popup.tsx';
import { AbsentForm } from './AbsentForm.tsx';
import { ClassForm } from './ClassForm.tsx';
import { GearForm, RoomForm, TimeForm } from './FactForms.tsx';
import { PeriodForm } from './PeriodForm.tsx';

const SUBJECTS = ['Absent', 'Time', 'Room', 'Gear', 'Class', 'Period'] as const;
type Subject = (typeof SUBJECTS)[number];

/** What every form takes: the desk as it is, and where what it supposes goes. */
export interface FormProps {
  base: FitInput;
  onSuppose(what: Supposed): void;
}
const FORMS: Record<Subject, (props: FormProps) => React.ReactNode> = {
  Absent: AbsentForm,
  Time: TimeForm,
  Room: RoomForm,
  Gear: GearForm,
  Class: ClassForm,
  Period: PeriodForm,
};

/** A button that opens what may be supposed: who is absent, less time, another room, gear gone, another class or period. */
export function WhatIfMenu({ base, label, onSuppose }: FormProps & { label: string }) {
  const [open, setOpen] = useState(false);
  const [subject, setSubject] = useState<Subject>('Absent');
  const Form = FORMS[subject];
  return (
    <Popup
      trigger={
        <button type="button" className="btn whitespace-nowrap">
          {label}
        </button>
      }
      label="What if"
      open={open}
      onOpenChange={setOpen}
      className="flex w-[22rem] flex-col"
    >
      <div role="group" aria-label="What is otherwise" className="grid shrink-0 grid-cols-6 border-b border-ink">
        {SUBJECTS.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={subject === name}
            className={`head px-1 py-2 text-center text-sm ${subject === name ? 'bg-tape text-white' : 'text-muted hover:bg-tint hover:text-ink'}`}
            onClick={() => setSubject(name)}
          >
            {name}
          </button>
        ))}
      </div>
      <div className="min-h-0 flex-1 overflow-auto p-3">
        <Form
          base={base}
          onSuppose={(what) => {
            setOpen(false);
            onSuppose(what);
          }}
        />
      </div>
    </Popup>
  );
}
