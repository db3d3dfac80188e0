import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { letIn, markAway, rosterNames } from './roster.ts';
import { stored } from './runEvents.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let base = '';
let today = '';
let run = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
  base = demo.app.base;
});

const names = (list: 'Playing' | 'Not playing') => rosterNames(screen, list);
const plays = async () =>
  (await stored(base, run)).filter((e) => e.type === 'play' || e.type === 'presence') as { type: string; event?: object }[];

describe('students while a lesson runs, on a phone', () => {
  it('sit out for a minute in two taps, the time left shown, and are let back in sooner', async () => {
    await open('/', 390, 844);
    await markAway(base, api, `mills-${today}`, 5);
    run = ((await api('/runs', { periodId: `mills-${today}` })) as { id: string }).id;
    await open(`/whistle/${run}`, 390, 844);
    await screen.says('Hold everything');
    for (let i = 0; i < 8 && !(await screen.text()).includes('Round 1 of'); i++) await screen.click('button', 'Skip to the next step');
    await screen.click('button', 'Students');
    const all = await names('Playing');
    expect(all.length).toBeGreaterThan(20);
    await screen.click('button', all[3]);
    await screen.says(/sits out (1:00|0:5\d)/);
    expect(await names('Playing')).toEqual(all.filter((name) => name !== all[3]));
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    if (process.env.SHOT) await screen.page.screenshot({ path: `${process.env.SHOT}-phone.png` });
    await screen.click('button', 'Close');
    await screen.says(/Sitting out: /);
    if (process.env.SHOT) await screen.page.screenshot({ path: `${process.env.SHOT}-band.png` });
    await screen.click('button', /^Sitting out/);
    await screen.click('button', 'Back in');
    await screen.says('Sitting out: ', { not: true });
    await screen.says('All saved');
    expect((await names('Playing')).sort()).toEqual([...all].sort());
    expect((await plays()).map((e) => e.event)).toMatchObject([
      { type: 'box', why: '', release: 'rest', seconds: 60 },
      { type: 'release' },
    ]);
  });

  it('have the rest of the lesson changed: a block left out, crossed out again by undo', async () => {
    const { plan } = ((await api(`/runs/${run}`)) as { run: { plan: { blocks: { title: string }[] } } }).run;
    const last = plan.blocks[plan.blocks.length - 1].title;
    await screen.click('button', 'Close');
    await screen.click('button', 'Change the rest');
    await screen.says(/until the bell after this block/);
    await screen.click('checkbox', `Keep ${last}`);
    await screen.says('left out');
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
    await screen.click('button', 'Use this for the rest');
    await screen.click('button', 'What happened');
    await screen.says('Changed the rest of the lesson');
    await screen.click('button', 'Close');
    const entry = async () => ((await api(`/runs/${run}/entry`)) as { blocks: { title: string }[] }).blocks.map((b) => b.title);
    expect(await entry()).toEqual(plan.blocks.slice(0, -1).map((b) => b.title));
    await screen.click('button', 'Undo the last tap');
    await screen.says('All saved');
    expect(await entry()).toEqual(plan.blocks.map((b) => b.title));
    await screen.click('button', 'Students');
  });

  it('leave and come late, and the logbook tells both', async () => {
    const [leaver] = await names('Playing');
    await screen.click('radio', 'leaves the lesson');
    await screen.click('button', leaver);
    await screen.says('Not playing');
    expect(await names('Playing')).not.toContain(leaver);
    const { plan } = ((await api(`/runs/${run}`)) as { run: { plan: { absent: string[]; names: Record<string, string> } } }).run;
    const late = plan.names[plan.absent[0]];
    expect(await names('Not playing')).toEqual(expect.arrayContaining([leaver, late]));
    await screen.page.setViewport({ width: 1280, height: 800 });
    if (process.env.SHOT) await screen.page.screenshot({ path: `${process.env.SHOT}-wide.png` });
    await letIn(screen, late);
    await screen.says('All saved');
    await screen.click('button', 'End lesson');
    await screen.click('button', /^End/);
    await screen.says(`Came late: ${late}`);
    await screen.says(`Left early: ${leaver}`);
  });
});
