import { Router } from 'express';
import { z } from 'zod';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { GEAR_NAMES } from '../../content/gearWords.ts';
import { HOME_MADE } from '../../content/homeMade.ts';
import type { GearAnswer, GearPreview, GearRow } from '../../core/exchange/gearCsv.ts';
import { type GearName, type GearVocabulary, kindOfName } from '../../core/gear/gearNames.ts';
import { making } from '../../core/gear/homeMade.ts';
import { kindCalled, kindsOf, newKind } from '../../core/gear/kinds.ts';
import { Gear } from '../../core/model/gear.ts';
import { GearFamily, GearKind } from '../../core/model/gearKind.ts';
import { HOME_SCHOOL } from '../../core/model/ids.ts';
import { newHeader } from '../../core/model/record.ts';
import { School } from '../../core/model/school.ts';
import { line, mapKey, optionalLine, whole } from '../../core/model/text.ts';
import { readAside } from '../aside/readAside.ts';
import type { Database } from '../database.ts';
import { Problem, readInput } from '../problem.ts';
import { gearRecords, schoolRecords } from '../repositories/index.ts';
import { bodyOf, idParam, newId, route } from './route.ts';

const ImportRequest = z.object({
  text: z.string().min(1, { message: 'empty' }).max(500_000, { message: 'too-long' }),
  /** What the teacher said of rows: a kind that there is, or the family of a new one; how many, where the list has no count. */
  answers: z
    .array(
      z.object({
        row: whole(1, 3000),
        kind: mapKey(40).optional(),
        family: GearFamily.optional(),
        count: whole(0, 999).optional(),
      }),
    )
    .max(2000, { message: 'too-many' })
    .optional(),
  commit: z.boolean().optional(),
});
const Told = z.object({ name: line(60), kind: mapKey(40) });
/** The most names that a school teaches; the oldest is forgotten. */
const MOST_TAUGHT = 400;
const Made = z.object({ count: whole(1, 200), place: optionalLine(60) });

const kindsHere = async (db: Database) => {
  const school = await schoolRecords.get(db, HOME_SCHOOL);
  const vocabulary: GearVocabulary = { names: GEAR_NAMES, taught: school.gearNames };
  return { school, kinds: kindsOf(GEAR_CATALOGUE, school.gearKinds), vocabulary };
};

/** Remembers what the school calls gear of a kind: read so from now on. What is read so anyhow is not kept. */
async function teach(db: Database, told: readonly GearName[]): Promise<void> {
  const { school, kinds, vocabulary } = await kindsHere(db);
  const others = told.filter(({ name, kind }) => kindOfName(name, kinds, vocabulary) !== kind);
  // That nobody knows what it is, is nothing to remember: what was told before is forgotten.
  const fresh = others.filter((t) => t.kind !== 'other').map((t) => readInput(Told, t));
  const names = new Set(others.map((t) => t.name.toLowerCase()));
  const before = school.gearNames ?? [];
  const kept = before.filter((t) => !names.has(t.name.toLowerCase()));
  if (!fresh.length && kept.length === before.length) return;
  await schoolRecords.put(db, readInput(School, { ...school, gearNames: [...kept, ...fresh].slice(-MOST_TAUGHT) }));
}

/** Adds kinds to the school's own. */
async function addKinds(db: Database, fresh: readonly GearKind[]): Promise<void> {
  if (!fresh.length) return;
  const school = await schoolRecords.get(db, HOME_SCHOOL);
  await schoolRecords.put(db, readInput(School, { ...school, gearKinds: [...(school.gearKinds ?? []), ...fresh] }));
}

/** The items of a kind with so many fewer, the fullest first; none goes below nothing. */
function usedUp(gear: readonly Gear[], kind: string, count: number): Gear[] {
  let left = count;
  const items = gear.filter((g) => g.gearKind === kind && g.count > 0).sort((a, b) => b.count - a.count);
  return items.flatMap((item) => {
    const taken = Math.min(left, item.count);
    left -= taken;
    return taken ? [{ ...item, count: item.count - taken }] : [];
  });
}

/** The item of a row's name, and of its place if it says one. */
const itemOf = (gear: readonly Gear[], { fields }: GearRow): Gear | undefined =>
  gear.find(
    (g) =>
      g.name.toLowerCase() === fields.name.toLowerCase() &&
      (fields.place === undefined || g.place.toLowerCase() === fields.place.toLowerCase()),
  );
const isSame = (item: Gear, { fields }: GearRow): boolean =>
  Object.entries(fields).every(([key, value]) => item[key as keyof Gear] === value);

/** What a list would do, with the item that each of its changes is for. */
async function lookAt(
  db: Database,
  text: string,
  answers: GearAnswer[],
): Promise<{ preview: GearPreview; changes: { item: Gear; row: GearRow }[] }> {
  const { kinds, vocabulary } = await kindsHere(db);
  const gear = await gearRecords.list(db);
  const list = await readAside('gear', text, kinds, { vocabulary, answers });
  const rows = list.rows.map((row) => ({ row, item: itemOf(gear, row) }));
  const added = rows.flatMap(({ row, item }) => (item ? [] : [row]));
  const changes = rows.flatMap(({ row, item }) => (item && !isSame(item, row) ? [{ item, row }] : []));
  const same = rows.length - added.length - changes.length;
  return { preview: { ...list, added, changed: changes.map(({ row }) => row), same }, changes };
}

/** The gear closet: its lines, the kinds that there are, lists in. */
export function gearRoutes(db: Database): Router {
  const router = Router();
  route(router, 'get', '/gear', () => gearRecords.list(db));
  // The catalogue, with the school's own kinds before it.
  route(router, 'get', '/gear-kinds', async () => (await kindsHere(db)).kinds);
  // What kinds are called: by everybody, and by this school.
  route(router, 'get', '/gear-names', async () => (await kindsHere(db)).vocabulary);
  // A name and a count are enough: the kind is read from the name. A kind that nobody knows is the school's own from now on, if its family is said.
  route(router, 'post', '/gear', async (req) => {
    const { family, ...body } = bodyOf(req);
    const { kinds, vocabulary } = await kindsHere(db);
    const named = typeof body.gearKind === 'string' && body.gearKind.trim() !== '' ? body.gearKind.trim() : undefined;
    const gearKind = named ?? kindOfName(String(body.name ?? ''), kinds, vocabulary);
    const gear = readInput(Gear, { place: '', ...body, gearKind, ...newHeader('gear', 2), id: newId('g') });
    if (kinds.some((k) => k.kind === gearKind))
      return db.transaction(async (tx) => {
        if (named) await teach(tx, [{ name: gear.name, kind: gearKind }]);
        return gearRecords.add(tx, gear);
      });
    if (family === undefined) throw new Problem(400, 'bad-input', [{ path: ['gearKind'], code: 'unknown-kind' }]);
    const own = newKind(readInput(GearKind.shape.kind, gearKind), readInput(GearFamily, family));
    return db.transaction(async (tx) => {
      await addKinds(tx, [own]);
      return gearRecords.add(tx, gear);
    });
  });
  // Looked at first, then stored whole or not at all.
  route(router, 'post', '/gear/import', async (req) => {
    const { text, answers = [], commit } = readInput(ImportRequest, bodyOf(req));
    return db.transaction(async (tx) => {
      const { preview, changes } = await lookAt(tx, text, answers);
      if (!commit) return preview;
      if (preview.errors.length) {
        const issues = preview.errors.map((e) => ({ path: ['row', e.row, e.column], code: e.code }));
        throw new Problem(400, 'bad-input', issues, { preview });
      }
      await addKinds(tx, preview.kinds);
      const said = new Set(answers.filter((a) => a.kind ?? a.family).map((a) => a.row));
      await teach(
        tx,
        preview.rows.filter((r) => said.has(r.row)).map(({ fields }) => ({ name: fields.name, kind: fields.gearKind })),
      );
      for (const { item, row } of changes) await gearRecords.put(tx, readInput(Gear, { ...item, ...row.fields }));
      for (const { fields } of preview.added)
        await gearRecords.add(tx, readInput(Gear, { place: '', ...fields, ...newHeader('gear', 2), id: newId('g') }));
      return preview;
    });
  });
  // What a school can make itself.
  route(router, 'get', '/home-made', async () => HOME_MADE);
  // Some of it were made: they are in the closet now, and what was used up for them is not.
  route(router, 'post', '/home-made/:id/made', async (req) => {
    const thing = HOME_MADE.find((t) => t.id === idParam(req));
    if (!thing) throw new Problem(404, 'unknown-id', [{ path: ['id'], code: 'unknown-id' }]);
    const { count, place } = readInput(Made, bodyOf(req));
    return db.transaction(async (tx) => {
      const gear = await gearRecords.list(tx);
      for (const { gearKind, isKept, count: used } of making(thing, gear, count).materials)
        if (gearKind !== undefined && !isKept) for (const item of usedUp(gear, gearKind, used)) await gearRecords.put(tx, item);
      const { title, gearKind, properties, limits } = thing;
      const was = gear.find((g) => g.name === title && g.place === place);
      if (was) return gearRecords.put(tx, { ...was, count: Math.min(999, was.count + count) });
      const made = { name: title, gearKind, count, place, ...properties, limits, ...newHeader('gear', 2), id: newId('g') };
      return gearRecords.add(tx, readInput(Gear, made));
    });
  });
  // A kind that is corrected is remembered: what is called so is read so.
  route(router, 'put', '/gear/:id', async (req) => {
    const id = idParam(req);
    return db.transaction(async (tx) => {
      const { family, ...body } = bodyOf(req);
      const before = await gearRecords.get(tx, id);
      // A family instead of a kind: a kind of its own, called as the item is.
      const own = family === undefined ? undefined : newKind(kindCalled(before.name), readInput(GearFamily, family));
      if (own && !(await kindsHere(tx)).kinds.some((k) => k.kind === own.kind)) await addKinds(tx, [own]);
      const next = await gearRecords.put(tx, readInput(Gear, { ...body, ...(own ? { gearKind: own.kind } : {}), id }));
      if (next.gearKind !== before.gearKind) await teach(tx, [{ name: next.name, kind: next.gearKind }]);
      return next;
    });
  });
  return router;
}
