import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
let today: string;
withDemo(async (demo) => {
  ({ app, screen, today } = demo);
  await screen.page.setViewport({ width: 1280, height: 800 });
  await screen.page.goto(app.base);
});

interface Laid {
  id: string;
  laid: string;
  x: number;
  y: number;
  turnedDeg: number;
  lengthM: number;
}
/** What is stored on the floors of the period's lesson. */
const laid = async (period: string): Promise<Laid[]> => {
  const { lesson } = (await (await fetch(`${app.base}/api/periods/${period}-${today}/desk`)).json()) as {
    lesson: { blocks: { laid?: Laid[] }[] };
  };
  return lesson.blocks.flatMap((b) => b.laid ?? []);
};
const stored = async (period: string, fits: (pieces: Laid[]) => boolean): Promise<Laid[]> => {
  let pieces = await laid(period);
  for (let i = 0; i < 100 && !fits(pieces); i++) {
    await pause(60);
    pieces = await laid(period);
  }
  expect(fits(pieces), JSON.stringify(pieces)).toBe(true);
  return pieces;
};
const pick = async (label: string, text: string) => {
  const field = await screen.find('combobox', label);
  await field.select(await field.$$eval('option', (all, t) => all.find((o) => o.textContent === t)?.value ?? '', text));
};
const focus = async (name: RegExp) =>
  (await screen.find('button', name)).evaluate((e) => {
    (e as unknown as SVGElement).focus();
  });

describe('pieces laid out on the desk', () => {
  it('a ring of cones in one go, then by keyboard: stepped, turned, taken up, undone', async () => {
    await screen.page.goto(`${app.base}/desk/weather-${today}`);
    await screen.says('Round 1 of');
    await screen.click('button', 'Add to the floor …');
    await pick('What', 'cone');
    await pick('How', 'in a ring');
    await screen.fill('How many', 'many');
    await screen.click('button', 'Add it');
    await screen.says('"many" is not a number from 1 to 60.');
    await screen.fill('How many', '6');
    await screen.expectAccessible();
    await screen.click('button', 'Add it');
    const ring = await stored('weather', (p) => p.length === 6);
    const middle = { x: ring.reduce((s, p) => s + p.x, 0) / 6, y: ring.reduce((s, p) => s + p.y, 0) / 6 };
    const radii = ring.map((p) => Math.hypot(p.x - middle.x, p.y - middle.y));
    expect(Math.max(...radii) - Math.min(...radii)).toBeLessThan(0.01);
    await screen.says('6 chosen');
    await screen.says('Undo: add 6 cones');
    await screen.expectAccessible();
    await focus(/^cone,/);
    await screen.press('Escape', 'Enter');
    await screen.says('turned');
    await screen.press('ArrowRight', 'ArrowRight', 'ArrowUp');
    const stepped = await stored('weather', (p) => p.some((q) => !ring.some((r) => r.x === q.x && r.y === q.y)));
    const moved = stepped.filter((q) => !ring.some((r) => r.x === q.x && r.y === q.y));
    expect(moved).toHaveLength(1);
    await screen.press('r');
    await stored('weather', (p) => p.find((q) => q.id === moved[0].id)!.turnedDeg !== moved[0].turnedDeg);
    await screen.press('Delete');
    await stored('weather', (p) => p.length === 5);
    await screen.says('Round 1 of');
    await screen.click('button', /^Undo: remove cone/);
    await stored('weather', (p) => p.length === 6);
  });

  it('are added where a box is dragged on the floor, or typed; what they keep clear of is said', async () => {
    await screen.page.goto(`${app.base}/desk/weather-${today}`);
    await screen.says('Round 1 of');
    const before = (await laid('weather')).length;
    await screen.click('button', 'Add to the floor …');
    await screen.says(/Keeps clear of .*door.*areas of the game/);
    await pick('What', 'spot');
    await pick('How', 'spread as far apart as can be');
    await screen.click('button', 'Drag a box …');
    await screen.says('Drag a box on the floor');
    const { mouse } = screen.page;
    await mouse.move(320, 260);
    await mouse.down();
    await mouse.move(560, 420, { steps: 6 });
    await mouse.up();
    const value = async (label: string) =>
      Number.parseFloat(await (await screen.find('textbox', label)).evaluate((e) => (e as HTMLInputElement).value));
    const [west, south, across, along] = [await value('From west'), await value('From south'), await value('Across'), await value('Along')];
    expect(across).toBeGreaterThan(4);
    expect(along).toBeGreaterThan(2);
    await screen.expectAccessible();
    await screen.click('button', 'Add it');
    const all = await stored('weather', (p) => p.length > before);
    const fresh = all.filter((p) => p.laid === 'spot');
    expect(fresh.length).toBeGreaterThan(0);
    for (const { x, y } of fresh) {
      expect(x).toBeGreaterThan(west);
      expect(x).toBeLessThan(west + across);
      expect(y).toBeGreaterThan(south);
      expect(y).toBeLessThan(south + along);
    }
    await screen.press('Escape');
    await screen.click('button', /^Undo: add \d+ spots?/);
    await stored('weather', (p) => p.length === before);
  });

  it('several are brought in line and spaced evenly; measures are typed; nonsense is refused and stays', async () => {
    await focus(/^cone,/);
    await screen.press('Escape');
    await screen.says('Round 1 of');
    const cones = await screen.page.$$('[data-piece][aria-label^="cone"]');
    for (const [i, cone] of cones.slice(0, 4).entries())
      await cone.evaluate((e, shift) => {
        (e as unknown as SVGElement).focus();
        e.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', shiftKey: shift, bubbles: true }));
      }, i > 0);
    await screen.says('4 chosen');
    await screen.click('button', 'Line up');
    await screen.click('menuitem', 'In one row, west to east');
    const lined = await stored('weather', (p) => p.some((q) => p.filter((o) => o.y === q.y).length >= 4));
    const row = lined.filter((p) => lined.filter((q) => q.y === p.y).length >= 4);
    expect(row).toHaveLength(4);
    await screen.click('button', 'Even gaps →');
    await stored('weather', (p) => {
      const xs = p
        .filter((q) => row.some((r) => r.id === q.id))
        .map((q) => q.x)
        .sort((a, b) => a - b);
      const gaps = xs.slice(1).map((x, i) => x - xs[i]);
      return Math.max(...gaps) - Math.min(...gaps) < 0.005;
    });
    await screen.press('Escape');
    await focus(/^cone,/);
    await screen.press('Enter');
    await screen.fill('cone: distance from the west wall', '7.25');
    await screen.press('Enter');
    await stored('weather', (p) => p.some((q) => q.x === 7.25));
    await screen.fill('cone: turned, degrees', 'askew');
    await screen.press('Enter');
    await screen.says('"askew" is not an angle. Write 90.');
    expect(await screen.smallTexts()).toEqual([]);
    await screen.expectNoPageScroll();
  });

  it('is looked at nearer and whole again, layer by layer', async () => {
    await screen.page.goto(`${app.base}/desk/bridges-${today}`);
    await screen.click('button', /^Arrive and throw/);
    const size = async () => (await (await screen.find('button', /^lane,/)).boundingBox())!.width;
    const before = await size();
    await screen.click('button', 'Zoom in');
    await pause(200);
    expect(await size()).toBeGreaterThan(before * 1.3);
    await screen.click('button', 'The whole room');
    await pause(200);
    expect(await size()).toBeCloseTo(before, 0);
    await screen.click('button', 'Layers of the floor');
    await screen.click('menuitemcheckbox', 'Safety distances');
    await screen.click('menuitemcheckbox', /^What the teacher sees/);
    await screen.click('menuitemcheckbox', 'Gear');
    await screen.press('Escape');
    await pause(300);
    const titles = await screen.page.$$eval('svg title', (all) => all.map((t) => t.textContent));
    expect(titles.filter((t) => t === 'where it flies or rolls on')).toHaveLength(6);
    expect(titles).toContain("Not seen from the teacher's spot");
    expect(await screen.page.$$('[data-piece][aria-label^="cone"]')).toHaveLength(0);
    await screen.expectAccessible();
  });

  it('two lanes that face each other are told and mended by one fix', async () => {
    await focus(/^lane,/);
    await screen.press('Enter');
    await screen.click('button', 'More');
    await screen.says('What flies here goes up high');
    await screen.expectAccessible();
    const lanes = (await laid('bridges')).filter((p) => p.laid === 'lane');
    await screen.fill('lane: distance from the south wall', '20');
    await screen.press('Enter');
    await screen.fill('lane: distance from the west wall', String(lanes[1].x));
    await screen.press('Enter');
    await screen.fill('lane: length along', '3');
    await screen.press('Enter');
    await screen.fill('lane: turned, degrees', '180');
    await screen.press('Enter');
    // Typed as fast as keys go: no change puts back what the one before it changed.
    const [first] = (await stored('bridges', (p) => p.some((q) => q.turnedDeg === 180))).filter((p) => p.turnedDeg === 180);
    expect(first).toMatchObject({ x: lanes[1].x, y: 20, lengthM: 3 });
    await screen.click('tab', /^Checks/);
    await screen.says('Two lanes face each other');
    await screen.says('Looking for fixes', { not: true });
    await screen.click('button', /^Turn the lane/);
    await screen.says('Two lanes face each other', { not: true });
    await screen.says('Undo: ');
  });

  it('the change-over tells what goes, comes and stays, and saves tape where places can stand on what lies there', async () => {
    await screen.page.goto(`${app.base}/desk/orchard-${today}/set-out?view=change`);
    await screen.says('What lies there before');
    await screen.says('Grade 5a: Nine mills');
    await screen.says('tape off');
    await screen.expectAccessible();
    await screen.expectNoPageScroll();
    expect(await screen.smallTexts()).toEqual([]);
    await pick('What lies there before', 'the bare floor');
    await screen.says('tape off0 m');
    await screen.click('button', 'Marks');
    await screen.says('of tape');
  });

  it('somebody in a power chair gets ways that are wide enough: told in the class, checked on the desk, mended by one fix', async () => {
    await screen.page.goto(`${app.base}/classes/grade-5a`);
    await screen.click('button', /^Unfold what is private/);
    await screen.click('button', /^Supports, row 2:/);
    await screen.fill('Add a support: type a few letters, then Enter', 'power');
    await screen.press('Enter');
    await screen.find('button', 'Remove Power chair');
    const ratings = async () =>
      ((await (await fetch(`${app.base}/api/classes/grade-5a`)).json()) as { ratings: { supports: { kind: string }[] }[] }).ratings;
    const inChair = async () => (await ratings()).filter((r) => r.supports.some((s) => s.kind === 'power-chair'));
    for (let i = 0; i < 60 && !(await inChair()).length; i++) await pause(60);
    expect(await inChair()).toHaveLength(1);
    await screen.expectAccessible();
    await screen.page.goto(`${app.base}/desk/mills-${today}`);
    await screen.click('tab', /^Checks/);
    await screen.says('1 student needs wide paths today');
    // Read on a screen that may be projected: a count, no device, no name.
    expect(await screen.page.$eval('[role="tabpanel"]', (e) => e.textContent)).not.toMatch(/chair/i);
    await screen.click('button', /^1.5 m between places/);
    await screen.says('1 student needs wide paths today', { not: true });
    await screen.expectAccessible();
  });

  it("limits of the floor are the school's own: typed, marked, refused where they are nonsense, given back", async () => {
    await screen.page.goto(`${app.base}/settings`);
    await screen.fill('The same in play', 'wide');
    await screen.press('Enter');
    await screen.says('"wide" is not a length');
    await screen.fill('The same in play', '1.8');
    await screen.press('Enter');
    await screen.says('Reset limits to defaults');
    const limits = async () => ((await (await fetch(`${app.base}/api/school`)).json()) as { limits?: Record<string, number> }).limits;
    expect(await limits()).toEqual({ playRouteM: 1.8 });
    await screen.page.goto(`${app.base}/desk/mills-${today}`);
    await screen.click('tab', /^Checks/);
    await screen.says('wide paths today: 1.8 m in play');
    await screen.page.goto(`${app.base}/settings`);
    await screen.click('button', 'Reset limits to defaults');
    await screen.says('Reset limits to defaults', { not: true });
    expect(await limits()).toEqual({});
  });
});
