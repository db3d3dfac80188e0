import { demoDesk } from '../src/content/desk.fixture.ts';
import { fitUnweighed } from '../src/core/fit/fit.ts';
import { foldRun, followRun } from '../src/core/live/foldRun.ts';
import { freeze } from '../src/core/live/freeze.ts';
import { RunEvent } from '../src/core/model/run.ts';
import { fixed, measure, said } from './measure.ts';

const START = 1_700_000_000_000;
const EVENTS = 3_000;

/** A run of 3,000 taps on Whistle: a tick of the clock and one more tap, against folding the whole log each time. */
export function benchRun(): void {
  const input = demoDesk();
  const plan = freeze(input, fitUnweighed(input));
  const blockId = plan.blocks.find((b) => b.game)!.id;
  const log = Array.from({ length: EVENTS }, (_, i) =>
    RunEvent.parse({
      id: `e${i}`,
      at: START + 600_000 + i * 500,
      ...{ type: 'play', blockId, event: { type: 'points', group: i % 9, points: 1 } },
    }),
  );
  const end = log[EVENTS - 1].at;
  const naive = measure(10, (i) => foldRun(plan, START, log, end + Math.abs(i) * 250));
  const follow = followRun(plan, START);
  follow(log, end);
  const tick = measure(200, (i) => follow(log, end + 250 * (i + 10)));
  const tapped = followRun(plan, START);
  let length = EVENTS - 400;
  const tap = measure(100, () => tapped(log.slice(0, ++length), log[length - 1].at));
  const share = (median: number) => `${fixed(median / naive.median, 4)} of folding all`;
  console.log(`  ${EVENTS} events: folding all ${said(naive)}`);
  console.log(`    a tick ${said(tick)}, ${share(tick.median)}`);
  console.log(`    one more tap ${said(tap)}, ${share(tap.median)}`);
}
