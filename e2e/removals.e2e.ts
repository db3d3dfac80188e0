import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
const { open } = withDemo((demo) => {
  ({ screen } = demo);
});
const undoByKey = async () => {
  await screen.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await screen.page.keyboard.down('Control');
  await screen.press('z');
  await screen.page.keyboard.up('Control');
};

describe('what is removed on a shelf', () => {
  it('is undone by name: a student, by a press', async () => {
    await open('/classes/grade-3b');
    await screen.says('27 students, grades');
    await screen.click('button', 'Remove Anselm Rushmere');
    await screen.says('26 students, grades');
    await screen.click('button', 'Undo: remove Anselm Rushmere');
    await screen.says('27 students, grades');
    await screen.says('Undo: remove', { not: true });
  });

  it('is said with what goes along first, and undone by Ctrl+Z: a class with its periods', async () => {
    await screen.click('button', 'Remove the class');
    await screen.says(/27 students, 1 pairing.*period.*go too\. You can undo this for 30 days\./);
    await screen.expectAccessible();
    await screen.click('button', 'Cancel');
    await screen.click('button', 'Remove the class');
    await screen.click('button', 'Remove Grade 3b');
    await screen.find('button', 'Undo: remove Grade 3b');
    await screen.says('1 · Grade 3b', { not: true });
    await open('/classes');
    await screen.find('button', 'Undo: remove Grade 3b');
    await undoByKey();
    await screen.says('1 · Grade 3b');
    await screen.says('Undo: remove', { not: true });
  });

  it('takes periods to another room, which is chosen, and back', async () => {
    await open('/rooms/mill-gym');
    await screen.click('button', 'Remove the room');
    await screen.says(/\d periods move to Old Dining Hall\. You can undo this for 30 days\./);
    await (await screen.find('combobox', 'They move to')).toElement('select').then((e) => e.select('upper-yard'));
    await screen.says(/move to Upper Yard/);
    await screen.expectAccessible();
    await screen.click('button', 'Remove Mill Gym');
    await screen.find('button', 'Undo: remove Mill Gym');
    await open('/');
    await screen.says('Nine mills · Upper Yard');
    await undoByKey();
    await screen.says('Nine mills · Mill Gym');
  });

  it('names what needs it: gear that a lesson of today uses', async () => {
    await open('/cupboard');
    await screen.says('Foam discs');
    // What the day needs is worked out first.
    await screen.click('button', /Foam discs.* in (every )?period/);
    await screen.click('button', 'Remove Foam discs');
    await screen.says(/eriod \d[^.]* needs? it\. You can undo this for 30 days\./);
    await screen.click('button', 'Remove Foam discs');
    await screen.find('button', 'Undo: remove Foam discs');
  });

  it('is brought back from Settings as well, with what needs another first', async () => {
    await open('/settings');
    await screen.says('Removed in the last 30 days');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.click('button', 'Bring back Foam discs');
    await screen.says('Nothing. What you remove can be brought back from here.');
    await open('/cupboard');
    await screen.says('Foam discs');
  });
});
