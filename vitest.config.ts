import { defineConfig } from 'vitest/config';
import { TEST_ZONE } from './e2e/testDate.ts';

process.env.TZ = TEST_ZONE;

export default defineConfig({
  // Core has no state to keep apart, and what one file has loaded and compiled serves the next: a third less time.
  test: { include: ['src/**/*.test.ts'], testTimeout: 60_000, hookTimeout: 90_000, maxWorkers: 2, isolate: false },
});
