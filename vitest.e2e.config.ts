import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: { globalSetup: ['e2e/readyDemo.ts'], include: ['e2e/**/*.e2e.ts'], testTimeout: 180_000, hookTimeout: 180_000, maxWorkers: 2 },
});
