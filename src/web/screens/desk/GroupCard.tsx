import { useDroppable } from '@dnd-kit/core';
import { Lock, LockOpen } from 'lucide-react';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  index: number;
  size: number;
  /** Stuck down: chosen by the teacher or already seen. */
  pinned: boolean;
  locked: boolean;
  /** Pairs of it that were in one group before, where there is a past. */
  again: number | undefined;
  /** Undefined where groups cannot be locked: there is no game. */
  onLock: (() => void) | undefined;
  children: React.ReactNode;
}

/** A group under its pennant; students are dropped on it. */
export function GroupCard({ index, size, pinned, locked, again, onLock, children }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: `group-${index}`, disabled: locked });
  const Icon = locked ? Lock : LockOpen;
  return (
    <li
      ref={setNodeRef}
      className={`border-t-[1.5px] border-ink pt-1 ${pinned ? 'pressed' : ''} ${isOver ? 'bg-tint' : ''} ${locked ? 'bg-[#f3f1ea]' : ''}`}
    >
      <p className="flex items-center gap-2">
        <Pennant index={index} width={28} />
        <span className="head text-base">{index + 1}</span>
        <span className="text-xs text-muted">
          {size}
          {again !== undefined && (again ? ` · ${again} met` : ' · all new')}
        </span>
        {onLock && (
          <button
            type="button"
            aria-pressed={locked}
            aria-label={`Lock group ${index + 1}`}
            title={locked ? 'Nobody leaves or joins when groups are made again' : 'Keep this group as it is'}
            className={`ml-auto mr-2.5 flex h-6 w-6 items-center justify-center hover:bg-tint ${locked ? 'text-ink' : 'text-muted'}`}
            onClick={onLock}
          >
            <Icon size={14} aria-hidden="true" />
          </button>
        )}
      </p>
      <div className="flex flex-col">{children}</div>
    </li>
  );
}
