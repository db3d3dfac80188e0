import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
let today: string;
/** Choices in the log before the scarce thing is given. */
let before = 0;
withDemo((demo) => {
  ({ app, screen, today } = demo);
});

const log = async () =>
  ((await (await fetch(`${app.base}/api/adaptations/lesson-mills`)).json()) as { log: { after: { accepted: unknown[] | null } }[] }).log;
/** Waits until the log of choices is that long. */
async function logged(length: number): Promise<void> {
  for (let i = 0; i < 800 && (await log()).length < length; i++) await pause(60);
  expect(await log()).toHaveLength(length);
}

describe('Fit for all', () => {
  it('goes from a new student with three supports to a plan in use, by keyboard alone', async () => {
    await screen.page.goto(`${app.base}/desk/mills-${today}`);
    await screen.find('tab', /^Fit for all/);
    await screen.press('4');
    await screen.says('only you see this');
    await screen.tabTo('combobox', 'Supports of');
    await screen.type('Anselm');
    await screen.tabTo('textbox', 'Add a support: type a few letters, then Enter');
    for (const [typed, said] of [
      ['one-h', 'Plays one-handed'],
      ['one st', 'One step at a time'],
      ['hard of', 'Hard of hearing'],
    ]) {
      await screen.type(typed);
      await screen.press('Enter');
      await screen.find('button', `Remove ${said}`);
    }
    await screen.expectAccessible();
    await screen.tabTo('button', 'Show the plan');
    await screen.press('Enter');
    await screen.tabTo('button', /^Anselm S. in Nine mills/);
    await screen.press('Enter');
    await screen.tabTo('button', /^Use (this|these)/);
    await screen.press('Enter');
    await logged(1);
    expect((await log())[0].after.accepted?.length).toBeGreaterThan(0);
    await screen.says('Stop using this plan');
    await screen.expectAccessible();
  });

  it('is undone and redone by the same keys as the desk, by name', async () => {
    await screen.find('button', /^Undo: use \d changes? for Anselm S. in Nine mills/);
    await screen.page.keyboard.down('Control');
    await screen.press('z');
    await screen.page.keyboard.up('Control');
    await logged(2);
    await screen.says('Stop using this plan', { not: true });
    await screen.click('button', /^Redo: use/);
    await logged(3);
    await screen.says('Stop using this plan');
  });

  it('takes over the plans of the last time with one press, and one undo takes them all back', async () => {
    const length = (await log()).length;
    const offer = await screen.find('button', /^Use the plans of last time: \d+ plans? for \d students?/);
    const taken = Number(/(\d+) plans?/.exec((await offer.evaluate((e) => e.textContent)) ?? '')?.[1]);
    expect(taken).toBeGreaterThan(3);
    await offer.click();
    await screen.find('button', /^Undo: use the plans of last time/);
    await logged(length + taken);
    expect((await log()).slice(length).every((s) => s.after.accepted?.length)).toBe(true);
    await screen.expectAccessible();
    await screen.click('button', /^Undo: use the plans of last time/);
    await logged(length + 2 * taken);
    await screen.find('button', /^Use the plans of last time/);
    await screen.click('button', /^Redo: use the plans of last time/);
    await logged(length + 3 * taken);
    await screen.click('button', /^Undo: use the plans of last time/);
    await logged(length + 4 * taken);
  });

  it('uses the plans of all places of a game with one press, undone as one', async () => {
    const length = (await log()).length;
    await screen.click('button', /in Nine mills: choose [2-9]/);
    const offer = await screen.find('button', /^Use the plans at all \d places/);
    const taken = Number(/all (\d+) places/.exec((await offer.evaluate((e) => e.textContent)) ?? '')?.[1]);
    await offer.click();
    await screen.find('button', /^Undo: use plans at \d places/);
    await logged(length + taken);
    await screen.click('button', /^Undo: use plans at \d places/);
    await logged(length + 2 * taken);
  });

  it('gives the one thing that two students want to the other one', async () => {
    before = (await log()).length;
    const contested = await screen.page.evaluate(() => {
      const marks = [...document.querySelectorAll<HTMLButtonElement>('td button')].map((b) => b.getAttribute('aria-label') ?? '');
      return marks.filter((m) => /choose [2-9]/.test(m));
    });
    expect(contested.length).toBeGreaterThanOrEqual(2);
    let given = false;
    for (const mark of contested) {
      await screen.click('button', mark);
      await pause(200);
      const places = await screen.page.$$('[aria-label="Places"] button');
      for (let i = 0; i < places.length && !given; i++) {
        await (await screen.page.$$('[aria-label="Places"] button'))[i].click();
        await pause(80);
        const [offer] = await screen.all('button', /^Give Bell ball to /);
        if (!offer) continue;
        await screen.expectAccessible();
        await offer.click();
        given = true;
      }
      if (given) break;
    }
    expect(given).toBe(true);
    await logged(before + 1);
    const [last] = (await log()).slice(-1);
    expect(JSON.stringify(last.after.accepted)).toContain('gear-21');
    await screen.says('Stop using this plan');
  });

  it('refuses a change with a word that stays on the desk', async () => {
    await screen.click('button', 'Stop using this plan');
    await logged(before + 2);
    await screen.click('button', /^Refuse: /);
    await screen.fill('Why not? (optional, private)', 'markedreason');
    await screen.click('button', 'Refuse this change');
    await logged(before + 3);
    await screen.says('markedreason');
    await screen.expectAccessible();
  });

  it('writes a note for the adult with initials and actions, no names and no support words, and it is a PDF', async () => {
    await screen.page.goto(`${app.base}/desk/weather-${today}`);
    await screen.click('tab', /^Fit for all/);
    const marks = () =>
      screen.page.evaluate(() => [...document.querySelectorAll('td button')].map((b) => b.getAttribute('aria-label') ?? ''));
    for (let i = 0; i < 60 && !(await marks()).some((m) => /choose/.test(m)); i++) await pause(60);
    let used = false;
    for (const mark of (await marks()).filter((m) => /choose/.test(m))) {
      await screen.click('button', mark);
      await pause(150);
      const text = await screen.page.evaluate(() => document.querySelector('[aria-label="Changes"]')?.textContent ?? '');
      if (!text.includes('Juna Ask')) continue;
      await screen.click('button', /^Use (this|these)/);
      await screen.says('Stop using this plan');
      used = true;
      break;
    }
    expect(used).toBe(true);
    await screen.says('All saved', { patience: 1 }).catch(() => pause(600));
    await screen.page.goto(`${app.base}/desk/weather-${today}/support`);
    await screen.says('Notes for adults who help');
    await screen.says(/An adult (guides|spots)/);
    const note = await screen.page.evaluate(() => document.querySelector('main')!.textContent ?? '');
    for (const word of [/blind/i, /stands with support/i, /wheelchair/i]) expect(note).not.toMatch(word);
    const { students } = (await (await fetch(`${app.base}/api/classes/grade-3b`)).json()) as { students: { givenName: string }[] };
    for (const { givenName } of students) if (givenName !== 'Juno') expect(note).not.toMatch(new RegExp(`\\b${givenName}\\b`));
    await screen.expectAccessible();
    const pdf = await screen.page.pdf({ format: 'A4' });
    expect(String.fromCharCode(...pdf.slice(0, 5))).toBe('%PDF-');
  });

  it('shows a plan in use on Whistle by initials, and what is done while the adult is away', async () => {
    const run = (await screen.page.evaluate(async (periodId) => {
      const answer = await fetch('/api/runs', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ periodId }),
      });
      return answer.json();
    }, `weather-${today}`)) as { id: string };
    await screen.page.goto(`${app.base}/whistle/${run.id}`);
    for (let i = 0; i < 24; i++) {
      await screen.find('button', /^(Plans in use now|Hide plans)/);
      if ((await screen.text()).includes('Plans in use now: 1')) break;
      await screen.click('button', /^Skip/);
      await pause(250);
    }
    await screen.click('button', /^Plans in use now: 1/);
    await screen.says(/An adult (guides|spots)/);
    await screen.click('button', 'Juna Ask is away');
    await screen.says(/An adult (guides|spots)/, { not: true });
    await screen.expectAccessible();
  });

  it('shows an adult the whole day, lesson by lesson', async () => {
    await screen.page.goto(`${app.base}/adults`);
    await screen.says(/An adult (guides|spots)/);
    await screen.says('Grade 3b');
    await screen.expectAccessible();
  });

  it('puts a lane that a plan asks for on the floor, undone like any edit', async () => {
    await screen.page.evaluate(async () => {
      const lane = { dial: 'space', to: 'own-lane', data: { widthM: 1.5, lengthM: 3 }, keeps: ['send', 'aim'], cost: 5.3 };
      const after = { accepted: [lane], refused: [] };
      const edit = {
        id: 'lane-1',
        name: 'use 1 change',
        lessonRevision: 0,
        student: 'grade-5a-17',
        block: 'mills-game',
        place: 'windmill',
        after,
      };
      await fetch('/api/adaptations/lesson-mills', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(edit),
      });
    });
    await screen.page.goto(`${app.base}/desk/mills-${today}`);
    await screen.click('tab', /^Fit for all/);
    const { students } = (await (await fetch(`${app.base}/api/classes/grade-5a`)).json()) as {
      students: { id: string; givenName: string }[];
    };
    await screen.click('button', new RegExp(`^${students.find((s) => s.id === 'grade-5a-17')!.givenName} .* in Nine mills`));
    await screen.click('button', /Windmill$/);
    await screen.says('The lane isn’t on the floor yet.');
    await screen.click('button', 'Put the lane on the floor');
    await screen.says('The lane isn’t on the floor yet.', { not: true });
    await screen.find('button', 'Undo: add a lane of its own to the floor');
    await screen.expectAccessible();
    await screen.click('button', 'Undo: add a lane of its own to the floor');
    await screen.says('The lane isn’t on the floor yet.');
  });

  it('sets a game beside itself in all six bands, and plays it as another one until that is undone', async () => {
    await screen.page.goto(`${app.base}/desk/weather-${today}`);
    await screen.click('tab', 'Rules');
    await screen.click('link', 'By grade: all six bands');
    await screen.says('Weather round by grade');
    await screen.page.goto(`${app.base}/desk/mills-${today}/grades`);
    await screen.says('plays so: EN');
    await screen.expectAccessible();
    await screen.page.goto(`${app.base}/desk/weather-${today}/grades`);
    await screen.says('worked out here');
    await screen.expectAccessible();
    await screen.click('button', 'Play it as Pre-K');
    await screen.says('Undo: play Weather round as Pre-K');
    const settings = async () => {
      const { lesson } = (await (await fetch(`${app.base}/api/periods/weather-${today}/desk`)).json()) as {
        lesson: { blocks: { game?: { settings: { picks?: string[] } } }[] };
      };
      return lesson.blocks.find((b) => b.game)!.game!.settings;
    };
    for (let i = 0; i < 60 && !(await settings()).picks; i++) await pause(60);
    expect((await settings()).picks).toHaveLength(4);
    await screen.click('button', /^Undo: play Weather round/);
    for (let i = 0; i < 60 && (await settings()).picks; i++) await pause(60);
    expect(await settings()).toMatchObject({ laps: 2 });
  });

  it('leaves nothing private in what the browser keeps', async () => {
    const { students } = (await (await fetch(`${app.base}/api/periods/mills-${today}/desk`)).json()) as {
      students: { id: string; classId: string }[];
    };
    const [{ id, classId }] = students;
    await fetch(`${app.base}/api/classes/${classId}/students/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ toSort: 'markednote' }),
    });
    await screen.page.goto(`${app.base}/desk/mills-${today}`);
    await screen.click('tab', /^Fit for all/);
    await screen.click('button', /a note came with the roster/);
    await screen.says('“markednote”');
    await screen.expectAccessible();
    await pause(500);
    const kept = await screen.page.evaluate(async () => {
      const texts = [JSON.stringify({ ...localStorage }), JSON.stringify({ ...sessionStorage })];
      for (const name of await caches.keys())
        for (const request of await (await caches.open(name)).keys()) {
          texts.push(request.url);
          const answer = await (await caches.open(name)).match(request);
          if (/json/.test(answer?.headers.get('content-type') ?? '')) texts.push(await answer!.text());
        }
      return texts.join('\n');
    });
    expect(kept).toContain('/api/periods/');
    expect(kept).not.toMatch(/markedreason|markednote|"hard-of-hearing"|"one-handed"|"care-plan"|adaptations\//);
    expect(screen.errors).toEqual([]);
  });

  it('leaves nothing private on what is printed or shown to others: set-up, rotation, cards, logbook, titles, addresses', async () => {
    const words = /markedreason|markednote|one-handed|hard of hearing|care plan|weak grip|low vision/i;
    for (const [to, says] of [
      [`/desk/mills-${today}/set-out`, 'Set up'],
      [`/desk/mills-${today}/rotation`, 'Nine mills'],
      ['/logbook', 'Logbook'],
      ['/', 'Nine mills'],
    ]) {
      await screen.page.goto(app.base + to);
      await screen.says(says);
      await pause(300);
      expect(await screen.text(), to).not.toMatch(words);
      expect(`${await screen.page.title()} ${screen.page.url()}`).not.toMatch(words);
    }
  });
});
