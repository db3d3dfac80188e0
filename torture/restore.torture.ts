import { existsSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { gone } from '../e2e/app.ts';
import { until } from './budget.ts';
import { School } from './school.ts';

const ask = (school: School, method: string, to: string, body?: unknown) =>
  fetch(`${school.base}/api${to}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  });

let school: School;
let backup = '';
let old: string[] = [];
let now: string[] = [];
beforeAll(async () => {
  school = new School();
  await school.start();
  old = await school.classes();
  backup = ((await (await ask(school, 'POST', '/backups')).json()) as { name: string }).name;
  await ask(school, 'POST', '/classes', { name: 'Larch', grade: '5' });
  now = await school.classes();
});
afterAll(() => school.end());

/** Restores the backup, in four renames (its record, the journal, the old database, the restored one), on a server with a faulty disk; its answer, or 0 if it died. */
async function restoreWith(fault: string, at: number): Promise<number> {
  await school.kill();
  await school.start({
    env: { NODE_OPTIONS: `--import ${path.join(import.meta.dirname, 'faultyDisk.mjs')}`, FAULT: fault, FAULT_AT: String(at) },
  });
  return ask(school, 'POST', `/backups/${backup}/restore`).then(
    (answer) => answer.status,
    () => 0,
  );
}

/** Between which renames it is killed or refused; the most dangerous first, since time may end before all were tried. */
const FAULTS: readonly (readonly [string, number])[] = [
  ['kill-after', 3],
  ['refuse', 4],
  ['kill-before', 1],
  ['kill-after', 4],
  ['refuse', 3],
  ['kill-after', 1],
  ['kill-after', 2],
  ['refuse', 2],
  ['refuse', 1],
];

/** Killed: the next start shows one of the two schools, whole. */
async function killedAt(fault: string, at: number): Promise<void> {
  const run = await school.run('mills');
  expect(await school.tap(run, 3)).toBe(true);
  expect(await restoreWith(fault, at)).toBe(0);
  await gone(school.child!);
  await school.start();
  const names = await school.classes();
  expect([old, now]).toContainEqual(names);
  expect(existsSync(path.join(school.data, 'restore.json'))).toBe(false);
  if (names.length === now.length) return school.expectWhole(`after ${fault} ${at}`);
  // Back to the newer school for the next attempt.
  school.acknowledged.clear();
  await ask(school, 'POST', '/classes', { name: 'Larch', grade: '5' });
}

/** Refused: nothing has changed, the page is told so, and the school that was there goes on. */
async function refusedAt(at: number): Promise<void> {
  const run = await school.run('weather');
  expect(await school.tap(run, 3)).toBe(true);
  const status = await restoreWith('refuse', at);
  expect(status).toBeGreaterThanOrEqual(400);
  expect(await school.classes()).toEqual(now);
  expect(await school.tap(run, 2)).toBe(true);
  await school.again();
  expect(await school.classes()).toEqual(now);
  await school.expectWhole(`after a refusal at ${at}`);
}

describe('a restore', () => {
  it('killed or refused at any of its renames ends in one of the two schools, whole, and the other is kept', async () => {
    const stop = until(0.6);
    let tried = 0;
    for (const [fault, at] of FAULTS) {
      if (tried >= 3 && Date.now() > stop) break;
      await (fault === 'refuse' ? refusedAt(at) : killedAt(fault, at));
      tried += 1;
    }
    console.log(`${tried} of ${FAULTS.length} faults at the renames of a restore`);
  });
});
