import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api, box } = withDemo((demo) => {
  ({ screen, today } = demo);
});

describe('a class list from a file', () => {
  const upload = async (bytes: Uint8Array) => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'side-court-list-')), 'list.csv');
    writeFileSync(file, bytes);
    const input = await screen.page.waitForSelector('input[type="file"]');
    await (input as ElementHandle<HTMLInputElement>).uploadFile(file);
    // The browser reads the file in its own time: it is taken away only once the text has come.
    await screen.page.waitForFunction(() => (document.querySelector('#roster-text') as HTMLTextAreaElement | null)?.value !== '');
    rmSync(path.dirname(file), { recursive: true, force: true });
  };
  const rows = () =>
    screen.page.$$eval('[aria-label="Preview"] tbody tr', (all) =>
      all.map((r) => [...r.querySelectorAll('td')].map((cell) => cell.textContent).join(' ')),
    );

  it('written as Windows-1252, with columns told by hand and two students of one name', async () => {
    await open('/classes/grade-3b');
    await screen.click('button', 'Paste or import a list');
    const text = 'Ashgrove;4;Zo\u00eb\r\nM\u00fcller;2;Jos\u00e9\r\nM\u00fcller;3;Jos\u00e9\r\n';
    await upload(Uint8Array.from([...text].map((c) => c.charCodeAt(0))));
    await screen.click('button', 'Check the list');
    await screen.says('What each column is');
    await (await screen.find('combobox', 'Column 1 is')).toElement('select').then((e) => e.select('family'));
    await (await screen.find('combobox', 'Column 2 is')).toElement('select').then((e) => e.select('rating'));
    await (await screen.find('combobox', 'Column 3 is')).toElement('select').then((e) => e.select('given'));
    for (let i = 0; i < 100 && (await rows())[1] !== '2 José Müller 2'; i++) await pause(50);
    expect((await rows())[1]).toBe('2 José Müller 2');
    await screen.says('Row 3:');
    await screen.expectAccessible();
    await screen.click('checkbox', 'these are different students with the same name');
    await screen.says('3 students, nothing to fix.');
    await screen.press('Escape');
  });

  it('with notes: they wait privately with their students until they are supports', async () => {
    await open('/classes/grade-3b');
    await screen.click('button', 'Paste or import a list');
    await upload(new TextEncoder().encode('First name,Last name,Medical\nAnwen,Aldermill,"asthma, inhaler"\n'));
    await screen.click('button', 'Check the list');
    await screen.says('Notes are private.');
    await screen.expectAccessible();
    await screen.click('button', 'Add 1 student');
    await screen.says('28 students, grades');
    await screen.click('button', /^Unfold what is private/);
    await screen.click('button', 'Supports, row 2: note to sort');
    await screen.says('“asthma, inhaler”');
    await screen.expectAccessible();
    await screen.click('button', 'Add “Breath”');
    await screen.find('button', 'Remove Breath');
    await screen.click('button', 'Remove the note');
    await screen.says('“asthma, inhaler”', { not: true });
    await screen.press('Escape');
    await screen.click('button', 'Remove Anwen Aldermill');
    await screen.says('27 students, grades');
  });

  it('as it comes from an office: title, totals and empty rows left out and said, what was told of columns kept while it is mended', async () => {
    await open('/classes/grade-2c');
    await screen.click('button', 'Paste or import a list');
    const messy =
      'Alder Hollow,,,\nName,Level,Notes,Bus\n"Oak, Mila",n/a,,7\n,,,\n"van der Oak, Mila",3,,9\n"Oakley, Mila",4,,9\nTotal,3,,\n';
    await upload(new TextEncoder().encode(messy));
    await screen.click('button', 'Check the list');
    await screen.says('Left out: row 1, a title; row 7, a total; 1 empty.');
    await screen.says('Row 3: Rating “n/a” is not a number that fits here');
    await screen.expectAccessible();
    await (await screen.find('combobox', 'Column 4 is')).toElement('select').then((e) => e.select('note'));
    await screen.says('Notes are private.');
    await screen.click('checkbox', 'leave ratings empty that are not a number from 1 to 5');
    await screen.says('3 students, nothing to fix.');
    await screen.page.click('#roster-text');
    await screen.page.keyboard.type(' ');
    await screen.click('button', 'Check the list');
    await screen.says('3 students, nothing to fix.');
    await screen.says('Notes are private.');
    await screen.click('button', 'Add 3 students');
    await screen.says('25 students, grades');
    await open(`/desk/bells-${today}`);
    await screen.click('tab', 'Who');
    for (const name of ['Mila Oak', 'Mila van der O.', 'Mila Oakl.']) await screen.says(name);
  });

  it('updates a class: the change is shown before it is made', async () => {
    await open('/classes/grade-3b');
    await screen.says('27 students, grades');
    const names = await screen.page.$$eval('input[aria-label], td input', (all) => all.map((i) => (i as HTMLInputElement).value));
    const pairs = Array.from({ length: 27 }, (_, i) => [names[i * 2], names[i * 2 + 1]]);
    const list = [...pairs.slice(1), ['Perrin', 'Newcombe']].map((p) => p.join(',')).join('\n');
    await screen.click('button', 'Paste or import a list');
    await screen.click('radio', 'update: the list becomes the class of 27');
    await upload(new TextEncoder().encode(list));
    await screen.click('button', 'Check the list');
    await screen.says('26 stay as they are.');
    await screen.says('1 come:');
    await screen.says('1 go, with their ratings and pairings:');
    await screen.expectAccessible();
    await screen.says('27 students, grades');
    await screen.click('button', 'Make the class like this list');
    await screen.says('Perrin', { not: false });
    await screen.says('27 students, grades');
  });
});

describe('the logbook', () => {
  it('shows how the weeks went, as lines and as the same numbers, for all classes or one', async () => {
    await open('/logbook');
    await screen.says('96 lessons ended');
    await screen.page.waitForSelector('.apexcharts-line-series path');
    expect(await screen.page.$$('.apexcharts-line-series .apexcharts-series')).toHaveLength(3);
    await screen.expectAccessible();
    const weeks = await screen.page.$$('article tbody tr');
    expect(weeks.length).toBeGreaterThanOrEqual(8);
    await screen.page.select('nav select', 'grade-8a');
    await screen.says('16 lessons ended');
    const rows = await screen.page.$$eval('article tbody tr', (all) => all.map((r) => [...r.children].map((c) => c.textContent)));
    expect(rows).toHaveLength(16);
    for (const [, lessons, planned, actual, onTask] of rows) {
      expect(lessons).toBe('1');
      expect(Math.abs(Number(actual) - Number(planned))).toBeLessThan(8);
      expect(Number(onTask)).toBeLessThan(Number(actual));
    }
    await screen.click('link', /^Grade 8a · Bridges and a toll/);
    await screen.says('Rallies at the top place in Bridge keepers');
  });

  it('discards a run made by mistake, and has it back by undo', async () => {
    await open('/logbook');
    await screen.says('96 lessons ended');
    await screen.page.click('nav[aria-label="Runs"] ul a');
    await screen.click('button', 'Discard: made by mistake');
    await screen.says('Discarded: not in the trends, nor in what the class has had.');
    await screen.says('95 lessons ended');
    await screen.expectAccessible();
    await screen.click('button', /^Undo: discard /);
    await screen.says('96 lessons ended');
  });
});

describe('painted lines', () => {
  it('are added by size, placed and turned by typing, and seen on the floor', async () => {
    await open('/rooms/upper-yard');
    await screen.says('Painted on the floor');
    const drawn = () => screen.page.$$eval('svg path > title', (all) => all.map((t) => t.textContent));
    expect(await drawn()).toEqual(['Goal court', 'Circle']);
    await (await screen.find('combobox', 'Lines by size')).toElement('select').then((e) => e.select('small-net-court'));
    await screen.click('button', 'Add these lines');
    await screen.find('button', 'Remove Small net court');
    const fields = await screen.all('textbox', 'Turned, degrees');
    expect(fields).toHaveLength(3);
    await fields[2].click({ count: 3 });
    await screen.type('sideways');
    await screen.press('Enter');
    await screen.says('"sideways" is not an angle. Write 90.');
    await fields[2].click({ count: 3 });
    await screen.type('90');
    await screen.press('Enter');
    const painted = async () => ((await api('/rooms/upper-yard')) as { painted: { turnedDeg: number; xM: number }[] }).painted;
    for (let i = 0; i < 60 && (await painted())[2].turnedDeg !== 90; i++) await pause(50);
    // The middle stays: 13.4 × 6.1 in the middle of 40 × 24, turned about it.
    expect((await painted())[2]).toMatchObject({ turnedDeg: 90, xM: 23.05, yM: 5.3 });
    expect(await drawn()).toHaveLength(3);
    await screen.expectAccessible();
    await screen.click('button', 'Remove Small net court');
    for (let i = 0; i < 60 && (await drawn()).length !== 2; i++) await pause(50);
    expect(await drawn()).toHaveLength(2);
  });
});

describe('the whistle', () => {
  let run = '';
  const left = async () => {
    const clock = await screen.page.$eval('[role="timer"]', (e) => e.textContent ?? '');
    const [m, s] = clock.split(':').map(Number);
    return m * 60 + s;
  };
  it('keeps its clock over a reload, and holds', async () => {
    await open('/');
    run = ((await api('/runs', { periodId: `mills-${today}` })) as { id: string }).id;
    await open(`/whistle/${run}`);
    await screen.says('Hold everything');
    const [earliest, before, latest] = [Date.now(), await left(), Date.now()];
    await screen.page.reload();
    await screen.says('Hold everything');
    const [again, after, now] = [Date.now(), await left(), Date.now()];
    // What has gone by lies between the nearest and the farthest two moments at which it was read; the page counts whole seconds.
    expect(before - after).toBeGreaterThanOrEqual((again - latest) / 1000 - 1.6);
    expect(before - after).toBeLessThanOrEqual((now - earliest) / 1000 + 1.6);
    await screen.click('button', 'Hold everything');
    await screen.says('Resume');
    const held = await left();
    await pause(1500);
    expect(await left()).toBe(held);
    await screen.expectAccessible();
    await screen.page.reload();
    await screen.says('Resume');
    expect(await left()).toBe(held);
    await screen.click('button', 'Resume');
    await screen.says('Hold everything');
  });

  it('adds ten seconds, skips, undoes, scores, and says what to do at the switch', async () => {
    const before = await left();
    await screen.click('button', /ten seconds more/);
    await pause(300);
    expect((await left()) - before).toBeGreaterThanOrEqual(8);
    for (let i = 0; i < 8 && !(await screen.text()).includes('Round 1 of 9'); i++) {
      await screen.click('button', 'Skip to the next step');
      await pause(150);
    }
    await screen.says('Round 1 of 9');
    await screen.says('At the switch say');
    await screen.says('Pinnies off at 6');
    await screen.click('button', 'Group 2: +1');
    await screen.click('button', 'Group 2: +1');
    await screen.says('All saved');
    const points = () => screen.page.$eval('output[aria-label="Points of group 2"]', (e) => e.textContent);
    expect(await points()).toBe('2');
    await screen.click('button', 'Undo the last tap');
    await pause(200);
    expect(await points()).toBe('1');
    await screen.click('button', 'Skip to the next step');
    await screen.says('Move on');
    await screen.says('go to');
    await screen.expectAccessible();
    await screen.page.reload();
    await screen.says('Move on');
    expect(await points()).toBe('1');
  });

  it('is whole on a phone', async () => {
    await open(`/whistle/${run}`, 390, 844);
    await screen.says('Hold everything');
    const wide = await screen.page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wide).toBeLessThanOrEqual(0);
    const hold = await box('button', 'Hold everything');
    expect(hold.x + hold.width).toBeLessThanOrEqual(390);
    expect(hold.y + hold.height).toBeLessThanOrEqual(844);
    await screen.expectAccessible();
  });

  it('asks for the gear before it ends, and the logbook has it', async () => {
    await open(`/whistle/${run}`);
    await screen.click('button', 'All hoops back');
    await screen.click('button', 'One scarf less');
    await screen.click('button', 'End lesson');
    await screen.says('End the lesson?');
    await screen.click('button', 'End lesson and open the logbook');
    await screen.says('Planned against actual');
    await screen.says('Grade 5a: Nine mills');
    await screen.says(/Not counted: .*disc/);
    await screen.click('button', 'Mark 1 scarf as lost in the gear closet');
    await screen.says('marked as lost in the gear closet');
    await screen.expectAccessible();
    await screen.click('button', 'Undo: mark 1 scarf as lost');
    await screen.find('button', 'Mark 1 scarf as lost in the gear closet');
  });
});
