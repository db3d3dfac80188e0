import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
const { api } = withDemo((demo) => {
  ({ app, screen } = demo);
});

const place = (court: number, rank: number) => screen.find('button', new RegExp(`^Court ${court}, place\\s*${rank}(?!\\d)`));
/** Who stands there: what the button says without its court, its place and what a tap means. */
const seat = async (court: number, rank: number) =>
  (await place(court, rank)).evaluate((b) => b.querySelectorAll('span')[3].textContent ?? '');
const line = (court: number) =>
  screen.page.$eval(`ul[aria-label="Courts"] > li[aria-label="Court ${court}"] p`, (p) => p.textContent ?? '');
const tap = async (court: number, rank: number) => {
  await (await place(court, rank)).click();
  await pause(80);
};

/** Court 2 when its first bout began. */
let began = { seats: [''], waiting: [''] };

describe('a lesson on courts', () => {
  it('is planned beside stations: courts on the floor, waiting weighed, a fix taken', async () => {
    await screen.page.goto(app.base);
    await screen.click('button', 'Add a period');
    await screen.page.waitForSelector('#period-classId option[value="grade-5a"]');
    await screen.page.waitForSelector('#period-roomId option');
    await screen.page.select('#period-classId', 'grade-5a');
    await screen.page.type('#period-start', '0250PM');
    await screen.page.type('#period-end', '0335PM');
    await screen.click('button', 'Add the period');
    await screen.says('No lesson yet');
    await screen.fill('What is it called?', 'Bridges');
    await screen.press('Enter');
    await screen.says('No game in this lesson yet');
    await screen.click('button', 'Add a block');
    await screen.click('menuitem', /^Bridge keepers/);
    await screen.says('7 courts · 2 rounds of');
    await screen.expectAccessible();
    await screen.click('tab', 'Rules');
    const courts = await screen.find('textbox', 'Courts');
    await courts.click({ count: 3 });
    await screen.type('4');
    await screen.press('Enter');
    await screen.click('tab', /^Checks/);
    await screen.says('Waiting 48% at the courts');
    await screen.says('Give the line a task');
    await screen.expectAccessible();
    await screen.click('button', /^Use 6 courts/);
    await screen.says('6 courts · 2 rounds of');
    await screen.says('Waiting', { not: true });
    await screen.click('button', /^Undo: use 6 courts/);
    await screen.says('4 courts · 2 rounds of');
  });

  it('is scored by one tap on the place that erred: who erred to the end of the line, the line moves up', async () => {
    await screen.says(/All saved|Saved \d/);
    await screen.click('button', 'Blow the whistle');
    // Half of them wait at the courts: that is said, and asked once.
    await screen.click('button', 'Blow it anyway');
    await screen.says('Hold everything');
    for (let i = 0; i < 8 && !(await screen.text()).includes('Round 1 of 2'); i++) {
      await screen.click('button', 'Skip to the next step');
      await pause(150);
    }
    await screen.says('Remember');
    await screen.expectAccessible();
    await screen.expectNoPageScroll();
    const [one, two, three, four] = [await seat(2, 1), await seat(2, 2), await seat(2, 3), await seat(2, 4)];
    const waiting = (await line(2)).replace('In line: ', '').split(', ');
    began = { seats: [one, two, three, four], waiting };
    await tap(2, 3);
    expect([await seat(2, 1), await seat(2, 2), await seat(2, 3), await seat(2, 4)]).toEqual([waiting[0], one, two, four]);
    expect(await line(2)).toBe(`In line: ${[...waiting.slice(1), three].join(', ')}`);
    await tap(2, 4);
    expect(await seat(2, 4)).toBe(two);
    await screen.says('rallies: 2');
    await screen.click('button', 'Undo the last tap');
    await screen.says('rallies: 1');
    expect(await seat(2, 4)).toBe(four);
    await screen.says('All saved');
    await screen.page.reload();
    await screen.says('rallies: 1');
    expect(await seat(2, 4)).toBe(four);
  });

  it('has its courts where they lie on the floor, turned by one press to how the teacher stands', async () => {
    const runId = screen.page.url().split('/').pop()!;
    type Frozen = { plan: { blocks: { game?: { pieces: { id: string; shape: { x: number; y: number } }[] } }[] } };
    const { plan } = (await api(`/runs/${runId}`).then((got) => (got as { run?: Frozen }).run ?? got)) as Frozen;
    const pieces = plan.blocks.find((b) => b.game)!.game!.pieces;
    const shown = () =>
      screen.page.$$eval('ul[aria-label="Courts"] > li', (all) =>
        Object.fromEntries(
          all.map((li) => [li.getAttribute('aria-label'), { x: li.getBoundingClientRect().x, y: li.getBoundingClientRect().y }]),
        ),
      );
    /** Signs of how two courts lie to one another: on the floor y grows upwards, on the screen downwards. */
    const expectLike = (cards: Awaited<ReturnType<typeof shown>>, side: 1 | -1) => {
      for (const [i, a] of pieces.entries())
        for (const [j, b] of pieces.entries()) {
          const [cardA, cardB] = [cards[`Court ${i + 1}`], cards[`Court ${j + 1}`]];
          if (Math.abs(a.shape.x - b.shape.x) > 2) expect(Math.sign(cardA.x - cardB.x)).toBe(side * Math.sign(a.shape.x - b.shape.x));
          if (Math.abs(a.shape.y - b.shape.y) > 2) expect(Math.sign(cardB.y - cardA.y)).toBe(side * Math.sign(a.shape.y - b.shape.y));
        }
    };
    expect(pieces).toHaveLength(4);
    expectLike(await shown(), 1);
    for (const wall of ['east', 'south']) {
      await screen.click('button', /^Turn the courts/);
      await screen.says(`you face ${wall}`);
    }
    expectLike(await shown(), -1);
    await screen.expectAccessible();
    await screen.expectNoPageScroll();
  });

  it('stands in the list of what happened and in the logbook, with turns', async () => {
    await screen.click('button', 'What happened');
    await screen.says('Error at court 2, place 3');
    const pick = async (field: string, text: string) => {
      const list = await (await screen.find('combobox', field)).toElement('select');
      await list.select(await list.$$eval('option', (all, end) => all.find((o) => o.textContent?.endsWith(end))?.value ?? '', text));
    };
    await pick('Something forgotten, at', 'Bridge keepers, round 1 began');
    await pick('What', 'Error at court 2, place 1');
    await screen.click('button', 'Add it');
    await screen.says('Error at court 2, place 1 (added later)');
    await screen.expectAccessible();
    await screen.click('button', 'Close');
    // At the start of the bout: who stood first erred and went to the end of the line, the first in line came; then the third erred as before.
    expect([await seat(2, 1), await seat(2, 2), await seat(2, 3), await seat(2, 4)]).toEqual([
      ...began.waiting.slice(1, 2),
      began.waiting[0],
      began.seats[1],
      began.seats[3],
    ]);
    expect(await line(2)).toBe(`In line: ${[...began.waiting.slice(2), began.seats[0], began.seats[2]].join(', ')}`);
    await screen.says('rallies: 2');
    await screen.click('button', 'End lesson');
    await screen.click('button', 'End lesson and open the logbook');
    await screen.says('Rallies at the top place in Bridge keepers');
    await screen.says('rallies: 1');
    await screen.expectAccessible();
  });
});
