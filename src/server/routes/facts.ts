import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { PAINTED_KINDS } from '../../content/paintedSets.ts';
import { type ClassId, HOME_SCHOOL } from '../../core/model/ids.ts';
import { newHeader } from '../../core/model/record.ts';
import { plainRoom, Room } from '../../core/model/room.ts';
import { School } from '../../core/model/school.ts';
import type { Database } from '../database.ts';
import { Problem, readInput } from '../problem.ts';
import { gameRecords, periodRecords, roomRecords, schoolRecords } from '../repositories/index.ts';
import { periods } from '../tables.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

/** What a new room is where its body does not say: a plain one of that outline. */
function plainFor({ outline }: Record<string, unknown>) {
  return Array.isArray(outline) ? plainRoom(outline) : {};
}

/** The school, its rooms, its games. */
export function factRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/school', () => schoolRecords.get(db, HOME_SCHOOL));
  route(router, 'put', '/school', (req) => schoolRecords.put(db, readInput(School, { ...bodyOf(req), schoolId: HOME_SCHOOL })));

  route(router, 'get', '/rooms', () => roomRecords.list(db));
  route(router, 'get', '/rooms/:id', (req) => roomRecords.get(db, idParam(req)));
  route(router, 'post', '/rooms', (req) =>
    roomRecords.add(db, readInput(Room, { ...plainFor(bodyOf(req)), ...bodyOf(req), ...newHeader('room', 3), id: newId('r') })),
  );
  route(router, 'put', '/rooms/:id', async (req) => {
    const id = idParam(req);
    await roomRecords.get(db, id);
    return roomRecords.put(db, readInput(Room, { ...bodyOf(req), id }));
  });
  route(router, 'delete', '/rooms/:id', async (req) => {
    const id = idParam(req);
    const all = await periodRecords.list(db);
    if (all.some((p) => p.roomId === id)) throw new Problem(409, 'in-use', [{ path: ['id'], code: 'in-use' }]);
    await roomRecords.remove(db, id);
  });

  // What is commonly painted on floors, by size.
  route(router, 'get', '/painted-lines', async () => PAINTED_KINDS);

  route(router, 'get', '/games', () => gameRecords.list(db));
  return router;
}

/** Periods that a class stands in; a class with any cannot be removed. */
export async function periodsOfClass(db: Database, classId: string) {
  return (await periodRecords.list(db)).filter((p) => [p.classId, ...(p.guests ?? [])].includes(classId as ClassId));
}
export const onDate = (date: string) => eq(periods.date, date);
