import path from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort, gone, newFolder, startProcess } from './app.ts';
import { openBrowser } from './browser.ts';
import { newScreen, type Screen } from './screen.ts';
import { testAhead } from './testDate.ts';

const DAY = 86_400_000;
/** How far ahead the clocks are: at the first visit it is noon of the next Monday, at the second noon of the day after. */
const noonMonday = new Date();
noonMonday.setHours(12, 0, 0, 0);
noonMonday.setDate(noonMonday.getDate() + ((8 - noonMonday.getDay()) % 7 || 7));
const AHEAD = noonMonday.getTime() - Date.now();

let chrome: Awaited<ReturnType<typeof openBrowser>>;
const folder = newFolder();
let child: Awaited<ReturnType<typeof startProcess>>;
let base = '';
let screen: Screen;
let actions = 0;

/** The application on a day: server and page have the same clock. */
async function visit(ahead: number): Promise<void> {
  const port = await freePort();
  child = await startProcess({ port, folder: path.join(folder, 'data'), env: { SIDE_COURT_AHEAD: String(testAhead() + ahead) } });
  base = `http://127.0.0.1:${port}`;
  screen = await newScreen(chrome.browser, ahead);
  await screen.page.setViewport({ width: 1280, height: 800 });
  await screen.page.goto(base);
}

beforeAll(async () => {
  chrome = await openBrowser();
  await visit(AHEAD);
});
afterAll(async () => {
  await chrome.close();
  child.kill('SIGTERM');
  await gone(child);
  expect(screen.errors).toEqual([]);
});

/** One thing that a person does: a press, a field filled, a paste, a choice. */
const act = async (what: Promise<unknown>) => {
  actions += 1;
  await what;
};
const click = (role: string, name: string | RegExp) => act(screen.click(role, name));
const fill = (name: string, text: string) => act(screen.fill(name, text));
const write = (text: string) => act(screen.type(text));
const key = (...keys: string[]) => act(screen.press(...(keys as ['Enter'])));
async function paste(field: string, text: string): Promise<void> {
  actions += 1;
  await (await screen.find('textbox', field)).focus();
  await screen.page.evaluate((t) => document.execCommand('insertText', false, t), text);
}
/** To a shelf by the menu: from a field a letter would be typed. */
async function shelf(name: string): Promise<void> {
  await click('button', 'Shelves');
  await click('menuitem', new RegExp(`^${name}`));
}
async function choose(label: string, text: RegExp): Promise<void> {
  actions += 1;
  const list = await (await screen.find('combobox', label)).toElement('select');
  await list.select(
    await list.$$eval('option', (all, t) => all.find((o) => new RegExp(t, 'i').test(o.textContent ?? ''))?.value ?? '', text.source),
  );
}
async function time(label: string, value: string): Promise<void> {
  actions += 1;
  const field = await screen.page.waitForSelector(`::-p-xpath(//form//label[normalize-space(.)="${label}"]//input)`);
  await screen.setValue(field as ElementHandle<Element>, value);
}

const GIVEN = ['Wren', 'Brea', 'Tova', 'Imre', 'Juno', 'Oona', 'Pavel', 'Quinn', 'Runa', 'Silas', 'Uma', 'Viggo'];
/** As an office sends it: a title, a heading, notes, a number that is none, two students with one name and initial, a total. */
const ROSTER = [
  'Grade 5 Larch, home room 12\t\t\t',
  'Last name\tFirst name\tRating\tNotes',
  ...GIVEN.map((name, i) => `Ashgrove\t${name}\t${1 + (i % 5)}\t${i === 3 ? 'asthma, inhaler' : ''}`),
  ...GIVEN.map((name, i) => `Quarrie\t${name}\t${i === 5 ? 'n/a' : 1 + (i % 5)}\t`),
  'Quill\tWren\t3\t',
  'Total\t25\t\t',
].join('\n');
const GEAR = [
  'Name\tCount',
  'Marker cones\t40',
  'Floor spots\t30',
  'Light balls\t8',
  'Beanbags\t20',
  'Hoops\t8',
  'Scarves\t16',
  'Ribbons\t8',
  'Mats\t4',
].join('\n');

describe('a first week', () => {
  it('goes from an empty school to a timetable, with a class as the office sends it', async () => {
    await screen.says('No periods yet');
    // A computer of this region is offered feet first; this school measures in meters.
    expect(await (await screen.find('radio', 'feet and inches')).evaluate((e) => (e as HTMLInputElement).checked)).toBe(true);
    expect(await screen.page.$$eval('input[type=radio]', (all) => all.map((e) => e.parentElement!.textContent))).toEqual([
      'feet and inches',
      'meters',
    ]);
    await click('radio', 'meters');
    await click('link', /Add a class/);
    await click('button', 'Add a class');
    await fill('Name of the class', 'Grade 5 Larch');
    await choose('Grade', /^Grade 5$/);
    await click('button', 'Add the class');
    await click('button', 'Paste or import a list');
    await paste('Roster', ROSTER);
    await click('button', 'Check the list');
    await screen.says('Left out');
    await act(screen.click('checkbox', 'leave ratings empty that are not a number from 1 to 5'));
    await screen.says('25 students, nothing to fix.');
    await click('button', /^Add 25 students/);
    await screen.says('25 students');
    await screen.holds('Wren');
    await key('g', 'r');
    await click('button', 'Add a room');
    await write('Larch Hall');
    await key('Enter');
    await fill('Width (along the main door wall)', '26 m');
    await key('Enter');
    await fill('Depth', '15 m');
    await key('Enter');
    await click('button', 'Add a door');
    await screen.says('26 m × 15 m · 1 door');
    await key('g', 'u');
    await click('button', 'Import a list');
    await paste('Gear list', GEAR);
    await click('button', 'Check the list');
    await click('button', /^Add 8/);
    await screen.says('Marker cones');
    await key('g', 's');
    await fill('Stop signal', 'One long whistle and a raised arm');
    await key('Enter');
    await shelf('Week');
    await click('link', 'Bell timetable');
    await click('checkbox', 'Monday');
    await click('checkbox', 'Tuesday');
    await time('Starts', '11:52');
    await time('Ends', '12:37');
    await click('button', 'Add to the timetable');
    await screen.says('11:52');
  });

  it('plans tomorrow’s lesson of two games with different groups', async () => {
    await key('g', 't');
    await click('link', 'The day after');
    await click('button', /from the timetable: plan a lesson/);
    await fill('What is it called?', 'Bridges and weather');
    await key('Enter');
    await screen.says('No game in this lesson yet');
    await click('button', 'Add a block');
    await click('menuitem', /^Bridge keepers/);
    await screen.says(/courts · \d rounds? of/);
    await click('button', 'Add a block');
    await click('menuitem', /^Weather round/);
    await screen.says(/rounds? of .* move/);
    await screen.says(/All saved|Saved \d/);
  });

  it('is blown eight minutes late the next day, shares out what is left, counts back, and is planned again for next week', async () => {
    await screen.page.close();
    expect(screen.errors).toEqual([]);
    child.kill('SIGTERM');
    await gone(child);
    await visit(AHEAD + DAY);
    await screen.says('Bridges and weather');
    await click('button', 'Blow the whistle');
    await screen.says(/Hold everything|Blow it anyway/);
    if ((await screen.text()).includes('Blow it anyway')) await click('button', 'Blow it anyway');
    await screen.says('Hold everything');
    await screen.says(/too long for the bell/);
    await click('button', 'Share out what is left');
    await screen.says('Shorten what is left');
    await click('button', 'Use this for the rest');
    await screen.says('too long for the bell', { not: true });
    await click('button', 'End lesson');
    await click('button', 'Everything else is back');
    await click('button', 'End lesson and open the logbook');
    await screen.says('Bridges and weather');
    await key('g', 't');
    await screen.says('Grade 5 Larch');
    await click('button', /: more$/);
    await click('menuitem', 'Plan it again next time');
    await screen.says(/is planned again for/);
    expect(actions).toBeLessThanOrEqual(60);
  });
});
