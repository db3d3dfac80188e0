import { expect } from 'vitest';
import { skipTo, withGame } from './newGame.ts';
import type { OpenDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

type Demo = Pick<OpenDemo, 'open' | 'api'>;
/** The screen and the day of the demo that is open. */
export interface Shown {
  screen: Screen;
  today: string;
}

/** Tests of boards: each game is planned for grade 5a at an hour of its own, its desk looked at, and run on a phone from its board on. */
export function boardTests({ open, api }: Demo, shown: () => Shown, firstHour: number) {
  let hour = firstHour;
  return {
    async played(game: RegExp, summary: RegExp, board: string): Promise<void> {
      const { screen, today } = shown();
      hour++;
      const at = { start: `${hour}:00`, end: `${hour}:40`, classId: 'grade-5a', roomId: 'mill-gym' };
      const id = await withGame({ open, api, screen, today }, game, at);
      await screen.says(summary);
      await screen.click('tab', /^Checks/);
      await screen.settled();
      await screen.expectAccessible();
      // What would be undone is one line beside the whole day; its tooltip has all of it.
      expect((await screen.cutTexts()).filter((text) => !text.startsWith('Undo: '))).toEqual([]);
      const run = (await api('/runs', { periodId: id })) as { id: string };
      await open(`/whistle/${run.id}`, 390, 844);
      await skipTo(screen, board);
      await screen.settled();
      await screen.expectNoPageScroll();
      expect(await screen.smallTexts()).toEqual([]);
    },

    /** The scores that are shown beside a label, in the order of the page. */
    scores: (of: string) =>
      shown().screen.page.$$eval(`output[aria-label$=": ${of}"]`, (all) => all.map((output) => Number(output.textContent))),

    async until(what: () => Promise<unknown>, wanted: unknown): Promise<void> {
      await expect.poll(what, { timeout: 10_000 }).toEqual(wanted);
    },

    /** Ends the lesson and looks whether the logbook says what the results are called. */
    async logged(says: string): Promise<void> {
      const { screen } = shown();
      await screen.page.setViewport({ width: 1280, height: 800 });
      await screen.click('button', 'End lesson');
      await screen.click('button', 'End lesson and open the logbook');
      await screen.says(says);
    },
  };
}
