import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { boardTests } from './playedGame.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});
const { played, scores, until, logged } = boardTests({ open, api }, () => ({ screen, today }), 13);
/** A button by a student's name and what it does, as a pattern. */
const named = (name: string, what: string) => new RegExp(`^${name.replaceAll('.', '\\.')}: ${what}`);
const texts = (selector: string) => screen.page.$$eval(selector, (all) => all.map((b) => b.textContent ?? ''));

describe('the boards of the last eight formats', () => {
  it('relay: one tap when somebody is back, who goes next, and a turn taken back', async () => {
    await played(/^Water for the mill/, /6 lines · 2 rounds of/, '[aria-label="Turns"]');
    await screen.says(/Going: .+, then .+ · 24 turns to go/);
    await screen.click('button', 'Line 1: Back');
    await screen.click('button', 'Line 2: Back');
    await screen.click('button', 'Line 1: Back');
    await until(() => scores('Turns'), [2, 1, 0, 0, 0, 0]);
    await screen.says('22 turns to go');
    await screen.click('button', 'Undo the last tap');
    await until(() => scores('Turns'), [1, 1, 0, 0, 0, 0]);
    await screen.expectAccessible();
    await logged('Turns');
  });

  it('innings: a hit in two taps, fielders and sides change by themselves', async () => {
    await played(/^To the mill and back/, /8 fields · 2 rounds of/, '[aria-label="Runs"]');
    const first = async () => (await texts('[aria-label="Runs"] li .head'))[0];
    const batter = await first();
    await screen.click('button', `${batter}: Hit: trips …`);
    await screen.says('How many trips?');
    await screen.expectAccessible();
    await screen.click('button', '3');
    await until(async () => (await first()) === batter, false);
    // The next batter has a score of their own where three play each for themselves: the batter's is looked at.
    await screen.click('button', `Show ${batter}`);
    const runsOf = () => screen.page.$eval(`output[aria-label="${batter}: Runs"]`, (output) => output.textContent);
    await until(runsOf, '3');
    await logged('Runs');
  });

  it('possession: points and who has it on four fields at once', async () => {
    await played(/^The secret letter/, /4 fields · 3 rounds of/, '[aria-label="Points"]');
    await screen.says('In possession: 0 of 5 passes');
    await screen.click('button', 'Couriers 1: Now theirs …');
    await screen.says('How was it lost?');
    await screen.click('button', 'taken');
    await screen.click('button', 'What happened');
    await screen.says('Couriers 1 has it: taken');
    await screen.press('Escape');
    // One field pass by pass: the first pass in two taps, then a tap a pass.
    await screen.click('radio', /^\S+ 1$/);
    await screen.says('Who passes first?');
    const [from] = await texts('[aria-label="Who passes first?"] button');
    await screen.click('button', named(from.split(/[:,]/)[0], ''));
    await screen.says('To whom?');
    await screen.expectAccessible();
    await logged('Points');
  });

  it('circle: calls moves one at a time with how they are done, to all rings', async () => {
    await played(/^The mill rope/, /5 circles · 1 round of/, '[aria-label="Moves"]');
    await screen.says('Lean back a little until the rope is round');
    await screen.says('Count to 3, standing, thumbs on top');
    await screen.click('button', 'Done: next move');
    await screen.says('Walk around eight counts, then the other way');
    await screen.says('move 2 of 5');
    await screen.expectAccessible();
    await logged('Moves');
  });

  it('pace: starts all watches with one tap, stops each with one, and says how far off it was', async () => {
    await played(/^The night watch/, /3 trials · 3 laps first/, '[aria-label="Trials done"]');
    const running = () => screen.page.$$eval('[aria-label="Trials done"] li button:not([disabled])', (all) => all.length);
    expect(await running()).toBe(0);
    await screen.click('button', 'Start all');
    await until(running, 31);
    await pause(1500);
    const name = (await texts('[aria-label="Trials done"] li button .truncate'))[0].split(':')[0];
    await screen.click('button', named(name, 'is in'));
    await screen.find('button', named(name, 'is in, 1, \\d+\\.\\d s early$'));
    await until(running, 30);
    await screen.expectAccessible();
    await logged('Seconds off the target');
  });

  it('shooting spots: made and missed in two taps; a spot that was missed is not offered again at once', async () => {
    await played(/^Stepping stones/, /4 fields · 3 rounds of/, '[aria-label="Points"]');
    // A student has two buttons: made, on the name, and missed.
    const name = (await texts('[aria-label="Tries"] li button .truncate'))[0].split(':')[0];
    await screen.click('button', named(name, 'missed'));
    await screen.says('From which spot?');
    await screen.click('button', '2');
    await screen.says('From which spot?', { not: true });
    await screen.click('button', named(name, 'made it'));
    await screen.says('From which spot?');
    const offered = await texts('section[aria-label="From which spot?"] button');
    expect(offered).toContain('1');
    expect(offered).not.toContain('2');
    await screen.click('button', '3');
    await until(async () => (await scores('Points'))[0], 1);
    await logged('Points');
  });
});
