import { eq } from 'drizzle-orm';
import { Router } from 'express';
import { z } from 'zod';
import { PAINTED_KINDS } from '../../content/paintedSets.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { day } from '../../core/model/period.ts';
import { newHeader } from '../../core/model/record.ts';
import { plainRoom, Room } from '../../core/model/room.ts';
import { School } from '../../core/model/school.ts';
import { readAside } from '../aside/readAside.ts';
import type { Database } from '../database.ts';
import { readInput } from '../problem.ts';
import { roomRecords, schoolRecords } from '../repositories/index.ts';
import { periods } from '../tables.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const CalendarFile = z.object({ text: z.string().min(1, { message: 'empty' }).max(500_000, { message: 'too-long' }), from: day });

/** What a new room is where its body does not say: a plain one of that outline. */
function plainFor({ outline }: Record<string, unknown>) {
  return Array.isArray(outline) ? plainRoom(outline) : {};
}

/** The school, its rooms, its games. */
export function factRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/school', () => schoolRecords.get(db, HOME_SCHOOL));
  route(router, 'put', '/school', (req) => schoolRecords.put(db, readInput(School, { ...bodyOf(req), schoolId: HOME_SCHOOL })));

  // Days without school from a calendar file, looked at; they are stored with the school.
  route(router, 'post', '/school/holidays', async (req) => {
    const { text, from } = readInput(CalendarFile, bodyOf(req));
    return readAside('holidays', text, from);
  });

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
  // What is commonly painted on floors, by size.
  route(router, 'get', '/painted-lines', async () => PAINTED_KINDS);

  return router;
}

export const onDate = (date: string) => eq(periods.date, date);
