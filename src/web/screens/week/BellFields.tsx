import type { WeekLetter } from '../../../core/model/timetable.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { useClassNames } from '../../parts/useClassNames.ts';

export interface BellTyped {
  start: string;
  end: string;
  classId: string;
  roomId: string;
  week?: WeekLetter;
}

interface Props {
  value: BellTyped;
  hasWeeks: boolean;
  /** Read aloud before each label: which row it is. */
  of?: string;
  onChange(change: Partial<BellTyped>): void;
}

/** From when to when, which class, which room, which week. */
export function BellFields({ value, hasWeeks, of = '', onChange }: Props) {
  const { classes, rooms, ofClass, ofRoom } = useClassNames();
  const quiet = of !== '';
  const label = (name: string) => (quiet ? `${of}: ${name}` : name);
  const choices = (list: readonly { id: string; name: string }[], at: string, gone: string) => [
    ...list.map((x) => [x.id, x.name] as const),
    ...(list.some((x) => x.id === at) ? [] : [[at, gone] as const]),
  ];
  const time = (key: 'start' | 'end', name: string) => (
    <label className="text-xs text-muted">
      <span className={quiet ? 'sr-only' : 'block'}>{label(name)}</span>
      <input
        type="time"
        className="field w-28 text-sm text-ink"
        value={value[key]}
        onChange={(e) => e.target.value && onChange({ [key]: e.target.value })}
      />
    </label>
  );
  return (
    <>
      {time('start', 'Starts')}
      {time('end', 'Ends')}
      <div className="w-40">
        <ChoiceField
          quiet={quiet}
          label={label('Class')}
          value={value.classId}
          options={choices(classes, value.classId, ofClass(value.classId))}
          onPick={(classId) => onChange({ classId })}
        />
      </div>
      <div className="w-40">
        <ChoiceField
          quiet={quiet}
          label={label('Room')}
          value={value.roomId}
          options={choices(rooms, value.roomId, ofRoom(value.roomId))}
          onPick={(roomId) => onChange({ roomId })}
        />
      </div>
      {hasWeeks && (
        <div className="w-28">
          <ChoiceField
            quiet={quiet}
            label={label('Weeks')}
            value={value.week ?? ''}
            options={[['', 'A and B'] as const, ['A', 'A only'] as const, ['B', 'B only'] as const]}
            onPick={(week) => onChange({ week: week === '' ? undefined : week })}
          />
        </div>
      )}
    </>
  );
}
