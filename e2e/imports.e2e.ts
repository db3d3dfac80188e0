import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});
const shot = async (name: string) => {
  if (process.env.SHOT) await screen.page.screenshot({ path: `${process.env.SHOT}-${name}.png` });
};
/** Puts a text into a field in place of what it holds, as a paste does. */
async function paste(field: string, text: string): Promise<void> {
  await (await screen.find('textbox', field)).click({ count: 3 });
  await screen.page.evaluate((t) => document.execCommand('insertText', false, t), text);
}

const GEAR = [
  'Gear room, east wall:',
  '24 pinnies red',
  'Poly spots, 30',
  'Gym scooters x 12',
  'Wobblers 6',
  'Hoola hoops',
  '8.5" foam balls (18)',
].join('\n');

describe('a gear list as a teacher has it', () => {
  it('is read line by line: what is not known is asked with drawn families, a missing count where it is missing', async () => {
    await open('/cupboard');
    await screen.click('button', 'Import a list');
    await paste('Gear list', GEAR);
    await screen.click('button', 'Check the list');
    await screen.says('1 line is not known here');
    await screen.says('Row 6, Count: is empty.The line: “Hoola hoops”');
    await screen.says('Line 1: “Gear room, east wall:”');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await shot('gear');
    await screen.fill('How many, row 6', '20');
    await screen.click('button', 'Use this count for row 6');
    await screen.says('1 thing to fix', { not: true });
    await screen.click('button', 'What is it? Wobblers');
    await screen.says('What is Wobblers like?');
    await shot('families');
    await screen.click('button', 'mat or support');
    await screen.expectAccessible();
    await shot('kinds');
    await screen.click('button', 'balance cushion');
    await screen.says('not known here', { not: true });
    await screen.find('button', 'balance cushion: Wobblers');
    await shot('known');
    await screen.click('button', /^Add \d/);
    await screen.says('Import a gear list', { not: true });
    const gear = (await api('/gear')) as { name: string; gearKind: string; count: number; diameterM?: number }[];
    const kindOf = (name: string) => gear.find((g) => g.name === name);
    expect(kindOf('Wobblers')).toMatchObject({ gearKind: 'balance cushion', count: 6 });
    expect(kindOf('Hoola hoops')).toMatchObject({ gearKind: 'hoop', count: 20 });
    expect(kindOf('8.5" foam balls')).toMatchObject({ gearKind: 'foam ball', count: 18, diameterM: 0.216 });
  });

  it('is remembered: the next list knows what was told, and so does a single line', async () => {
    await screen.fill('New gear', 'Blue wobblers');
    const kind = await screen.find('combobox', 'Kind');
    await expect.poll(() => kind.evaluate((e) => (e as HTMLInputElement).placeholder)).toBe('balance cushion');
  });
});

describe('a kind that is missing', () => {
  it('is found under another name: the teacher says which item it is, and the check is gone', async () => {
    const gear = (await api('/gear')) as { id: string; name: string; gearKind: string; count: number; revision: number }[];
    const scarves = gear.find((g) => g.gearKind === 'scarf')!;
    await screen.page.evaluate(
      (body) =>
        fetch(`/api/gear/${body.id}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
      { ...scarves, name: 'Floaters', gearKind: 'other' },
    );
    await open(`/desk/mills-${today}`);
    await screen.click('tab', /^Checks/);
    await screen.says(/\d+ scarves short/);
    await screen.click('button', 'I have this: which item is it?');
    await screen.says('In the gear closet, scarves are:');
    await screen.expectAccessible();
    await shot('have');
    const [first] = await screen.page.$$('[aria-label="Items of the gear closet"] button');
    expect(await first.evaluate((e) => e.textContent)).toContain('Floaters');
    await first.click();
    await screen.says(/\d+ scarves short/, { not: true });
    expect(((await api('/gear')) as typeof gear).find((g) => g.id === scarves.id)!.gearKind).toBe('scarf');
  });
});

describe('namesakes', () => {
  it('are asked about before they come in, and carry their words wherever they are named', async () => {
    await open('/classes/grade-5a');
    await screen.click('button', 'Paste or import a list');
    await paste('Roster', 'Wren,Ashgrove\nWren,Ashgrove');
    await screen.click('button', 'Check the list');
    await screen.click('checkbox', 'these are different students with the same name');
    await screen.says('2 students called Wren Ashgrove');
    await screen.fill('Word for Wren Ashgrove, row 1', 'May');
    await screen.fill('Word for Wren Ashgrove, row 2', 'June');
    await screen.expectAccessible();
    await shot('namesakes');
    await screen.click('button', 'Add 2 students');
    await screen.says('Paste or import a roster', { not: true });
    await shot('roster');
    const words = () =>
      screen.page.$$eval('label', (all) => all.flatMap((l) => /^Word for (.*), row/.exec(l.textContent ?? '')?.[1] ?? []).sort());
    await expect.poll(words).toEqual(['Wren Ashgrove (June)', 'Wren Ashgrove (May)']);
    await open(`/desk/mills-${today}`);
    await screen.click('tab', /^Who/);
    await screen.says('Wren Ashgrove (May)');
    await screen.says('Wren Ashgrove (June)');
    await shot('who');
  });
});
