import { setTimeout as pause } from 'node:timers/promises';
import { startApp, todays } from '../e2e/app.ts';
import { openBrowser } from '../e2e/browser.ts';
import { fixed, middle } from './measure.ts';

/** Slower than this machine, so many times. */
const SLOWER = 4;

/** Opens an address in a new browser that has nothing kept, on a slowed machine; milliseconds of its longest task. */
async function longestTask(address: string): Promise<number> {
  const { browser, close } = await openBrowser();
  try {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await page.emulateCPUThrottling(SLOWER);
    await page.evaluateOnNewDocument(`
      window.longTasks = [];
      new PerformanceObserver((list) => window.longTasks.push(...list.getEntries().map((e) => e.duration)))
        .observe({ type: 'longtask', buffered: true });
    `);
    // The browser's own pages are opened first: they would share the processor.
    await pause(3_000);
    await page.goto(address, { waitUntil: 'networkidle0' });
    await pause(1_000);
    return Math.max(0, ...((await page.evaluate('window.longTasks')) as number[]));
  } finally {
    await close();
  }
}

/** How long an opening desk holds a machine four times slower up at a stretch, against a page with nothing on it: the browser's own work. */
export async function benchPage(): Promise<void> {
  const app = await startApp({ demo: true });
  try {
    const tasks: { empty: number[]; desk: number[] } = { empty: [], desk: [] };
    for (let i = 0; i < 9; i++) {
      tasks.empty.push(await longestTask(`${app.base}/api/school`));
      tasks.desk.push(await longestTask(`${app.base}/desk/${todays('orchard')}`));
    }
    const [empty, desk] = [middle(tasks.empty), middle(tasks.desk)];
    console.log(`  ${SLOWER} × slower machine, longest task: an empty page ${fixed(empty)} ms (most ${fixed(Math.max(...tasks.empty))})`);
    console.log(
      `    an opening desk ${fixed(desk)} ms (most ${fixed(Math.max(...tasks.desk))})${empty ? `, ${fixed(desk / empty, 1)} × empty` : ''}`,
    );
  } finally {
    await app.stop();
  }
}
