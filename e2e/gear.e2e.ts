import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let app: App;
let screen: Screen;
withDemo((demo) => {
  ({ app, screen } = demo);
});

/** Puts a text into the list in place of what it holds. */
async function paste(text: string): Promise<void> {
  await (await screen.find('textbox', 'Gear list')).click();
  await screen.page.keyboard.down('Control');
  await screen.press('a');
  await screen.page.keyboard.up('Control');
  await screen.type(text);
}

describe('the gear closet', () => {
  it('takes new gear by name and count, and shows what is typical of its kind', async () => {
    await screen.page.goto(`${app.base}/cupboard`);
    await screen.fill('New gear', 'Playground balls');
    await screen.fill('Count', '6');
    await screen.click('button', 'Add to the gear closet');
    await screen.find('textbox', 'Name of Playground balls');
    const latex = await screen.find('combobox', 'Latex');
    expect(await latex.evaluate((e) => (e as HTMLSelectElement).selectedOptions[0].text)).toBe('typically may contain latex');
    const across = await screen.find('textbox', 'Across');
    expect(await across.evaluate((e) => (e as HTMLInputElement).placeholder)).toBe('typically 0.21 m');
    await screen.expectAccessible();
  });

  it('takes a kind that nobody knows, once its family is said', async () => {
    await screen.fill('New gear', 'Sock balls');
    await (await screen.find('combobox', 'Kind')).click();
    await screen.type('sock ball');
    await screen.fill('Count', '9');
    await screen.click('button', 'Add to the gear closet');
    await screen.says('“sock ball” is a kind that nobody knows yet. Choose its family.');
    const family = await screen.find('combobox', 'Family of “sock ball”');
    await family.select('ball');
    await screen.click('button', 'Add to the gear closet');
    await screen.find('textbox', 'Name of Sock balls');
    await screen.expectAccessible();
  });

  it('takes a list: what is wrong by row, nothing stored until it is right', async () => {
    await screen.click('button', 'Import a list');
    await paste('Name;Count;Kept in\nHoops;25;\nFoam tubes;ten;corner');
    await screen.click('button', 'Check the list');
    await screen.says('1 thing to fix. Nothing is saved yet.');
    await screen.says('Row 3, Count “ten”: is not a number that fits here.');
    await screen.expectAccessible();
    await paste('Name;Count;Kept in\nHoops;25;\nFoam tubes;10;corner');
    await screen.click('button', 'Check the list');
    await screen.says('Changed: 1');
    await screen.click('button', 'Add 1, change 1');
    await screen.says('Import a gear list', { not: true });
    await screen.find('button', /Foam tubes/);
    await screen.click('button', /Hoops/);
    const hoops = await screen.find('textbox', 'Count of Hoops');
    expect(await hoops.evaluate((e) => (e as HTMLInputElement).value)).toBe('25');
  });

  it('says what it takes to make a thing, and puts what was made into the closet', async () => {
    await screen.page.$$eval('summary', (all) => all.find((s) => s.textContent?.startsWith('Card paddle'))?.click());
    await screen.says('Lay the strap across one face, both ends over the edge');
    await screen.fill('How many', '4');
    await screen.says('About 40 min for one adult');
    await screen.expectAccessible();
    await screen.click('button', /closet: Card paddle$/);
    await screen.click('button', /^4\s*Card paddle/);
    await screen.says('Used to hit only: balloon, cloth or rope');
  });

  it('finds gear by its name, kind or place, and keeps long names whole', async () => {
    await screen.fill('Find gear', 'corner foam');
    await screen.says('Beanbags', { not: true });
    await screen.click('button', /Foam tubes/);
    const name = await screen.find('textbox', 'Name of Foam tubes');
    await name.click({ count: 3 });
    await screen.type('Foam tubes left over from the summer program, for the yard');
    await screen.press('Enter');
    const long = await screen.find('textbox', 'Name of Foam tubes left over from the summer program, for the yard');
    expect(await long.evaluate((e) => e.scrollWidth <= e.clientWidth + 1), 'nothing is cut off').toBe(true);
  });

  it('keeps the state of an item: counts by color, what is lost since when and found again, what is wished for and costs', async () => {
    await screen.page.goto(`${app.base}/cupboard`);
    await screen.click('button', /Light balls/);
    await screen.fill('Counts by color', '4 red, some blue');
    await screen.press('Enter');
    await screen.says('"some blue" has no count and color. Write 4 red, 6 blue.');
    await screen.fill('Counts by color', '4 red, 4 blue');
    await screen.press('Enter');
    // Once the message is gone the fields below it stand still.
    await screen.says('"some blue" has no count', { not: true });
    await screen.fill('Wish list: how many more', '6');
    await screen.press('Enter');
    await screen.fill('What one costs', '12.50');
    await screen.press('Enter');
    await screen.says('75.00');
    await screen.click('button', 'Lost');
    await screen.says(/1 lost, \w+/);
    await screen.expectAccessible();
    await screen.click('button', 'Found: put 1 piece back');
    await screen.says(/1 lost/, { not: true });
    const colors = await screen.find('textbox', 'Counts by color');
    expect(await colors.evaluate((e) => (e as HTMLInputElement).value)).toBe('4 red, 4 blue');
    await screen.click('button', 'Close');
  });

  it('puts gear together as a kit and says what is short', async () => {
    await screen.fill('New kit', 'Lane kit');
    await screen.press('Enter');
    await screen.says('nothing in it yet');
    await screen.page.evaluate(() => document.querySelector<HTMLDetailsElement>('[aria-label="Kits"] details')?.setAttribute('open', ''));
    await screen.fill('How many for Lane kit', '45');
    await (await screen.find('combobox', 'Add to Lane kit')).select('gear-8');
    await screen.says('45 Marker cones');
    await screen.says('5 short');
    await screen.expectAccessible();
  });
});
