import { describe, expect, it } from 'vitest';
import { periodOfClass } from './newGame.ts';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});

const periodOf = (name: string) => periodOfClass(api, today, name);

/** Titles of the rows, in their order. */
const titles = () => screen.page.$$eval('ol[aria-label="Games"] > li h2', (all) => all.map((h) => h.textContent ?? ''));
/** A figure of every row by its label. */
const figures = (label: string) =>
  screen.page.$$eval(
    'ol[aria-label="Games"] > li',
    (rows, wanted) =>
      rows.map(
        (row) =>
          [...row.querySelectorAll('dl > div')].find((d) => d.querySelector('dt')?.textContent === wanted)?.querySelector('dd')
            ?.textContent ?? '',
      ),
    label,
  );
const choose = async (label: string, words: string) => {
  const select = (await screen.page.$(`select[aria-label="${label}"]`))!;
  const value = await select.$$eval('option', (all, wanted) => all.find((o) => o.textContent === wanted)!.value, words);
  await select.select(value);
};
/** Waits until every game was judged by every check. */
const judged = () =>
  screen.page.waitForFunction(
    () =>
      document.querySelector('ol[aria-label="Games"] > li dl > div') &&
      !document.querySelector('progress[aria-label="Games judged"]') &&
      ![...document.querySelectorAll('ol[aria-label="Games"] > li dl')].some((d) => d.children.length === 0),
    { timeout: 120_000 },
  );

describe('the games shelf', () => {
  it('finds a game by what it is for, for a class with a student on wheels and no soft balls', async () => {
    await open('/');
    const period = await periodOf('Grade 5a');
    const gear = (await api('/gear')) as { id: string; gearKind: string; count: number }[];
    const soft = gear.find((g) => g.gearKind === 'soft ball')!;
    await screen.page.evaluate(
      async ([id, body]) => {
        await fetch(`/api/gear/${id}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body });
      },
      [soft.id, JSON.stringify({ ...soft, count: 0 })] as const,
    );
    await open(`/games?period=${period}`);
    await judged();
    expect((await titles()).length).toBeGreaterThan(25);
    await screen.click('button', /^Purpose: /);
    await screen.click('checkbox', 'throw');
    await screen.press('Escape');
    await choose('Gear', 'what we have');
    await judged();
    const found = await titles();
    expect(found.length).toBeGreaterThan(3);
    expect(new Set(await figures('short'))).toEqual(new Set(['none']));
    // Somebody moves on wheels: the rows say for whom something has to change.
    expect((await figures('to adapt')).some((n) => Number(n) > 0)).toBe(true);
    // Without soft balls it is played with something else, which the row says.
    await screen.says(/With one change: /);
    await screen.says(/Needs a change for \d students?|No solution yet for \d students?/);
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    expect(await screen.cutTexts()).toEqual([]);
  });

  it('puts first what the teacher puts first, and what is typed is looked for in titles, rules, gear and notes', async () => {
    await screen.click('button', /^Purpose: /);
    await screen.click('button', 'Anything');
    await screen.press('Escape');
    await choose('Gear', 'any gear');
    await judged();
    const share = async () => (await figures('on task')).map((text) => Number.parseInt(text, 10));
    await choose('First', 'quick to set up');
    const minutes = (await figures('to set up')).map((text) => Number.parseInt(text, 10));
    const fits = minutes.length;
    expect(minutes.slice(0, 5)).toEqual([...minutes.slice(0, 5)].sort((a, b) => a - b));
    await choose('First', 'game time on task');
    expect((await share())[0]).toBeGreaterThan((await share())[fits - 1]);
    await screen.write('Search games', 'windf');
    await expect.poll(titles).toEqual(['Windfalls']);
    await screen.write('Search games', 'caller calls');
    await expect.poll(async () => (await titles()).includes('Messengers, up!')).toBe(true);
    await screen.write('Search games', 'xylophone');
    await screen.says('No game is like that.');
    await screen.write('Search games', '');
    await screen.press('Backspace');
  });

  it('shows the same games on a map of floor and time on task', async () => {
    await screen.click('radio', 'Map');
    const tiles = () => screen.page.$$eval('[aria-label="Games by floor and time on task"] li', (all) => all.length);
    await expect.poll(tiles).toBeGreaterThan(25);
    await choose('Format', 'pods to music');
    await expect.poll(tiles).toBe(2);
    await screen.expectAccessible();
    await choose('Format', 'any format');
    await screen.click('radio', 'Rows');
  });

  it('judges what comes into the search later, and keeps what was judged while another page is looked at', async () => {
    await choose('Format', 'pods to music');
    await open(`/games?period=${await periodOf('Grade 8a')}`);
    await judged();
    expect((await titles()).length).toBe(2);
    await choose('Format', 'any format');
    await screen.page.waitForFunction(() => document.querySelectorAll('ol[aria-label="Games"] > li dl > div').length > 25 * 7, {
      timeout: 120_000,
    });
    await judged();
    await screen.click('link', 'Windfalls');
    await screen.says('Stage 1');
    await screen.expectAccessible();
    expect(await screen.cutTexts()).toEqual([]);
    await screen.click('link', 'Back to the games');
    await screen.says(/\d+ of \d+ fit/);
    // Everything is there at once: nothing is judged again.
    expect(await screen.page.$$eval('progress[aria-label="Games judged"]', (all) => all.length)).toBe(0);
    await open(`/games?period=${await periodOf('Grade 5a')}`);
    await judged();
  });

  it('puts a game instead of a block, with the difference told first, and it is undone with one press', async () => {
    await screen.click('button', 'Put it in: Meeting of the bridges');
    await screen.says('the usual place');
    await screen.click('button', 'Nine mills');
    await screen.says('On task');
    await screen.says(/Groups (stay as they are|are made anew)/);
    await screen.expectAccessible();
    await screen.click('button', 'Use it instead');
    await screen.says('Undo: put Meeting of the bridges instead of Nine mills');
    const blocks = async () =>
      ((await api(`/periods/${await periodOf('Grade 5a')}/desk`)) as { lesson: { blocks: { title: string }[] } }).lesson.blocks.map(
        (b) => b.title,
      );
    expect(await blocks()).toContain('Meeting of the bridges');
    await screen.click('button', /^Undo: put Meeting/);
    await expect.poll(blocks).toContain('Nine mills');
    expect(await blocks()).not.toContain('Meeting of the bridges');
  });

  it('is reached from the desk and from the shelves menu, and makes a lesson where there is none', async () => {
    await screen.click('button', 'Add a block');
    await screen.click('menuitem', 'Find a game on the shelf');
    await screen.says('Best first by');
    const { id } = (await api('/periods', { date: today, start: '15:30', end: '16:10', classId: 'grade-2c', roomId: 'mill-gym' })) as {
      id: string;
    };
    await open(`/games?period=${id}`);
    await screen.click('button', /^Plan a lesson with /);
    await screen.says(/Undo: add /);
  });

  it('makes three whole lessons for a purpose, and one is taken with one press and undone with one', async () => {
    await open(`/games/lesson?period=${await periodOf('Grade 5a')}`);
    const offered = () => screen.page.$$eval('ol[aria-label="Lessons"] > li h2', (all) => all.map((h) => h.textContent ?? ''));
    await expect.poll(async () => (await offered()).length, { timeout: 120_000 }).toBe(3);
    await screen.click('button', /^Purpose: /);
    await screen.click('checkbox', 'throw');
    await screen.press('Escape');
    await choose('Which way', 'play, practice, play');
    await choose('Minutes', '40 min long');
    await screen.says('Trying games', { not: true });
    await expect.poll(async () => (await offered()).length, { timeout: 120_000 }).toBe(3);
    expect(new Set(await offered()).size).toBe(3);
    await screen.says('of game time on task');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    expect(await screen.cutTexts()).toEqual([]);
    const [title] = await offered();
    await screen.click('button', `Take this lesson: ${title}`);
    await screen.says(`Undo: take the lesson ${title}`);
    const desk = async () =>
      ((await api(`/periods/${await periodOf('Grade 5a')}/desk`)) as { lesson: { title: string; blocks: object[] } }).lesson;
    expect((await desk()).title).toBe(title);
    await screen.says(/Checks/);
    await screen.click('button', /^Undo: take the lesson/);
    await expect.poll(async () => (await desk()).title).not.toBe(title);
  });

  it('fits written lessons to the period, goes from one for outside to its rainy day, and takes that', async () => {
    await open('/');
    const id = await periodOf('Grade 8a');
    await open(`/games/lesson?period=${id}`);
    await screen.says('made now');
    await choose('Where it comes from', 'written for outside');
    await screen.says('Trying games', { not: true });
    await screen.says('If it rains: The orchard under a roof');
    await screen.expectAccessible();
    expect(await screen.cutTexts()).toEqual([]);
    await screen.click('button', 'If it rains: The orchard under a roof');
    await screen.says('On a dry day: All over the orchard');
    await screen.click('button', 'Take this lesson: The orchard under a roof');
    await screen.says('Undo: take the lesson The orchard under a roof');
    const { lesson } = (await api(`/periods/${id}/desk`)) as { lesson: { title: string; blocks: { title: string }[] } };
    expect(lesson.title).toBe('The orchard under a roof');
    expect(lesson.blocks.map((b) => b.title)).toEqual(
      expect.arrayContaining(['The weather road', 'Keep the lantern up', 'Through both gates']),
    );
  });
});
