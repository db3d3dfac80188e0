import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { FolderProblem, refuseBesideData } from './database.ts';
import { finishRestore, removeLeftovers } from './restore.ts';

let data = '';
beforeEach(() => {
  data = mkdtempSync(path.join(tmpdir(), 'side-court-restore-'));
});
afterEach(() => rmSync(data, { recursive: true, force: true }));

const within = (name: string) => path.join(data, name);
const database = (name: string, what: string) => {
  mkdirSync(within(name), { recursive: true });
  writeFileSync(path.join(within(name), 'PG_VERSION'), what);
};
const holds = (name: string) => (existsSync(within(name)) ? readFileSync(path.join(within(name), 'PG_VERSION'), 'utf8') : undefined);

/** A folder in which a restore has written its record and done the first `renames` of its four. */
function interrupted(renames: number): void {
  database('db', 'old');
  database('db.restored', 'restored');
  writeFileSync(within('runs.jsonl'), 'old journal');
  writeFileSync(within('runs.settling.jsonl'), 'older journal');
  writeFileSync(within('restore.json'), JSON.stringify({ backup: 'a-backup', aside: 'before-20260909T080000000Z' }));
  const steps: [string, string][] = [
    ['runs.jsonl', 'runs.before-20260909T080000000Z.jsonl'],
    ['runs.settling.jsonl', 'runs.settling.before-20260909T080000000Z.jsonl'],
    ['db', 'db.before-20260909T080000000Z'],
    ['db.restored', 'db'],
  ];
  for (const [from, to] of steps.slice(0, renames)) renameSync(within(from), within(to));
}

describe('a restore that a process did not live to finish', () => {
  it.each([0, 1, 2, 3, 4])('is finished by the next start after %i renames; what was there is kept', (renames) => {
    interrupted(renames);
    expect(finishRestore(data)).toContain('Finished restoring a-backup');
    expect(holds('db')).toBe('restored');
    expect(holds('db.before-20260909T080000000Z')).toBe('old');
    expect(readFileSync(within('runs.before-20260909T080000000Z.jsonl'), 'utf8')).toBe('old journal');
    expect(readdirSync(data).sort()).toEqual([
      'db',
      'db.before-20260909T080000000Z',
      'runs.before-20260909T080000000Z.jsonl',
      'runs.settling.before-20260909T080000000Z.jsonl',
    ]);
    expect(finishRestore(data), 'once').toBeUndefined();
  });

  it('leaves a journal alone that was begun after it', () => {
    interrupted(4);
    writeFileSync(within('runs.jsonl'), 'new journal');
    finishRestore(data);
    expect(readFileSync(within('runs.jsonl'), 'utf8')).toBe('new journal');
  });

  it('with a record that cannot be read changes nothing', () => {
    interrupted(3);
    writeFileSync(within('restore.json'), '{"backup":');
    const before = readdirSync(data).sort();
    expect(() => finishRestore(data)).toThrow(FolderProblem);
    expect(readdirSync(data).sort()).toEqual(before);
  });
});

describe('a start', () => {
  it('clears away what was left half made, and says so', () => {
    database('db', 'old');
    database('db.restored', 'half');
    mkdirSync(within('backups'));
    writeFileSync(within('backups/2026-09-02T080000Z-daily.tar.gz.part'), 'half');
    writeFileSync(within('backups/2026-09-01T080000Z-daily.tar.gz'), 'whole');
    writeFileSync(within('restore.json.part'), '{');
    expect(removeLeftovers(data)).toHaveLength(3);
    expect(readdirSync(data).sort()).toEqual(['backups', 'db']);
    expect(readdirSync(within('backups'))).toEqual(['2026-09-01T080000Z-daily.tar.gz']);
    expect(removeLeftovers(data)).toEqual([]);
  });

  it.each([
    ['db.before-20260909T080000000Z/x'],
    ['db-old/../db.kept/x'],
    ['runs.jsonl'],
    ['runs.before.jsonl'],
    ['backups/a.tar.gz'],
    ['restore.json'],
  ])('makes no new database beside %s', (name) => {
    mkdirSync(path.dirname(within(name)), { recursive: true });
    writeFileSync(within(name), 'data');
    expect(() => refuseBesideData(data)).toThrow('Nothing was changed');
  });

  it('makes one in a folder with nothing of a school in it', () => {
    expect(() => refuseBesideData(path.join(data, 'not there yet'))).not.toThrow();
    for (const name of ['side-court.pid', '.write-test', 'notes.txt']) writeFileSync(within(name), 'x');
    writeFileSync(within('runs.jsonl'), '');
    mkdirSync(within('backups'));
    database('db.init', 'a first start that was killed');
    expect(() => refuseBesideData(data)).not.toThrow();
  });
});
