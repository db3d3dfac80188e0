import { cpSync, rmSync } from 'node:fs';
import path from 'node:path';
import { freePort, gone, newFolder, startProcess } from './app.ts';

/** Before all tests: the demo school seeded once and stopped in order; every test that wants it starts on a copy. */
export default async function setup(): Promise<() => void> {
  const folder = newFolder();
  const child = await startProcess({ port: await freePort(), folder: path.join(folder, 'data'), demo: true });
  child.kill('SIGTERM');
  await gone(child);
  const ready = path.join(folder, 'ready');
  cpSync(path.join(folder, 'data'), ready, { recursive: true });
  process.env.SIDE_COURT_READY_DEMO = ready;
  return () => rmSync(folder, { recursive: true, force: true });
}
