import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type App, startApp } from './app.ts';
import { openBrowser } from './browser.ts';
import { newScreen, type Screen } from './screen.ts';

let app: App;
let chrome: Awaited<ReturnType<typeof openBrowser>>;
let screen: Screen;
beforeAll(async () => {
  [app, chrome] = await Promise.all([startApp(), openBrowser()]);
  screen = await newScreen(chrome.browser);
  await screen.page.goto(app.base);
});
afterAll(async () => {
  await chrome.close();
  await app.stop();
  expect(screen.errors).toEqual([]);
});

describe('an empty school', () => {
  it('is one press away from the demo school, and back', async () => {
    await screen.says('No periods yet');
    await screen.expectAccessible();
    await Promise.all([screen.page.waitForNavigation(), screen.click('button', 'Look around in the demo school')]);
    await screen.says('2 · Grade 5a');
    await screen.page.goto(`${app.base}/settings`);
    await screen.says('This is the demo school');
    await screen.expectAccessible();
    await screen.click('button', 'Leave the demo school');
    await screen.says('A backup is made first');
    await screen.expectAccessible();
    await Promise.all([screen.page.waitForNavigation(), screen.click('button', 'Open my own school')]);
    await screen.says('No periods yet');
    await screen.says('Grade 5a', { not: true });
  });
});
