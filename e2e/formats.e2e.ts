import { describe, expect, it } from 'vitest';
import { withDemo } from './openDemo.ts';
import { letIn, markAway, rosterNames } from './roster.ts';
import { stored } from './runEvents.ts';
import { pause, type Screen } from './screen.ts';

let screen: Screen;
let base = '';
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
  base = demo.app.base;
});

interface Case {
  /** The demo's period, and the games that its lesson has. */
  period: string;
  games: string[];
  game: string;
  /** What the strip says of the block, and what stands on the floor. */
  summary: RegExp;
  place: RegExp;
  /** Taps that belong to the format, on a phone; the events they bring. */
  play(names: string[]): Promise<void>;
  events: object[];
  /** What the logbook calls its results. */
  result: string;
  /** What else the logbook shows of it. */
  also?: string;
  /** What follows each offense, if not by the school's ladder. */
  ladder?: [step: string, words: string][];
}

const SCHOOL_LADDER: [string, string][] = [
  ['word', 'a word'],
  ['restart', 'out until'],
];

const CASES: Record<string, Case> = {
  'skill lanes': {
    period: 'bells',
    games: ['Bell tower', 'Weather round'],
    game: 'Lantern roll',
    summary: /11 lanes · 4 turns/,
    place: /^Lantern roll: 1 Lane/,
    async play([first]) {
      await screen.click('button', `${first}: Made`);
      await screen.says('How many fell?');
      await screen.click('button', '2');
      await screen.click('button', `${first}: Missed`);
      await screen.says('1 of 2 · step');
      await screen.click('button', `${first}: Helped`);
      await screen.click('button', 'a model');
      await screen.says('2 of 3 · step');
    },
    events: [
      { type: 'try', made: true, fallen: 2 },
      { type: 'try', made: false, fallen: 0 },
      { type: 'try', made: true, prompt: 'model' },
    ],
    result: 'Made at the last step',
    also: 'Tries by step',
  },
  'a course': {
    period: 'weather',
    games: ['Weather round'],
    game: 'Seven bridges',
    summary: /7 elements · 3 rounds/,
    place: /^Seven bridges: 1 Course/,
    async play([first, second]) {
      await screen.click('button', `${first}: one lap, 0`);
      await screen.click('button', `${first}: one lap, 1`);
      await screen.click('button', `${second}: one lap, 0`);
      // The second tap has timed a lap.
      await screen.find('button', new RegExp(`^${first.replace('.', '\\.')}: one lap, 2, best 0:0\\d$`));
    },
    events: [{ type: 'lap' }, { type: 'lap' }, { type: 'lap' }],
    result: 'Laps',
  },
  'a chase': {
    period: 'mills',
    games: ['Nine mills'],
    game: 'Wind and leaves',
    summary: /4 rounds of/,
    place: /^Wind and leaves: 1 Field/,
    async play() {
      const [free] = await labels('Free: tap if caught');
      await screen.click('button', exactly(free));
      const [hunter] = await screen.page.$$eval('section[aria-label="By whom?"] button', (all) => all.map((b) => b.textContent ?? ''));
      await screen.click('button', hunter);
      await screen.says('Frozen: tap when freed · 1');
      const [frozen] = await labels('Frozen: tap when freed');
      await screen.click('button', exactly(frozen));
      await screen.says('By whom?');
      await screen.page.$$eval('section[aria-label="By whom?"] button', (all) => (all[0] as HTMLElement).click());
      await screen.says('Frozen: tap when freed', { not: true });
    },
    events: [{ type: 'caught' }, { type: 'freed' }],
    result: 'Catches',
    ladder: [['restart', 'out until']],
  },
  'a target clash': {
    period: 'orchard',
    games: ['Orchard carry'],
    game: 'Push the sacks',
    summary: /2 sides · 3 rounds/,
    place: /^Push the sacks: 1 North mill/,
    async play() {
      await screen.click('button', 'North mill: Goal');
      await screen.click('button', 'South mill: Goal');
      await screen.click('button', 'South mill: Goal');
      await screen.says('All saved');
    },
    events: [
      { type: 'goal', side: 'North mill' },
      { type: 'goal', side: 'South mill' },
      { type: 'goal', side: 'South mill' },
    ],
    result: 'Points',
  },
};

/** A name as it is written, hidden words too. */
const exactly = (text: string) => new RegExp(`^${text.replace(/[.?()]/g, '\\$&')}$`);
const labels = (section: string) =>
  screen.page.$$eval(`section[aria-label="${section}"] li > button:first-child`, (all) => all.map((b) => b.textContent ?? ''));

describe.each(Object.entries(CASES))(
  '%s',
  (_, { period, games, game, summary, place, play, events, result, also, ladder = SCHOOL_LADDER }) => {
    const id = () => `${period}-${today}`;
    let run = '';

    it('is planned on the desk and tried out', async () => {
      await open('/');
      await markAway(base, api, id(), 4);
      await open(`/desk/${id()}`);
      await screen.says(/Saved|All saved/);
      // A fit that comes in between closes the menu: a person opens it once more.
      const isAdded = async () => (await screen.text()).includes(`Undo: add ${game}`);
      for (let again = 0; again < 4 && !(await isAdded()); again++) {
        await screen.click('button', 'Add a block');
        await screen.page.waitForSelector('[role="menuitem"]', { timeout: 3_000 }).catch(() => undefined);
        if (await screen.page.$('[role="menuitem"]')) {
          // By its name, not by where it was a moment ago: a long menu scrolls while it opens.
          await (await screen.find('menuitem', new RegExp(`^${game}`))).focus();
          await screen.press('Enter');
        }
        for (let wait = 0; wait < 100 && !(await isAdded()); wait++) await pause(50);
      }
      for (const old of games) {
        // On the strip; places on the floor are called "game: place".
        await screen.click('button', new RegExp(`^${old}(?!:)`));
        await screen.click('tab', 'Rules');
        await screen.click('button', `Remove ${old}`);
      }
      await screen.click('button', new RegExp(`^${game}(?!:)`));
      await screen.says(summary);
      await screen.find('button', place);
      await screen.expectAccessible();
      expect(await screen.smallTexts()).toEqual([]);
      await screen.says(/Saved \d|All saved/);
      // A chosen place has the bar under the floor to itself.
      await screen.press('Escape');
      await screen.click('link', 'Try it out');
      await screen.says(/plays tried out|Every play goes like this/);
      await screen.says(`${game}, `);
      await screen.expectAccessible();
      await screen.click('link', 'Back to the plan');
      await screen.says(summary);
    });

    it('has a rule said in other words for this lesson, which can be reset', async () => {
      await screen.click('button', new RegExp(`^${game}(?!:)`));
      await screen.click('tab', 'Rules');
      await screen.says(/About .* to read aloud/);
      await screen.click('button', 'Say in other words: A tie');
      await screen.fill('In your words', 'Shake hands and play on');
      await screen.click('button', 'Say in other words: A tie');
      await screen.says('Shake hands and play on.');
      await screen.click('button', 'Reset to the game’s words');
      await screen.says('Shake hands and play on.', { not: true });
      await screen.click('button', 'Undo: reset a rule');
      await screen.says('Shake hands and play on.');
      await screen.says(/Saved \d|All saved/);
      await screen.expectAccessible();
    });

    it('is run on a phone with its own taps, an offence and a latecomer', async () => {
      run = ((await api('/runs', { periodId: id() })) as { id: string }).id;
      await open(`/whistle/${run}`, 390, 844);
      await screen.says('Hold everything');
      for (let i = 0; i < 14 && !(await screen.text()).includes('Round 1 of'); i++) await screen.click('button', 'Skip to the next step');
      const { plan } = (
        (await api(`/runs/${run}`)) as {
          run: { plan: { absent: string[]; names: Record<string, string>; blocks: { game?: { groups: string[][] } }[] } };
        }
      ).run;
      const players = plan.blocks
        .find((b) => b.game)!
        .game!.groups.flat()
        .map((player) => plan.names[player]);
      await screen.says('Shake hands and play on.');
      await play(players);
      await screen.click('button', 'Offense …');
      await screen.expectAccessible();
      expect(await screen.smallTexts()).toEqual([]);
      const who = players[players.length - 1];
      for (const [at, [, words]] of ladder.entries()) {
        if (at > 0) await screen.click('button', 'Offense …');
        await screen.click('button', new RegExp(`^${who}${words}`));
        await screen.says(`${who}: ${words}`);
      }
      await screen.says(`Sitting out: ${who}`);
      await screen.click('button', 'Students');
      const late = plan.names[plan.absent[0]];
      expect(await rosterNames(screen, 'Not playing')).toContain(late);
      await letIn(screen, late);
      await screen.says('All saved');
      const log = (await stored(base, run)) as { type: string; event?: { type: string }; step?: string }[];
      expect(log.filter((e) => e.type === 'play').map((e) => e.event)).toMatchObject(events);
      expect(log.filter((e) => e.type === 'offence').map((e) => e.step)).toEqual(ladder.map(([step]) => step));
    });

    it('is found in the logbook', async () => {
      await screen.page.setViewport({ width: 1280, height: 800 });
      await screen.click('button', 'End lesson');
      await screen.click('button', 'End lesson and open the logbook');
      await screen.says(result);
      if (also) await screen.says(also);
      const text = await screen.text();
      expect(text).toContain(game);
      expect(text).not.toContain('a word');
      expect(screen.errors).toEqual([]);
    });
  },
);
