import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fixed } from './measure.ts';

const root = path.join(import.meta.dirname, '..');
const main = path.join(root, 'dist/server/main.mjs');

/** Milliseconds until the server says where it is; then it is stopped. */
async function startOnce(dataDir: string, port: number, args: string[]): Promise<number> {
  const from = performance.now();
  const child = spawn(process.execPath, ['--liftoff-only', main, ...args], {
    cwd: root,
    env: { ...process.env, PORT: String(port), SIDE_COURT_DATA: dataDir },
  });
  const taken = await new Promise<number>((done, fail) => {
    child.stdout.on('data', (text) => String(text).includes('http://') && done(performance.now() - from));
    child.on('exit', (code) => fail(new Error(`the server ended with ${code}`)));
  });
  child.removeAllListeners('exit');
  child.kill('SIGTERM');
  await new Promise((done) => child.on('exit', done));
  return taken;
}

/** Cold start: a new folder, the demo's school, and a folder that is there already. */
export async function benchStart(): Promise<void> {
  if (!existsSync(main)) {
    console.log('  nothing built yet: npm run build');
    return;
  }
  const folder = mkdtempSync(path.join(tmpdir(), 'side-court-bench-'));
  try {
    const fresh = await startOnce(path.join(folder, 'own'), 4790, []);
    const warm = await startOnce(path.join(folder, 'own'), 4790, []);
    const demo = await startOnce(path.join(folder, 'demo'), 4790, ['--demo']);
    const again = await startOnce(path.join(folder, 'demo'), 4790, ['--demo']);
    console.log(`  own data: new ${fixed(fresh / 1000)} s, again ${fixed(warm / 1000)} s (${fixed(warm / fresh, 2)} of new)`);
    console.log(`  demo: new ${fixed(demo / 1000)} s, again ${fixed(again / 1000)} s (${fixed(again / demo, 2)} of new)`);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
