import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { localDate, withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
withDemo((demo) => {
  ({ app, screen } = demo);
});

/** Taps "Skip" until a round of the game is on. */
async function toRound(round: number): Promise<void> {
  for (let i = 0; i < 12 && !(await screen.text()).includes(`Round ${round} of`); i++) {
    await screen.click('button', 'Skip to the next step');
    await pause(150);
  }
  await screen.says(`Round ${round} of`);
}

describe('a station that is a game of its own', () => {
  it('is added to the stations, lies on the floor with its own card, and can be undone', async () => {
    await screen.page.goto(`${app.base}/desk/weather-${localDate()}`);
    await screen.click('button', /^Weather round/);
    await screen.click('tab', 'Rules');
    const games = await screen.find('combobox', 'Add another game here');
    await games.select('game:bell-tower');
    await screen.says('Undo: ');
    await screen.tabTo('button', /: \d Bell tower/);
    await screen.press('Enter');
    await screen.says('A game of its own');
    await screen.says(/Station \d is a game of its own: Bell tower/);
    await screen.expectAccessible();
    await screen.says(/All saved|Saved \d/);
  });

  it('has a board of its own on Whistle while a group is there, on a phone too', async () => {
    await screen.click('button', 'Blow the whistle');
    await screen.says('Hold everything');
    await toRound(1);
    await screen.click('radio', /Bell tower/);
    await screen.says('rallies: 0');
    await screen.click('button', /^Court \d+, place\s*1(?!\d)/);
    await screen.says('rallies: 1');
    await screen.expectAccessible();
    await screen.page.setViewport({ width: 390, height: 844 });
    await screen.click('button', /^Court \d+, place\s*2(?!\d)/);
    await screen.says('rallies: 2');
    await screen.click('button', 'Undo the last tap');
    await screen.says('rallies: 1');
    await screen.page.setViewport({ width: 1280, height: 800 });
    await screen.click('radio', 'Points by station');
    await screen.says('All');
    await screen.expectAccessible();
  });

  it('begins anew with the next group, and is told by group in the logbook', async () => {
    await toRound(2);
    await screen.click('radio', /Bell tower/);
    await screen.says('rallies: 0');
    await screen.click('button', 'End lesson');
    await screen.click('button', /^End/);
    await screen.says('Planned against actual');
    await screen.says(/ in .*, Bell tower/);
    expect(await screen.page.$$eval('h3', (all) => all.filter((h) => h.textContent?.includes('Bell tower')).length)).toBe(1);
  });
});
