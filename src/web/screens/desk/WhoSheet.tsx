import { useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { FittedBlock, FittedLesson } from '../../../core/fit/fitted.ts';
import type { Edit } from '../../../core/model/edit.ts';
import type { BlockId, StudentId } from '../../../core/model/ids.ts';
import { type Presence, ROLES, type Role, STATUSES, type Status, USUAL_ROLE } from '../../../core/model/period.ts';
import { type Student, shortName } from '../../../core/model/student.ts';
import { ROLE_WORDS, STATUS_WORDS } from '../../../core/words/en.ts';
import { call, type Desk, problemWords } from '../../api.ts';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  desk: Desk;
  fitted: FittedLesson;
  block: FittedBlock | undefined;
  perform(edit: Edit, name?: string): void;
}

/** Groups under their pennants and who has another role today. A student's menu changes presence, role or group. */
export function WhoSheet({ desk, fitted, block, perform }: Props) {
  const client = useQueryClient();
  const [problem, setProblem] = useState('');
  const entries: Record<string, Presence> = desk.attendance?.entries ?? {};
  const byId = new Map(desk.students.map((s) => [s.id as string, s]));
  const groups = block?.game?.groups ?? fitted.blocks.find((b) => b.game)?.game?.groups ?? [fitted.people.playing];
  const gameBlock = block?.game ? block : fitted.blocks.find((b) => b.game);
  const others = desk.students.filter((s) => !fitted.people.playing.includes(s.id));

  const setPresence = async (student: StudentId, status: Status, role: Role) => {
    const next = { ...entries, [student]: { status, role } };
    if (status === 'present' && role === 'plays') delete next[student];
    try {
      await call('PUT', `/periods/${desk.period.id}/attendance`, { revision: desk.attendance?.revision ?? 0, entries: next });
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
    await client.invalidateQueries({ queryKey: ['desk', desk.period.id] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  const toGroup = (student: Student, to: number) => {
    if (!gameBlock) return;
    const next = groups.map((g, i) =>
      i === to ? [...g.filter((id) => id !== student.id), student.id] : g.filter((id) => id !== student.id),
    );
    perform(
      { kind: 'set-groups', blockId: gameBlock.id as BlockId, groups: next as StudentId[][] },
      `move ${shortName(student)} to group ${to + 1}`,
    );
  };
  const pinned = gameBlock && desk.lesson?.blocks.find((b) => b.id === gameBlock.id)?.game?.groups;
  const chip = (student: Student) => (
    <StudentChip
      key={student.id}
      student={student}
      entry={entries[student.id]}
      groups={gameBlock ? groups.length : 0}
      onPresence={setPresence}
      onGroup={(to) => toGroup(student, to)}
    />
  );
  return (
    <div className="p-4">
      <div className="mb-2 flex items-center justify-between gap-3">
        <p>
          <strong>{fitted.people.playing.length}</strong> of {desk.students.length} play{gameBlock ? `, ${groups.length} groups` : ''}
        </p>
        {gameBlock && pinned && (
          <button
            type="button"
            className="btn"
            onClick={() => perform({ kind: 'set-groups', blockId: gameBlock.id as BlockId, groups: null }, 'deal the groups anew')}
          >
            Deal anew
          </button>
        )}
        {gameBlock && !pinned && groups.length > 1 && (
          <button
            type="button"
            className="btn"
            onClick={() =>
              perform({ kind: 'set-groups', blockId: gameBlock.id as BlockId, groups: groups as StudentId[][] }, 'stick the groups down')
            }
          >
            Stick these groups down
          </button>
        )}
      </div>
      {problem && (
        <p role="alert" className="mb-2 text-stop">
          {problem}
        </p>
      )}
      <ul className="grid grid-cols-3 gap-x-3 gap-y-2.5 max-[1100px]:grid-cols-2">
        {groups.map((group, g) => (
          <li key={`group-${g + 1}`} className={pinned ? 'pressed border-t-[1.5px] border-ink pt-1' : 'border-t-[1.5px] border-ink pt-1'}>
            <p className="flex items-center gap-2">
              <Pennant index={g} width={28} />
              <span className="head text-base">{g + 1}</span>
              <span className="text-xs text-muted">{group.length}</span>
            </p>
            <div className="flex flex-col">{group.map((id) => byId.get(id)).map((s) => s && chip(s))}</div>
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <section className="mt-4">
          <h2 className="mb-1 text-base">Not in the groups today</h2>
          <div className="grid grid-cols-2 gap-x-3">{others.map(chip)}</div>
        </section>
      )}
      <p className="mt-4 text-xs text-muted">
        Ratings and wishes stay here and in Classes; nothing of them goes on a wall, a card or an export.
      </p>
    </div>
  );
}

interface ChipProps {
  student: Student;
  entry: { status: Status; role: Role } | undefined;
  groups: number;
  onPresence(student: StudentId, status: Status, role: Role): void;
  onGroup(to: number): void;
}

function StudentChip({ student, entry, groups, onPresence, onGroup }: ChipProps) {
  const said = entry ? `${STATUS_WORDS[entry.status]}, ${ROLE_WORDS[entry.role]}` : '';
  const item = 'flex cursor-pointer items-center gap-2 px-3 py-1.5 outline-none data-[highlighted]:bg-tint';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="w-full rounded-sm py-0.5 text-left hover:bg-tint data-[state=open]:bg-tint"
        title={`${student.givenName} ${student.familyName}`}
      >
        {shortName(student)}
        {said && <span className="block text-xs leading-4 text-caution">{said}</span>}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          collisionPadding={8}
          className="z-50 max-h-[80vh] min-w-56 overflow-auto border-[1.5px] border-ink bg-paper py-1 shadow-lg"
        >
          <DropdownMenu.Label className="px-3 py-1 text-xs text-muted">
            {student.givenName} {student.familyName} today
          </DropdownMenu.Label>
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
          {groups > 1 && <DropdownMenu.Separator className="my-1 border-t" />}
          {groups > 1 &&
            Array.from({ length: groups }, (_, g) => (
              <DropdownMenu.Item key={`to-${g + 1}`} className={item} onSelect={() => onGroup(g)}>
                <Pennant index={g} width={22} /> to group {g + 1}
              </DropdownMenu.Item>
            ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
