import { demoDesk, lessonWith } from '../src/content/desk.fixture.ts';
import { GAMES } from '../src/content/games.ts';
import { fitUnweighed } from '../src/core/fit/fit.ts';
import { FORMATS, formatOf } from '../src/core/formats/registry.ts';
import type { PlayEvent } from '../src/core/play/playRules.ts';
import { fixed, timed } from './measure.ts';

const PLAYS = 1000;
/** The naive twin folds so many plays: a thousand would take minutes. */
const TWINS = 5;
const SECONDS = 240;

/** Every play step by step, each event on top of the last. */
function stepped(id: string, plays: readonly unknown[], seed: number): number {
  const format = formatOf(id);
  let events = 0;
  for (const setup of plays) {
    const log = format.simulate(setup, { seconds: SECONDS, seed });
    log.reduce((fold, event) => fold.step(event), format.open(setup)).view();
    events += log.length;
  }
  return events;
}

/** The same as a log alone is read: from its first event again, after each one. */
function refolded(id: string, plays: readonly unknown[], seed: number): void {
  const format = formatOf(id);
  for (const setup of plays) {
    const log = format.simulate(setup, { seconds: SECONDS, seed });
    for (let n = 1; n <= log.length; n++) format.replay(setup, log.slice(0, n) as PlayEvent[]);
  }
}

/** 1,000 simulated plays of four minutes of each format, for 30 students, folded by its rules; beside a naive twin that folds from the start after every event. */
export function benchPlays(): void {
  for (const id of Object.keys(FORMATS)) {
    const { id: gameId } = GAMES.find((g) => g.format === id)!;
    const desk = demoDesk({ lesson: lessonWith(gameId) });
    const thirty = desk.students.slice(0, 30);
    const game = fitUnweighed({ ...desk, students: thirty }).blocks.find((b) => b.game)!.game!;
    let events = 0;
    const whole = timed(() => {
      for (let seed = 1; seed <= PLAYS; seed++) events += stepped(id, game.plays, seed);
    });
    const twin = timed(() => {
      for (let seed = 1; seed <= TWINS; seed++) refolded(id, game.plays, seed);
    });
    const share = whole / PLAYS / (twin / TWINS);
    console.log(
      `  ${id.padEnd(15)} ${fixed(whole / 1000, 2).padStart(6)} s, ${Math.round(events / PLAYS)} events a play; ${fixed(share, 3)} of the naive twin`,
    );
  }
}
