import { useMutation, useQuery } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import type { Period } from '../../core/model/period.ts';
import type { Room } from '../../core/model/room.ts';
import type { SchoolClass } from '../../core/model/schoolClass.ts';
import { inputWords } from '../../core/words/facts.en.ts';
import { ApiProblem, call, problemWords } from '../api.ts';
import { FormButtons } from './FormButtons.tsx';
import { Floating } from './Sheet.tsx';

/** When and for whom a period is. */
export interface PeriodFields {
  date: string;
  start: string;
  end: string;
  classId: string;
  roomId: string;
}
const LABELS: Record<keyof PeriodFields, string> = { date: 'Day', start: 'Starts', end: 'Ends', classId: 'Class', roomId: 'Room' };

interface Props {
  title: string;
  /** The words of the button that saves. */
  action: string;
  fields: PeriodFields;
  /** Fields that are not asked for. */
  fixed?: readonly (keyof PeriodFields)[];
  save(fields: PeriodFields): Promise<Period>;
  onSaved(period: Period): void;
  onClose(): void;
}

/** When a period is, for which class, in which room: for a new one, one that changes and a copy. What the server refuses is shown at its field. */
export function PeriodDialog({ title, action, fields, fixed = [], save, onSaved, onClose }: Props) {
  const classes = useQuery({ queryKey: ['classes'], queryFn: () => call<{ schoolClass: SchoolClass }[]>('GET', '/classes') }).data;
  const rooms = useQuery({ queryKey: ['rooms'], queryFn: () => call<Room[]>('GET', '/rooms') }).data;
  const form = useForm<PeriodFields>({ defaultValues: fields });
  const { errors } = form.formState;
  const send = useMutation({
    mutationFn: (typed: PeriodFields) =>
      save({ ...typed, classId: typed.classId || (classes?.[0]?.schoolClass.id ?? ''), roomId: typed.roomId || (rooms?.[0]?.id ?? '') }),
    onSuccess: (period) => {
      onClose();
      onSaved(period);
    },
    onError: (error) => {
      if (error instanceof ApiProblem)
        for (const issue of error.issues)
          if (String(issue.path[0]) in LABELS) form.setError(issue.path[0] as keyof PeriodFields, { message: inputWords(issue.code) });
    },
  });
  const isMissing = classes && rooms && (!classes.length || !rooms.length);
  const isSaid = send.error instanceof ApiProblem && send.error.issues.some((i) => String(i.path[0]) in LABELS);
  const field = (name: keyof PeriodFields, control: React.ReactNode, wide = false) =>
    !fixed.includes(name) && (
      <div className={wide ? 'col-span-2' : ''}>
        <label htmlFor={`period-${name}`} className="mb-0.5 block text-xs text-muted">
          {LABELS[name]}
        </label>
        {control}
        {errors[name] && (
          <p role="alert" className="text-xs text-stop">
            {LABELS[name]} {errors[name].message}
          </p>
        )}
      </div>
    );
  const input = (name: keyof PeriodFields) => ({
    id: `period-${name}`,
    className: 'field',
    'aria-invalid': !!errors[name],
    ...form.register(name),
  });
  return (
    <Floating open onClose={onClose} title={title}>
      {classes && rooms && (
        <form className="grid grid-cols-2 gap-3" onSubmit={form.handleSubmit((typed) => send.mutate(typed))}>
          {field('date', <input type="date" {...input('date')} />, true)}
          {field('start', <input type="time" {...input('start')} />)}
          {field('end', <input type="time" {...input('end')} />)}
          {field(
            'classId',
            <select {...input('classId')}>
              {classes.map(({ schoolClass }) => (
                <option key={schoolClass.id} value={schoolClass.id}>
                  {schoolClass.name}
                </option>
              ))}
            </select>,
          )}
          {field(
            'roomId',
            <select {...input('roomId')}>
              {rooms.map((room) => (
                <option key={room.id} value={room.id}>
                  {room.name}
                </option>
              ))}
            </select>,
          )}
          {isMissing && <p className="col-span-2 text-stop">A period needs a class and a room. Add them first.</p>}
          {send.error && !isSaid && (
            <p role="alert" className="col-span-2 text-stop">
              {problemWords(send.error)}
            </p>
          )}
          <FormButtons className="col-span-2" action={action} disabled={send.isPending || isMissing} onClose={onClose} />
        </form>
      )}
    </Floating>
  );
}
