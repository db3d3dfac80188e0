import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { Period } from '../../../core/model/period.ts';
import type { Room } from '../../../core/model/room.ts';
import type { SchoolClass } from '../../../core/model/schoolClass.ts';
import { inputWords } from '../../../core/words/facts.en.ts';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { Floating } from '../../parts/Sheet.tsx';

interface Fields {
  start: string;
  end: string;
  classId: string;
  roomId: string;
}

/** A new period: bells, class and room. What the server refuses is shown at its field. */
export function NewPeriod({ open, date, onClose }: { open: boolean; date: string; onClose: () => void }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const classes =
    useQuery({ queryKey: ['classes'], queryFn: () => call<{ schoolClass: SchoolClass }[]>('GET', '/classes'), enabled: open }).data ?? [];
  const rooms = useQuery({ queryKey: ['rooms'], queryFn: () => call<Room[]>('GET', '/rooms'), enabled: open }).data ?? [];
  const form = useForm<Fields>({ defaultValues: { start: '10:05', end: '10:50', classId: '', roomId: '' } });
  const { errors } = form.formState;
  const add = useMutation({
    mutationFn: (fields: Fields) =>
      call<Period>('POST', '/periods', {
        ...fields,
        classId: fields.classId || classes[0]?.schoolClass.id,
        roomId: fields.roomId || rooms[0]?.id,
        date,
      }),
    onSuccess: (period) => {
      void client.invalidateQueries({ queryKey: ['day'] });
      onClose();
      navigate(`/desk/${period.id}`);
    },
    onError: (error) => {
      if (error instanceof ApiProblem)
        for (const issue of error.issues) form.setError(issue.path[0] as keyof Fields, { message: inputWords(issue.code) });
    },
  });
  const field = (name: keyof Fields, label: string, control: React.ReactNode) => (
    <div>
      <label htmlFor={`period-${name}`} className="mb-0.5 block text-xs text-muted">
        {label}
      </label>
      {control}
      {errors[name] && (
        <p role="alert" className="text-xs text-stop">
          {label} {errors[name].message}
        </p>
      )}
    </div>
  );
  const input = (name: keyof Fields) => ({
    id: `period-${name}`,
    className: 'field',
    'aria-invalid': !!errors[name],
    ...form.register(name),
  });
  return (
    <Floating open={open} onClose={onClose} title="A period of today">
      <form className="grid grid-cols-2 gap-3" onSubmit={form.handleSubmit((fields) => add.mutate(fields))}>
        {field('start', 'Starts', <input type="time" {...input('start')} />)}
        {field('end', 'Ends', <input type="time" {...input('end')} />)}
        {field(
          'classId',
          'Class',
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
          'Room',
          <select {...input('roomId')}>
            {rooms.map((room) => (
              <option key={room.id} value={room.id}>
                {room.name}
              </option>
            ))}
          </select>,
        )}
        {(!classes.length || !rooms.length) && <p className="col-span-2 text-stop">A period needs a class and a room. Add them first.</p>}
        {add.error && !(add.error instanceof ApiProblem && add.error.issues.length > 0) && (
          <p role="alert" className="col-span-2 text-stop">
            {problemWords(add.error)}
          </p>
        )}
        <div className="col-span-2 flex gap-3">
          <button type="submit" className="btn btn-tape" disabled={add.isPending || !classes.length || !rooms.length}>
            Add the period
          </button>
          <button type="button" className="btn" onClick={onClose}>
            Leave it
          </button>
        </div>
      </form>
    </Floating>
  );
}
