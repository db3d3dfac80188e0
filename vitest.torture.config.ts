import { defineConfig } from 'vitest/config';

/** One file at a time: what is measured is what survives, and the machine has few cores. */
export default defineConfig({
  test: {
    globalSetup: ['e2e/readyDemo.ts'],
    include: ['torture/**/*.torture.ts'],
    testTimeout: 1_800_000,
    hookTimeout: 180_000,
    maxWorkers: 2,
    isolate: false,
  },
});
