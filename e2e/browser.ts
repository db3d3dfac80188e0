import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser } from 'puppeteer-core';

const PATHS = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

/** Where Chromium is, or a message that says how to get it. */
export function chromiumPath(): string {
  const found = PATHS.find((p) => p && existsSync(p));
  if (!found) throw new Error('Chromium is missing: apt-get install chromium, or set CHROMIUM_PATH');
  return found;
}

/** A headless browser with a fresh profile that reaches nothing but this machine. */
export async function openBrowser(width = 1280, height = 800): Promise<{ browser: Browser; close(): Promise<void> }> {
  const profile = mkdtempSync(path.join(tmpdir(), 'side-court-chromium-'));
  const browser = await puppeteer.launch({
    executablePath: chromiumPath(),
    headless: true,
    userDataDir: profile,
    defaultViewport: { width, height },
    args: [
      ...[
        '--no-sandbox',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
      ...['--disable-gpu', '--disable-dev-shm-usage', '--hide-scrollbars', '--force-color-profile=srgb', '--font-render-hinting=none'],
      ...['--autoplay-policy=no-user-gesture-required', '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost'],
    ],
  });
  return {
    browser,
    async close() {
      await browser.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}
