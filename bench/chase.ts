import { demoDesk, lessonWith } from '../src/content/desk.fixture.ts';
import { fitUnweighed } from '../src/core/fit/fit.ts';
import { runChase } from '../src/core/formats/chase/agents.ts';
import { chaseRules } from '../src/core/formats/chase/play.ts';
import { ChasePlaySetup } from '../src/core/formats/chase/setup.ts';
import { chaseQuick, floorOf } from '../src/core/formats/chase/simulate.ts';
import { measurePlay } from '../src/core/simulate/measurePlay.ts';
import { fixed, measure } from './measure.ts';

const PLAYS = 200;
const SECONDS = 180;

/** 200 plays of a chase of 30 students for three minutes: counted by the agents themselves, and by folding every event with the rules; the forecast at once beside them. */
export function benchChase(): void {
  const desk = demoDesk({ lesson: lessonWith('wind-and-leaves', { hunters: 4 }) });
  const game = fitUnweighed(desk).blocks.find((b) => b.game)!.game!;
  const setup = ChasePlaySetup.parse(game.plays[0]);
  const field = floorOf(setup);
  const play = (seed: number) => runChase(setup, field, { seconds: SECONDS, seed });
  const all = (count: (seed: number) => unknown) => () => {
    for (let seed = 1; seed <= PLAYS; seed++) count(seed);
  };
  const own = measure(3, all(play));
  const folded = measure(
    3,
    all((seed) => measurePlay(chaseRules, setup, play(seed).events, SECONDS)),
  );
  const quick = measure(40, () => chaseQuick(setup, { seconds: SECONDS, seed: 1 }));
  console.log(`  ${setup.players.length} students, ${PLAYS} plays of ${SECONDS} s`);
  console.log(`  counted by the agents   ${fixed(own.median / 1000, 2)} s`);
  console.log(`  every event folded      ${fixed(folded.median / 1000, 2)} s, agents alone ${fixed(own.median / folded.median, 2)} of it`);
  console.log(
    `  the forecast at once    ${fixed(quick.median, 2)} ms, ${fixed((1000 * quick.median) / own.median, 2)} thousandths of the plays`,
  );
}
