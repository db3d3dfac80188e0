import { gzipSync } from 'node:zlib';
import type { HTTPResponse } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

/** Script that the first page may load, kB gzipped. */
const MOST_KB = 200;

let screen: Screen;
const { open } = withDemo((demo) => {
  ({ screen } = demo);
});

describe('loading', () => {
  it('gives the first screen for at most 200 kB of script', async () => {
    const scripts = new Map<string, Promise<Buffer | Uint8Array>>();
    const note = (answer: HTTPResponse) => {
      if (answer.url().endsWith('.js') && answer.frame() === screen.page.mainFrame()) scripts.set(answer.url(), answer.buffer());
    };
    screen.page.on('response', note);
    await open('/');
    await screen.says('Nine mills');
    screen.page.off('response', note);
    const kilobytes = await Promise.all([...scripts.values()].map(async (text) => gzipSync(await text).length / 1000));
    expect(scripts.size).toBeGreaterThan(3);
    // Workers fetch their own scripts, and no frame stands behind those.
    expect([...scripts.keys()].some((url) => /react-hook-form|NewPeriod|date-fns|TrendChart/.test(url))).toBe(false);
    expect(kilobytes.reduce((a, b) => a + b, 0)).toBeLessThan(MOST_KB);
  });
});
