import { useDraggable } from '@dnd-kit/core';
import { Lock } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useRef, useState } from 'react';
import type { StudentId } from '../../../core/model/ids.ts';
import { shortName, wholeName } from '../../../core/model/names.ts';
import { type Presence, ROLES, type Role, STATUSES, type Status, USUAL_ROLE } from '../../../core/model/period.ts';
import type { Student } from '../../../core/model/student.ts';
import { ROLE_WORDS, STATUS_WORDS } from '../../../core/words/en.ts';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  student: Student;
  entry: Presence | undefined;
  /** How many groups there are to go to; 0 where there is no game. */
  groups: number;
  /** The group it is in; undefined where it is in none today. */
  group: number | undefined;
  locked: boolean;
  /** Everyone of the lesson: names are unique among them. */
  among: readonly Student[];
  /** Lessons together with the student who is looked at. */
  met: number | undefined;
  onPresence(student: StudentId, status: Status, role: Role): void;
  onGroup(to: number): void;
  onLock(): void;
  onLook(student: string | null): void;
}

/** A student: dragged to another group, with the space bar and the arrow keys too; its menu changes presence, role, group and lock. */
export function StudentChip({ student, among, entry, groups, group, locked, met, onPresence, onGroup, onLock, onLook }: Props) {
  const [open, setOpen] = useState(false);
  const carrying = useRef(false);
  const moves = group !== undefined && groups > 1 && !locked;
  const { setNodeRef, listeners, attributes, isDragging } = useDraggable({ id: student.id, disabled: !moves });
  const said = entry ? [STATUS_WORDS[entry.status], ...(entry.role === entry.status ? [] : [ROLE_WORDS[entry.role]])].join(', ') : '';
  const item = 'flex cursor-pointer items-center gap-2 px-3 py-1.5 outline-none data-[highlighted]:bg-tint';
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen}>
      <DropdownMenu.Trigger
        ref={setNodeRef}
        className={`flex w-full items-baseline gap-1 rounded-sm py-0.5 text-left hover:bg-tint data-[state=open]:bg-tint ${isDragging ? 'opacity-40' : ''} ${moves ? 'cursor-grab touch-none' : ''}`}
        title={wholeName(student, among)}
        aria-describedby={moves ? attributes['aria-describedby'] : undefined}
        onKeyDown={(e) => {
          carrying.current = e.key === ' ';
          if (carrying.current) listeners?.onKeyDown?.(e);
        }}
        onPointerDown={(e) => {
          listeners?.onPointerDown?.(e);
          // The menu opens on the click, so that a drag does not open it.
          e.preventDefault();
        }}
        onClick={() => {
          // The space bar that picked the student up ends in a click of its own.
          if (!carrying.current || !moves) setOpen(true);
          carrying.current = false;
        }}
        onPointerEnter={() => onLook(student.id)}
        onPointerLeave={() => onLook(null)}
        onFocus={() => onLook(student.id)}
        onBlur={() => onLook(null)}
      >
        <span className="min-w-0">
          {shortName(student, among)}
          {said && <span className="block text-xs leading-4 text-caution">{said}</span>}
        </span>
        {locked && <Lock size={12} aria-label="locked" className="shrink-0 self-center" />}
        {met !== undefined && met > 0 && (
          <span className="ml-auto shrink-0 bg-tint px-1 text-xs leading-4 text-tape" title={`${met} lessons together`}>
            {met}×
          </span>
        )}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          collisionPadding={8}
          className="z-50 max-h-[var(--radix-dropdown-menu-content-available-height)] min-w-56 overflow-auto border-[1.5px] border-ink bg-paper py-1 shadow-lg"
        >
          <DropdownMenu.Label className="px-3 py-1 text-xs text-muted">{wholeName(student, among)} today</DropdownMenu.Label>
          {STATUSES.map((status) => (
            <DropdownMenu.Item key={status} className={item} onSelect={() => onPresence(student.id, status, USUAL_ROLE[status])}>
              {STATUS_WORDS[status]} <span className="text-xs text-muted">{ROLE_WORDS[USUAL_ROLE[status]]}</span>
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="my-1 border-t" />
          <DropdownMenu.Label className="px-3 py-1 text-xs text-muted">Another role</DropdownMenu.Label>
          {ROLES.filter((r) => r !== 'away').map((role) => (
            <DropdownMenu.Item key={role} className={item} onSelect={() => onPresence(student.id, entry?.status ?? 'present', role)}>
              {ROLE_WORDS[role]}
            </DropdownMenu.Item>
          ))}
          {group !== undefined && groups > 1 && (
            <>
              <DropdownMenu.Separator className="my-1 border-t" />
              <DropdownMenu.Item className={item} onSelect={onLock}>
                {locked ? 'Unlock' : `Lock in group ${group + 1}`}
              </DropdownMenu.Item>
              {!locked &&
                Array.from({ length: groups }, (_, g) => (
                  <DropdownMenu.Item key={`to-${g + 1}`} className={item} disabled={g === group} onSelect={() => onGroup(g)}>
                    <Pennant index={g} width={22} /> to group {g + 1}
                  </DropdownMenu.Item>
                ))}
            </>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
