import { describe, expect, it } from 'vitest';
import { localTime } from '../src/server/localTime.ts';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

/** Local date and time some minutes from now. */
const inMinutes = (minutes: number) => localTime(Date.now() + minutes * 60_000);

let screen: Screen;
const { open, api } = withDemo((demo) => {
  ({ screen } = demo);
});

describe('a lesson that is blown eight minutes late', () => {
  it('counts to its real last bell, says what is too long, and shares out what is left', async () => {
    await open('/');
    const bellAt = Math.floor((Date.now() + 32 * 60_000) / 60_000) * 60_000;
    const period = (await api('/periods', {
      ...{
        date: inMinutes(0).date,
        start: inMinutes(-8).start,
        end: localTime(bellAt).start,
      },
      ...{ classId: 'grade-2c', roomId: 'upper-yard', lessonId: 'lesson-bells' },
    })) as { id: string };
    await open(`/desk/${period.id}`);
    await screen.says('Bells, then weather');
    await screen.click('button', 'Blow the whistle');
    await screen.says(/Hold everything|Blow it anyway/);
    if ((await screen.text()).includes('Blow it anyway')) await screen.click('button', 'Blow it anyway');
    await screen.says(/Bell in \d+:\d\d/);
    const [text, now] = await screen.page.evaluate(() => [document.body.textContent, Date.now()] as const);
    const [, minutes, seconds] = /Bell in (\d+):(\d\d)/.exec(text) ?? [];
    // What the page counts is what is left of the real period, however long the way here took.
    expect(Math.abs(Number(minutes) * 60 + Number(seconds) - (bellAt - now) / 1000)).toBeLessThan(5);
    await screen.says(/What is left is (\d+ min|30 s|\d+ min 30 s) too long for the bell\./);
    await screen.expectAccessible();
    await screen.click('button', 'Share out what is left');
    await screen.says('Shorten what is left');
    await screen.says(/Leave out Bell tower/);
    await screen.says(/turns, \d+ → \d+ min of games/);
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.click('button', 'Use this for the rest');
    await screen.says('too long for the bell', { not: true });
    const { run } = (await api(`/runs/${(await screen.page.url()).split('/').at(-1)}`)) as { run: { bellAt: number; startedAt: number } };
    expect(run.bellAt).toBe(bellAt);
    expect(run.startedAt).toBeLessThan(run.bellAt);
  });

  it('is offered the same at any time, on a phone too: after a long hold by hand', async () => {
    await screen.page.setViewport({ width: 390, height: 844 });
    await screen.click('button', 'Change the rest');
    await screen.says('Ways to share it out', { not: true });
    await screen.says('Shorten what is left');
    await screen.expectAccessible();
    await screen.click('button', 'Cancel');
  });
});
