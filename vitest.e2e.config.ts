import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';
import { liveOnTestDate } from './e2e/testDate.ts';

/** Files that take longest, first: what is begun last should be short, so that all workers end together. */
const LONGEST = ['kills', 'formats', 'fitForAll', 'process', 'screens', 'path', 'groups', 'floor', 'runs', 'backup', 'demo', 'desk'];

class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const place = (file: TestSpecification) => {
      const at = LONGEST.findIndex((name) => file.moduleId.endsWith(`/${name}.e2e.ts`));
      return at < 0 ? LONGEST.length : at;
    };
    return [...files].sort((a, b) => place(a) - place(b));
  }
}

liveOnTestDate();

export default defineConfig({
  test: {
    globalSetup: ['e2e/readyDemo.ts'],
    setupFiles: ['e2e/shiftClock.setup.ts'],
    include: ['e2e/**/*.e2e.ts'],
    testTimeout: 180_000,
    hookTimeout: 180_000,
    // One more than this kind of machine has processors: most of the time a page or a server is waited for.
    maxWorkers: 3,
    isolate: false,
    sequence: { sequencer: LongestFirst },
  },
});
