import { describe, expect, it } from 'vitest';
import { Problem } from '../problem.ts';
import { readAside, readerAside } from './readAside.ts';

const calendar = (event: string) => `BEGIN:VCALENDAR\nBEGIN:VEVENT\nSUMMARY:Mill day\n${event}\nEND:VEVENT\nEND:VCALENDAR`;
const plain = calendar('DTSTART;VALUE=DATE:20261005');
const refused = (work: Promise<unknown>) =>
  work.then(
    () => 'read',
    (error) => (error instanceof Problem ? `${error.status} ${error.issues[0].code}` : String(error)),
  );

describe('a reader aside', () => {
  it('reads a calendar whose repeats never come, and the next one', async () => {
    const never = calendar('DTSTART:20261001T080000Z\nRRULE:FREQ=SECONDLY;BYMONTH=2;BYMONTHDAY=30');
    expect((await readAside('holidays', never, '2026-09-01')).holidays).toHaveLength(1);
    expect((await readAside('holidays', plain, '2026-09-01')).holidays).toMatchObject([{ from: '2026-10-05' }]);
  });

  it('is ended from outside if a file takes too long; what was asked beside it is read', async () => {
    const hasty = readerAside({ listMs: 1, schoolMs: 60_000, memoryMb: 500 });
    const slow = refused(hasty('holidays', plain, '2026-09-01'));
    const beside = hasty('school', new TextEncoder().encode('{"format":\n"other"'));
    expect(await slow).toBe('400 too-slow');
    expect(await beside).toEqual({ ok: false, issues: [{ path: ['line', 2], code: 'no-json' }] });
  });

  it('refuses 39 MB of numbers before any of them is made', async () => {
    const small = readerAside({ listMs: 60_000, schoolMs: 60_000, memoryMb: 120 });
    const bytes = new Uint8Array(39_000_000).fill(0x31);
    for (let i = 1; i < bytes.length; i += 2) bytes[i] = 0x2c;
    bytes[0] = 0x5b;
    expect(await small('school', bytes)).toEqual({ ok: false, issues: [{ path: ['line', 1], code: 'too-many' }] });
  });

  it('says that a file takes too much memory, and reads the next one with a fresh thread', async () => {
    const small = readerAside({ listMs: 60_000, schoolMs: 60_000, memoryMb: 60 });
    const bytes = new TextEncoder().encode(`[${'{"a":[[],[],[],[]]},'.repeat(560_000)}1]`);
    expect(await refused(small('school', bytes))).toBe('400 too-large');
    expect((await small('holidays', plain, '2026-09-01')).holidays).toHaveLength(1);
  });
});
