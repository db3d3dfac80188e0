import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { afterAll, describe, expect, it } from 'vitest';
import { holesIn } from '../core/formats/holes.ts';
import { rulesWith } from '../core/formats/rules.ts';
import type { LogEntry } from '../core/live/logEntry.ts';
import { logEntry } from '../core/live/logEntry.ts';
import { planOf } from '../core/live/runPlan.ts';
import { Game } from '../core/model/game.ts';
import { Gear } from '../core/model/gear.ts';
import { Piece } from '../core/model/piece.ts';
import { newestOf, upgrade } from '../core/model/record.ts';
import { Run, RunEvent } from '../core/model/run.ts';
import { boxOf } from '../core/model/shape.ts';
import { StudentPrivate } from '../core/model/student.ts';
import { ruleWords } from '../core/words/rules.en.ts';
import { runEventWords } from '../core/words/run.en.ts';
import type { Database } from './database.ts';
import { readDesk } from './deskInput.ts';
import { gearRecords, lessonRecords, periodRecords, runRecords } from './repositories/index.ts';
import { readLessonLog } from './repositories/lessonLog.ts';
import { readRunLog } from './repositories/runLog.ts';
import * as tables from './tables.ts';

const here = import.meta.dirname;
const frozen = JSON.parse(readFileSync(path.join(here, 'frozen/issue2.json'), 'utf8')) as {
  rows: Record<string, Record<string, unknown>[]>;
  entry: LogEntry & { points: { groups: number[]; members: string[][] }[] };
};
const folder = mkdtempSync(path.join(tmpdir(), 'side-court-frozen-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A database as the first version left it: its migrations alone, its rows as they were stored. */
async function oldDatabase(): Promise<PGlite> {
  const migrations = path.join(folder, 'migrations');
  cpSync(path.join(here, 'migrations'), migrations, { recursive: true });
  const journal = path.join(migrations, 'meta/_journal.json');
  const all = JSON.parse(readFileSync(journal, 'utf8'));
  writeFileSync(journal, JSON.stringify({ ...all, entries: all.entries.slice(0, 1) }));
  const engine = await PGlite.create();
  await migrate(drizzle(engine), { migrationsFolder: migrations });
  for (const [table, rows] of Object.entries(frozen.rows)) {
    for (const row of rows) {
      const columns = Object.keys(row);
      const values = columns.map((c) => (typeof row[c] === 'object' && row[c] !== null ? JSON.stringify(row[c]) : row[c]));
      await engine.query(`insert into ${table} (${columns.join(', ')}) values (${columns.map((_, i) => `$${i + 1}`).join(', ')})`, values);
    }
  }
  return engine;
}

describe('data of the first version', () => {
  it('opens after every migration, each record in its newest shape, the past telling the same', async () => {
    const engine = await oldDatabase();
    const db = drizzle(engine, { schema: tables });
    await migrate(db, { migrationsFolder: path.join(here, 'migrations') });
    const old = db as unknown as Database;
    const [run] = await runRecords.list(old);
    expect(run.version).toBe(newestOf('run'));
    const entry = logEntry(run, await readRunLog(old, run.id), 0);
    const { points, ...told } = frozen.entry;
    expect(entry).toMatchObject(told);
    expect(entry.results[0].rows.map((r) => r.value)).toEqual(points[0].groups);
    expect(entry.results[0].rows.map((r) => r.members)).toEqual(points[0].members);
    expect((await gearRecords.list(old)).find((g) => g.gearKind === 'pinnie')).toMatchObject({ count: 16 });
    const lessons = await lessonRecords.list(old);
    expect(lessons).toHaveLength(frozen.rows.lessons.length);
    for (const lesson of lessons) await readLessonLog(old, lesson.id);
    const kept = { kind: 'accept', key: 'way-narrow|block=b', reason: 'fine' };
    const row = {
      lessonId: lessons[0].id,
      revision: 900,
      id: 'old-edit',
      name: 'keep',
      edit: kept,
      inverse: { kind: 'unaccept', key: kept.key },
    };
    await old.insert(tables.lessonEdits).values(row);
    const log = await readLessonLog(old, lessons[0].id);
    expect(log.at(-1)).toMatchObject({ edit: { key: 'route-narrow|block=b' }, inverse: { key: 'route-narrow|block=b' } });
    const [period] = await periodRecords.list(old);
    const desk = await readDesk(old, period);
    expect(desk.students).toHaveLength(27);
    expect(desk.room).toMatchObject({
      version: 3,
      painted: [],
      floorKind: 'wood',
      outside: false,
      walls: ['bare', 'bare', 'bare', 'bare'],
      curtains: [],
    });
    expect(desk.lesson?.title).toBe('Weather round');
    await engine.close();
  });
});

describe('a run of version 2', () => {
  const stored = JSON.parse(readFileSync(path.join(here, 'frozen/runs2.json'), 'utf8')) as Record<string, unknown>[];
  it.each(stored.map((run) => [String(run.id), run] as const))('%s has its places as shapes, and everything else as it was', (_, old) => {
    const run = Run.parse(upgrade(old, newestOf('run')));
    const was = planOf(old as unknown as Run).blocks;
    planOf(run).blocks.forEach((block, i) => {
      const { pieces, things, rules: _rules, cards: _cards, ...rest } = block.game ?? { pieces: [], things: [], rules: [], cards: [] };
      const { pieces: before, rules: _before, ...then } = (was[i].game ?? { pieces: [] }) as { pieces: unknown[]; rules?: unknown };
      expect(rest).toEqual(then);
      expect(things).toEqual([]);
      expect(pieces).toHaveLength(before.length);
      pieces.forEach((piece, p) => {
        const { x, y, width, depth, number, piece: kind } = before[p] as Record<string, number | string>;
        expect(Piece.parse(piece)).toEqual(piece);
        expect([boxOf(piece.shape), piece.number, piece.taped]).toEqual([{ x, y, width, depth }, number, kind === 'station']);
      });
    });
  });
});

describe('a run of version 3', () => {
  const stored = JSON.parse(readFileSync(path.join(here, 'frozen/runs3.json'), 'utf8')) as Record<string, unknown>[];
  it.each(stored.map((run) => [String(run.id), run] as const))(
    '%s has the rules of then as rules, and everything else as it was',
    (_, old) => {
      type Then = { rules: { restart: string; out: string; calm: string; offences: string[] }; ladder: string[] };
      const run = Run.parse(upgrade(old, newestOf('run')));
      const was = planOf(old as unknown as Run).blocks.flatMap((b) => (b.game ? [b.game] : [])) as unknown as Then[];
      const now = planOf(run).blocks.flatMap((b) => (b.game ? [b.game] : []));
      expect(now).toHaveLength(1);
      now.forEach(({ rules, cards, ...rest }, i) => {
        const { rules: before, ladder, ...then } = was[i];
        expect(rest).toEqual(then);
        expect(cards).toEqual([]);
        const words = rules.map((rule) => [rule.kind, ruleWords(rule, rest.format).text.split('.')[0]]);
        expect(words).toEqual([
          ['boundary', before.out],
          ...before.offences.map((what) => ['fault', what]),
          ['restart', before.restart],
          ['calm-down', before.calm],
        ]);
        for (const rule of rules) if (rule.kind === 'fault') expect(rule.ladder).toEqual(ladder);
      });
    },
  );

  it('still names an offense that was logged then', () => {
    const run = Run.parse(upgrade(stored[0], newestOf('run')));
    const block = planOf(run).blocks.find((b) => b.game)!;
    const [student] = Object.keys(planOf(run).names);
    const event = RunEvent.parse({ id: 'e1', at: 1, type: 'offence', blockId: block.id, student, what: 'o1', step: 'word' });
    expect(runEventWords(event, planOf(run))).toContain('Aiming at a feeder (a word)');
  });
});

describe('a game of version 1', () => {
  const stored = JSON.parse(readFileSync(path.join(here, 'frozen/games1.json'), 'utf8')) as Record<string, unknown>[];
  it.each(stored.map((game) => [String(game.id), game] as const))('%s keeps every sentence of its rules', (_, old) => {
    const game = Game.parse(upgrade(old, newestOf('game')));
    const texts = game.rules.map((rule) => [
      rule.kind,
      rule.kind === 'fault' ? [rule.does, rule.next, rule.back] : 'text' in rule && rule.text,
    ]);
    const offences = old.offences as { what: string; consequence: string; release: string }[];
    expect(texts).toEqual([
      ['end', old.endRule],
      ['restart', old.restartRule],
      ['boundary', old.outRule],
      ['tie', old.tieRule],
      ['calm-down', old.calmDown],
      ...offences.map((o) => ['fault', [o.what, o.consequence, o.release]]),
    ]);
    expect(game.offences).toEqual(offences.map((_, i) => ({ what: `o${i}` })));
    expect(
      holesIn(rulesWith([], game.rules, 'game'), { named: game.offences.map((o) => o.what), things: [], gearKinds: [] }).map(
        (h) => h.about,
      ),
    ).toEqual(['aim', 'start', 'scoring', 'signal']);
  });
});

describe('a game of version 2', () => {
  const stored = JSON.parse(readFileSync(path.join(here, 'frozen/games2.json'), 'utf8')) as Record<string, unknown>[];
  it.each(stored.map((game) => [String(game.id), game] as const))(
    '%s says what it is for as its aim, and everything else as it did',
    (_, old) => {
      const { version, aim, purpose, families, noise, outdoors, demands, ...now } = Game.parse(upgrade(old, newestOf('game')));
      const { version: was, purpose: sentence, ...then } = old;
      expect([was, version]).toEqual([2, 3]);
      expect({ aim, purpose, families, noise, outdoors, demands }).toEqual({
        ...{ aim: sentence, purpose: [], families: [], noise: 2, outdoors: 'both', demands: [] },
      });
      expect(now).toEqual(then);
    },
  );
});

describe("a student's private record of version 1", () => {
  const stored = JSON.parse(readFileSync(path.join(here, 'frozen/privates1.json'), 'utf8')) as Record<string, unknown>[];
  it.each([
    ['with a power chair', 0, [{ kind: 'power-chair' }]],
    ['with a wish for calm', 1, [{ kind: 'crowd', degree: 1 }]],
    ['with nothing', 2, []],
  ])('%s has it as supports, and everything else as it was', (_, index, supports) => {
    const old = stored[index];
    const { version, supports: now, ...rest } = StudentPrivate.parse(upgrade(old, newestOf('student-private')));
    const { version: was, wheels: _wheels, calm: _calm, ...then } = old;
    expect([was, version]).toEqual([1, 2]);
    expect(now).toEqual(supports);
    expect(rest).toEqual(then);
  });
});

describe('gear of version 1', () => {
  const stored = JSON.parse(readFileSync(path.join(here, 'frozen/gear1.json'), 'utf8')) as Record<string, unknown>[];
  it.each(stored.map((gear) => [String(gear.name), gear] as const))(
    '%s says yes or no to latex, and everything else as it did',
    (_, old) => {
      const { version, latex, ...now } = Gear.parse(upgrade(old, newestOf('gear')));
      const { version: _version, latex: was, ...then } = old;
      expect(version).toBe(2);
      expect(latex).toBe(was ? 'yes' : 'no');
      expect(now).toEqual(then);
    },
  );
});
