import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { folderProblemOf } from './database.ts';
import { openNotices } from './notices.ts';

let data = '';
beforeEach(() => {
  data = mkdtempSync(path.join(tmpdir(), 'side-court-notices-'));
});
afterEach(() => rmSync(data, { recursive: true, force: true }));

describe('notices of a data folder', () => {
  it('wait over a start until somebody has read them, each said once', () => {
    const first = openNotices(data, () => 5);
    first.add('The journal was cut off.');
    first.add('The backup is made.');
    first.add('The journal was cut off.');
    const next = openNotices(data, () => 6);
    expect(next.list()).toEqual([
      { id: 1, at: 5, text: 'The journal was cut off.' },
      { id: 2, at: 5, text: 'The backup is made.' },
    ]);
    next.read(1);
    expect(
      openNotices(data, () => 7)
        .list()
        .map((n) => n.id),
    ).toEqual([2]);
    next.add('The journal was cut off.');
    expect(
      next.list().map((n) => n.id),
      'it happened again',
    ).toEqual([2, 3]);
  });

  it('that cannot be read are none, and keep nothing from starting', () => {
    writeFileSync(path.join(data, 'notices.json'), '{"next":');
    const notices = openNotices(data, () => 1);
    expect(notices.list()).toEqual([]);
    notices.add('New.');
    expect(openNotices(data, () => 1).list()).toHaveLength(1);
  });
});

describe('what the system says of a folder', () => {
  it.each([
    [Object.assign(new Error('x'), { code: 'ENOSPC' }), 'The disk is full: FOLDER.'],
    [new Error('x', { cause: { code: '53100' } }), 'The disk is full: FOLDER.'],
    [Object.assign(new Error('x'), { code: 'EISDIR', path: '/d/runs.jsonl' }), 'There is a folder where a file should be: /d/runs.jsonl.'],
  ])('is a sentence with the place', (error, words) => {
    const problem = folderProblemOf(error, 'FOLDER');
    expect(problem?.message).toContain(words);
    expect(problem?.exitCode).toBe(5);
  });
  it('is left alone if it is no fault of the folder', () => expect(folderProblemOf(new TypeError('x'), 'FOLDER')).toBeUndefined());
});
