import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { PATIENCE, pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api, box } = withDemo((demo) => {
  ({ screen, today } = demo);
});

const drag = async (from: { x: number; y: number }, dx: number, dy: number) => {
  await screen.page.mouse.move(from.x, from.y);
  await screen.page.mouse.down();
  for (let i = 1; i <= 8; i++) await screen.page.mouse.move(from.x + (dx * i) / 8, from.y + (dy * i) / 8);
  await screen.page.mouse.up();
};

describe('the desk by mouse', () => {
  it('drags a station: distances follow, one gesture is one edit, undo names it', async () => {
    await open(`/desk/mills-${today}`);
    await screen.says('9 rounds of');
    const name = /^Nine mills: 9 Windmill/;
    const before = await box('button', name);
    const label = async () => (await screen.find('button', name)).evaluate((e) => e.getAttribute('aria-label') ?? '');
    const said = await label();
    const from = { x: before.x + before.width / 2, y: before.y + before.height / 2 };
    await screen.page.mouse.move(from.x, from.y);
    await screen.page.mouse.down();
    await screen.page.mouse.move(from.x + 30, from.y - 40, { steps: 4 });
    const during = await screen.page.$$eval('svg text', (texts) => texts.map((t) => t.textContent ?? '').filter((t) => / m$/.test(t)));
    expect(during.length).toBeGreaterThanOrEqual(4);
    const guides = new Set<string>();
    for (let step = 1; step <= 20; step++) {
      await screen.page.mouse.move(from.x + 30 + step * 1.5, from.y - 40 - step * 2);
      const words = await screen.page.$$eval('svg text', (texts) => texts.map((t) => t.textContent ?? ''));
      for (const word of words) if (/^(on the painted line|in line|even gaps)$/.test(word)) guides.add(word);
    }
    expect(guides.size, 'lines that it came to lie on are told').toBeGreaterThan(0);
    await screen.page.mouse.move(from.x + 60, from.y - 80, { steps: 4 });
    await screen.page.mouse.up();
    await screen.says('Undo: move 9 Windmill');
    await screen.says(/Saved \d/);
    expect(await label()).not.toBe(said);
    const after = await box('button', name);
    expect(after.x - before.x).toBeGreaterThan(50);
    const log = (await api('/lessons/lesson-mills/edits')) as unknown[];
    expect(log).toHaveLength(1);
    await screen.click('button', 'Undo: move 9 Windmill');
    await screen.says('Redo: move 9 Windmill');
    await expect.poll(label, { timeout: PATIENCE }).toBe(said);
  });

  it('cuts a block on the strip, by mouse and by keys, and what follows re-fits', async () => {
    const cut = await box('slider', 'End of Explain');
    const clock = async (name: string) =>
      (await screen.find('slider', `End of ${name}`)).evaluate((e) => Number(e.getAttribute('aria-valuenow')));
    const [explain, mills] = [await clock('Explain'), await clock('Nine mills')];
    await drag({ x: cut.x + cut.width / 2, y: cut.y + 20 }, -40, 0);
    await screen.says('Undo: cut Explain');
    await expect.poll(() => clock('Explain'), { timeout: PATIENCE }).toBeLessThan(explain);
    await screen.says(/Saved \d/);
    expect(await clock('Nine mills')).toBeGreaterThanOrEqual(mills);
    await (await screen.find('slider', 'End of Explain')).focus();
    const now = await clock('Explain');
    await screen.press('ArrowRight');
    await expect.poll(() => clock('Explain'), { timeout: PATIENCE }).toBe(now + 15);
  });

  it('shows now and next round by round, and walks it through', async () => {
    await screen.press('Escape');
    await screen.click('button', 'Round 4');
    await screen.says('Round 4 of 9');
    await screen.page.focus('body');
    await screen.press(']');
    await screen.says('Round 5 of 9');
    await screen.press('[');
    await screen.says('Round 4 of 9');
    await screen.click('button', 'Round 8');
    await screen.click('button', 'Walk it through');
    await screen.says('Round 9 of 9');
  });

  it('opens a lens over rounds too narrow to read, and a rail where the sheet is closed', async () => {
    const { lesson } = (await api(`/periods/mills-${today}/desk`)) as { lesson: { id: string; revision: number } };
    await api(`/lessons/${lesson.id}/edits`, {
      id: 'four-laps',
      revision: lesson.revision,
      name: 'laps',
      edit: {
        kind: 'many',
        edits: [
          { kind: 'set-setting', blockId: 'mills-game', key: 'laps', value: 4 },
          { kind: 'set-setting', blockId: 'mills-game', key: 'workSeconds', value: 20 },
          { kind: 'set-setting', blockId: 'mills-game', key: 'moveSeconds', value: 10 },
        ],
      },
    });
    await open(`/desk/mills-${today}`);
    await screen.click('button', /^Round 30 of Nine mills/);
    await screen.says('Round 30 of 36');
    await screen.expectAccessible();
    await screen.page.keyboard.press('f');
    await screen.find('navigation', 'Closed sheets');
    await screen.expectAccessible();
    await screen.click('button', 'Gear');
    await screen.says('Set up in this order');
    await screen.page.keyboard.down('Control');
    await screen.press('z');
    await screen.page.keyboard.up('Control');
    await screen.says('9 rounds of');
  });

  it('finds anything by a few letters', async () => {
    await screen.page.keyboard.down('Control');
    await screen.press('k');
    await screen.page.keyboard.up('Control');
    await screen.says('Find anything');
    await screen.type('mill gy');
    await screen.says('room');
    await screen.expectAccessible();
    await screen.press('Enter');
    await screen.says('What stands in the room');
    expect(screen.page.url()).toContain('/rooms/mill-gym');
  });

  it('mends a check by its fix and takes the ring off the floor', async () => {
    await open(`/desk/orchard-${today}`);
    await screen.says('Keep as is …');
    await screen.says('Looking for fixes', { not: true });
    const count = async () => Number(await (await screen.find('tab', /^Checks/)).evaluate((e) => e.textContent?.replace(/\D/g, '')));
    const before = await count();
    const fix = await screen.page.$('#sheet-panel li button.torn');
    await fix!.click();
    await screen.says(/Saved \d/);
    for (let i = 0; i < 60 && (await count()) >= before; i++) await pause(50);
    expect(await count()).toBeLessThan(before);
  });

  it('knows after a reload how ready the day is, and counts anew what changed or what another program counted', async () => {
    await open('/settings');
    // The orchard's own count, not the first one that is there: only then is there something to plant over.
    await screen.says(/Grade 6d1:00\S* \d+ to fix/);
    const planted = (change: { program?: string }) =>
      screen.page.evaluate((more) => {
        const kept = JSON.parse(sessionStorage.getItem('side-court-readiness')!) as { counts: [string, object][] };
        const counts = kept.counts.map(([key, open]) => [key, key.startsWith('orchard') ? { ...open, open: 77 } : open]);
        sessionStorage.setItem('side-court-readiness', JSON.stringify({ ...kept, counts, ...more }));
        return counts.length;
      }, change);
    expect(await planted({})).toBeGreaterThanOrEqual(5);
    await screen.page.reload();
    await screen.says('77 to fix');
    await planted({ program: 'another' });
    await screen.page.reload();
    await screen.says(/ [1-9] to fix/);
    await screen.says('77 to fix', { not: true });
    await planted({});
    const { lesson } = (await api(`/periods/orchard-${today}/desk`)) as { lesson: { id: string; revision: number } };
    await api(`/lessons/${lesson.id}/edits`, {
      id: 'another-title',
      revision: lesson.revision,
      name: 'another title',
      edit: { kind: 'rename', title: 'Orchard carry, again' },
    });
    await screen.page.reload();
    await screen.says(/ [1-9] to fix/);
    await screen.says('77 to fix', { not: true });
  });

  it('takes a student out for today and says who plays', async () => {
    await open(`/desk/mills-${today}`);
    await screen.says('9 rounds of');
    await screen.press('1');
    await screen.says('30 of 31 play');
    const chip = await screen.page.$('button[title^="Fenn "]');
    await chip!.click();
    await screen.click('menuitem', /^absent/);
    await screen.says('29 of 31 play');
    await screen.says('absent, not here');
  });

  it('shows both versions when another window was faster', async () => {
    await open(`/desk/weather-${today}`);
    await screen.says('rounds of');
    const { lesson } = (await api(`/periods/weather-${today}/desk`)) as {
      lesson: { id: string; revision: number; blocks: { id: string }[] };
    };
    await api(`/lessons/${lesson.id}/edits`, {
      id: 'other-window',
      revision: lesson.revision,
      name: 'rename the lesson',
      edit: { kind: 'rename', title: 'Storm round' },
    });
    await (await screen.find('slider', 'End of Arrive')).focus();
    await screen.press('ArrowRight');
    await screen.says('This lesson was changed in another window');
    await screen.expectAccessible();
    await screen.click('button', 'Put my change on top');
    await screen.says('Storm round');
    await screen.says(/Saved \d/);
    screen.errors.splice(0, screen.errors.length, ...screen.errors.filter((e) => !/409/.test(e)));
  });
});
