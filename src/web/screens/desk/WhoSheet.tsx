import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  rectIntersection,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { FittedBlock, FittedLesson } from '../../../core/fit/fitted.ts';
import { pinGroupEdits } from '../../../core/fit/whatIf.ts';
import { uncapital } from '../../../core/formats/speak.ts';
import { pairKey } from '../../../core/groups/traits.ts';
import type { MetBefore } from '../../../core/live/met.ts';
import { type Edit, gesture } from '../../../core/model/edit.ts';
import type { BlockId, StudentId } from '../../../core/model/ids.ts';
import type { Lesson, Locks } from '../../../core/model/lesson.ts';
import { shortName } from '../../../core/model/names.ts';
import type { Presence, Role, Status } from '../../../core/model/period.ts';
import type { Student } from '../../../core/model/student.ts';
import { seedOf } from '../../../core/rng.ts';
import { AIM_WORDS } from '../../../core/words/groups.en.ts';
import { call, type Desk, problemWords } from '../../api.ts';
import { Problem } from '../../parts/Problem.tsx';
import { DealAgain } from './DealAgain.tsx';
import { carryingWords, groupByGroup, groupOf } from './dragWords.ts';
import { GoesOnChoice } from './GoesOnChoice.tsx';
import { GroupCard } from './GroupCard.tsx';
import { GroupNotes } from './GroupNotes.tsx';
import { RolesByRound } from './RolesByRound.tsx';
import { StudentChip } from './StudentChip.tsx';
import { useRegroupRequest } from './useRegroupRequest.ts';
import { groupsSeen } from './whatIf/useWhatIf.ts';

interface Props {
  desk: Desk;
  lesson: Lesson;
  fitted: FittedLesson;
  block: FittedBlock | undefined;
  perform(edit: Edit, name?: string): void;
}

/** Pixels a pointer moves before a press is a drag. */
const DRAG_PX = 6;
const NO_LOCKS: Locks = { students: [], groups: [] };

/** Groups under their pennants and who has another role today: students are dragged, locked and dealt again; wishes and history shown. */
export function WhoSheet({ desk, lesson, fitted, block, perform }: Props) {
  const client = useQueryClient();
  const [problem, setProblem] = useState('');
  const [carried, setCarried] = useState<string | null>(null);
  const [looked, setLooked] = useState<string | null>(null);
  const past = useQuery({
    queryKey: ['met', desk.schoolClass.id],
    queryFn: () => call<MetBefore>('GET', `/classes/${desk.schoolClass.id}/met`),
  }).data;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: groupByGroup, keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space'] } }),
  );
  const entries: Record<string, Presence> = desk.attendance?.entries ?? {};
  const byId = useMemo(() => new Map(desk.students.map((s) => [s.id as string, s])), [desk.students]);
  const nameOf = (id: string) => (byId.has(id) ? shortName(byId.get(id)!, desk.students) : id);
  const gameBlock = block?.game ? block : fitted.blocks.find((b) => b.game);
  const groups = gameBlock?.game?.groups ?? [fitted.people.playing];
  const others = desk.students.filter((s) => !fitted.people.playing.includes(s.id));
  const chosen = lesson.blocks.find((b) => b.id === gameBlock?.id)?.game;
  const locks = chosen?.locks ?? NO_LOCKS;
  const request = useRegroupRequest(desk, gameBlock, fitted.people.playing, locks, past, seedOf(`${gameBlock?.id} ${lesson.revision}`));

  const setPresence = async (student: StudentId, status: Status, role: Role) => {
    const next = { ...entries, [student]: { status, role } };
    if (status === 'present' && role === 'plays') delete next[student];
    // Groups that everybody sees stay as they are around who comes and goes.
    const stick = pinGroupEdits(lesson, groupsSeen(fitted));
    if (stick.length) perform(gesture(stick), 'pin groups');
    try {
      await call('PUT', `/periods/${desk.period.id}/attendance`, { revision: desk.attendance?.revision ?? 0, entries: next });
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
    await client.invalidateQueries({ queryKey: ['desk', desk.period.id] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  const setGroups = (next: string[][] | null, name: string) =>
    gameBlock && perform({ kind: 'set-groups', blockId: gameBlock.id as BlockId, groups: next as StudentId[][] | null }, name);
  const toGroup = (student: string, to: number) => {
    if (groups[to]?.includes(student)) return;
    const next = groups.map((g, i) => (i === to ? [...g.filter((id) => id !== student), student] : g.filter((id) => id !== student)));
    setGroups(next, `move ${nameOf(student)} to group ${to + 1}`);
  };
  /** What is locked is seen to stay, so the groups are stuck down with it. */
  const setLocks = (next: Locks, name: string) => {
    if (!gameBlock) return;
    const blockId = gameBlock.id as BlockId;
    const lock: Edit = { kind: 'set-locks', blockId, locks: next.students.length + next.groups.length ? next : null };
    perform(
      chosen?.groups ? lock : { kind: 'many', edits: [{ kind: 'set-groups', blockId, groups: groups as StudentId[][] }, lock] },
      name,
    );
  };
  const lockStudent = (id: StudentId) => {
    const locked = locks.students.includes(id);
    const students = locked ? locks.students.filter((s) => s !== id) : [...locks.students, id];
    setLocks({ ...locks, students }, `${locked ? 'unlock' : 'lock'} ${nameOf(id)}`);
  };
  const lockGroup = (g: number) => {
    const locked = locks.groups.includes(g);
    setLocks(
      { ...locks, groups: locked ? locks.groups.filter((l) => l !== g) : [...locks.groups, g] },
      `${locked ? 'unlock' : 'lock'} group ${g + 1}`,
    );
  };
  const chip = (student: Student, group?: number) => (
    <StudentChip
      among={desk.students}
      key={student.id}
      student={student}
      entry={entries[student.id]}
      groups={gameBlock ? groups.length : 0}
      group={gameBlock ? group : undefined}
      locked={locks.students.includes(student.id) || (group !== undefined && locks.groups.includes(group))}
      met={looked && looked !== student.id ? past?.met[pairKey(looked, student.id)] : undefined}
      onPresence={setPresence}
      onGroup={(to) => toGroup(student.id, to)}
      onLock={() => lockStudent(student.id)}
      onLook={setLooked}
    />
  );
  const againIn = (group: readonly string[]) =>
    past?.lessons ? group.reduce((sum, a, i) => sum + group.slice(0, i).filter((b) => past.met[pairKey(a, b)]).length, 0) : undefined;
  return (
    <div className="p-4">
      <div className="mb-2 flex items-center justify-between gap-3">
        <p>
          <strong>{fitted.people.playing.length}</strong> of {desk.students.length} play{gameBlock ? `, ${groups.length} groups` : ''}
        </p>
        {gameBlock && groups.length > 1 && (
          <div className="flex gap-2">
            <Link className="btn flex items-center" to={`/desk/${desk.period.id}/rotation?block=${gameBlock.id}`}>
              Rotation
            </Link>
            {chosen?.groups ? (
              <button type="button" className="btn" onClick={() => setGroups(null, 'make groups automatically')}>
                Make groups automatically
              </button>
            ) : (
              <button type="button" className="btn" onClick={() => setGroups(groups, 'pin groups')}>
                Pin groups
              </button>
            )}
            <DealAgain
              request={request}
              onDeal={(found, aim) =>
                setGroups(found.groups, `make groups again: ${uncapital(AIM_WORDS[aim].name)}, ${found.moved.length} change group`)
              }
            />
          </div>
        )}
      </div>
      <Problem text={problem} />
      <GoesOnChoice {...{ lesson, perform }} block={gameBlock} />
      <DndContext
        sensors={sensors}
        collisionDetection={(args) => {
          const under = pointerWithin(args);
          return under.length ? under : rectIntersection(args);
        }}
        accessibility={{
          announcements: carryingWords(nameOf),
          screenReaderInstructions: { draggable: 'Space picks the student up, enter opens the menu.' },
        }}
        onDragStart={({ active }) => setCarried(String(active.id))}
        onDragCancel={() => setCarried(null)}
        onDragEnd={({ active, over }) => {
          setCarried(null);
          const to = groupOf(over?.id);
          if (to !== undefined) toGroup(String(active.id), to);
        }}
      >
        <ul aria-label="Groups" className="grid grid-cols-3 gap-x-3 gap-y-2.5 max-[1100px]:grid-cols-2">
          {groups.map((group, g) => (
            <GroupCard
              key={`group-${g + 1}`}
              index={g}
              size={group.length}
              pinned={!!chosen?.groups}
              locked={locks.groups.includes(g)}
              again={againIn(group)}
              onLock={gameBlock && groups.length > 1 ? () => lockGroup(g) : undefined}
            >
              {group.map((id) => byId.get(id)).map((s) => s && chip(s, g))}
            </GroupCard>
          ))}
        </ul>
        {gameBlock?.game && <RolesByRound game={gameBlock.game} nameOf={nameOf} />}
        <DragOverlay dropAnimation={null}>
          {carried && (
            <span className="block border-[1.5px] border-ink bg-paper px-2 py-0.5 shadow-lg" aria-hidden="true">
              {nameOf(carried)}
            </span>
          )}
        </DragOverlay>
      </DndContext>
      {others.length > 0 && (
        <section className="mt-4">
          <h2 className="mb-1 text-base">Not in the groups today</h2>
          <div className="grid grid-cols-2 gap-x-3">{others.map((s) => chip(s))}</div>
        </section>
      )}
      <GroupNotes desk={desk} groups={groups} fitted={fitted} block={gameBlock?.id} past={past} nameOf={nameOf} />
    </div>
  );
}
