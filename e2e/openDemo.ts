import { expect } from 'vitest';
import { type App, startApp } from './app.ts';
import { openBrowser } from './browser.ts';
import { Screen } from './screen.ts';

/** The demo school on a server of its own, and a page to drive it by. */
export interface OpenDemo {
  app: App;
  screen: Screen;
  /** Ends both; the page must have printed no error but those that `expected` matches. */
  close(expected?: RegExp): Promise<void>;
}

export async function openDemo(): Promise<OpenDemo> {
  const [app, chrome] = await Promise.all([startApp({ demo: true }), openBrowser()]);
  const screen = new Screen(await chrome.browser.newPage());
  return {
    app,
    screen,
    async close(expected) {
      await chrome.close();
      await app.stop();
      expect(screen.errors.filter((e) => !expected?.test(e))).toEqual([]);
    },
  };
}
