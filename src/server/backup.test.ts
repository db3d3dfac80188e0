import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Backup, backupDue, backupFile, beyondRule, listBackups, REASONS } from './backup.ts';
import { FolderProblem } from './database.ts';

let data = '';
beforeAll(() => {
  data = mkdtempSync(path.join(tmpdir(), 'side-court-backup-'));
});
afterAll(() => rmSync(data, { recursive: true, force: true }));
const put = (name: string, text = 'x') => {
  mkdirSync(path.join(data, 'backups'), { recursive: true });
  writeFileSync(path.join(data, 'backups', name), text);
};

describe('backups of a folder', () => {
  it('are none where there is no folder, and one is due then', () => {
    expect(listBackups(data)).toEqual([]);
    expect(backupDue(data, new Date())).toBe(true);
    expect(() => backupFile(data, 'newest')).toThrowError(FolderProblem);
  });

  it('are listed newest first; other files are let be', () => {
    put('2026-09-01T080000Z-daily.tar.gz', 'older');
    put('2026-09-03T080000Z-by-hand.tar.gz', 'new');
    put('2026-09-02T080000Z-daily.tar.gz.part');
    put('notes.txt');
    put('2026-09-04T080000Z-whatever.tar.gz');
    expect(listBackups(data)).toEqual([
      { name: '2026-09-03T080000Z-by-hand.tar.gz', at: '2026-09-03T08:00:00Z', reason: 'by-hand', bytes: 3 },
      { name: '2026-09-01T080000Z-daily.tar.gz', at: '2026-09-01T08:00:00Z', reason: 'daily', bytes: 5 },
    ]);
  });

  it('are found by name or as the newest, and never outside their folder', () => {
    expect(backupFile(data, 'newest')).toBe(path.join(data, 'backups/2026-09-03T080000Z-by-hand.tar.gz'));
    expect(backupFile(data, '2026-09-01T080000Z-daily.tar.gz')).toContain('daily');
    for (const name of ['../../etc/passwd', 'notes.txt', '', '2026-09-09T080000Z-daily.tar.gz'])
      expect(() => backupFile(data, name), name).toThrowError('no backup called');
  });

  it('are due once a day', () => {
    expect(backupDue(data, new Date('2026-09-04T07:59:00Z'))).toBe(false);
    expect(backupDue(data, new Date('2026-09-04T08:01:00Z'))).toBe(true);
  });

  it('are in the order of their own numbers, whatever the clock said, and one of the future counts as due', () => {
    put('2026-09-05T080000Z-by-hand-2.tar.gz');
    put('2026-09-01T070000Z-by-hand-3.tar.gz');
    expect(listBackups(data).map((b) => b.name)).toEqual([
      '2026-09-01T070000Z-by-hand-3.tar.gz',
      '2026-09-05T080000Z-by-hand-2.tar.gz',
      '2026-09-03T080000Z-by-hand.tar.gz',
      '2026-09-01T080000Z-daily.tar.gz',
    ]);
    expect(backupDue(data, new Date('2026-09-01T09:00:00Z')), 'made an hour ago').toBe(false);
    put('2027-09-01T070000Z-daily-4.tar.gz');
    expect(backupDue(data, new Date('2026-09-01T09:00:00Z')), 'made in a year').toBe(true);
    const made = Array.from(
      { length: 8 },
      (_, i): Backup => ({ name: `2026-09-0${8 - i}T000000Z-by-hand-${i + 1}.tar.gz`, at: '', reason: 'by-hand', bytes: 1 }),
    );
    expect(
      beyondRule(made.toReversed()).map((b) => b.name),
      'the last one made stays, on a clock that runs backwards',
    ).not.toContain(made[7].name);
  });

  it('are kept by the rule: a week of days, a few of each other kind, the newest always', () => {
    const many = REASONS.flatMap((reason) =>
      Array.from({ length: 12 }, (_, i): Backup => ({ name: `${reason}-${i}`, at: `2026-09-${30 - i}T00:00:00Z`, reason, bytes: 1 })),
    );
    const gone = new Set(beyondRule(many).map((b) => b.name));
    const kept = many.filter((b) => !gone.has(b.name));
    const count = (reason: string) => kept.filter((b) => b.reason === reason).length;
    expect(REASONS.map(count)).toEqual([7, 5, 3, 3]);
    for (const reason of REASONS) expect(gone.has(`${reason}-0`)).toBe(false);
    expect(beyondRule(kept)).toEqual([]);
  });
});
