import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { periodOfClass, skipTo } from './newGame.ts';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});
const periodOf = (name: string) => periodOfClass(api, today, name);
interface Stored {
  id: string;
  title: string;
  own?: boolean;
}
const own = async () => ((await api('/games')) as Stored[]).filter((g) => g.own);

/** Types into every field of the page that is still empty. */
async function fillEmpty(): Promise<void> {
  const empty = await screen.page.$$('main input:not([type=checkbox]):not([type=number]):not([type=file]), main textarea');
  for (const field of empty) {
    const value = await field.evaluate((e) => (e as HTMLInputElement).value);
    const isOwnRule = await field.evaluate(
      (e) => e.closest('fieldset')?.querySelector('legend')?.textContent?.startsWith('Rules of its own') ?? false,
    );
    const isSetting = await field.evaluate(
      (e) => e.closest('fieldset')?.querySelector('legend')?.textContent?.startsWith('By grade') ?? false,
    );
    if (value || isOwnRule || isSetting) continue;
    await field.click();
    await screen.page.keyboard.type('Ring');
  }
}

describe('games of the school’s own', () => {
  it('are made from a format on one page: the floor is drawn, holes are listed until there are none', async () => {
    await open('/');
    await open(`/games?period=${await periodOf('Grade 5a')}`);
    await screen.click('link', 'Make a game');
    await screen.says('How it is played');
    await (await screen.page.$('main select'))!.select('pods');
    await screen.says(/Still open/);
    await screen.says('No words yet: Title');
    await screen.says(/\d+ pods/);
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await fillEmpty();
    await screen.write('Title', 'Bells in a ring');
    await screen.write('What it is for, in a sentence', 'Listen while the arms are turning');
    await screen.click('checkbox', 'rhythm');
    await screen.says('No words yet', { not: true });
    await screen.click('button', 'Use the usual words for all');
    await screen.says('No holes: every word is there, and the rules leave nothing open.');
    // What was typed survives a reload.
    await screen.page.reload({ waitUntil: 'load' });
    await screen.says('No holes: every word is there, and the rules leave nothing open.');
    await screen.click('button', 'Keep this game');
    await screen.says('your own');
    expect((await own()).map((g) => g.title)).toEqual(['Bells in a ring']);
    await screen.expectAccessible();
  });

  it('fit classes of different bands, and are run and found in the logbook', async () => {
    for (const name of ['Grade 2c', 'Grade 8a']) {
      await open(`/games?period=${await periodOf(name)}`);
      await screen.write('Search games', 'arms are turning');
      await screen.says('1 of 1 fit');
    }
    const { id } = (await api('/periods', { date: today, start: '16:00', end: '16:40', classId: 'grade-5a', roomId: 'mill-gym' })) as {
      id: string;
    };
    await open(`/games?period=${id}`);
    await screen.write('Search games', 'arms are turning');
    await screen.click('button', 'Plan a lesson with Bells in a ring');
    await screen.says('Undo: add Bells in a ring');
    await screen.settled();
    const run = (await api('/runs', { periodId: id })) as { id: string };
    await open(`/whistle/${run.id}`);
    await skipTo(screen, '[aria-label="Music"]');
    // Past walk-through and rehearsal: the first set of rounds.
    for (let i = 0; i < 2; i++) await screen.click('button', 'Skip to the next step');
    await screen.says(/Round 1 of/);
    await screen.click('button', 'Start the music');
    await screen.says('Music is on. It stops by itself.');
    await screen.click('button', 'Stop now');
    await screen.click('button', 'Nobody');
    const heldNow = () =>
      screen.page.$$eval(
        'main button',
        (all) => all.filter((b) => b.textContent === 'Nobody' && !(b as HTMLButtonElement).disabled).length,
      );
    await expect.poll(heldNow).toBe(0);
    // Corrected: somebody did.
    await screen.click('button', /^Undo/);
    await expect.poll(heldNow).toBe(1);
    await screen.click('button', 'Nobody');
    await expect.poll(heldNow).toBe(0);
    await screen.click('button', 'End lesson');
    await screen.click('button', 'End lesson and open the logbook');
    await screen.says('Rounds won');
    await open(`/games?period=${id}`);
    await screen.write('Search games', 'arms are turning');
    await screen.says(/Played on /);
  });

  it('are copied and shown as a difference from the original', async () => {
    await open(`/games/mill-carts?period=${await periodOf('Grade 5a')}`);
    await screen.click('link', 'Make a copy');
    await screen.says('A copy with changes');
    await screen.write('Title', 'Carts at dusk');
    await screen.write('Turns each in a stage', '3');
    await screen.press('Enter');
    await screen.click('button', 'Keep this game');
    await screen.says('Title: Carts at dusk, was Carts and sacks');
    await screen.says('4–5, Turns each in a stage: 3, was nothing');
    await screen.click('link', 'Change it');
    await screen.says('Change a game');
    await screen.write('Title', 'Carts by night');
    await screen.click('button', 'Keep the changes');
    await screen.says('Title: Carts by night, was Carts and sacks');
  });

  it('go out as a file and come in after a look, never over another one silently', async () => {
    const [copy] = (await own()).filter((g) => g.title === 'Carts by night');
    const file = (await api(`/games/file?id=${copy.id}`)) as { games: object[] };
    const changed = {
      ...file,
      games: [{ ...file.games[0], aim: 'Another aim' }, { ...file.games[0], id: 'from-afar', title: 'From afar' }, { id: 'broken' }],
    };
    const at = path.join(mkdtempSync(path.join(tmpdir(), 'games-')), 'games.json');
    writeFileSync(at, JSON.stringify(changed));
    expect(readFileSync(at, 'utf8')).toContain('side-court-games');
    await open(`/games?period=${await periodOf('Grade 5a')}`);
    await screen.says('Best first by');
    await screen.says('Put it in');
    const input = (await screen.page.$('main input[type=file]'))!;
    await (input as never as { uploadFile(file: string): Promise<void> }).uploadFile(at);
    await screen.says(/Game 3: /);
    await screen.says('stays out: yours is another one');
    await screen.expectAccessible();
    await screen.click('button', 'Bring them in');
    await screen.says('1 came in, 0 took the place of yours.');
    expect((await own()).map((g) => g.title)).toEqual(expect.arrayContaining(['Carts by night', 'From afar']));
    await screen.write('Search games', 'from afar');
    await screen.click('link', 'From afar');
    await screen.click('button', 'Remove it');
    await screen.says('Best first by');
    expect((await own()).map((g) => g.title)).not.toContain('From afar');
  });
});
