import { expect } from 'vitest';
import { type App, startApp } from './app.ts';
import { openBrowser } from './browser.ts';
import { Screen } from './screen.ts';

/** "2026-09-09" of this machine now. */
export const localDate = () => new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 10);

/** The demo school on a server of its own, and a page to drive it by. */
export interface OpenDemo {
  app: App;
  screen: Screen;
  /** The machine's date, as the demo's periods are named by it. */
  today: string;
  /** Ends both; the page must have printed no error but those that `expected` matches. */
  close(expected?: RegExp): Promise<void>;
}

export async function openDemo(): Promise<OpenDemo> {
  const [app, chrome] = await Promise.all([startApp({ demo: true }), openBrowser()]);
  const screen = new Screen(await chrome.browser.newPage());
  return {
    app,
    screen,
    today: localDate(),
    async close(expected) {
      await chrome.close();
      await app.stop();
      expect(screen.errors.filter((e) => !expected?.test(e))).toEqual([]);
    },
  };
}
