import { rmSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoFolder, freePort, gone, startProcess, todays } from './app.ts';
import { openBrowser } from './browser.ts';
import { post, stored } from './runEvents.ts';
import { pause, Screen } from './screen.ts';

let chrome: Awaited<ReturnType<typeof openBrowser>>;
beforeAll(async () => {
  chrome = await openBrowser();
});
afterAll(() => chrome.close());

/** A fixed stream of chance, so that a failing run can be run again. */
function chanceFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

describe('a run', () => {
  it('loses nothing that was acknowledged and takes nothing twice when the server is killed, 25 times', async () => {
    const folder = demoFolder();
    const port = await freePort();
    const base = `http://127.0.0.1:${port}`;
    const data = path.join(folder, 'data');
    const random = chanceFrom(20);
    let server = await startProcess({ port, folder: data, demo: true });
    const { id: run, startedAt } = (await post(base, '/runs', { periodId: todays('mills') })) as { id: string; startedAt: number };
    const screen = new Screen(await chrome.browser.newPage());
    await screen.page.goto(`${base}/whistle/${run}`);
    await screen.says('All saved');
    const acknowledged = new Set<string>();
    let made = 0;
    let slowest = 0;
    try {
      for (let kill = 0; kill < 25; kill++) {
        let alive = true;
        const enough = acknowledged.size + 5;
        let refused = false;
        const sending = (async () => {
          while (alive) {
            const events = Array.from({ length: 1 + Math.floor(random() * 3) }, () => {
              made += 1;
              return { id: `k${made}`, type: 'count', gearKind: 'hoop', counted: made % 900, at: startedAt + made };
            });
            try {
              await post(base, `/runs/${run}/events`, { events });
              for (const e of events) acknowledged.add(e.id);
            } catch {
              refused = true;
              return;
            }
          }
        })();
        await pause(40 + random() * 260);
        // A busy machine has acknowledged less by now: it gets longer, and then a moment by chance again.
        while (acknowledged.size < enough && !refused) await pause(20 + random() * 60);
        server.kill('SIGKILL');
        alive = false;
        await gone(server);
        await sending;
        // Every other time it is back before the page need have noticed.
        if (kill % 2) await screen.says('Offline');
        server = await startProcess({ port, folder: data, demo: true });
        const answering = Date.now();
        await screen.says('All saved', { patience: 3000 });
        slowest = Math.max(slowest, Date.now() - answering);
        const ids = (await stored(base, run)).map((e) => e.id);
        expect(new Set(ids).size, 'none twice').toBe(ids.length);
        const there = new Set(ids);
        expect(
          [...acknowledged].filter((id) => !there.has(id)),
          `lost at kill ${kill}`,
        ).toEqual([]);
      }
      expect(acknowledged.size).toBeGreaterThan(100);
      expect(slowest).toBeLessThan(3000);
    } finally {
      await screen.page.close();
      server.kill('SIGTERM');
      await gone(server);
      rmSync(folder, { recursive: true, force: true });
    }
  });
});
