import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { BellSlot } from '../../../core/model/timetable.ts';
import { shortBell, WEEKDAYS } from '../../parts/now.ts';
import { BellFields } from './BellFields.tsx';

interface Props {
  slot: BellSlot;
  hasWeeks: boolean;
  onChange(next: BellSlot): Promise<void>;
  onRemove(): Promise<void>;
}

/** One period of the week, changed in place: it is saved once its bells are in order. */
export function SlotRow({ slot, hasWeeks, onChange, onRemove }: Props) {
  const [shown, setShown] = useState(slot);
  useEffect(() => setShown(slot), [slot]);
  const of = `${WEEKDAYS[slot.weekday - 1]} ${shortBell(slot.start)}`;
  const isWrong = shown.end <= shown.start;
  return (
    <li className="flex flex-wrap items-center gap-3 border-b py-1">
      <BellFields
        value={shown}
        {...{ hasWeeks, of }}
        onChange={(change) => {
          const next = { ...shown, ...change } as BellSlot;
          setShown(next);
          if (next.end > next.start) void onChange(next);
        }}
      />
      {isWrong && (
        <span role="alert" className="text-stop">
          Ends before it starts
        </span>
      )}
      <button
        type="button"
        className="ml-auto flex h-9 w-9 items-center justify-center hover:bg-tint"
        aria-label={`Remove ${of}`}
        onClick={() => void onRemove()}
      >
        <X size={15} aria-hidden="true" />
      </button>
    </li>
  );
}
