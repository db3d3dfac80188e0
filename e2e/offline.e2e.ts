import { rmSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoFolder, freePort, gone, startProcess, todays } from './app.ts';
import { openBrowser } from './browser.ts';
import { newScreen, pause, type Screen } from './screen.ts';

let folder = '';
let port = 0;
let base = '';
let server: Awaited<ReturnType<typeof startProcess>>;
let chrome: Awaited<ReturnType<typeof openBrowser>>;
let screen: Screen;
const start = () => startProcess({ port, folder: path.join(folder, 'data'), demo: true });
const stop = async () => {
  server.kill('SIGTERM');
  await gone(server);
};
beforeAll(async () => {
  folder = demoFolder();
  port = await freePort();
  base = `http://127.0.0.1:${port}`;
  [server, chrome] = await Promise.all([start(), openBrowser()]);
  screen = await newScreen(chrome.browser);
});
afterAll(async () => {
  await chrome.close();
  await stop();
  rmSync(folder, { recursive: true, force: true });
});

const lesson = async (name: string) =>
  (
    (await (await fetch(`${base}/api/periods/${todays(name)}/desk`)).json()) as {
      lesson: { id: string; revision: number; title: string; blocks: { id: string; seconds?: { value: number } }[] };
    }
  ).lesson;
const cut = async (block: string, key: string, times: number) => {
  await (await screen.find('slider', `End of ${block}`)).focus();
  for (let i = 0; i < times; i++) {
    await screen.press(key);
    await pause(350);
  }
};

describe('without the server', () => {
  it('opens, shows what it last knew and says so', async () => {
    await screen.page.goto(`${base}/`);
    await screen.says('Grade 3b');
    await screen.page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await screen.page.goto(`${base}/desk/${todays('mills')}`);
    await screen.says('9 rounds of');
    await screen.page.goto(`${base}/classes/grade-5a`);
    await screen.says('Unfold what is private');
    await screen.page.goto(`${base}/desk/${todays('mills')}`);
    await screen.says('9 rounds of');
    await stop();
    await screen.page.reload();
    await screen.says('9 rounds of');
    await screen.says('Offline: as of');
    await screen.expectAccessible();
    await screen.page.goto(`${base}/classes/grade-5a`);
    await screen.holds('Sedgewick-Vale');
    await screen.page.goto(`${base}/`);
    await screen.says('Nine mills');
  });

  it('keeps edits, over a reload too, says how many wait, and sends them when the server is back', async () => {
    await screen.page.goto(`${base}/desk/${todays('mills')}`);
    await screen.says('9 rounds of');
    await cut('Explain', 'ArrowLeft', 2);
    await screen.says('2 changes saved on this device');
    await screen.page.goto(`${base}/`);
    await screen.says('2 to send: open');
    await screen.page.goto(`${base}/desk/${todays('mills')}`);
    await screen.says('2 changes saved on this device');
    await screen.says('2:30');
    server = await start();
    await screen.says(/Saved \d/);
    const stored = await lesson('mills');
    expect(stored.revision).toBe(2);
    expect(stored.blocks[1].seconds?.value).toBe(150);
    await screen.click('button', 'Undo: cut Explain');
    await screen.says(/Saved \d/);
    await pause(400);
    expect((await lesson('mills')).revision).toBe(3);
  });

  it('shows both versions where somebody else changed the lesson meanwhile', async () => {
    await screen.page.goto(`${base}/desk/${todays('weather')}`);
    await screen.says('rounds of');
    await screen.page.setOfflineMode(true);
    await cut('Arrive', 'ArrowLeft', 1);
    await screen.says('1 change saved on this device');
    const there = await lesson('weather');
    const other = { id: 'other', revision: there.revision, name: 'rename', edit: { kind: 'rename', title: 'Storm round' } };
    await fetch(`${base}/api/lessons/${there.id}/edits`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(other),
    });
    await screen.page.setOfflineMode(false);
    await screen.says('This lesson was changed in another window');
    await screen.expectAccessible();
    await screen.click('button', 'Put my change on top');
    await screen.says('Storm round');
    await screen.says(/Saved \d/);
    const stored = await lesson('weather');
    expect(stored.title).toBe('Storm round');
    expect(stored.blocks[0].seconds).toBeDefined();
  });
});
