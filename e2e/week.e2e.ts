import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { addDays, mondayOf } from '../src/core/model/day.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
let next = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
  next = addDays(mondayOf(today), 7);
}, /400 \(Bad Request\)/);
interface Planned {
  period: { id: string; start: string; cancelled?: string };
  schoolClass: { name: string };
  lesson: { title: string } | null;
}
const day = async (date: string) => (await api(`/days/${date}`)) as Planned[];
/** "Nov 30" */
const short = (date: string) => new Date(`${date}T12:00:00`).toLocaleDateString('en-US', { month: 'short', day: 'numeric' });
/** Types into a date or time field, which has no role of its own. */
async function setField(selector: string, value: string): Promise<void> {
  await screen.setValue((await screen.page.waitForSelector(selector))!, value);
}

describe('the week', () => {
  it('shows the days over one ruler, with marks as true as on Today, and the timetable’s periods to come', async () => {
    await open('/');
    await screen.click('link', 'Week');
    await screen.says(`Week of ${short(mondayOf(today))}`);
    await screen.says(/[1-9] to fix · 1:00 Mill Gym/);
    await screen.expectAccessible();
    await screen.expectNoPageScroll();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.click('link', 'The week after');
    await screen.says(`Week of ${short(next)}`);
    await screen.says('10:05 · plan a lesson');
    for (const [w, h] of [
      [1280, 680],
      [1180, 820],
      [390, 844],
    ]) {
      await open(`/week/${next}`, w, h);
      await screen.says('10:05 · plan a lesson');
      await screen.expectAccessible();
      await screen.expectNoPageScroll();
      expect(await screen.smallTexts()).toEqual([]);
    }
  });

  it('plans any day: a slot of the timetable becomes a period with one press', async () => {
    await open(`/day/${next}`);
    await screen.says('from the timetable: plan a lesson');
    await screen.expectAccessible();
    await screen.click('button', /^Grade 5a.*plan a lesson/);
    await screen.says('No lesson yet');
    expect(await day(next)).toMatchObject([{ period: { start: '10:05' }, lesson: null }]);
  });

  it('copies, moves, cancels, plans again and removes a period, each undone by name', async () => {
    const tuesday = addDays(next, 1);
    await open(`/week/${mondayOf(today)}`);
    await screen.says('Week of');
    const menu = `Grade 6d, ${short(today)}, 1:00: more`;
    await screen.click('button', menu);
    await screen.click('menuitem', 'Copy …');
    await setField('#period-date', tuesday);
    await screen.expectAccessible();
    await screen.click('button', 'Copy the period');
    await screen.says(`Copied to ${short(tuesday)}, 1:00.`);
    expect(await day(tuesday)).toMatchObject([{ schoolClass: { name: 'Grade 6d' }, lesson: { title: 'Orchard carry' } }]);
    await screen.click('button', menu);
    await screen.click('menuitem', 'Plan it again next time');
    await screen.says(/Orchard carry is planned again for /);
    await screen.click('button', 'Undo: plan Orchard carry again');
    await screen.find('button', /^Undo: copy Grade 6d/);
    await open(`/week/${next}`);
    const copy = `Grade 6d, ${short(tuesday)}, 1:00: more`;
    await screen.click('button', copy);
    await screen.click('menuitem', 'Change or move …');
    await setField('#period-start', '12:50');
    await setField('#period-end', '12:40');
    await screen.click('button', 'Save the period');
    await screen.says('Ends is too small');
    await setField('#period-end', '13:40');
    await screen.click('button', 'Save the period');
    await screen.find('button', `Grade 6d, ${short(tuesday)}, 12:50: more`);
    await screen.click('button', /^Undo: change Grade 6d/);
    await screen.find('button', copy);
    await screen.click('button', copy);
    await screen.click('menuitem', 'Cancel it …');
    await screen.fill('Why (may be empty)', 'orchard trip');
    await screen.click('button', 'Cancel the period');
    await screen.says('canceled: orchard trip');
    await screen.expectAccessible();
    await screen.click('button', /^Undo: cancel Grade 6d/);
    await screen.says('canceled: orchard trip', { not: true });
    await screen.click('button', copy);
    await screen.click('menuitem', 'Remove …');
    await screen.says('1 lesson goes too. You can undo this for 30 days.');
    await screen.click('button', /^Remove Grade 6d/);
    for (let i = 0; i < 60 && (await day(tuesday)).length; i++) await pause(60);
    expect(await day(tuesday)).toEqual([]);
    await screen.click('button', /^Undo: remove Grade 6d/);
    await screen.find('button', copy);
  });
});

describe('Today', () => {
  it.each([
    [390, 844],
    [820, 1180],
  ])('is whole at %i × %i: the day under the period, not over it, nothing beyond the edge', async (width, height) => {
    await open('/', width, height);
    await screen.says('Gear change after');
    await screen.says('Add a period');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    const boxes = await screen.page.evaluate(() => {
      const box = (selector: string) => document.querySelector(selector)!.getBoundingClientRect().toJSON() as DOMRect;
      return { period: box('[aria-label="Next period"]'), day: box('[aria-label="The day"]'), wide: document.documentElement.scrollWidth };
    });
    expect(boxes.day.top).toBeGreaterThanOrEqual(boxes.period.bottom - 1);
    expect(boxes.wide).toBeLessThanOrEqual(width);
    const add = await (await screen.find('button', 'Add a period')).boundingBox();
    expect(add!.x + add!.width).toBeLessThanOrEqual(width);
    await screen.click('button', /^5 · Grade 2c/);
    await screen.says('Grade 2c: Bells, then weather');
  });
});

describe('the bell timetable', () => {
  it('has A and B weeks, bells on several days at once, short days and holidays, from a calendar file too', async () => {
    await open('/timetable');
    await screen.says('Every week is the same.');
    await screen.click('button', 'Use A and B weeks');
    await screen.says('This is an A week.');
    await screen.click('checkbox', 'Wednesday');
    await setField('form[aria-label="New period of the week"] label:nth-of-type(1) input[type="time"]', '15:00');
    await setField('form[aria-label="New period of the week"] label:nth-of-type(2) input[type="time"]', '15:40');
    const weeks = await screen.find('combobox', 'Weeks');
    await weeks.select('B');
    await screen.click('button', 'Add to the timetable');
    await screen.find('combobox', 'Wednesday 3:00: Class');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    const folder = mkdtempSync(path.join(tmpdir(), 'side-court-ics-'));
    const file = path.join(folder, 'holidays.ics');
    const compact = addDays(next, 3).replaceAll('-', '');
    const event = (name: string, more: string) => ['BEGIN:VEVENT', `SUMMARY:${name}`, more, 'END:VEVENT'];
    writeFileSync(
      file,
      [
        'BEGIN:VCALENDAR',
        'VERSION:2.0',
        ...event('Harvest day', `DTSTART;VALUE=DATE:${compact}`),
        ...event('No day', 'DESCRIPTION:x'),
        'END:VCALENDAR',
      ].join('\r\n'),
    );
    const input = (await screen.page.$('input[accept=".ics,text/calendar"]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    await screen.says('1 holiday added from holidays.ics.');
    await screen.says('Line 7, event 2: no day that can be read.');
    rmSync(folder, { recursive: true, force: true });
    await setField('section[aria-label="Short days"] input[type="date"]', addDays(next, 2));
    await screen.click('button', 'Add a short day');
    await screen.click('button', 'Leave the last one out');
    await screen.says('Does not take place: 3:00');
    await open(`/week/${next}`);
    await screen.says('B week');
    await screen.says('Harvest day');
    await screen.says('Short day');
    await open(`/day/${addDays(next, 3)}`);
    await screen.says('Harvest day');
  });
});

describe('a lesson that is not ready', () => {
  it('is not blown without being asked once: what is open is said', async () => {
    await open(`/desk/orchard-${today}`);
    await screen.says(/[1-9] to fix/);
    await screen.click('button', 'Blow the whistle');
    await screen.says(/Not ready: [1-9] to fix/);
    await screen.expectAccessible();
    await screen.click('button', 'Cancel');
    expect((await api('/runs/open')) as unknown[]).toEqual([]);
    const { period } = ((await day(next))[0] ?? {}) as Planned;
    await open(`/desk/${period.id}`);
    await screen.fill('What is it called?', 'Bells to come');
    await screen.click('button', 'Plan a lesson');
    await screen.says('no game yet');
    await screen.click('button', 'Blow the whistle');
    await screen.says('There is no game in this lesson yet.');
    await screen.click('button', 'Blow it anyway');
    await screen.says('Hold everything');
  });
});
