import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type App, startApp } from './app.ts';
import { openBrowser } from './browser.ts';
import { localDate } from './openDemo.ts';
import { newScreen, type Screen } from './screen.ts';

/** Every size that the product is made for. */
const SIZES = [
  [1280, 800],
  [1280, 680],
  [1920, 1080],
  [820, 1180],
  [1180, 820],
  [390, 844],
] as const;
/** Screens that a phone is made for: everything else may be scrolled sideways there. */
const ON_PHONE = ['today', 'the whistle', 'a guest'];
const CLASS = 'grade-5a';

type Row = Record<string, unknown> & { id: string };
interface SchoolFile {
  students: (Row & { classId: string })[];
  classes: Row[];
  rooms: (Row & { fixed: { name: string }[] })[];
  gear: Row[];
  lessons: (Row & { blocks: { game?: { gameId: string; settings: Record<string, unknown> } }[] })[];
  runs: unknown[];
}

/** Nine stations of which three stand twice, small enough for all of them to have floor. */
const NINE = ['ribbon-arcs', 'gate-lanes', 'stone-slide', 'bell-toss', 'low-net', 'two-catch', 'step-stones', 'disc-to-hand', 'windmill'];
const TWELVE = { picks: [...NINE, ...NINE.slice(0, 3)], areaWidthM: 3.5, areaDepthM: 2.5, gapM: 0.5, workSeconds: 90 };

/** A name as long as a field takes it, which a line can break. */
const long = (words: string, most: number) => `${words} `.repeat(9).slice(0, most).replace(/[ -]$/, 'e');

/** The demo school at its fullest: forty students, twelve stations, and every name as long as it may be. */
function filled(file: SchoolFile): SchoolFile {
  const [pattern] = file.students.filter((s) => s.classId === CLASS);
  const mine = file.students.filter((s) => s.classId === CLASS).length;
  const more = Array.from({ length: 40 - mine }, (_, i) => ({ ...pattern, id: `filled-${i + 1}` }));
  const students = [...file.students, ...more].map((s, i) =>
    s.classId === CLASS
      ? {
          ...s,
          givenName: long(`Maximiliana-${String.fromCharCode(65 + (i % 26))}dalberta`, 40),
          familyName: long('Oxbow-Thornbury van der Aldermill', 40),
        }
      : s,
  );
  return {
    ...file,
    ...{ students, runs: [] },
    classes: file.classes.map((c) => ({ ...c, name: c.id === CLASS ? long('Grade five Larch and Rowan', 40) : c.name })),
    rooms: file.rooms.map((r) => (r.id === 'mill-gym' ? { ...r, name: long('Mill Gym and old granary', 40) } : r)),
    gear: file.gear.map((g) => ({
      ...g,
      name: long(`${g.name} for the summer program`, 60),
      place: long('high shelf behind the curtain', 60),
    })),
    lessons: file.lessons.map((l) =>
      l.blocks.some((b) => b.game?.gameId === 'nine-mills')
        ? {
            ...l,
            title: long('Mills, bells, orchards and bridges', 60),
            blocks: l.blocks.map((b) => (b.game?.gameId === 'nine-mills' ? { ...b, game: { ...b.game, settings: TWELVE } } : b)),
          }
        : l,
    ),
  };
}

let app: App;
let screen: Screen;
let close: () => Promise<void>;
const today = localDate();
let run = '';

beforeAll(async () => {
  const demo = await startApp({ demo: true });
  const file = (await (await fetch(`${demo.base}/api/export`)).json()) as SchoolFile;
  await demo.stop();
  app = await startApp({});
  const taken = await fetch(`${app.base}/api/import`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(filled(file)),
  });
  expect(taken.status, await taken.clone().text()).toBe(200);
  const chrome = await openBrowser();
  screen = await newScreen(chrome.browser);
  close = async () => {
    await chrome.close();
    await app.stop();
  };
});
afterAll(async () => {
  await close();
  expect(screen.errors).toEqual([]);
});

describe('a school that is full', () => {
  const SCREENS: [name: string, path: () => string, says: string | RegExp][] = [
    ['today', () => '/', 'Grade five'],
    ['the week', () => '/week', 'Week'],
    ['a desk', () => `/desk/mills-${today}`, '12 rounds of'],
    ['the rotation', () => `/desk/mills-${today}/rotation`, 'Ribbon arcs'],
    ['the set-out', () => `/desk/mills-${today}/set-out`, 'of tape'],
    ['the whistle', () => `/whistle/${run}`, 'Hold everything'],
    ['a guest', () => `/guest/mills-${today}`, 'Ribbon arcs'],
    ['a class', () => `/classes/${CLASS}`, 'Unfold what is private'],
    ['skill ladders', () => `/ladders/${CLASS}`, 'Skill ladders'],
    ['a room', () => '/rooms/mill-gym', 'What stands in the room'],
    ['the gear closet', () => '/cupboard', 'Add to the gear closet'],
    ['the logbook', () => '/logbook', 'Logbook'],
    ['the settings', () => '/settings', 'Figures by grade'],
  ];

  it('has twelve stations and forty students', async () => {
    const desk = (await (await fetch(`${app.base}/api/periods/mills-${today}/desk`)).json()) as { students: unknown[] };
    expect(desk.students).toHaveLength(40);
    const made = await fetch(`${app.base}/api/runs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ periodId: `mills-${today}` }),
    });
    run = ((await made.json()) as { id: string }).id;
    expect(run).toBeTruthy();
  });

  it.each(SCREENS)('%s: no page scroll, no text under 12 px or cut, no violation, at every size', async (name, path, says) => {
    for (const [width, height] of SIZES) {
      await screen.page.setViewport({ width, height });
      if (width === SIZES[0][0] && height === SIZES[0][1]) {
        await screen.page.goto(app.base + path(), { waitUntil: 'load' });
        await screen.says(says);
      }
      await screen.settled();
      const size = `${name} at ${width} × ${height}`;
      expect(await screen.smallTexts(), size).toEqual([]);
      expect(await screen.cutTexts(), size).toEqual([]);
      if (width > 400 || ON_PHONE.includes(name)) await screen.expectNoPageScroll();
      // What axe sees changes where the layout does: at the first, upright, and on a phone.
      if (height === 800 || width < 900) await screen.expectAccessible();
    }
  });
});
