import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});

interface Block {
  id: string;
  title: string;
  game?: { gameId: string; goesOn?: object; groups?: object };
}
const lesson = async () => ((await api(`/periods/mills-${today}/desk`)) as { lesson: { title: string; blocks: Block[] } }).lesson;
/** Taps "Skip" until the page says something: a round, a board. */
async function skipUntil(says: string): Promise<void> {
  for (let i = 0; i < 30 && !(await screen.text()).includes(says); i++) {
    await screen.click('button', 'Skip to the next step');
    await pause(200);
  }
  await screen.says(says);
}
const buttons = (pattern: string) =>
  screen.page.$$eval(
    'button',
    (all, p) => all.map((b) => b.getAttribute('aria-label') ?? b.textContent ?? '').filter((t) => new RegExp(p).test(t)),
    pattern,
  );

describe('a lesson that mixes: six stations of which one is a lane and one a small game, then one ring of the whole class', () => {
  it('is taken as it is written, for a class with supports', async () => {
    await open(`/games/lesson?period=mills-${today}`);
    await screen.says('made now');
    const from = await screen.find('combobox', 'Where it comes from');
    const options = await from.$$eval('option', (all) => all.map((o) => o.textContent));
    await (from as { select(value: string): Promise<unknown> }).select(String(options.indexOf('written for levels far apart')));
    await screen.click('button', 'Take this lesson: Six mills and a ring');
    await screen.says('Undo: take the lesson Six mills and a ring');
    expect((await lesson()).blocks.map((b) => b.game?.gameId).filter(Boolean)).toEqual(['nine-mills', 'under-the-haystack']);
    for (const station of ['1 Ribbon arcs', '3 Lantern roll', '5 Bell tower', '6 Windmill'])
      await screen.find('button', new RegExp(station));
    await screen.expectAccessible();
    await screen.says(/Saved \d|All saved/);
  });

  it('says for every student what each of its games asks, and takes a plan', async () => {
    await screen.click('tab', /^Fit for all/);
    await screen.says('only you see this');
    await screen.says('Nine mills');
    await screen.says('Under the haystack');
    await screen.find('button', /^Emrys N\. in Under the haystack: fits/);
    await screen.click('button', /^Emrys N\. in Nine mills: choose/);
    await screen.click('button', /^Use (this|these)/);
    await screen.says('Stop using this plan');
    await screen.expectAccessible();
  });

  it('goes on from the stations: the same groups, from where they ended, on their floor', async () => {
    await screen.click('tab', 'Who');
    await screen.click('button', /^Under the haystack(?!:)/);
    await screen.click('checkbox', 'the same groups');
    await screen.click('checkbox', 'starting where it ended');
    await screen.click('checkbox', 'on its floor');
    await screen.says(/Students walk .+ to start\. Changing the floor takes/);
    await screen.says('Undo: on its floor in Under the haystack');
    await screen.says(/Saved \d|All saved/);
    const goesOn = { groups: true, start: true, floor: true, gear: false };
    expect((await lesson()).blocks.find((b) => b.game?.gameId === 'under-the-haystack')!.game!.goesOn).toEqual(goesOn);
    await screen.expectAccessible();
    await screen.click('button', 'Undo: on its floor in Under the haystack');
    await screen.says('Undo: starting where it ended in Under the haystack');
  });

  it('is tried out, block by block, with what the estimate takes for granted', async () => {
    await screen.press('Escape');
    await screen.click('link', 'Try it out');
    await screen.says(/plays tried out|Every play goes like this/);
    await screen.says('Assumes that everyone in a circle is at it as long as it is played');
    await screen.expectAccessible();
    await screen.click('link', 'Back to the plan');
    await screen.click('button', /^Nine mills(?!:)/);
    await screen.press('Escape');
    await screen.click('link', 'Try it out');
    await screen.says('Assumes that everyone with an implement works all through a round');
    await screen.click('link', 'Back to the plan');
  });

  it('is run with a board for each part, and corrected', async () => {
    const run = (await api('/runs', { periodId: `mills-${today}` })) as { id: string };
    await open(`/whistle/${run.id}`);
    await screen.says('Hold everything');
    await skipUntil('Round 1 of');
    await screen.click('radio', /Bell tower/);
    await screen.says('rallies: 0');
    await screen.click('button', /^Court \d+, place\s*1(?!\d)/);
    await screen.says('rallies: 1');
    await screen.click('button', 'Undo the last tap');
    await screen.says('rallies: 0');
    await screen.click('radio', /Lantern roll/);
    await screen.expectAccessible();
    // The ring is the last board: one tap for whoever is taken.
    await skipUntil('At the edge: tap when taken');
    const [first, second] = (await buttons(': taken, ')).map((label) => label.split(':')[0]);
    const taken = (name: string) => new RegExp(`^${name.replaceAll('.', '\\.')}: taken`);
    await screen.click('button', taken(first));
    await screen.click('button', taken(second));
    await screen.click('button', 'What happened');
    await screen.says(`${first} taken`);
    await screen.press('Escape');
    await screen.click('button', 'Undo the last tap');
    await screen.find('button', taken(second));
  });

  it('is found in the logbook with the results of every part', async () => {
    await screen.click('button', 'End lesson');
    await screen.click('button', 'End lesson and open the logbook');
    await screen.says('Planned against actual');
    await screen.says(/Nine mills/);
    await screen.says(/Under the haystack/);
    await screen.says(/Bell tower/);
    await screen.expectAccessible();
  });
});
