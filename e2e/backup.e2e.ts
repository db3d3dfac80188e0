import { readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoFolder, type Ended, freePort, gone, startProcess } from './app.ts';
import { openBrowser } from './browser.ts';
import { newScreen, type Screen } from './screen.ts';

let folder = '';
let data = '';
let port = 0;
let base = '';
let server: Awaited<ReturnType<typeof startProcess>>;
let chrome: Awaited<ReturnType<typeof openBrowser>>;
let screen: Screen;
beforeAll(async () => {
  folder = demoFolder();
  data = path.join(folder, 'data');
  port = await freePort();
  base = `http://127.0.0.1:${port}`;
  [server, chrome] = await Promise.all([startProcess({ port, folder: data, demo: true }), openBrowser()]);
  screen = await newScreen(chrome.browser);
});
afterAll(async () => {
  await chrome.close();
  server.kill('SIGTERM');
  await gone(server);
  rmSync(folder, { recursive: true, force: true });
});

const classes = async () =>
  ((await (await fetch(`${base}/api/classes`)).json()) as { schoolClass: { name: string } }[]).map((c) => c.schoolClass.name).sort();
const addClass = (name: string) =>
  fetch(`${base}/api/classes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name, grade: '5' }),
  });

describe('backup, damage, restore', () => {
  it('is made in Settings, opened before it is kept, and restored there; what was there is kept too', async () => {
    const before = await classes();
    await screen.page.goto(`${base}/settings`);
    await screen.click('button', 'Make a backup now');
    await screen.says('made by you');
    await screen.expectAccessible();
    await addClass('Larch');
    expect(await classes()).toContain('Larch');
    await screen.click('button', /^Restore the backup of/);
    await screen.says('Restore this backup?');
    await screen.expectAccessible();
    await screen.click('button', 'Restore it');
    await screen.says('before a restore');
    expect(await classes()).toEqual(before);
    expect(readdirSync(data).filter((f) => f.startsWith('db.before-'))).toHaveLength(1);
    await addClass('Rowan');
    expect(await classes()).toContain('Rowan');
  });

  it('refuses a backup that does not open and one that is not there, and changes nothing', async () => {
    const there = await classes();
    writeFileSync(path.join(data, 'backups/2026-01-01T000000Z-by-hand.tar.gz'), 'not a backup at all');
    const restore = (name: string) => fetch(`${base}/api/backups/${name}/restore`, { method: 'POST' });
    expect((await restore('2026-01-01T000000Z-by-hand.tar.gz')).status).toBe(409);
    expect((await restore('2025-01-01T000000Z-daily.tar.gz')).status).toBe(404);
    expect((await restore('..%2F..%2Fetc%2Fpasswd')).status).toBe(404);
    expect(await classes()).toEqual(there);
    rmSync(path.join(data, 'backups/2026-01-01T000000Z-by-hand.tar.gz'));
  });

  it('after damage says what is wrong and offers the newest backup, which the command line restores', async () => {
    server.kill('SIGTERM');
    await gone(server);
    rmSync(path.join(data, 'db/PG_VERSION'));
    const refused = await startProcess({ port, folder: data, demo: true }).then(
      () => ({ code: 0, output: 'it started' }),
      (error: Ended) => ({ code: error.code, output: error.output }),
    );
    expect(refused.code).toBe(3);
    expect(refused.output).toContain('PG_VERSION is missing');
    expect(refused.output).toContain('-- --restore newest');
    server = await startProcess({ port, folder: data, demo: true, restore: 'newest' });
    const names = await classes();
    expect(names).toContain('Grade 5a');
    expect(readdirSync(data).filter((f) => f.startsWith('db.before-')).length).toBe(2);
  });
});
