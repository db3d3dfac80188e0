import { writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { fit } from '../src/core/fit/fit.ts';
import type { FitInput, FittedLesson } from '../src/core/fit/fitted.ts';
import { roundsOf } from '../src/core/formats/bouts.ts';
import { counted, duration } from '../src/core/formats/speak.ts';
import { shortNames } from '../src/core/model/names.ts';
import { bellText, clockSeconds } from '../src/core/model/period.ts';
import { cardLineWords, ruleWords } from '../src/core/words/rules.en.ts';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});

const twelve = (seconds: number) => {
  const [h, m] = bellText(Math.round(seconds / 60) * 60).split(':');
  return `${((Number(h) + 11) % 12) + 1}:${m}`;
};

/** Twenty questions that somebody who stands in asks, each with a sentence of the page that answers it and what must be in it. */
function questions(input: FitInput, fitted: FittedLesson): [question: string, within: RegExp, answer: string][] {
  const bell = clockSeconds(input.period.start);
  const block = fitted.blocks.find((b) => b.game)!;
  const game = block.game!;
  const names = shortNames(input.students);
  const rounds = roundsOf(game.groups, game.timeline.bouts);
  const place = (r: number, g: number) => `${game.pieces[rounds[r][g]].number} ${game.pieces[rounds[r][g]].title}`;
  const work = game.timeline.bouts[0];
  const card = game.cards.find((c) => c.pieceId === game.pieces[3].id)!;
  const gearAt = fitted.gear.flatMap((l) => l.at.filter((a) => a.pieceId === game.pieces[1].id).map((a) => counted(a.count, l.gearKind)));
  const rule = (kind: string) => ruleWords(game.rules.find((r) => r.kind === kind)!, game.format);
  const known = input.games.find((g) => g.id === game.gameId)!;
  const next = fitted.blocks[fitted.blocks.indexOf(block) + 1];
  return [
    ['Which class?', /^/, input.schoolClass.name],
    ['Where?', /^/, `in ${input.room.name}`],
    ['From when to when?', /^/, `${twelve(bell)}–${twelve(clockSeconds(input.period.end))}`],
    ['How many play?', /^/, `${fitted.people.playing.length} students play`],
    ['What is the lesson called?', /^/, input.lesson.title],
    ['How do I stop everyone?', /Stop signal/, known.stopSignal || input.school.stopSignal],
    [
      'What comes out of the closet first?',
      /Bring out/,
      counted(Math.max(...fitted.gear.filter((l) => l.gearKind === fitted.gear[0].gearKind).map((l) => l.need)), fitted.gear[0].gearKind),
    ],
    ['What do I do when they come in?', /Arrive/, 'Check shoes and who is here'],
    ['When does the game begin?', new RegExp(game.title), twelve(bell + block.at)],
    ['How long is it?', new RegExp(game.title), duration(block.seconds)],
    ['How long is a round?', /rounds? of/, `${counted(game.timeline.bouts.length, 'round')} of ${duration(work.until - work.at)}`],
    ['When does the second round begin?', /Rounds begin/, twelve(bell + block.at + game.timeline.bouts[1].at)],
    ['How long to move?', /to move/, duration(game.moveSeconds)],
    ['Where does group 3 start?', /Who starts where/, `Group 3: ${place(0, 2)}`],
    ['Where does group 3 go then?', /Who starts where/, `then ${place(1, 2)}`],
    ['Who is in group 1?', /Who starts where/, game.groups[0].map((id) => names.get(id)).join(', ')],
    ['What is done at station 4?', new RegExp(card.title), cardLineWords(card.lines[0], game.format).text],
    ['What gear is at station 2?', /Gear here/, gearAt.length ? gearAt.slice(0, 1)[0] : 'none'],
    ['What is a tie?', /Rules/, rule('tie').text],
    ['What comes after the game, and when?', new RegExp(next.title), twelve(bell + next.at)],
  ];
}

describe('somebody who stands in', () => {
  it('opens the lesson with one press on Today, and finds neither menu nor link there', async () => {
    await open('/');
    await screen.click('link', 'Run this as a guest');
    await screen.says('Minute by minute', { patience: 1 }).catch(() => undefined);
    await screen.says('Stop signal');
    expect(screen.page.url()).toContain('/guest/');
    expect(await screen.page.$$('a, nav, header button[aria-haspopup]')).toHaveLength(0);
    await screen.page.keyboard.down('Control');
    await screen.press('k');
    await screen.page.keyboard.up('Control');
    await screen.press('?');
    await screen.says('Find anything', { not: true });
    expect(await screen.page.$('[role="dialog"]')).toBeNull();
    await screen.expectAccessible();
  });

  it('goes back to where it was opened, to Today if that was nowhere', async () => {
    await screen.click('button', 'Back');
    await screen.find('link', 'Run this as a guest');
    await open(`/guest/mills-${today}`);
    await screen.click('button', 'Back');
    await screen.find('link', 'Run this as a guest');
  });

  it('flows over pages of paper, to its last line, without buttons and without what is private', async () => {
    await open(`/guest/mills-${today}`);
    await screen.says('Who starts where');
    await screen.page.evaluate(() => {
      window.print = () => document.body.setAttribute('data-printed', 'yes');
    });
    await screen.click('button', 'Print or save as PDF');
    expect(await screen.page.$eval('body', (b) => b.getAttribute('data-printed'))).toBe('yes');
    await screen.click('button', 'Show care alerts');
    await screen.find('button', 'Hide care alerts');
    await screen.page.emulateMediaType('print');
    const { buttons, words, high } = await screen.page.evaluate(() => ({
      buttons: [...document.querySelectorAll('button')].filter((b) => b.checkVisibility()).length,
      words: [...document.querySelectorAll('main *')]
        .map((e) => (e.children.length || !e.checkVisibility() ? '' : e.textContent))
        .join(' '),
      high: document.querySelector('main')!.getBoundingClientRect().height,
    }));
    await screen.page.emulateMediaType();
    expect(buttons).toBe(0);
    expect(words).toContain('Ask the office');
    expect(words).not.toMatch(/allergy|grip|vision/i);
    // Letter and A4 at 96 dots an inch: as many pages as the sheet is high, a few more for what is not cut in two.
    for (const [format, page] of [
      ['Letter', 1056],
      ['A4', 1123],
    ] as const) {
      const pdf = Buffer.from(await screen.page.pdf({ format, margin: { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' } }));
      if (process.env.SHOT) writeFileSync(`${process.env.SHOT}-${format}.pdf`, pdf);
      const pages = pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)!.length;
      expect(pages).toBeGreaterThanOrEqual(Math.floor((high * 0.8) / page));
      expect(pages).toBeGreaterThan(2);
      expect(pages).toBeLessThanOrEqual(Math.ceil(high / page) * 2);
    }
  });

  it('answers twenty questions from the page alone', async () => {
    const input = (await api(`/periods/mills-${today}/desk`)) as FitInput;
    const fitted = fit(input);
    await open(`/guest/mills-${today}`);
    await screen.says('Who starts where');
    const page = (await screen.page.evaluate(() => document.body.textContent)).replace(/\s+/g, ' ');
    const asked = questions(input, fitted);
    expect(asked).toHaveLength(20);
    for (const [question, within, answer] of asked) {
      const from = page.search(new RegExp(within.source, 'i'));
      expect(from, question).toBeGreaterThanOrEqual(0);
      expect(page.toLowerCase(), question).toContain(answer.replace(/\s+/g, ' ').toLowerCase());
    }
  });

  it('sees limits as actions, and care alerts by initials behind one press that the teacher sees in Settings', async () => {
    const page = await screen.text();
    for (const { givenName, familyName } of ((await api(`/periods/mills-${today}/desk`)) as FitInput).students)
      expect(page).not.toContain(`${givenName} ${familyName}`);
    expect(page).not.toMatch(/Latex allergy|Weak grip|Low vision|Power chair|care plan on file/i);
    const limits = await screen.page.$$eval('ul[aria-label^="Limits in"] li', (all) => all.map((li) => li.textContent));
    expect(limits.length).toBeGreaterThan(0);
    await screen.click('button', 'Show care alerts');
    await screen.click('button', 'Hide care alerts');
    await screen.expectAccessible();
    await open('/settings');
    await screen.says('Care alerts opened by a guest');
  });

  it('is whole on a phone and a tablet', async () => {
    for (const [width, height] of [
      [390, 844],
      [820, 1180],
      [1280, 680],
    ]) {
      await open(`/guest/mills-${today}`, width, height);
      await screen.says('Who starts where');
      await screen.settled();
      const wide = await screen.page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(wide, `${width}`).toBeLessThanOrEqual(0);
      const over = await screen.page.$$eval(
        'main *',
        (all) => all.filter((e) => e.getBoundingClientRect().right > window.innerWidth + 1).length,
      );
      expect(over, `${width}`).toBe(0);
      expect(await screen.smallTexts()).toEqual([]);
      await screen.expectAccessible();
    }
  });
});
