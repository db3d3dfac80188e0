import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Ended, freePort, gone, newFolder, root, startProcess } from './app.ts';

let folder = '';
beforeAll(() => {
  folder = newFolder();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const refused = async (options: { port?: number; folder: string; demo?: boolean }): Promise<Ended> => {
  const port = options.port ?? (await freePort());
  return startProcess({ ...options, port }).then(
    (child) => {
      child.kill('SIGKILL');
      throw new Error('it started');
    },
    (error: Ended) => ({ code: error.code, output: error.output }),
  );
};
/** One text for everything in a folder: names, sizes and contents. */
const fingerprint = (dir: string): string => {
  const hash = createHash('sha256');
  for (const name of readdirSync(dir, { recursive: true, encoding: 'utf8' }).sort()) {
    const file = path.join(dir, name);
    hash.update(name);
    if (statSync(file).isFile()) hash.update(readFileSync(file));
  }
  return hash.digest('hex');
};

describe('starting', () => {
  it('starts with own data, empty at first, and refuses a second process on the same folder', async () => {
    const data = path.join(folder, 'own');
    const port = await freePort();
    const child = await startProcess({ port, folder: data });
    expect(await (await fetch(`http://127.0.0.1:${port}/api/classes`)).json()).toEqual([]);
    const second = await refused({ folder: data });
    expect(second.code).toBe(5);
    expect(second.output).toContain(`Another Side Court (process ${child.pid}) uses`);
    const taken = await refused({ folder: path.join(folder, 'other'), port });
    expect(taken.code).toBe(4);
    expect(taken.output).toContain(`Port ${port} is taken`);
    expect(await (await fetch(`http://127.0.0.1:${port}/api/health`)).json()).toEqual({ ok: true });
    child.kill('SIGTERM');
    await gone(child);
    expect(child.exitCode).toBe(0);
  });

  it('takes over at once from a process that was killed, and what was stored is there', async () => {
    const data = path.join(folder, 'own');
    const port = await freePort();
    const first = await startProcess({ port, folder: data });
    const post = (name: string) =>
      fetch(`http://127.0.0.1:${port}/api/classes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ name, grade: '5' }),
      });
    await post('Larch');
    first.kill('SIGKILL');
    await gone(first);
    const second = await startProcess({ port, folder: data });
    const classes = (await (await fetch(`http://127.0.0.1:${port}/api/classes`)).json()) as { schoolClass: { name: string } }[];
    expect(classes.map((c) => c.schoolClass.name)).toEqual(['Larch']);
    second.kill('SIGTERM');
    await gone(second);
  });

  it('leaves a damaged folder as it is and says what is missing', async () => {
    const data = path.join(folder, 'own');
    const control = path.join(data, 'db/global/pg_control');
    const kept = readFileSync(control);
    rmSync(control);
    const before = fingerprint(path.join(data, 'db'));
    const broken = await refused({ folder: data });
    expect(broken.code).toBe(3);
    expect(broken.output).toContain('global/pg_control is missing');
    expect(broken.output).toContain('Nothing was changed');
    expect(fingerprint(path.join(data, 'db'))).toBe(before);
    writeFileSync(control, kept);
  });

  it('refuses a folder that cannot be written and a port that is none', async () => {
    const file = path.join(folder, 'a-file');
    writeFileSync(file, 'not a folder');
    const unwritable = await refused({ folder: path.join(file, 'data') });
    expect(unwritable.code).toBe(2);
    expect(unwritable.output).toContain('cannot be written');
    expect(readFileSync(file, 'utf8')).toBe('not a folder');
    const strange = spawnSync(process.execPath, ['--liftoff-only', 'dist/server/main.mjs'], {
      cwd: root,
      env: { ...process.env, PORT: 'ninety', SIDE_COURT_DATA: path.join(folder, 'x') },
      encoding: 'utf8',
    });
    expect(strange.status).toBe(4);
    expect(strange.stderr).toContain('PORT must be a number');
  });

  it('binds this machine alone and seeds the demo anew with --fresh', async () => {
    const data = path.join(folder, 'demo');
    mkdirSync(data, { recursive: true });
    const port = await freePort();
    const at = (p: string) => `http://127.0.0.1:${port}/api${p}`;
    const first = await startProcess({ port, folder: data, demo: true });
    await fetch(at('/classes'), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: 'Larch', grade: '5' }),
    });
    expect(((await (await fetch(at('/classes'))).json()) as unknown[]).length).toBe(7);
    first.kill('SIGTERM');
    await gone(first);
    const again = await startProcess({ port, folder: data, demo: true, fresh: true });
    expect(((await (await fetch(at('/classes'))).json()) as unknown[]).length).toBe(6);
    again.kill('SIGTERM');
    await gone(again);
  });
});
