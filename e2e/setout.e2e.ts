import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import DxfParser from 'dxf-parser';
import { XMLValidator } from 'fast-xml-parser';
import { afterAll, describe, expect, it } from 'vitest';
import { type App, todays } from './app.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
const downloads = mkdtempSync(path.join(tmpdir(), 'side-court-files-'));
withDemo(async (demo) => {
  ({ app, screen } = demo);
  const session = await screen.page.createCDPSession();
  await session.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: downloads });
});
afterAll(() => {
  rmSync(downloads, { recursive: true, force: true });
});

const card = () => screen.page.$eval('section[aria-label="This mark"]', (e) => e.textContent ?? '');
const file = async (name: string) => {
  const full = path.join(downloads, name);
  for (let i = 0; i < 100 && !existsSync(full); i++) await pause(50);
  await pause(100);
  return readFileSync(full);
};

describe('the set-out sheet', () => {
  it('opens from the desk and tells mark after mark, by mouse and keys, in letters for arm’s length', async () => {
    await screen.page.setViewport({ width: 1280, height: 680 });
    await screen.page.goto(`${app.base}/desk/${todays('mills')}`);
    await screen.says('9 rounds of');
    await screen.click('link', 'Set up the floor');
    await screen.says('Set up: Nine mills');
    await screen.says('of tape');
    expect(await screen.page.$$('ol[aria-label="Marks in walking order"] > li')).toHaveLength(36);
    await screen.expectAccessible();
    await screen.expectNoPageScroll();
    expect(await screen.smallTexts()).toEqual([]);
    const first = await card();
    expect(first).toMatch(/^1\d? .*from the .* wall.*from the .* wall/);
    await screen.press('ArrowDown', 'ArrowDown');
    expect(await card()).toMatch(/^3.*check: [\d.]+ m to mark 1/);
    await screen.click('button', 'Mark before');
    expect(await card()).toMatch(/^2/);
    await screen.click('button', /^36/);
    expect(await card()).toMatch(/^36/);
    const big = await screen.page.$eval('section[aria-label="This mark"] strong', (e) => Number.parseFloat(getComputedStyle(e).fontSize));
    expect(big).toBeGreaterThanOrEqual(28);
  });

  it('counts anew by the tape and the rates that are typed, refuses nonsense, and keeps them', async () => {
    const layOut = () =>
      screen.page.$eval('section[aria-label="What it takes"] dl', (e) => Number(/to set up(\d+) min/.exec(e.textContent ?? '')?.[1]));
    const before = await layOut();
    await screen.fill('Seconds per mark', '60');
    await screen.press('Enter');
    for (let i = 0; i < 100 && (await layOut()) === before; i++) await pause(50);
    expect(await layOut()).toBeGreaterThanOrEqual(before + 26);
    await screen.fill('Tape', 'long');
    await screen.press('Enter');
    await screen.says('"long" is not a length');
    await screen.fill('Tape', '6');
    await screen.press('Enter');
    await screen.says('no two walls reach this mark with a tape of 6 m');
    await screen.page.reload();
    await screen.says('no two walls reach this mark with a tape of 6 m');
    await screen.fill('Tape', '30');
    await screen.press('Enter');
    await screen.says('no two walls reach', { not: true });
  });

  it('has three grades, each with its minutes: exact, quick by middles, paced without a tape', async () => {
    const minutes = async (grade: string) =>
      Number(
        (await (await screen.find('button', new RegExp(`^${grade}: \\d+ min`))).evaluate((b) => b.textContent ?? '')).match(/\d+/)![0],
      );
    const [exact, quick, paced] = [await minutes('Exact'), await minutes('Quick'), await minutes('Paced')];
    expect(exact).toBeGreaterThan(quick);
    expect(quick).toBeGreaterThan(paced);
    await screen.click('button', /^Quick/);
    await screen.says('middle of the far edge');
    await screen.click('button', /^Paced/);
    await screen.says(/paces? (east|west) of /);
    await screen.says(`${paced} min, paced`);
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.fill('My pace', '0.9 m');
    await screen.press('Enter');
    await screen.says('9 Windmill, its middle');
    await screen.click('button', /^Exact/);
  });

  it('goes out as SVG, DXF and PNG, and onto paper without buttons', async () => {
    await screen.click('button', 'SVG');
    const svg = String(await file('mill-gym-nine-mills.svg'));
    expect(XMLValidator.validate(svg)).toBe(true);
    expect(svg).toContain('width="270mm"');
    await screen.click('button', 'DXF');
    const dxf = new DxfParser().parseSync(String(await file('mill-gym-nine-mills.dxf')))!;
    expect(dxf.entities.filter((e) => e.layer === 'marks' && e.type === 'TEXT')).toHaveLength(36);
    await screen.click('button', 'PNG');
    const png = await file('mill-gym-nine-mills.png');
    expect(png.subarray(1, 4).toString()).toBe('PNG');
    expect(png.readUInt32BE(16)).toBe(27 * 60);
    await screen.page.emulateMediaType('print');
    const seen = await screen.page.evaluate(() => ({
      buttons: [...document.querySelectorAll('header button')].filter((b) => (b as HTMLElement).offsetParent !== null).length,
      marks: [...document.querySelectorAll('ol[aria-label="Marks in walking order"] > li')].filter(
        (l) => l.getBoundingClientRect().height > 0,
      ).length,
    }));
    expect(seen).toEqual({ buttons: 0, marks: 36 });
    const pdf = await screen.page.pdf({ format: 'A4' });
    expect(String.fromCharCode(...pdf.slice(0, 5))).toBe('%PDF-');
    await screen.page.emulateMediaType();
  });
});
