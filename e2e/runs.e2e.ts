import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type App, startApp, todays } from './app.ts';
import { openBrowser } from './browser.ts';
import { post, type StoredEvent, stored } from './runEvents.ts';
import { newScreen, pause, type Screen } from './screen.ts';

let chrome: Awaited<ReturnType<typeof openBrowser>>;
beforeAll(async () => {
  chrome = await openBrowser();
});
afterAll(() => chrome.close());

describe('a run in the browser', () => {
  const SPEED = 20;
  let app: App;
  let screen: Screen;
  let run = '';
  beforeAll(async () => {
    app = await startApp({ demo: true, speed: SPEED });
    screen = await newScreen(chrome.browser);
    await screen.hurry(SPEED);
    run = ((await post(app.base, '/runs', { periodId: todays('mills') })) as { id: string }).id;
    await screen.page.goto(`${app.base}/whistle/${run}`);
    await screen.says('Hold everything');
    for (let i = 0; i < 8 && !(await screen.text()).includes('Round 1 of 9'); i++) {
      await screen.click('button', 'Skip to the next step');
      await pause(120);
    }
  });
  afterAll(() => app.stop());
  const left = async (on: Screen) => {
    const [m, s] = (await on.page.$eval('[role="timer"]', (e) => e.textContent ?? '')).split(':').map(Number);
    return m * 60 + s;
  };

  it('goes on for ten minutes without the server, sixty taps long, and tells it all afterwards, once', async () => {
    await screen.says('All saved');
    const before = (await stored(app.base, run)).length;
    await screen.page.setOfflineMode(true);
    await screen.says('Offline');
    const from = Date.now();
    for (let tap = 0; tap < 60; tap++) {
      // Found and tapped in one task of the page: a round that ends in between takes buttons away.
      await screen.page.evaluate((i) => {
        const all = document.querySelectorAll<HTMLElement>('button[aria-label$=": +1"]');
        all[i % all.length].click();
      }, tap);
      await pause(Math.max(0, ((tap + 1) * 600_000) / SPEED / 60 - (Date.now() - from)));
    }
    await screen.says('60 saved on this device');
    await screen.page.setOfflineMode(false);
    await screen.says('All saved');
    const events = await stored(app.base, run);
    expect(events.filter((e) => e.type === 'play')).toHaveLength(60);
    expect(events.length).toBe(before + 60);
    expect(new Set(events.map((e) => e.id)).size).toBe(events.length);
    const points = await screen.page.$$eval('output[aria-label^="Points of group"]', (all) => all.map((o) => Number(o.textContent) || 0));
    expect(
      points.reduce((sum, p) => sum + p, 0),
      'every tap is a point',
    ).toBe(60);
  });

  it('keeps nothing in this window alone: a reload and a new window show the same clock and points', async () => {
    await screen.click('button', 'Hold everything');
    await screen.says('Resume');
    await screen.says('All saved');
    const here = await left(screen);
    const points = () => screen.page.$$eval('output', (all) => all.map((o) => o.textContent).join(' '));
    const told = await points();
    await screen.page.reload();
    await screen.says('Resume');
    expect(await left(screen)).toBe(here);
    expect(await points()).toBe(told);
  });

  it('is led by one window; another follows and may take it over', async () => {
    const second = await newScreen(await chrome.browser.createBrowserContext());
    await second.hurry(SPEED);
    await second.page.goto(`${app.base}/whistle/${run}`);
    await second.says('This lesson is running in another window');
    await second.expectAccessible();
    expect(await second.all('button', 'Resume')).toEqual([]);
    await screen.click('button', 'Resume');
    await second.says('Hold everything', { not: true });
    await second.says(/Round \d of 9|Move on/);
    expect(Math.abs((await left(screen)) - (await left(second)))).toBeLessThanOrEqual(2 * SPEED);
    await second.click('button', 'Run it from here');
    await second.find('button', 'Hold everything');
    await screen.says('This lesson is running in another window');
    await second.click('button', 'Hold everything');
    await screen.says(/Hold everything/);
    await second.page.close();
    await pause(4500);
    await screen.find('button', 'Resume');
  });

  it('is corrected: an entry struck, points given to another group, a forgotten point put where it belongs', async () => {
    await screen.click('button', 'What happened');
    await screen.says('What happened');
    await screen.expectAccessible();
    const log = async () => (await stored(app.base, run)).slice(-1)[0].type;
    await screen.click('button', /^Cross out: \+1 for group/);
    await screen.says('All saved');
    expect(await log()).toBe('strike');
    const select = (await screen.page.$('select[aria-label^="Change +1 for group"]'))!;
    await select.focus();
    await select.select('0');
    await screen.says('All saved');
    expect(await log()).toBe('replace');
    const pick = async (field: string, text: RegExp) => {
      const list = await (await screen.find('combobox', field)).toElement('select');
      await list.select(
        await list.$$eval(
          'option',
          (all, source) => all.find((o) => new RegExp(source).test(o.textContent ?? ''))?.value ?? '',
          text.source,
        ),
      );
    };
    await pick('Something forgotten, at', /round 1 began/);
    await pick('What', /^\+1 for group 2$/);
    await screen.click('button', 'Add it');
    await screen.says('added later');
    await screen.says('All saved');
    const last = (await stored(app.base, run)).slice(-1)[0] as StoredEvent;
    expect(last.since).toBeGreaterThan(0);
    await screen.click('button', 'Close');
  });
});
