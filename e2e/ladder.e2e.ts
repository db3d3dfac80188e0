import { describe, expect, it } from 'vitest';
import { skipTo, withGame } from './newGame.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});
let run = '';

/** Who stands on a court, place B first. */
const onCourt = (court: number) =>
  screen.page.$$eval(`[aria-label="Court ${court}"] ol button`, (all) => all.map((b) => b.querySelector('.min-w-0')?.textContent ?? ''));

describe('a ladder of courts', () => {
  it('is planned with two a court, the courts side by side, and says that it is no ranking', async () => {
    const id = await withGame({ open, api, screen, today }, /^Steps of the mill/, {
      ...{ start: '15:00', end: '15:45', classId: 'grade-2c', roomId: 'upper-yard' },
    });
    await screen.says(/11 courts · \d+ rounds of/);
    await screen.click('tab', /^Checks/);
    await screen.says('The courts mix the class, they do not rank it');
    await screen.expectAccessible();
    run = ((await api('/runs', { periodId: id })) as { id: string }).id;
  });

  it('asks on Whistle who won on every court, shows who goes where before they go, then moves them, on a phone', async () => {
    await open(`/whistle/${run}`, 390, 844);
    await skipTo(screen, '[aria-label="Court 1"] ol button');
    const [b] = await onCourt(1);
    const [top] = await onCourt(11);
    await (await screen.page.$('[aria-label="Court 1"] ol button'))!.click();
    await screen.says('Who won on each court?');
    await screen.find('button', '10 more to choose');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    // Everywhere the one at place B, but on the top court the one at place A.
    for (let court = 2; court <= 11; court++) {
      const [one, two] = await screen.page.$$(`section[aria-label="Who won on each court?"] li:nth-of-type(${court}) button`);
      await (court === 11 ? one : two).click();
    }
    const ways = await screen.page.$$eval('[aria-label="Who goes where"] li', (all) =>
      all.map((li) => li.textContent?.replace(/\s+/g, ' ')),
    );
    expect(ways).toContain(`${b} → goes to 2`);
    expect(ways).toContain(`${top} → goes to 1`);
    expect(ways).toHaveLength(11);
    await screen.click('button', 'Move');
    await screen.says('Who won on each court?', { not: true });
    expect(await onCourt(2)).toContain(b);
    expect(await onCourt(1)).toContain(top);
    await screen.expectNoPageScroll();
  });

  it('is told by the round, taken back, and in the logbook by rounds won on the top court', async () => {
    await open(`/whistle/${run}`);
    await screen.says('Hold everything');
    await screen.click('button', 'What happened');
    await screen.says(/Round won, from court 1 up: /);
    await screen.press('Escape');
    const [before] = await onCourt(1);
    await screen.click('button', /^Undo/);
    for (let i = 0; i < 60 && (await onCourt(1))[0] === before; i++) await pause(50);
    expect((await onCourt(1))[0]).not.toBe(before);
    await screen.click('button', 'End lesson');
    await screen.click('button', 'End lesson and open the logbook');
    await screen.says('Won on the top court');
  });
});
