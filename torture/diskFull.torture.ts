import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { demoFolder, gone, newFolder } from '../e2e/app.ts';
import { School } from './school.ts';

/** Megabytes of the small file system: the demo's school takes some 60 of them. */
const SIZE_MB = 160;

/** Writes until nothing more fits; the files stand for whatever else fills a disk. */
function fill(folder: string): void {
  mkdirSync(folder, { recursive: true });
  for (let size = 4_000_000, i = 0; size >= 1; i++) {
    try {
      writeFileSync(path.join(folder, `filler-${i}`), Buffer.alloc(size), { flush: true });
    } catch {
      rmSync(path.join(folder, `filler-${i}`), { force: true });
      size = size > 4096 ? size / 8 : size - 4096;
    }
  }
}

describe('a full disk', () => {
  it('costs nothing that was acknowledged, leaves nothing half made, and is over once there is room', async (test) => {
    const ready = demoFolder();
    const folder = newFolder();
    const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${SIZE_MB}m`, 'side-court', folder]).status === 0;
    if (!mounted) {
      rmSync(folder, { recursive: true, force: true });
      rmSync(ready, { recursive: true, force: true });
      console.log('skipped: no file system can be mounted here');
      return test.skip();
    }
    const school = new School(folder);
    try {
      cpSync(path.join(ready, 'data'), school.data, { recursive: true });
      await school.start();
      const run = await school.run('mills');
      for (let i = 0; i < 20; i++) expect(await school.tap(run, 2)).toBe(true);
      const filler = path.join(folder, 'filler');
      fill(filler);
      const backup = await fetch(`${school.base}/api/backups`, { method: 'POST' }).catch(() => undefined);
      expect(backup?.ok ?? false).toBe(false);
      let refused = 0;
      for (let i = 0; i < 400 && refused < 5; i++) if (!(await school.tap(run, 20))) refused += 1;
      expect(refused, 'the disk was really full').toBeGreaterThan(0);
      expect(readdirSync(path.join(school.data, 'backups'), { withFileTypes: true }).filter((f) => f.name.endsWith('.part'))).toEqual([]);
      rmSync(filler, { recursive: true, force: true });
      // A database that could not write its own log ends the process: whoever keeps it running starts it again.
      if (school.child?.exitCode !== null) await school.start();
      else await school.tap(run, 1);
      if (!(await school.tap(run, 3))) await school.again();
      expect(await school.tap(run, 3), 'there is room again').toBe(true);
      await school.expectWhole('after the disk was full');
      await school.kill();
      await school.start();
      await school.expectWhole('after the next start');
      expect(await school.tap(run, 1)).toBe(true);
      school.child?.kill('SIGTERM');
      await gone(school.child!);
    } finally {
      await school.kill();
      spawnSync('umount', ['-l', folder]);
      rmSync(folder, { recursive: true, force: true });
      rmSync(ready, { recursive: true, force: true });
    }
  });
});
