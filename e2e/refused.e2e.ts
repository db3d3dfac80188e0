import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { stored } from './runEvents.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let base = '';
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
  base = demo.app.base;
}, /ERR_INTERNET_DISCONNECTED|400 \(Bad Request\)/);

/** Writes into the note as a paste does, which no keyboard limits, and leaves the field. */
const writeNote = (text: string) =>
  screen.page.evaluate((value) => {
    const field = document.querySelector<HTMLTextAreaElement>('#run-note')!;
    field.focus();
    const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!;
    set.call(field, value);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.blur();
  }, text);

describe('an event that the server refuses', () => {
  it('is set aside alone: 510 taps without the server and a note with < are stored, the refused note waits with its reason', async () => {
    await open('/');
    const { id: run } = (await api('/runs', { periodId: `mills-${today}` })) as { id: string };
    await open(`/whistle/${run}`);
    await screen.says('Hold everything');
    for (let i = 0; i < 8 && !(await screen.text()).includes('Round 1 of 9'); i++) await screen.click('button', 'Skip to the next step');
    await screen.says('All saved');
    const before = (await stored(base, run)).length;
    await screen.page.setOfflineMode(true);
    const tap = (n: number) =>
      screen.page.evaluate((times) => {
        for (let i = 0; i < times; i++) document.querySelector<HTMLElement>('button[aria-label$=": +1"]')!.click();
      }, n);
    await tap(200);
    await writeNote('stop\u0000here');
    await tap(310);
    await writeNote('group 3 < group 1');
    await screen.says('512 saved on this device');
    await screen.page.setOfflineMode(false);
    await screen.says('All saved');
    const events = (await stored(base, run)) as { type: string; text?: string }[];
    expect(events.filter((e) => e.type === 'play')).toHaveLength(510);
    expect(events.filter((e) => e.type === 'note').map((e) => e.text)).toEqual(['group 3 < group 1']);
    expect(events).toHaveLength(before + 511);
    await screen.says('1 entry isn’t saved');
  });

  it('is there after a reload, is seen on a phone, and is saved once it is changed', async () => {
    await screen.page.setViewport({ width: 390, height: 844 });
    await screen.page.reload();
    await screen.click('button', /1 entry isn’t saved/);
    await screen.says('It has characters that cannot be saved');
    if (process.env.SHOT) await screen.page.screenshot({ path: process.env.SHOT });
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.fill('The note, to change', 'stop here');
    await screen.click('button', 'Save the note');
    await screen.says('isn’t saved', { not: true });
    const run = screen.page.url().split('/').at(-1)!;
    await screen.says('All saved');
    const notes = ((await stored(base, run)) as { type: string; text?: string }[]).filter((e) => e.type === 'note');
    expect(notes.map((e) => e.text)).toEqual(['group 3 < group 1', 'stop here']);
    expect(await screen.page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('side-court-run')))).toEqual([]);
  });
});
