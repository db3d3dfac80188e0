import type { BellSlot } from '../../../core/model/timetable.ts';
import { shortBell } from '../../parts/now.ts';
import { useClassNames } from '../../parts/useClassNames.ts';

/** A period that the bell timetable has and nobody has planned. */
export function OpenSlot({ slot, onPlan }: { slot: BellSlot; onPlan(): void }) {
  const { ofClass } = useClassNames();
  return (
    <button
      type="button"
      className="mb-2 block w-full border-[1.5px] border-dashed border-paint px-4 py-2.5 text-left hover:bg-tint"
      onClick={onPlan}
    >
      <span className="head flex justify-between text-base">
        <span className="truncate">{ofClass(slot.classId)}</span>
        <span>
          {shortBell(slot.start)}–{shortBell(slot.end)}
        </span>
      </span>
      <span className="text-muted">from the timetable: plan a lesson</span>
    </button>
  );
}
