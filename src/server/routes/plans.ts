import { Router } from 'express';
import { z } from 'zod';
import { formatOf } from '../../core/formats/registry.ts';
import { applyEdit, Edit } from '../../core/model/edit.ts';
import { EDIT_VERSION, upgradeEdit } from '../../core/model/editVersion.ts';
import { EventId, HOME_SCHOOL, LessonId } from '../../core/model/ids.ts';
import type { Lesson } from '../../core/model/lesson.ts';
import { openLesson } from '../../core/model/newLesson.ts';
import { Attendance, clock, day, Period } from '../../core/model/period.ts';
import { newHeader } from '../../core/model/record.ts';
import { line, whole } from '../../core/model/text.ts';
import { NO_TIMETABLE } from '../../core/model/timetable.ts';
import { nextMeeting } from '../../core/rotation/schoolDays.ts';
import type { Database } from '../database.ts';
import { withDay } from '../dayBeside.ts';
import { readDesk, readDeskById, readDesks, readLesson } from '../deskInput.ts';
import { localTime } from '../localTime.ts';
import { Problem, readInput } from '../problem.ts';
import {
  attendanceRecords,
  classRecords,
  gameRecords,
  lessonRecords,
  periodRecords,
  roomRecords,
  schoolRecords,
} from '../repositories/index.ts';
import { appendLessonEdit, readLessonLog } from '../repositories/lessonLog.ts';
import { onDate } from './facts.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const EditRequest = z.object({
  id: EventId,
  revision: whole(0, 1e9),
  name: line(120),
  edit: Edit,
  undoes: whole(0, 1e9).optional(),
  redoes: whole(0, 1e9).optional(),
});
/** The version that an edit is written in; a window of an older Side Court says none. */
const EditVersion = z.object({ version: whole(1, EDIT_VERSION).optional() });
/** A lesson made for a period: an empty one, or a copy of another with edits on top; `replace` takes the place of one that is there. */
const NewLesson = z.object({ title: line(60), from: LessonId.optional(), edits: Edit.optional(), replace: z.boolean().optional() });

/** When a copy of a period is; who and where as in the original if absent. */
const CopyTo = z.object({ date: day, start: clock.optional(), end: clock.optional() });

async function checkPeriod(db: Database, period: Period): Promise<Period> {
  if (!(await classRecords.find(db, period.classId))) throw new Problem(400, 'bad-input', [{ path: ['classId'], code: 'unknown-id' }]);
  if (!(await roomRecords.find(db, period.roomId))) throw new Problem(400, 'bad-input', [{ path: ['roomId'], code: 'unknown-id' }]);
  for (const [i, id] of (period.guests ?? []).entries())
    if (!(await classRecords.find(db, id))) throw new Problem(400, 'bad-input', [{ path: ['guests', i], code: 'unknown-id' }]);
  if (period.lessonId && !(await lessonRecords.find(db, period.lessonId)))
    throw new Problem(400, 'bad-input', [{ path: ['lessonId'], code: 'unknown-id' }]);
  return period;
}

/** Settings are checked by the format of the block's game, deep inside `many` too: nothing out of bounds is stored. */
async function checkSettings(db: Database, lesson: Lesson, edit: Edit, path: (string | number)[]): Promise<void> {
  if (edit.kind === 'many') {
    for (const [i, each] of edit.edits.entries()) await checkSettings(db, lesson, each, [...path, 'edits', i]);
    return;
  }
  const block =
    edit.kind === 'insert-block' ? edit.block : edit.kind === 'set-setting' ? lesson.blocks.find((b) => b.id === edit.blockId) : undefined;
  if (!block?.game) return;
  const game = await gameRecords.find(db, block.game.gameId);
  if (!game) throw new Problem(400, 'bad-input', [{ path: [...path, 'gameId'], code: 'unknown-id' }]);
  const pairs = edit.kind === 'set-setting' ? [[edit.key, edit.value] as const] : Object.entries(block.game.settings);
  for (const [key, value] of pairs) {
    const code = formatOf(game.format).settingProblem(game.setup, key, value);
    if (code) throw new Problem(400, 'bad-input', [{ path: [...path, key], code }]);
  }
}

/** Another lesson as it stands now, under a new id, with edits on top; what was accepted there is open again. */
async function copyOf(db: Database, from: LessonId, id: LessonId, title: string, edits: Edit | undefined): Promise<Lesson> {
  const found = await readLesson(db, from);
  if (!found) throw new Problem(400, 'bad-input', [{ path: ['from'], code: 'unknown-id' }]);
  const copy: Lesson = { ...found, ...newHeader('lesson', 2), id, title, accepted: [] };
  if (!edits) return copy;
  await checkSettings(db, copy, edits, ['edits']);
  const applied = applyEdit(copy, edits);
  if (!applied.ok) throw new Problem(400, 'bad-input', [{ path: ['edits', applied.path], code: applied.code }]);
  return applied.lesson;
}

/** A period with a copy of a lesson in it. */
async function giveLesson(db: Database, period: Period, from: LessonId): Promise<Period> {
  const id = LessonId.parse(newId('l'));
  const found = await readLesson(db, from);
  const lesson = await copyOf(db, from, id, found?.title ?? '', undefined);
  return db.transaction(async (tx) => {
    await lessonRecords.add(tx, lesson);
    return periodRecords.put(tx, { ...period, lessonId: id });
  });
}

/** A new period, with a copy of a lesson if there is one. */
async function addWithLesson(db: Database, period: Period, from: LessonId | null): Promise<Period> {
  const added = await periodRecords.add(db, period);
  return from ? giveLesson(db, added, from) : added;
}

const later = <T extends { date: string; start: string }>(a: T, b: { date: string; start: string }) =>
  `${a.date} ${a.start}` > `${b.date} ${b.start}` ? a : b;

export function planRoutes(db: Database, now: () => number): Router {
  const router = Router();
  route(router, 'get', '/days/:date', async (req) => {
    const date = String(req.params.date);
    if (!/^\d{4}-\d{2}-\d{2}$/.test(date)) throw new Problem(400, 'bad-input', [{ path: ['date'], code: 'date' }]);
    const all = await periodRecords.list(db, onDate(date));
    const sorted = all.sort((a, b) => (a.start < b.start ? -1 : 1));
    return withDay(await readDesks(db, sorted));
  });
  route(router, 'post', '/periods', async (req) =>
    periodRecords.add(
      db,
      await checkPeriod(db, readInput(Period, { lessonId: null, ...bodyOf(req), ...newHeader('period', 1), id: newId('p') })),
    ),
  );
  route(router, 'put', '/periods/:id', async (req) => {
    const id = idParam(req);
    await periodRecords.get(db, id);
    return periodRecords.put(db, await checkPeriod(db, readInput(Period, { ...bodyOf(req), id })));
  });
  // Another period like it, at another time, with a copy of its lesson.
  route(router, 'post', '/periods/:id/copy', async (req) => {
    const period = await periodRecords.get(db, idParam(req));
    const { slot: _, cancelled: __, ...like } = period;
    const at = readInput(CopyTo, bodyOf(req));
    return addWithLesson(
      db,
      readInput(Period, { ...like, ...at, ...newHeader('period', 1), id: newId('p'), lessonId: null }),
      period.lessonId,
    );
  });
  // Its lesson once more, where its class meets next: in a period that is free, or in a new one made from the bell timetable.
  route(router, 'post', '/periods/:id/again', async (req) => {
    const period = await periodRecords.get(db, idParam(req));
    if (!period.lessonId) throw new Problem(409, 'no-lesson', [{ path: ['lessonId'], code: 'empty' }]);
    const { timetable = NO_TIMETABLE } = await schoolRecords.get(db, HOME_SCHOOL);
    const next = nextMeeting(timetable, period.classId, later(period, localTime(now())), await periodRecords.list(db));
    if (!next) throw new Problem(409, 'no-meeting', [{ path: ['date'], code: 'empty' }]);
    if (next.period) return { period: await giveLesson(db, await periodRecords.get(db, next.period), period.lessonId), isNew: false };
    const { weekday: _, week: __, id: slot, ...bell } = next.slot!;
    const { guests, adults } = period;
    const made = { ...bell, date: next.date, slot, ...(guests && { guests }), ...(adults && { adults }) };
    const added = await addWithLesson(
      db,
      await checkPeriod(db, readInput(Period, { ...made, ...newHeader('period', 1), id: newId('p'), lessonId: null })),
      period.lessonId,
    );
    return { period: added, isNew: true };
  });
  route(router, 'get', '/periods/:id/desk', (req) => readDeskById(db, idParam(req)));

  route(router, 'post', '/periods/:id/lesson', async (req) => {
    const period = await periodRecords.get(db, idParam(req));
    const { title, from, edits, replace } = readInput(NewLesson, bodyOf(req));
    if (period.lessonId && !replace) throw new Problem(409, 'repeated', [{ path: ['lessonId'], code: 'repeated' }]);
    const id = LessonId.parse(newId('l'));
    const lesson = from ? await copyOf(db, from, id, title, edits) : openLesson(id, title, () => newId('b'));
    await db.transaction(async (tx) => {
      await lessonRecords.add(tx, lesson);
      await periodRecords.put(tx, { ...period, lessonId: id });
    });
    return readDeskById(db, period.id);
  });

  route(router, 'put', '/periods/:id/attendance', async (req) => {
    const period = await periodRecords.get(db, idParam(req));
    const sent = readInput(Attendance, {
      ...newHeader('attendance', 1),
      ...bodyOf(req),
      kind: 'attendance',
      version: 1,
      periodId: period.id,
    });
    const there = new Set((await readDesk(db, period)).students.map((s) => s.id as string));
    for (const student of Object.keys(sent.entries))
      if (!there.has(student)) throw new Problem(400, 'bad-input', [{ path: ['entries', student], code: 'unknown-id' }]);
    const stored = await attendanceRecords.find(db, period.id);
    return stored ? attendanceRecords.put(db, sent) : attendanceRecords.add(db, { ...sent, revision: 1 });
  });

  route(router, 'get', '/lessons/:id/edits', async (req) => {
    const lesson = await lessonRecords.get(db, idParam(req));
    return readLessonLog(db, lesson.id);
  });
  route(router, 'post', '/lessons/:id/edits', async (req) => {
    const id = idParam(req);
    const body = bodyOf(req);
    const { version = 1 } = readInput(EditVersion, body);
    const request = readInput(EditRequest, { ...body, edit: upgradeEdit(body.edit, version) });
    await checkSettings(db, await lessonRecords.get(db, id), request.edit, ['edit']);
    return appendLessonEdit(db, id, request);
  });
  return router;
}
