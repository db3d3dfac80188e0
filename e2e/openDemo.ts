import { format } from 'date-fns';
import type { BoundingBox } from 'puppeteer-core';
import { afterAll, beforeAll, expect } from 'vitest';
import { type App, startApp } from './app.ts';
import { openBrowser } from './browser.ts';
import { newScreen, type Screen } from './screen.ts';

/** "2026-09-09": the local date now. */
export const localDate = () => format(new Date(), 'yyyy-MM-dd');

/** The demo school on a server of its own, and a page to drive it by. */
export interface OpenDemo {
  app: App;
  screen: Screen;
  /** The machine's date, as the demo's periods are named by it. */
  today: string;
  /** Opens a page of the demo in a window of that size. */
  open(path: string, width?: number, height?: number): Promise<void>;
  /** Asks the server from within the page. */
  api(path: string, body?: unknown): Promise<unknown>;
  /** Where something is drawn. */
  box(role: string, name: string | RegExp): Promise<BoundingBox>;
  /** Ends both; the page must have printed no error but those that `expected` matches. */
  close(expected?: RegExp): Promise<void>;
}

async function openDemo(): Promise<OpenDemo> {
  const [app, chrome] = await Promise.all([startApp({ demo: true }), openBrowser()]);
  const screen = await newScreen(chrome.browser);
  return {
    app,
    screen,
    today: localDate(),
    async open(path, width = 1280, height = 800) {
      await screen.page.setViewport({ width, height });
      await screen.page.goto(app.base + path, { waitUntil: 'load' });
    },
    api: (path, body) =>
      screen.page.evaluate(
        async ([p, b]) => {
          const init =
            b === null ? undefined : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(b) };
          return (await fetch(`/api${p}`, init)).json();
        },
        [path, body ?? null] as const,
      ),
    async box(role, name) {
      const found = await (await screen.find(role, name)).boundingBox();
      if (!found) throw new Error(`${name} is not drawn`);
      return found;
    },
    async close(expected) {
      await chrome.close();
      await app.stop();
      expect(screen.errors.filter((e) => !expected?.test(e))).toEqual([]);
    },
  };
}

/**
 * The demo for one file of tests: opened before the first, handed to `begin`, closed after the last. What is given drives it;
 * errors that the page may print match `expected`.
 */
export function withDemo(begin: (demo: OpenDemo) => void | Promise<void>, expected?: RegExp): Pick<OpenDemo, 'open' | 'api' | 'box'> {
  let demo: OpenDemo;
  beforeAll(async () => {
    demo = await openDemo();
    await begin(demo);
  });
  afterAll(() => demo.close(expected));
  return {
    open: (...at) => demo.open(...at),
    api: (...asked) => demo.api(...asked),
    box: (...what) => demo.box(...what),
  };
}
