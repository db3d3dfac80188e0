import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { type FitDiff, fitDiff } from '../../../../core/fit/fitDiff.ts';
import type { FitInput, FittedLesson } from '../../../../core/fit/fitted.ts';
import { halfOf, type SeenGroups, type Supposed, suppose } from '../../../../core/fit/whatIf.ts';
import { type Edit, gesture } from '../../../../core/model/edit.ts';
import type { Lesson } from '../../../../core/model/lesson.ts';
import { shortName } from '../../../../core/model/names.ts';
import type { Room } from '../../../../core/model/room.ts';
import { supposedWords } from '../../../../core/words/whatIf.en.ts';
import { call, problemWords } from '../../../api.ts';
import { useFitAtOnce } from '../../../worker/useFit.ts';

export interface WhatIf {
  list: readonly Supposed[];
  add(what: Supposed): void;
  remove(index: number): void;
  /** Makes it so: facts are stored, what the lesson lets go is one undoable edit. */
  keep(): Promise<void>;
  drop(): void;
  keeping: boolean;
  problem: string;
  /** The desk as supposed; null where nothing is. */
  input: FitInput | null;
  fitted: FittedLesson | null;
  diff: FitDiff | null;
  words: string[];
}

/** The groups of every game block as they are shown. */
export const groupsSeen = (fitted: FittedLesson): SeenGroups =>
  Object.fromEntries(fitted.blocks.flatMap((b) => (b.game ? [[b.id, b.game.groups]] : [])));

type Perform = (edit: Edit, name?: string) => void;

/** Something supposed beside the plan: fitted at once, compared with the plan, kept or dropped. */
export function useWhatIf(base: FitInput, fitted: FittedLesson | null, perform: Perform): WhatIf {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [list, setList] = useState<readonly Supposed[]>([]);
  const [keeping, setKeeping] = useState(false);
  const [problem, setProblem] = useState('');
  const seen = useRef<SeenGroups>({});
  if (fitted) seen.current = groupsSeen(fitted);
  const supposed = useMemo(() => (list.length ? suppose(base, list, seen.current) : null), [base, list]);
  const { fitted: after } = useFitAtOnce(supposed?.input ?? null);
  const shown = list.length ? after : null;
  const diff = useMemo(() => (fitted && shown ? fitDiff(fitted, shown) : null), [fitted, shown]);
  const name = (id: string) => {
    const there = [...base.students, ...(supposed?.input.students.filter((s) => !base.students.some((b) => b.id === s.id)) ?? [])];
    const found = there.find((s) => s.id === id);
    return found ? shortName(found, there) : id;
  };
  const words = list.map((what) => supposedWords(what, name));
  const drop = () => {
    setList([]);
    setProblem('');
  };
  const keep = async () => {
    if (!supposed) return;
    setKeeping(true);
    setProblem('');
    try {
      const elsewhere = list.find((what) => what.kind === 'period')?.desk.period.id;
      if (elsewhere) await copyTo(elsewhere, base.lesson, supposed.edits);
      else {
        await storeFacts(base, supposed.input, list.find((what) => what.kind === 'half-room')?.side);
        if (supposed.edits.length) perform(gesture(supposed.edits), `what if: ${words.join(', ')}`.slice(0, 120));
      }
      for (const key of ['desk', 'day', 'rooms', 'gear', 'days']) await client.invalidateQueries({ queryKey: [key] });
      drop();
      if (elsewhere) navigate(`/desk/${elsewhere}`);
    } catch (error) {
      setProblem(problemWords(error));
    }
    setKeeping(false);
  };
  return {
    list,
    add: (what) => setList((l) => [...l.filter((other) => !excludes(what, other)), what]),
    remove: (index) => setList((l) => l.filter((_, i) => i !== index)),
    keep,
    drop,
    keeping,
    problem,
    input: supposed?.input ?? null,
    fitted: shown,
    diff,
    words,
  };
}

const ROOMS = ['half-room', 'room'];
const CLASSES = ['class', 'absent'];
/** Two that cannot both be: another room twice, another class and who of this one is absent; another period stands alone. */
const excludes = (a: Supposed, b: Supposed) =>
  a.kind === 'period' ||
  b.kind === 'period' ||
  (ROOMS.includes(a.kind) && ROOMS.includes(b.kind)) ||
  (CLASSES.includes(a.kind) && CLASSES.includes(b.kind)) ||
  (a.kind === b.kind && a.kind !== 'gear-gone' && a.kind !== 'joins');

/** Stores what of the desk's facts is otherwise: period, attendance, gear. */
async function storeFacts(base: FitInput, to: FitInput, half: 0 | 1 | undefined): Promise<void> {
  if (to.period !== base.period) {
    const roomId = half === undefined ? to.period.roomId : await halfRoomId(base.room, half);
    await call('PUT', `/periods/${base.period.id}`, { ...to.period, roomId });
  }
  if (to.attendance !== base.attendance && (to.attendance || base.attendance)) {
    const sent = { revision: base.attendance?.revision ?? 0, entries: to.attendance?.entries ?? {} };
    await call('PUT', `/periods/${base.period.id}/attendance`, sent);
  }
  for (const [i, gear] of to.cupboard.entries()) if (gear.count !== base.cupboard[i].count) await call('PUT', `/gear/${gear.id}`, gear);
}

/** The lesson copied to another period; what it must let go there is done in the copy. */
async function copyTo(periodId: string, lesson: Lesson, edits: readonly Edit[]): Promise<void> {
  const body = { title: lesson.title, from: lesson.id, ...(edits.length && { edits: gesture(edits) }), replace: true };
  await call('POST', `/periods/${periodId}/lesson`, body);
}

/** The id of a half of a room: the part that is there already, else a new room. */
async function halfRoomId(room: Room, side: 0 | 1): Promise<Room['id']> {
  const half = halfOf(room, side);
  if (!half) throw new Error('this room cannot be halved');
  const there = (await call<Room[]>('GET', '/rooms')).find((r) => r.partOf === room.id && r.name === half.name);
  if (there) return there.id;
  const { id: _, revision: __, ...body } = half;
  return (await call<Room>('POST', '/rooms', body)).id;
}
