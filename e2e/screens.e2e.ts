import { beforeAll, describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api, box } = withDemo((demo) => {
  ({ screen, today } = demo);
});

describe('the demo on every screen', () => {
  const SIZES = [
    [1280, 800],
    [1280, 680],
    [1180, 820],
    [1920, 1080],
  ] as const;
  const SCREENS: [name: string, path: (run: string) => string, says: string | RegExp][] = [
    ['today', () => '/', 'Grade 3b'],
    ['a desk that is ready', () => `/desk/mills-${today}`, '9 rounds of'],
    ['a desk with checks', () => `/desk/orchard-${today}`, 'Keep as is …'],
    ['the rotation, as a chart', () => `/desk/mills-${today}/rotation`, 'Ribbon arcs'],
    ['the rotation, where next', () => `/desk/mills-${today}/rotation?view=next`, 'then'],
    ['the rotation, as strips', () => `/desk/weather-${today}/rotation?view=strip`, 'Breeze'],
    ['the whistle', (run) => `/whistle/${run}`, 'Hold everything'],
    ['a class', () => '/classes/grade-5a', 'Unfold what is private'],
    ['a room', () => '/rooms/mill-gym', 'What stands in the room'],
    ['the cupboard', () => '/cupboard', 'Add to the gear closet'],
    ['the logbook', () => '/logbook', 'Planned against actual'],
    ['the settings', () => '/settings', 'Settings'],
  ];
  let run = '';
  beforeAll(async () => {
    await open('/');
    run = ((await api('/runs', { periodId: `mills-${today}` })) as { id: string }).id;
  });

  it.each(SCREENS)('%s fits every size: no page scroll, no text under 12 px; accessible', async (name, path, says) => {
    const [[width, height], ...others] = SIZES;
    await open(path(run), width, height);
    await screen.says(says);
    const fits = async (size: string) => {
      await screen.expectNoPageScroll();
      expect(await screen.smallTexts(), `${name} at ${size}`).toEqual([]);
    };
    await fits(`${width} × ${height}`);
    // What axe sees hardly differs between sizes: once, at the first.
    await screen.expectAccessible();
    for (const [w, h] of others) {
      await screen.page.setViewport({ width: w, height: h });
      await screen.settled();
      await fits(`${w} × ${h}`);
    }
  });

  it('stands whole on a tablet held upright: floor above, sheet below, every button in reach', async () => {
    await open(`/desk/mills-${today}`, 820, 1180);
    await screen.says('9 rounds of');
    const whole = async () => {
      await screen.expectNoPageScroll();
      await screen.expectAccessible();
      expect(await screen.smallTexts()).toEqual([]);
      const cut = await screen.page.$$eval('main button, main a, aside button, nav[aria-label="Closed sheets"] button', (all) =>
        all
          .map((b) => ({ name: b.textContent ?? '', box: b.getBoundingClientRect() }))
          .filter(({ box }) => box.width > 1 && (box.right > window.innerWidth + 1 || box.bottom > window.innerHeight + 1))
          .map(({ name }) => name),
      );
      expect(cut).toEqual([]);
    };
    await whole();
    const floor = await box('group', /^Floor of Mill Gym/);
    expect(floor.width).toBeGreaterThan(780);
    await screen.page.keyboard.press('f');
    await screen.find('navigation', 'Closed sheets');
    await whole();
    await screen.page.keyboard.press('f');
  });

  it('opens every sheet, dialog and menu without a violation', async () => {
    await open(`/desk/mills-${today}`);
    await screen.says('9 rounds of');
    for (const sheet of ['Who', 'Rules', 'Gear', 'Ways', 'Checks']) {
      await screen.click('tab', sheet);
      await screen.expectAccessible();
      expect(await screen.smallTexts(), sheet).toEqual([]);
    }
    await screen.press('?');
    await screen.says('These keys');
    await screen.expectAccessible();
    await screen.press('Escape');
    await open('/classes/grade-5a');
    await screen.click('button', 'Paste or import a list');
    await screen.says('One student a row');
    await screen.expectAccessible();
    await open('/cupboard');
    await screen.click('button', /Foam discs/);
    await screen.says('We have');
    await screen.expectAccessible();
  });
});
