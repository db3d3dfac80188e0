import { accessSync, constants, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import lockfile from 'proper-lockfile';
import { FolderProblem } from './database.ts';

/** A lock older than this without a sign of life is dead, ms. First start blocks the process for seconds, so it is long. */
const STALE_MS = 30_000;

function alive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

/**
 * Takes the data folder for this process alone, before the database is opened: the embedded database has no lock of its own
 * and two openers lose rows silently. The owner's process number lies beside the lock, so that a killed owner is noticed at
 * once. FolderProblem where the folder cannot be written (2) or is taken (5).
 */
export async function lockFolder(dataDir: string): Promise<() => Promise<void>> {
  try {
    mkdirSync(dataDir, { recursive: true });
    accessSync(dataDir, constants.W_OK);
    writeFileSync(path.join(dataDir, '.write-test'), '');
  } catch (error) {
    throw new FolderProblem(
      `The data folder ${dataDir} cannot be written (${(error as NodeJS.ErrnoException).code}). Choose another with SIDE_COURT_DATA.`,
      2,
    );
  }
  const lockfilePath = path.join(dataDir, 'side-court.lock');
  const pidPath = path.join(dataDir, 'side-court.pid');
  const take = () =>
    lockfile.lock(dataDir, {
      lockfilePath,
      stale: STALE_MS,
      update: 5_000,
      onCompromised: (error) => {
        console.error(`Side Court lost its hold on ${dataDir} (${error.message}) and stops, so that nothing is written twice.`);
        process.exit(5);
      },
    });
  const owner = () => {
    try {
      return Number(readFileSync(pidPath, 'utf8'));
    } catch {
      return Number.NaN;
    }
  };
  let release: () => Promise<void>;
  try {
    release = await take();
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ELOCKED') throw error;
    const pid = owner();
    if (!Number.isFinite(pid) || alive(pid))
      throw new FolderProblem(
        `Another Side Court${Number.isFinite(pid) ? ` (process ${pid})` : ''} uses ${dataDir}. Stop it first, or choose another folder with SIDE_COURT_DATA.`,
        5,
      );
    // A killed owner's lock is not ours to release, so it is taken away; whoever makes the next one first has the folder.
    rmSync(lockfilePath, { recursive: true, force: true });
    release = await take();
  }
  writeFileSync(pidPath, String(process.pid));
  return release;
}
