import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open } = withDemo((demo) => {
  ({ screen, today } = demo);
});

const title = () => screen.page.$eval('p[aria-live="assertive"]', (e) => (e.textContent ?? '').split(' ·')[0]);
/** Skips until Whistle's title is that. */
async function skipTo(wanted: RegExp): Promise<void> {
  for (let i = 0; i < 40 && !wanted.test(await title()); i++) {
    await screen.click('button', 'Skip to the next step');
    await pause(120);
  }
  expect(await title()).toMatch(wanted);
}
/** Nothing runs over the edge of a phone, and the control that stops everything is under the thumb. */
async function expectOnPhone(): Promise<void> {
  await screen.page.setViewport({ width: 390, height: 844 });
  await screen.settled();
  const { over, hold, small } = await screen.page.evaluate(() => {
    const button = [...document.querySelectorAll('button')].find((b) => /^(Hold everything|Resume)$/.test(b.textContent ?? ''))!;
    const { top, bottom } = button.getBoundingClientRect();
    const wide = [...document.querySelectorAll('main *')].filter(
      (e) => e.getBoundingClientRect().right > 391 && getComputedStyle(e).position !== 'absolute',
    );
    return {
      over: wide.map((e) => e.outerHTML.slice(0, 80)),
      hold: { top, bottom },
      small: [...document.querySelectorAll('main button')]
        .map((b) => ({ name: b.textContent, box: b.getBoundingClientRect() }))
        .filter(({ box }) => box.width > 0 && box.height < 28)
        .map(({ name }) => name),
    };
  });
  expect(over).toEqual([]);
  expect(small).toEqual([]);
  expect(hold.top).toBeGreaterThan(650);
  expect(hold.bottom).toBeLessThanOrEqual(844);
  expect(await screen.smallTexts()).toEqual([]);
  await screen.expectAccessible();
  await screen.page.setViewport({ width: 1280, height: 800 });
  await screen.settled();
}

describe('every phase of a lesson on Whistle', () => {
  it('begins with who is here: a tap on a name says what they are today and what they do then', async () => {
    await open(`/desk/bells-${today}`);
    await screen.says(/All saved|Saved \d/);
    await screen.click('button', 'Blow the whistle');
    await screen.says('22 play');
    const names = await screen.page.$$eval('ul[aria-label="Class"] button', (all) => all.map((b) => b.textContent ?? ''));
    expect(names).toHaveLength(22);
    for (const name of names) expect(name).toMatch(/, home spot \d$/);
    const [first, second] = names.map((n) => n.replace(/, home spot.*/, ''));
    await screen.click('button', new RegExp(`^${first}`));
    await screen.click('button', /^no suitable shoes/);
    await screen.says('21 play, 1 does not');
    await screen.says('no suitable shoes: keeps score');
    await screen.click('button', new RegExp(`^${second}`));
    await screen.click('button', /^late/);
    await screen.says('21 play, 1 does not');
    await expectOnPhone();
    await screen.expectNoPageScroll();
  });

  it('explains with the rules and who goes where', async () => {
    await skipTo(/^Explain/);
    await screen.says('Who goes where');
    const groups = await screen.page.$$eval('ul[aria-label="Who goes where"] li', (all) => all.map((li) => li.textContent ?? ''));
    expect(groups).toHaveLength(6);
    expect(groups[0]).toMatch(/1 → 1 Tower.*,/);
    await expectOnPhone();
  });

  it('plays, and between two games says who changes group and what is done with the floor', async () => {
    await skipTo(/^Round 1 of 2/);
    await expectOnPhone();
    await skipTo(/^New groups/);
    await screen.says(/\d+ students change group/);
    const pennants = await screen.page.$$eval('[aria-label="New groups"] li', (all) => all.length);
    expect(pennants).toBe(8);
    await expectOnPhone();
  });

  it('shows a group’s names and the card of its place on a tap', async () => {
    await skipTo(/^Round 1 of 8/);
    // No card is cut by the next one, however low the screen: the list scrolls.
    for (const height of [680, 800]) {
      await screen.page.setViewport({ width: 1280, height });
      await screen.settled();
      const cut = await screen.page.$$eval(
        'ul[aria-label="Groups, now and next"] > li',
        (all) => all.filter((li) => li.scrollHeight > li.clientHeight + 1).length,
      );
      expect(cut, `at ${height}`).toBe(0);
    }
    await screen.click('button', /^Group 3, names and card/);
    const members = await screen.page.$$eval('ul[aria-label="Who is in group 3"] li', (all) => all.length);
    expect(members).toBeGreaterThan(1);
    await screen.says('Task');
    await screen.expectAccessible();
    await screen.click('button', 'Close');
    await screen.click('button', /^Group 3: \+1/);
    await expectOnPhone();
  });

  it('closes with questions, praise and the count back', async () => {
    await skipTo(/^Close/);
    await screen.says('Which words were hard to find in time?');
    await screen.says('Name one who helped somebody');
    const praise = await screen.page.$$eval('[aria-label="Close"] ul:last-of-type li', (all) => all.map((li) => li.textContent));
    expect(praise.some((line) => line?.startsWith('Weather round') && line.includes('3'))).toBe(true);
    await screen.says('Count gear back');
    await expectOnPhone();
  });
});
