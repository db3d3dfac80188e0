import { rmSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoFolder, freePort, gone, startProcess, todays } from './app.ts';
import { openBrowser } from './browser.ts';
import { post, stored } from './runEvents.ts';
import { newScreen, pause, type Screen } from './screen.ts';

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
  const acknowledged = new Set<string>();
  const random = chanceFrom(20);
  let made = 0;
  let folder: string;
  let port: number;
  let base: string;
  let data: string;
  let server: Awaited<ReturnType<typeof startProcess>>;
  let run: string;
  let startedAt: number;
  let screen: Screen;
  beforeAll(async () => {
    folder = demoFolder();
    port = await freePort();
    base = `http://127.0.0.1:${port}`;
    data = path.join(folder, 'data');
    server = await startProcess({ port, folder: data, demo: true });
    ({ id: run, startedAt } = (await post(base, '/runs', { periodId: todays('mills') })) as { id: string; startedAt: number });
    screen = await newScreen(chrome.browser);
    await screen.page.goto(`${base}/whistle/${run}`);
    await screen.says('All saved');
  });
  afterAll(async () => {
    await screen.page.close();
    server.kill('SIGTERM');
    await gone(server);
    rmSync(folder, { recursive: true, force: true });
  });

  const killed = async (from: number, until: number) => {
    for (let kill = from; kill < until; kill++) {
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
      await screen.says('All saved');
      const ids = (await stored(base, run)).map((e) => e.id);
      expect(new Set(ids).size, 'none twice').toBe(ids.length);
      const there = new Set(ids);
      expect(
        [...acknowledged].filter((id) => !there.has(id)),
        `lost at kill ${kill}`,
      ).toEqual([]);
    }
  };

  // One run and one stream of chance: 25 kills in two parts, so that each has its time on a slow machine.
  it('loses nothing that was acknowledged and takes nothing twice when the server is killed, 13 times', () => killed(0, 13));

  it('nor when it is killed 12 times more', async () => {
    await killed(13, 25);
    expect(acknowledged.size).toBeGreaterThan(100);
  });
});
