import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { buildSync } from 'esbuild';
import type { Browser, BrowserContext, ElementHandle, Page } from 'puppeteer-core';
import { expect } from 'vitest';
import { shiftClock, testAhead } from './testDate.ts';

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
/** Finds elements within the page: asking the browser's own accessibility tree takes a hundred times as long. */
const locateSource = buildSync({
  entryPoints: [path.join(import.meta.dirname, 'locate.page.ts')],
  bundle: true,
  write: false,
  format: 'iife',
}).outputFiles[0].text;
/** How long something may take to appear, ms: ten times what a busy machine with two processors takes. */
export const PATIENCE = Number(process.env.SIDE_COURT_PATIENCE ?? 120_000);

/** A new page of a browser, driven as a person does; its clock is the one of this run, or further ahead (ms). */
export async function newScreen(of: Browser | BrowserContext, further = 0): Promise<Screen> {
  const page = await of.newPage();
  page.setDefaultTimeout(PATIENCE);
  await page.evaluateOnNewDocument(shiftClock, testAhead() + further);
  return new Screen(page);
}

/** A page driven as a person does: by role and name, or by the keyboard alone. */
export class Screen {
  readonly page: Page;
  /** Errors that the page printed; a test ends by looking at them. */
  readonly errors: string[] = [];
  constructor(page: Page) {
    this.page = page;
    page.on('pageerror', (error) => this.errors.push(error instanceof Error ? error.message : String(error)));
    page.on('console', (message) => message.type() === 'error' && this.errors.push(message.text()));
  }

  /** The first element with this role and accessible name (or whose text matches); waits for it. */
  async find(role: string, name: string | RegExp): Promise<ElementHandle<Element>> {
    const until = Date.now() + PATIENCE;
    for (;;) {
      const [found] = await this.all(role, name);
      if (found) return found;
      if (Date.now() > until) throw new Error(`no ${role} called ${name}; the page says: ${(await this.text()).slice(0, 800)}`);
      await pause(40);
    }
  }

  /** The elements with this role that are there now: all, those of a name, or those whose text matches. */
  async all(role: string, name?: string | RegExp): Promise<ElementHandle<Element>[]> {
    const pattern = name instanceof RegExp ? [undefined, name.source, name.flags] : [name];
    try {
      if (!(await this.page.evaluate(() => 'sideCourtLocate' in window))) await this.page.evaluate(locateSource);
      const list = await this.page.evaluateHandle((...asked) => window.sideCourtLocate(...(asked as [string])), role, ...pattern);
      const found = [...(await list.getProperties()).values()].flatMap((each) => each.asElement() ?? []);
      return found as ElementHandle<Element>[];
    } catch (error) {
      // The page was left while it was looked at: nothing of it is there.
      if (/context was destroyed|detached|Cannot find context|navigat/i.test(String(error))) return [];
      throw error;
    }
  }

  async click(role: string, name: string | RegExp): Promise<void> {
    for (let again = 0; ; again++) {
      try {
        const found = await this.find(role, name);
        // A menu takes its place after it has opened: what is clicked must stand still, as for a hand.
        if (role === 'menuitem') await this.still(found);
        return await found.click();
      } catch (error) {
        // Drawn anew between being found and being clicked: a person would click what is there now.
        if (again > 2 || !/detached|No node/.test(String(error))) throw error;
      }
    }
  }

  /** Waits until an element has been at one place for two looks. */
  private async still(element: ElementHandle<Element>): Promise<void> {
    let before = '';
    for (let i = 0; i < 40; i++) {
      const now = JSON.stringify(await element.boundingBox());
      if (now === before) return;
      before = now;
      await pause(40);
    }
  }

  /** Replaces what a field holds. */
  async fill(name: string, text: string): Promise<void> {
    const field = await this.find('textbox', name);
    await field.click({ count: 3 });
    await this.page.keyboard.type(text);
  }

  /** Gives a date or time field its value at once, as its picker does: such a field has no role to type into. */
  async setValue(field: ElementHandle<Element>, value: string): Promise<void> {
    await field.evaluate((e, v) => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(e, v);
      e.dispatchEvent(new Event('input', { bubbles: true }));
    }, value);
  }

  /** Waits until a field of the page holds the value. */
  async holds(value: string): Promise<void> {
    await this.page.waitForFunction(
      (wanted) => [...document.querySelectorAll('input, textarea')].some((e) => (e as HTMLInputElement).value === wanted),
      { timeout: PATIENCE },
      value,
    );
  }

  text(): Promise<string> {
    return this.page.evaluate(() => document.body.textContent);
  }

  /** Waits until the page says it (or, with `not`, no longer does). */
  async says(what: string | RegExp, options: { not?: boolean; patience?: number } = {}): Promise<void> {
    const until = Date.now() + (options.patience ?? PATIENCE);
    const has = (text: string) => (typeof what === 'string' ? text.includes(what) : what.test(text)) !== (options.not === true);
    let text = await this.text();
    while (!has(text)) {
      if (Date.now() > until)
        throw new Error(`the page ${options.not ? 'still says' : 'does not say'} ${what}: ${text.slice(0, 700)} … ${text.slice(-500)}`);
      await pause(60);
      text = await this.text();
    }
  }

  /** Presses Tab (a time field has no role of its own to wait for) until the element of this role and name has the focus, as somebody without a mouse does. */
  async tabTo(role: string, name: string | RegExp, backwards = false): Promise<void> {
    if (role !== 'time') await this.find(role, name);
    for (let i = 0; i < 260; i++) {
      const at = await this.focused();
      const fits = at.role === role && (typeof name === 'string' ? at.name === name : name.test(at.name));
      if (fits) return;
      if (backwards) await this.page.keyboard.down('Shift');
      await this.page.keyboard.press('Tab');
      if (backwards) await this.page.keyboard.up('Shift');
    }
    throw new Error(`Tab never comes to the ${role} called ${name}`);
  }

  /** Role and name of what has the focus, as a screen reader would say them. */
  private async focused(): Promise<{ role: string; name: string }> {
    const tree = await this.page.evaluateHandle(() => document.activeElement ?? document.body);
    const element = tree.asElement() as ElementHandle<Element> | null;
    if (!element) return { role: '', name: '' };
    const snapshot = await element.evaluate((e) => {
      const input = e as HTMLInputElement;
      const tag = e.tagName;
      const types: Record<string, string> = { checkbox: 'checkbox', radio: 'radio', time: 'time', file: 'button' };
      const roles: Record<string, string> = { BUTTON: 'button', A: 'link', SELECT: 'combobox', TEXTAREA: 'textbox' };
      const role =
        e.getAttribute('role') ?? (tag === 'INPUT' ? (input.list ? 'combobox' : (types[input.type] ?? 'textbox')) : (roles[tag] ?? ''));
      const label = input.labels?.[0]?.textContent;
      const name = e.getAttribute('aria-label') ?? label ?? e.textContent ?? '';
      return { role, name: name.replace(/\s+/g, ' ').trim() };
    });
    return snapshot;
  }

  async press(...keys: string[]): Promise<void> {
    for (const key of keys) await this.page.keyboard.press(key as 'Enter');
  }
  async type(text: string): Promise<void> {
    await this.page.keyboard.type(text);
  }
  /** Tab to it, then Enter. */
  async enter(role: string, name: string | RegExp): Promise<void> {
    await this.tabTo(role, name);
    await this.press('Enter');
  }
  /** Tab to a field, replace what it holds, and leave it by Enter. */
  async write(name: string, text: string): Promise<void> {
    await this.tabTo('textbox', name);
    await this.page.keyboard.down('Control');
    await this.press('a');
    await this.page.keyboard.up('Control');
    await this.type(text);
    await this.press('Enter');
  }

  /** Not one violation of axe's rules on what stands there now. */
  async expectAccessible(): Promise<void> {
    await this.page.evaluate(axeSource);
    const violations = await this.page.evaluate(async () => {
      const { axe } = window as unknown as {
        axe: { run(): Promise<{ violations: { id: string; nodes: { html: string; failureSummary: string }[] }[] }> };
      };
      const { violations } = await axe.run();
      return violations.map((v) => `${v.id}: ${v.nodes.map((n) => `${n.html.slice(0, 140)} ${n.failureSummary}`).join(' | ')}`);
    });
    expect(violations).toEqual([]);
  }

  /** Waits until the page has been drawn twice: what follows a new size of the window has then happened. */
  async settled(): Promise<void> {
    await this.page.evaluate(() => new Promise<void>((done) => requestAnimationFrame(() => requestAnimationFrame(() => done()))));
  }

  /** Nothing of the page lies outside the window. */
  async expectNoPageScroll(): Promise<void> {
    const over = await this.page.evaluate(() => {
      const { scrollWidth, scrollHeight } = document.documentElement;
      return { wide: scrollWidth - window.innerWidth, high: scrollHeight - window.innerHeight };
    });
    expect(over.wide).toBeLessThanOrEqual(0);
    expect(over.high).toBeLessThanOrEqual(0);
  }

  /** Texts smaller than 12 px that a person can see. */
  async smallTexts(): Promise<string[]> {
    return this.page.evaluate(() => {
      const small: string[] = [];
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      for (let node = walker.nextNode(); node; node = walker.nextNode()) {
        const element = node.parentElement;
        if (!element || !node.textContent?.trim()) continue;
        const box = element.getBoundingClientRect();
        const seen = box.width > 1 && box.height > 1;
        if (seen && Number.parseFloat(getComputedStyle(element).fontSize) < 12) small.push(node.textContent.trim());
      }
      return small;
    });
  }

  /** Texts that are cut off by the box that they stand in, and that nothing says in full. */
  async cutTexts(): Promise<string[]> {
    return this.page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('body *')]
        .filter((e) => {
          const style = getComputedStyle(e);
          const own = [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent?.trim());
          if (!own || e.clientWidth < 2 || e.closest('.sr-only, svg, select')) return false;
          const hides = style.overflowX === 'hidden' || style.overflowX === 'clip';
          return hides && e.scrollWidth > e.clientWidth + 1 && !e.closest('[title], [aria-label]');
        })
        .map((e) => e.textContent!.trim()),
    );
  }

  /** Runs the page's clock `speed` times as fast, from now on; the server must be started with the same speed. */
  async hurry(speed: number): Promise<void> {
    await this.page.evaluateOnNewDocument((times) => {
      const real = Date.now.bind(Date);
      const born = real();
      Date.now = () => Math.round(born + (real() - born) * times);
      const steady = performance.now.bind(performance);
      performance.now = () => steady() * times;
    }, speed);
  }
}

export const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));
