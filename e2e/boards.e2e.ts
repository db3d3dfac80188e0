import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { boardTests } from './playedGame.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});
const { played, scores, until, logged } = boardTests({ open, api }, () => ({ screen, today }), 14);

describe('the boards of games', () => {
  it('call-up: calls by the drawn list, counts a goal of an open call, ends the call, and takes it back', async () => {
    await played(/^Mill race/, /2 fields · \d rounds of/, '[aria-label="Points"]');
    await screen.says(/Next, \d and \d: /);
    const [goal] = await screen.page.$$('button[aria-label="Near bank 1: Goal"]');
    expect(await goal.evaluate((b) => (b as HTMLButtonElement).disabled), 'no goal outside a call').toBe(true);
    await screen.click('button', 'Call the next');
    await screen.says(/In: /);
    await screen.expectAccessible();
    await screen.click('button', 'Near bank 1: Goal');
    await until(() => scores('Points'), [1, 0, 0, 0]);
    await screen.click('button', 'Over');
    await screen.says(/In: /, { not: true });
    await screen.click('button', 'Call others');
    await screen.says('Which numbers?');
    const numbers = () => screen.page.$$eval('section[aria-label="Which numbers?"] button:disabled', (all) => all.length);
    const before = await numbers();
    for (const n of ['3', '5']) await screen.click('button', n);
    expect(await numbers(), 'no third number').toBeGreaterThan(before);
    await screen.click('button', 'Done');
    await screen.says(/In: /);
    await screen.click('button', 'What happened');
    await screen.says('Call 3 and 5');
    await screen.says(/Call \d and \d/);
    await screen.says('Goal for Near bank 1');
    await screen.press('Escape');
    await logged('Points');
  });

  it('objects on targets: enters and moves them in two taps, and counts them when the round ends', async () => {
    await played(/^Crowns of the orchard/, /8 lanes · \d rounds of/, '[aria-label="Points"] output');
    await screen.click('button', /^Tree 1, innermost zone, Lies there/);
    await screen.says('now 5');
    await screen.click('button', 'Tree 1, innermost zone: Moved');
    await screen.says('Where does it lie now?');
    await screen.expectAccessible();
    await screen.click('button', 'second zone');
    await screen.says('now 3');
    await screen.click('button', /^Tree 2, third zone, Lies there/);
    await screen.says('now 1');
    expect((await scores('Points')).slice(0, 3), 'nothing counts before the round ends').toEqual([0, 0, 0]);
    for (let i = 0; i < 4 && (await scores('Points'))[0] === 0; i++) {
      await screen.click('button', 'Skip to the next step');
      await pause(400);
    }
    await until(async () => (await scores('Points')).slice(0, 3), [3, 1, 0]);
    await logged('Points');
  });

  it('tournament: asks what each scored, keeps a table, and corrects a result in it', async () => {
    await played(/^Meeting of the bridges/, /4 courts · 7 rounds of/, '[aria-label="Matches"]');
    const [match] = await screen.page.$$eval('[aria-label="Matches"] button', (all) => all.map((b) => b.textContent ?? ''));
    const [, a, b] = /^(Village \d) – (Village \d): Result$/.exec(match)!;
    await screen.click('button', new RegExp(`^${a} – ${b}: Result$`));
    await screen.click('button', `${a}: 4`);
    await screen.click('button', `${b}: 2`);
    await screen.expectAccessible();
    await screen.click('button', 'Keep this result');
    await screen.find('button', new RegExp(`^${a} – ${b}: Correct, now 4 : 2$`));
    await screen.page.setViewport({ width: 1280, height: 800 });
    const first = () => screen.page.$eval('[aria-label="Matches"] tbody tr', (row) => row.textContent ?? '');
    expect(await first()).toContain(a);
    await screen.click('button', new RegExp(`^${b} – ${a}: Correct 2 : 4$`));
    await screen.click('button', `${b}: 7`);
    await screen.click('button', 'Keep this result');
    await screen.find('button', new RegExp(`^(${a} – ${b}: Correct, now 4 : 7|${b} – ${a}: Correct, now 7 : 4)$`));
    await until(async () => (await first()).includes(b), true);
    await screen.expectAccessible();
    await logged('Table points');
  });

  it('winners’ ring: a game that is won sends the winner one bay on, and says who is on the way', async () => {
    await played(/^From mill to mill/, /8 bays · to 3 · \d+ min/, '[aria-label="Court 1"] ol button');
    const team = async () =>
      (await screen.page.$$eval('[aria-label="Court 1"] ol button', (all) => all.map((b) => b.textContent ?? '')))[0];
    const [name] = /Millers \d+/.exec(await team())!;
    for (const point of [1, 2, 3]) {
      await (await screen.page.$('[aria-label="Court 1"] ol button:not([disabled])'))!.click();
      if (point < 3) await until(async () => (await team()).includes(`${point}`), true);
    }
    await screen.says(`On the way: ${name}`);
    await screen.expectAccessible();
    await screen.says(`In line: ${name}`);
    await screen.says('On the way', { not: true });
    await logged('Games won');
  });

  it('pods: plays music whose end nobody sees, stops it, and asks who took it; held music is broken off without a stop', async () => {
    await played(/^The mill stands still/, /11 pods · \d sets of/, '[aria-label="Music"]');
    const enabled = () => screen.page.$$eval('[aria-label="Court 1"] ol button:not([disabled])', (all) => all.length);
    expect(await enabled(), 'nobody takes anything before the first stop').toBe(0);
    await screen.click('button', 'Start the music');
    await screen.says('Music is on. It stops by itself.');
    expect(await screen.text()).not.toMatch(/stops in|\d+ s left/);
    await screen.expectAccessible();
    await screen.click('button', 'Stop now');
    await until(async () => (await enabled()) > 1, true);
    await (await screen.page.$('[aria-label="Court 1"] ol button'))!.click();
    await until(enabled, 0);
    await screen.says('1 won');
    await screen.click('button', 'Start the music');
    await screen.says('Music is on');
    await screen.click('button', 'Hold everything');
    await screen.says('Music is on', { not: true });
    await screen.click('button', 'What happened');
    await screen.says('Music stopped');
    const stops = await screen.page.$$eval(
      '[role="dialog"] *',
      (all) => all.filter((e) => e.children.length === 0 && e.textContent === 'Music stopped').length,
    );
    expect(stops).toBe(1);
    await screen.press('Escape');
    await logged('Rounds won');
  });

  it('open floor: goes on stage by stage, lets objects be taken but never straight back, and takes some out', async () => {
    await played(/^Carts and sacks/, /3 rounds of/, '[aria-label="Stages"]');
    const named = (section: string) =>
      screen.page.$$eval(`section[aria-label="${section}"] li > button:first-child`, (all) =>
        all.map((b) => (b.textContent ?? '').split(/[:,]/)[0]),
      );
    const [thief] = await named('Without one');
    const [owner] = await named('With an object');
    const taken = async (by: string) => (await screen.find('button', new RegExp(`^${by}: took one`))).click();
    await taken(thief);
    await screen.says('From whom?');
    await screen.click('button', owner);
    await until(
      async () => [(await named('Without one')).includes(owner), (await named('With an object')).some((n) => n === thief)],
      [true, true],
    );
    await taken(owner);
    await screen.says('From whom?');
    const offered = await screen.page.$$eval('section[aria-label="From whom?"] button', (all) => all.map((b) => b.textContent ?? ''));
    expect(offered, 'not from the one who took it').not.toContain(thief);
    await screen.click('button', 'Cancel');
    await screen.click('button', 'Next stage');
    await until(() => screen.page.$eval('[aria-label="Stages"] [aria-current=step]', (li) => li.textContent), '2 Empty carts');
    const before = (await named('With an object')).length;
    await screen.click('button', new RegExp(`^${(await named('With an object'))[0]}: Out`));
    await until(async () => (await named('With an object')).length, before - 1);
    await screen.expectAccessible();
    await screen.click('button', 'Next stage');
    await screen.click('button', 'End');
    await until(() => screen.page.$$eval('[aria-label="Stages"] [aria-current=step]', (all) => all.length), 0);
    await logged('Taken');
  });
});
