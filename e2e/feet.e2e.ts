import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { newScreen, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});

/** Everything that the page says by text, field or spoken label in meters or in what goes with them. */
const inMeters = (): Promise<string[]> =>
  screen.page.evaluate(() => {
    const METRIC = /\d\s?(?:m|cm|mm|km|g|kg|m²|m\/s²?)(?![\w²/])|m²|\bm\/s|\bmeters?\b/;
    const said = [...document.querySelectorAll('body *')].flatMap((e) => {
      if (e instanceof HTMLScriptElement || e instanceof HTMLStyleElement || e instanceof HTMLOptionElement) return [];
      const own = [...e.childNodes].filter((n) => n.nodeType === Node.TEXT_NODE).map((n) => n.textContent);
      const value = e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement ? [e.value, e.placeholder] : [];
      return [own.join(''), e.getAttribute('aria-label') ?? '', ...value];
    });
    return [...new Set(said.filter((text) => METRIC.test(text)))];
  });

describe('a school that measures in feet', () => {
  it('is set so in the settings, where figures then are mph, sq ft, oz and inches', async () => {
    await open('/settings');
    await screen.find('heading', 'Figures by grade');
    await (await screen.find('combobox', 'Lengths in')).toElement('select').then((e) => e.select('ft'));
    await screen.holds('43 sq ft');
    await screen.holds('4.2–7.8 oz');
    expect(await inMeters()).toEqual([]);
    await screen.fill('Two students may run at each other at', 'fast');
    await screen.press('Tab');
    await screen.says('"fast" can’t be read. Write 11.2 mph.');
    await screen.fill('Two students may run at each other at', '13');
    await screen.press('Tab');
    await screen.click('tab', /4–5/);
    await screen.fill('Floor each, vigorous, 4-5', '60 sq ft');
    await screen.press('Tab');
    await screen.fill('Implement at a grip or swing of 1–2, at most', '4–8');
    await screen.press('Tab');
    await screen.holds('4–8 oz');
    const school = (await api('/school')) as {
      limits: { closingSpeedMs: number };
      bands: Record<string, { floorPerStudent: number }>;
      adaptFigures: { implementG: [number, number] };
    };
    expect(school.limits.closingSpeedMs).toBeCloseTo(13 * 0.44704, 3);
    expect(school.bands['4-5'].floorPerStudent).toBeCloseTo(60 * 0.3048 ** 2, 3);
    expect(school.adaptFigures.implementG[1]).toBeCloseTo(226.796, 2);
  });

  it.each([
    ['a day', () => '/', 'Grade 5a'],
    ['the rotation', () => `/desk/mills-${today}/rotation`, 'Rotation'],
    ['the set-out', () => `/desk/mills-${today}/set-out`, 'of tape'],
    ['grades', () => `/desk/mills-${today}/grades`, 'by grade'],
    ['adults', () => `/desk/mills-${today}/support`, 'Notes for adults'],
    ['a guest', () => `/guest/mills-${today}`, 'Ribbon'],
    ['a room', () => '/rooms/old-dining-hall', 'sq ft of floor'],
    ['skill ladders', () => '/ladders/grade-5a', 'Skill ladders'],
    ['the logbook', () => '/logbook', 'Logbook'],
  ])('says nothing in meters: %s', async (_, path, says) => {
    await open(path());
    await screen.says(says);
    await screen.settled();
    // The school's units come with its settings.
    await expect.poll(inMeters, { timeout: 120_000 }).toEqual([]);
  });

  it('says nothing in meters on any sheet of a desk', async () => {
    for (const period of ['mills', 'orchard', 'weather']) {
      await open(`/desk/${period}-${today}`);
      await screen.find('button', 'Blow the whistle');
      for (const key of ['1', '2', '3', '4', '5', '6']) {
        await screen.press(key);
        await screen.settled();
        expect(await inMeters(), `${period}, sheet ${key}`).toEqual([]);
      }
    }
  });

  it('keeps a choice that is made before the settings have been read', async () => {
    // A window that knows nothing yet, whose first look at the school takes until something has been chosen.
    const fresh = await newScreen(await screen.page.browser().createBrowserContext());
    const { page } = fresh;
    let goOn: () => void = () => undefined;
    const chosen = new Promise<void>((done) => {
      goOn = done;
    });
    await page.setRequestInterception(true);
    page.on('request', (request) => {
      const isSlow = request.method() === 'GET' && request.url().endsWith('/api/school');
      void (isSlow ? chosen : Promise.resolve()).then(() => request.continue());
    });
    await page.goto(new URL('/settings', screen.page.url()).href);
    const choice = await (await fresh.find('combobox', 'Lengths in')).toElement('select');
    expect(await choice.evaluate((e) => e.value), 'the defaults are shown so far').toBe('m');
    await (await fresh.find('combobox', 'Single-letter keys')).toElement('select').then((e) => e.select('no'));
    goOn();
    await expect.poll(async () => ((await api('/school')) as { singleKeys: boolean }).singleKeys, { timeout: 120_000 }).toBe(false);
    await fresh.holds('43 sq ft');
    expect(fresh.errors).toEqual([]);
    await page.browserContext().close();
  });

  it('weighs gear in ounces', async () => {
    await open('/cupboard');
    await screen.click('button', /beanbag/i);
    await screen.fill('Weight', '4');
    await screen.press('Tab');
    await screen.holds('4 oz');
    expect(await inMeters()).toEqual([]);
    const gear = (await api('/gear')) as { massG?: number }[];
    expect(gear.some((g) => Math.abs((g.massG ?? 0) - 113.398) < 0.01)).toBe(true);
  });
});
