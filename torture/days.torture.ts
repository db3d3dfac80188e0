import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { root } from '../e2e/app.ts';
import { SECONDS, SEED } from './budget.ts';

/** Days that are unlike others, all in one zone whose clocks change: a whole week, the ends of a year and of a February, both Sundays. */
const DAYS = [
  ...['2026-03-09', '2026-03-10', '2026-03-11', '2026-03-12', '2026-03-13', '2026-03-14', '2026-03-15'],
  ...['2026-12-31', '2028-02-29', '2026-03-08', '2026-11-01'],
];
/** What the demo school shows, on its screens and past. */
const FILES = ['demo', 'demoSchool', 'ladders', 'guest', 'week', 'late'];

/** Runs end-to-end files as on that day; what they printed if any of them failed. */
function failuresOn(day: string): string {
  const { status, stdout } = spawnSync(
    process.execPath,
    [
      path.join(root, 'node_modules/vitest/vitest.mjs'),
      ...['run', '--config', 'vitest.e2e.config.ts', '--reporter=dot'],
      ...FILES.map((f) => `e2e/${f}.e2e.ts`),
    ],
    { cwd: root, encoding: 'utf8', env: { ...process.env, SIDE_COURT_TEST_TIME: `${day}T07:30`, SIDE_COURT_AHEAD: undefined } },
  );
  return status === 0 ? '' : stdout.slice(-3000);
}

describe('the demo school', () => {
  // A short run takes one of them by its seed, a long one all.
  const days = SECONDS >= 600 ? DAYS : [DAYS[SEED % DAYS.length]];
  it.each(days)('is whole on %s', (day) => expect(failuresOn(day)).toBe(''));
});
