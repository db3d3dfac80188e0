import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { root, startApp } from './app.ts';
import { openBrowser } from './browser.ts';
import { localDate } from './openDemo.ts';
import { newScreen, pause } from './screen.ts';

/** One current picture of each main view, from the demo data, into docs/screenshots. */
async function main(): Promise<void> {
  const out = path.join(root, 'docs/screenshots');
  mkdirSync(out, { recursive: true });
  const [app, chrome] = await Promise.all([startApp({ demo: true }), openBrowser()]);
  const screen = await newScreen(chrome.browser);
  const open = async (to: string, says: string | RegExp) => {
    await screen.page.goto(app.base + to);
    await screen.says(says);
    // The day bar has weighed every period: one of them has checks to fix.
    if (!/^\/(whistle|guest)/.test(to)) await screen.says(/\d to fix/);
    await pause(500);
  };
  const shoot = async (name: string) => {
    await screen.page.screenshot({ path: path.join(out, `${name}.png`) as `${string}.png` });
    console.log(`docs/screenshots/${name}.png`);
  };
  const post = (to: string, body: unknown) =>
    screen.page.evaluate(
      async ([p, b]) =>
        (await fetch(`/api${p}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(b) })).json(),
      [to, body] as const,
    );
  await open('/', 'Grade 3b');
  const today = localDate();
  await shoot('today');
  await open(`/desk/mills-${today}`, '9 rounds of');
  await screen.click('button', 'Round 4');
  await pause(400);
  await shoot('desk');
  await open(`/desk/mills-${today}/set-out`, 'of tape');
  for (let i = 0; i < 11; i++) await screen.press('ArrowDown');
  await pause(300);
  await shoot('set-out');
  await open(`/desk/orchard-${today}`, 'Keep as is …');
  await screen.says('Looking for fixes', { not: true });
  await pause(300);
  await shoot('desk-checks');
  await open(`/desk/mills-${today}`, '9 rounds of');
  await screen.click('tab', 'Who');
  await pause(300);
  await shoot('desk-who');
  await screen.click('tab', 'Fit for all');
  await screen.says('to choose');
  await screen.click('button', /^Runa C. in Nine mills/);
  await screen.click('button', '5 Low net');
  await screen.page.evaluate(() => document.querySelector('#sheet-panel')?.scrollTo(0, 400));
  await pause(300);
  await shoot('fit-for-all');
  await open(`/games?period=mills-${today}`, /of \d+ fit/);
  await screen.page.waitForFunction(() => !document.querySelector('progress[aria-label="Games judged"]'), { timeout: 90_000 });
  await pause(500);
  await shoot('shelf');
  await open(`/games/lesson?period=mills-${today}`, 'of game time on task');
  await pause(500);
  await shoot('lessons-offered');
  await open(`/desk/mills-${today}`, '9 rounds of');
  await screen.click('tab', 'Ways');
  await screen.says('ways fitted');
  await pause(300);
  await shoot('desk-ways');
  const made = (await post('/periods', { date: today, start: '14:50', end: '15:35', classId: 'grade-5a', roomId: 'mill-gym' })) as {
    id: string;
  };
  const { lesson } = (await post(`/periods/${made.id}/lesson`, { title: 'Wind and leaves' })) as { lesson: { id: string } };
  const withGame = (revision: number, gameId: string, title: string, settings: object, before: string[]) =>
    post(`/lessons/${lesson.id}/edits`, {
      id: `picture-${revision}`,
      revision,
      name: `add ${title}`,
      edit: {
        kind: 'many',
        edits: [
          ...before.map((blockId) => ({ kind: 'remove-block', blockId })),
          {
            kind: 'insert-block',
            index: 2,
            block: { id: gameId, phase: 'game', title, least: 0, most: 7200, weight: 10, game: { gameId, settings, placed: {} } },
          },
        ],
      },
    });
  await withGame(0, 'bridge-run', 'Seven bridges', {}, []);
  await withGame(1, 'wind-and-leaves', 'Wind and leaves', { safeSpots: 3, hunters: 4 }, ['bridge-run']);
  await open(`/desk/${made.id}/try`, 'plays tried out');
  await screen.click('button', 'Use 6 hunters');
  await screen.says('Keep the plan');
  await pause(4500);
  await shoot('tryout');
  await open(`/guest/mills-${today}`, 'Who starts where');
  await pause(400);
  await shoot('guest');
  const run = (await post('/runs', { periodId: `mills-${today}` })) as { id: string };
  await open(`/whistle/${run.id}`, 'Hold everything');
  while (!(await screen.text()).includes('Round 4 of 9')) {
    await screen.click('button', 'Skip to the next step');
    await pause(120);
  }
  for (const group of [2, 2, 3, 6]) await screen.click('button', `Group ${group}: +1`);
  await screen.says('All saved');
  await pause(300);
  await shoot('whistle');
  for (const [name, to, says] of [
    ['week', '/week', 'to fix'],
    ['class', '/classes/grade-5a', 'Unfold what is private'],
    ['room', '/rooms/mill-gym', 'What stands in the room'],
    ['cupboard', '/cupboard', 'in periods'],
    ['settings', '/settings', 'Figures by grade'],
  ]) {
    await open(to, says);
    await screen.says('Opening the day', { not: true });
    await shoot(name);
  }
  await open('/ladders/grade-5a/grade-5a-21', 'made at this step');
  await screen.page.waitForSelector('.apexcharts-line-series path');
  await pause(500);
  await shoot('ladders');
  await open('/logbook', 'How the weeks went');
  await screen.page.waitForSelector('.apexcharts-line-series path');
  await pause(500);
  await shoot('logbook-weeks');
  await chrome.close();
  await app.stop();
}

main().catch((error) => {
  console.error(error);
  process.exit(1);
});
