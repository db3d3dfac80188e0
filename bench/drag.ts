import { existsSync } from 'node:fs';
import path from 'node:path';
import { root, startApp } from '../e2e/app.ts';
import { openBrowser } from '../e2e/browser.ts';
import { fixed } from './measure.ts';

/** Moves of one drag that are measured. */
const MOVES = 120;

/** Script a move of the pointer while something is dragged on the desk, in the browser, with few and with many pieces on the floor. */
export async function benchDrag(): Promise<void> {
  if (!existsSync(path.join(root, 'dist/server/main.mjs'))) {
    console.log('  nothing built yet: npm run build');
    return;
  }
  const [app, chrome] = await Promise.all([startApp({ demo: true }), openBrowser()]);
  try {
    const page = await chrome.browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(app.base);
    const today = await page.evaluate(() => new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 10));
    const ask = (to: string, body?: unknown) =>
      page.evaluate(
        async ([p, b]) =>
          (
            await fetch(`/api${p}`, b ? { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(b) } : {})
          ).json(),
        [to, body] as const,
      );
    const measured: number[] = [];
    for (const count of [0, 60 - 9]) {
      const { lesson } = (await ask(`/periods/mills-${today}/desk`)) as {
        lesson: { id: string; revision: number; blocks: { id: string; game?: object }[] };
      };
      const put = Array.from({ length: count }, (_, i) => ({
        id: `p${i}`,
        laid: i % 2 ? 'cone' : 'spot',
        title: '',
        x: 5 + (i % 17) * 1.1,
        y: 6.2 + Math.floor(i / 17) * 1.1,
        widthM: 0.25,
        lengthM: 0.25,
        turnedDeg: 0,
        locked: false,
      }));
      if (count)
        await ask(`/lessons/${lesson.id}/edits`, {
          id: 'bench-lay',
          revision: lesson.revision,
          name: 'lay out',
          edit: { kind: 'lay', blockId: lesson.blocks.find((b) => b.game)!.id, put, take: [] },
        });
      await page.goto(`${app.base}/desk/mills-${today}`);
      await page.waitForSelector('[data-piece]');
      await new Promise((done) => setTimeout(done, 4000));
      const box = (await (await page.$('[data-piece]'))!.boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + 20];
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.mouse.move(x + 30, y + 10);
      const before = await page.metrics();
      for (let i = 0; i < MOVES; i++) await page.mouse.move(x + 30 + (i % 40) * 3, y + 10 + (i % 25) * 3);
      const after = await page.metrics();
      await page.mouse.up();
      const script = ((after.ScriptDuration! - before.ScriptDuration!) * 1000) / MOVES;
      measured.push(script);
      const there = (await page.$$('[data-piece]')).length;
      console.log(`  ${there} pieces on the floor: ${fixed(script, 2)} ms of script a move`);
    }
    console.log(`  with 60 pieces ${fixed(measured[1] / measured[0], 2)} of with 9`);
  } finally {
    await chrome.close();
    await app.stop();
  }
}
