import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
let today: string;
withDemo(async (demo) => {
  ({ app, screen, today } = demo);
  await screen.page.setViewport({ width: 1280, height: 680 });
}, /400/);

type Corner = { x: number; y: number };
const room = async (id: string) =>
  (await (await fetch(`${app.base}/api/rooms/${id}`)).json()) as {
    outline: Corner[];
    doors: { wall: number; atM: number; name: string }[];
  };
/** Waits until the stored outline is as told. */
const stored = async (id: string, fits: (outline: Corner[]) => boolean) => {
  for (let i = 0; i < 100 && !fits((await room(id)).outline); i++) await pause(50);
  expect(fits((await room(id)).outline)).toBe(true);
};

describe('a room as it is', () => {
  it('is cut to an L, corner by corner typed, dragged and stepped; nonsense is refused and nothing lost', async () => {
    await screen.page.goto(`${app.base}/rooms/mill-gym`);
    await screen.click('button', 'Cut a corner off');
    await screen.says(/3\d\d m² of floor/);
    await stored('mill-gym', (o) => o.length === 6);
    await screen.expectAccessible();
    await screen.expectNoPageScroll();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.fill('Corner 4 from west', '16');
    await screen.press('Enter');
    await stored('mill-gym', (o) => o[3].x === 16);
    const handle = async (n: number) => (await (await screen.find('button', new RegExp(`^Corner ${n},`))).boundingBox())!;
    const before = await handle(4);
    const from = { x: before.x + before.width / 2, y: before.y + before.height / 2 };
    await screen.page.mouse.move(from.x, from.y);
    await screen.page.mouse.down();
    await screen.page.mouse.move(from.x + 30, from.y, { steps: 5 });
    await screen.page.mouse.up();
    await stored('mill-gym', (o) => o[3].x > 16.5);
    await (await screen.find('button', /^Corner 4,/)).evaluate((e) => (e as unknown as SVGElement).focus());
    const { x } = (await room('mill-gym')).outline[3];
    await screen.press('ArrowLeft', 'ArrowLeft');
    await stored('mill-gym', (o) => Math.abs(o[3].x - (x - 0.2)) < 0.11);
    const kept = (await room('mill-gym')).outline;
    // So far up that its wall would cross the cut.
    await screen.fill('Corner 2 from south', '12');
    await screen.press('Enter');
    await screen.page.waitForSelector('[role="alert"]');
    expect((await room('mill-gym')).outline).toEqual(kept);
    await screen.press('Escape');
  });

  it('takes a corner more, loses one, and is a rectangle again with its doors', async () => {
    await screen.page.reload();
    await screen.says('m² of floor');
    await screen.click('button', /^Add a corner in the/);
    await stored('mill-gym', (o) => o.length === 7);
    // The list below is drawn with what was stored: a press before that could land where a button stood.
    const corners = (n: number) =>
      screen.page.waitForFunction((wanted) => document.querySelectorAll('[aria-label^="Remove corner"]').length === wanted, {}, n);
    await corners(7);
    await screen.click('button', 'Remove corner 2');
    await stored('mill-gym', (o) => o.length === 6);
    await corners(6);
    await screen.click('button', 'Make it a rectangle');
    await stored('mill-gym', (o) => o.length === 4);
    await screen.says('Width (along the main door wall)');
    expect((await room('mill-gym')).doors.map((d) => d.name)).toContain('south door');
  });

  it('takes its outline from a plan in a stated unit, tells what is wrong with one, and changes nothing before it is used', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'side-court-plan-'));
    const plan = async (name: string, text: string) => {
      writeFileSync(path.join(folder, name), text);
      const input = await screen.page.waitForSelector('input[type="file"]');
      await (input as ElementHandle<HTMLInputElement>).uploadFile(path.join(folder, name));
    };
    const svg = (inside: string) => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 3000 2000">${inside}</svg>`;
    await screen.page.goto(`${app.base}/rooms/upper-yard`);
    const before = (await room('upper-yard')).outline;
    await screen.click('button', 'From a plan …');
    await plan('open.svg', svg('<polyline points="0,0 4200,0 4200,2600 0,2600"/>'));
    await screen.says('The outline is open: its ends are at');
    await plan('yard.svg', svg('<path d="M0 0 H4200 V2600 H1000 L0 2000 Z"/>'));
    await screen.says('The room would be 4200 × 2600 m');
    await screen.expectAccessible();
    await (await screen.find('combobox', 'One unit of the drawing is')).toElement('select').then((e) => e.select('0.01'));
    await screen.says('42 m × 26 m, 5 corners, 1062 m² of floor');
    expect((await room('upper-yard')).outline).toEqual(before);
    await screen.click('button', 'Use this outline');
    await stored('upper-yard', (o) => o.length === 5);
    await screen.says('1062 m² of floor');
    rmSync(folder, { recursive: true, force: true });
  });

  it('carries a lesson in the L-shaped hall: every station inside, set out from walls that are told apart', async () => {
    const post = async (to: string, body: unknown) =>
      (
        await fetch(`${app.base}/api${to}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
      ).json() as Promise<{ id: string; lesson: { id: string } }>;
    const made = await post('/periods', { date: today, start: '15:00', end: '15:45', classId: 'grade-1m', roomId: 'old-dining-hall' });
    await post(`/periods/${made.id}/lesson`, { title: 'Mills indoors' });
    await screen.page.goto(`${app.base}/desk/${made.id}`);
    await screen.says('No game in this lesson yet');
    await screen.click('button', 'Add a block');
    await screen.click('menuitem', /^Nine mills/);
    await screen.says(/rounds of/);
    await screen.expectAccessible();
    const labels = await screen.page.$$eval('svg [role="button"]', (all) => all.map((e) => e.getAttribute('aria-label') ?? ''));
    expect(labels.length).toBeGreaterThanOrEqual(5);
    await screen.click('link', 'Set up the floor');
    await screen.says('of tape');
    await screen.says(/east wall 2|north wall 2|south wall|west wall/);
    expect((await screen.page.$$('ol[aria-label="Marks in walking order"] > li')).length).toBe(labels.length * 4);
    await screen.expectAccessible();
  });

  it('has walls of their kinds, things that draw out, a measuring tape, a part behind its curtain, a copy', async () => {
    await screen.page.goto(`${app.base}/rooms/mill-gym`);
    const facts = async () =>
      (await (await fetch(`${app.base}/api/rooms/mill-gym`)).json()) as {
        walls: string[];
        fixed: { id: string; opens: { open: boolean } | null }[];
      };
    const east = await screen.find('combobox', 'East wall');
    await east.select('glass');
    for (let i = 0; i < 60 && (await facts()).walls[1] !== 'glass'; i++) await pause(50);
    expect((await facts()).walls).toContain('glass');
    await (await screen.find('combobox', 'The bleacher stands open')).select('yes');
    for (let i = 0; i < 60 && !(await facts()).fixed.some((f) => f.opens?.open); i++) await pause(50);
    expect((await facts()).fixed.find((f) => f.id === 'bleacher')!.opens).toMatchObject({ open: true });
    await screen.click('button', 'Measure');
    await screen.find('button', /^End B of the tape/);
    const told = async () => (await screen.find('button', /^End B of the tape/)).evaluate((e) => e.getAttribute('aria-label'));
    const before = await told();
    await (await screen.find('button', /^End B of the tape/)).evaluate((e) => {
      (e as unknown as SVGElement).focus();
    });
    await screen.press('ArrowRight', 'ArrowRight');
    await pause(800);
    expect(await told()).not.toBe(before);
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.fill('One end from west', '14.4');
    await screen.press('Enter');
    await screen.fill('Other end from south', '9');
    await screen.press('Enter');
    await screen.says('does not reach from wall to wall through the room');
    await screen.press('Escape');
    await screen.click('button', /^Make a room of it: .*by the stage/);
    await screen.says(/half by the stage · 14/);
    await screen.click('button', 'Copy the room');
    await screen.says(', a copy');
    const rooms = (await (await fetch(`${app.base}/api/rooms`)).json()) as { name: string; partOf?: string; walls: string[] }[];
    expect(rooms.filter((r) => r.partOf === 'mill-gym')).toHaveLength(2);
    expect(rooms.find((r) => r.partOf === 'mill-gym')!.walls).toContain('curtain');
  });

  it('has doors and things that are dragged and typed, new ones in free space, each undone by name', async () => {
    await screen.page.goto(`${app.base}/rooms/upper-yard`);
    const yard = async () =>
      (await (await fetch(`${app.base}/api/rooms/upper-yard`)).json()) as {
        doors: { id: string; name: string; wall: number; atM: number; widthM: number }[];
        fixed: { id: string; thing: string; xM: number; yM: number; widthM: number; depthM: number }[];
      };
    const until = async (fits: (now: Awaited<ReturnType<typeof yard>>) => boolean) => {
      for (let i = 0; i < 200 && !fits(await yard()); i++) await pause(50);
      expect(fits(await yard())).toBe(true);
    };
    const drag = async (name: RegExp, dx: number, dy: number) => {
      const box = (await (await screen.find('button', name)).boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await screen.page.mouse.move(x, y);
      await screen.page.mouse.down();
      await screen.page.mouse.move(x + dx, y + dy, { steps: 5 });
      await screen.page.mouse.up();
    };
    const before = await yard();
    const [planter] = before.fixed;
    await drag(/from the west, .* from the south/, -60, 30);
    await until((now) => now.fixed[0].xM < planter.xM - 1 && now.fixed[0].yM < planter.yM - 0.5);
    await screen.click('button', /^Undo: move /);
    await until((now) => now.fixed[0].xM === planter.xM && now.fixed[0].yM === planter.yM);
    await screen.says('Undo: move', { not: true });
    await drag(new RegExp(`^${before.doors[0].name}, door 1`), 70, 0);
    await until((now) => now.doors[0].atM !== before.doors[0].atM || now.doors[0].wall !== before.doors[0].wall);
    await screen.click('button', new RegExp(`^Undo: move ${before.doors[0].name}`));
    await until((now) => now.doors[0].atM === before.doors[0].atM);
    await screen.says('Undo: move', { not: true });
    await drag(/^Corner 3,/, -40, 20);
    await screen.click('button', 'Undo: move corner 3');
    await screen.says('Undo: move', { not: true });
    await screen.click('button', 'Add a door');
    await until((now) => now.doors.length === before.doors.length + 1);
    const { doors } = await yard();
    const fresh = doors.at(-1)!;
    for (const d of doors.slice(0, -1))
      expect(d.wall !== fresh.wall || d.atM + d.widthM <= fresh.atM || fresh.atM + fresh.widthM <= d.atM).toBe(true);
    await screen.click('button', 'Add a post');
    await until((now) => now.fixed.length === before.fixed.length + 1);
    await screen.fill('Diameter', '1.2');
    await screen.press('Enter');
    await until((now) => now.fixed.at(-1)!.widthM === 1.2 && now.fixed.at(-1)!.depthM === 1.2);
    await screen.expectAccessible();
  });
});
