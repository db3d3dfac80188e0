import { describe, expect, it } from 'vitest';
import type { App } from './app.ts';
import { withDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

let app: App;
let screen: Screen;
let today: string;
const { open, api } = withDemo((demo) => {
  ({ app, screen, today } = demo);
});

interface Private {
  studentId: string;
  ladders?: { skill: string; places: { at: Record<string, number>; prompt: string }[] }[];
}
const laddersOf = async (classId: string, student: string) => {
  const { ratings } = (await (await fetch(`${app.base}/api/classes/${classId}`)).json()) as { ratings: Private[] };
  return ratings.find((r) => r.studentId === student)?.ladders ?? [];
};

describe('Skill ladders', () => {
  it('show a student’s steps and weeks, and the step that the tries suggest is taken and taken back', async () => {
    await open('/classes/grade-5a');
    await screen.click('link', 'Skill ladders');
    await screen.click('link', /^Emrys N/);
    // How many there are depends on which days of the past weeks had a lesson; that nearly all were made does not.
    const tries = /(\d+) of (\d+) tries made at this step on \d+ days\./;
    await screen.says(tries);
    const [said = '', made, of] = tries.exec(await screen.text()) ?? [];
    expect(Number(made) / Number(of)).toBeGreaterThanOrEqual(0.8);
    await screen.expectAccessible();
    const before = await laddersOf('grade-5a', 'grade-5a-21');
    await screen.click('button', 'Step up: soft ball');
    await screen.says('No tries at this step yet.');
    const [{ places }] = await laddersOf('grade-5a', 'grade-5a-21');
    expect(places.at(-1)).toMatchObject({ at: { object: 1, implement: 0, motion: 1, distance: 1 }, prompt: 'alone' });
    await screen.click('button', 'Undo: strike with an implement, step up: soft ball');
    await screen.says(said);
    expect(await laddersOf('grade-5a', 'grade-5a-21')).toEqual(before);
  });

  it('begin slow, light, large and near for a student of whom nothing is known', async () => {
    await open('/ladders/grade-2c');
    await screen.says('Nobody’s skills are followed in this class yet.');
    await screen.expectAccessible();
    await (await screen.find('combobox', 'Skill')).select('roll');
    await screen.click('button', 'Follow this skill');
    await screen.says('step 1 of 12');
    await screen.expectAccessible();
  });

  it('are changed line by line: what is wrong is said by axis and line, and what was tried keeps its words', async () => {
    await open('/ladders/grade-5a/grade-5a-21');
    await screen.click('button', 'Change this ladder: strike with an implement');
    const axis = async (name: string, text: string) => {
      const field = await screen.find('textbox', name);
      await field.click({ count: 3 });
      await screen.page.keyboard.down('Control');
      await screen.press('a');
      await screen.page.keyboard.up('Control');
      await field.type(text);
    };
    await axis('Motion', 'still on a stand\nseated\nhanging');
    await screen.click('button', 'Use this ladder');
    await screen.says(/Motion, line 2: “seated” names a student’s own position/);
    await axis('Motion', 'still on a stand\nslowly rolled\nhanging\ndropped\ntossed\ntossed to the side');
    await screen.click('button', 'Use this ladder');
    await screen.says('step 4 of 13');
    const steps = await screen.page.$$eval('[aria-current="step"]', (found) => found.map((e) => e.textContent));
    expect(steps).toContain('hanging');
  });

  it('are marked on Whistle in one tap, with the help that was agreed, and undone like any tap', async () => {
    const run = (await api('/runs', { periodId: `mills-${today}` })) as { id: string };
    await open(`/whistle/${run.id}`, 390, 844);
    await screen.click('button', 'Marks …');
    await screen.click('button', 'Mabel J., catch: made');
    await screen.says('1 of 1 today');
    await screen.click('button', 'Mabel J., catch: missed');
    await screen.says('1 of 2 today');
    await screen.click('button', 'Undo the last tap');
    await screen.says('1 of 1 today');
    await screen.expectAccessible();
    await pause(1200);
    const { events } = (await api(`/runs/${run.id}`)) as { events: { type: string; prompt?: string; made?: boolean }[] };
    expect(events.filter((e) => e.type === 'mark').map(({ made, prompt }) => [made, prompt])).toEqual([
      [true, 'word'],
      [false, 'word'],
    ]);
    await api(`/runs/${run.id}/events`, { events: [{ id: 'the-end', at: Date.now(), type: 'end' }] });
    const { tries } = (await api('/skill-ladders/classes/grade-5a')) as { tries: { student: string; date: string; tries: number }[] };
    expect(tries.filter((t) => t.date === today && t.student === 'grade-5a-4')).toMatchObject([{ tries: 1, from: 'mark' }]);
  });

  it('go on one page for the team with initials alone, name and supports only if they are ticked', async () => {
    await open('/ladders/grade-8a/grade-8a-17/meeting');
    await screen.says('What the team decides');
    await screen.says(/Now step 2 of 11/);
    await screen.expectAccessible();
    const words = () => screen.page.evaluate(() => document.querySelector('main')?.textContent ?? '');
    const { students } = (await api('/classes/grade-8a')) as { students: { id: string; familyName: string }[] };
    const { familyName } = students.find((s) => s.id === 'grade-8a-17')!;
    expect(await words()).not.toMatch(new RegExp(`${familyName}|[Ww]heelchair`));
    await screen.click('checkbox', 'name');
    await screen.click('checkbox', 'supports');
    expect(await words()).toContain(familyName);
    expect(await words()).toMatch(/wheelchair/i);
    const pdf = Buffer.from(await screen.page.pdf({ format: 'Letter' })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  });

  it('are never in an export, nor kept by the browser', async () => {
    const exported = await (await fetch(`${app.base}/api/export`)).text();
    expect(exported).not.toMatch(/"type":"mark"|"ladders":\[/);
    await open('/ladders/grade-5a');
    await screen.says('Skill ladders');
    const kept = await screen.page.evaluate(async () => {
      const texts: string[] = [JSON.stringify(localStorage), JSON.stringify(sessionStorage)];
      for (const name of await caches.keys())
        for (const request of await (await caches.open(name)).keys())
          if (request.url.includes('/api/')) texts.push(request.url, await (await caches.match(request))!.text());
      return texts.join('\n');
    });
    expect(kept).toContain('/api/runs/');
    expect(kept).not.toMatch(/skill-ladders|"places"|handYes|"type":"mark"/);
  });
});

describe('Settings of Fit for all', () => {
  it('change a figure, refuse nonsense where it was typed, and go back to the defaults', async () => {
    await open('/settings');
    await screen.find('heading', 'Fit for all');
    await screen.fill('Contrast in lightness (of 100)', '40');
    await screen.press('Tab');
    await screen.fill('An adult', 'often');
    await screen.press('Tab');
    await screen.says('"often" is not a number.');
    await screen.fill('Own lane, wide', '2 m');
    await screen.press('Tab');
    await pause(500);
    const school = (await api('/school')) as { adaptFigures: object };
    expect(school.adaptFigures).toEqual({ contrast: 40, laneWidthM: 2 });
    await screen.expectAccessible();
    await screen.click('button', 'Reset Fit for all to defaults');
    await pause(500);
    expect(((await api('/school')) as { adaptFigures: object }).adaptFigures).toEqual({});
  });
});
