import { type ChildProcess, spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { format } from 'date-fns';

export const root = path.join(import.meta.dirname, '..');
const main = path.join(root, 'dist/server/main.mjs');

/** A port of this machine that nobody listens on just now. */
export async function freePort(): Promise<number> {
  return new Promise((done) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => done(port));
    });
  });
}

export interface Ended {
  code: number | null;
  output: string;
}
export interface App {
  base: string;
  folder: string;
  child: ChildProcess;
  /** Stops the process in order and takes its folder away. */
  stop(): Promise<void>;
}

/** Starts the built server; rejects with what it said where it ends before it listens. */
export function startProcess(options: {
  port: number;
  folder: string;
  demo?: boolean;
  fresh?: boolean;
  speed?: number;
  restore?: string;
  env?: Record<string, string>;
}): Promise<ChildProcess> {
  if (!existsSync(main)) throw new Error('nothing built: npm run build');
  const { port, folder, demo, fresh, speed, restore, env } = options;
  const child = spawn(
    process.execPath,
    ['--liftoff-only', main, ...(demo ? ['--demo'] : []), ...(fresh ? ['--fresh'] : []), ...(restore ? ['--restore', restore] : [])],
    {
      cwd: root,
      env: { ...process.env, PORT: String(port), SIDE_COURT_DATA: folder, SIDE_COURT_SPEED: String(speed ?? 1), ...env },
    },
  );
  return new Promise((done, fail) => {
    let output = '';
    const hear = (text: Buffer) => {
      output += String(text);
      if (output.includes('http://')) done(child);
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('exit', (code) => fail(Object.assign(new Error(output), { code, output } satisfies Ended)));
  });
}

/** Waits until a process of ours is gone. */
export const gone = (child: ChildProcess) =>
  child.exitCode !== null || child.signalCode !== null ? Promise.resolve() : new Promise<void>((done) => child.once('exit', () => done()));

export const newFolder = () => mkdtempSync(path.join(tmpdir(), 'side-court-e2e-'));

/** A new folder with the demo school in `data`, seeded once for all tests; outside of a test run it is left to the server to seed. */
export function demoFolder(): string {
  const folder = newFolder();
  const ready = process.env.SIDE_COURT_READY_DEMO;
  if (ready) cpSync(ready, path.join(folder, 'data'), { recursive: true });
  return folder;
}

/** The name of one of the demo's periods of today. */
export function todays(name: string): string {
  return `${name}-${format(new Date(), 'yyyy-MM-dd')}`;
}

/** Side Court with a data folder of its own: empty, or with the demo school. */
export async function startApp(options: { demo?: boolean; speed?: number } = {}): Promise<App> {
  const folder = options.demo ? demoFolder() : newFolder();
  const port = await freePort();
  const child = await startProcess({ port, folder: path.join(folder, 'data'), ...options });
  return {
    base: `http://127.0.0.1:${port}`,
    folder,
    child,
    async stop() {
      child.kill('SIGTERM');
      await gone(child);
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
