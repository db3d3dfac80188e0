import { defineConfig } from 'vitest/config';
import { liveOnTestDate } from './e2e/testDate.ts';

liveOnTestDate();

/** On three workers: most of the time a killed server is waited for, and what is looked at is what survives. */
export default defineConfig({
  test: {
    globalSetup: ['e2e/readyDemo.ts'],
    setupFiles: ['e2e/shiftClock.setup.ts'],
    include: ['torture/**/*.torture.ts'],
    testTimeout: 1_800_000,
    hookTimeout: 180_000,
    maxWorkers: 3,
    isolate: false,
  },
});
