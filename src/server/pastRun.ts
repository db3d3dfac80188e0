import type { DemoMark } from '../content/demoLadders.ts';
import { formatOf } from '../core/formats/registry.ts';
import { gearIn } from '../core/live/gearCounts.ts';
import { stepsOf } from '../core/live/runFold.ts';
import { type PlanBlock, planOf } from '../core/live/runPlan.ts';
import { type Run, RunEvent } from '../core/model/run.ts';
import { seededRng } from '../core/rng.ts';

/** Where courts play for themselves, one teacher follows so many of them with the finger. */
const PLAYS_TOLD = 1;

interface BoutPlay {
  play: number;
  /** Seconds into the bout. */
  after: number;
  event: object;
}

/** What a block's plays bring, by bout: the format's own simulation cut at the ends of its bouts, without what the clock makes itself. */
function playsByBout(block: PlanBlock, bouts: readonly number[], seed: number): BoutPlay[][] {
  const { game } = block;
  const told: BoutPlay[][] = bouts.map(() => []);
  if (!game) return told;
  const format = formatOf(game.format);
  const clock = new Set(block.segments.flatMap((s) => format.clockEvents(s, game.rounds.length, game.plays[0]).map((e) => e.type)));
  const total = bouts.reduce((sum, b) => sum + b, 0);
  game.plays.slice(0, PLAYS_TOLD).forEach((setup, play) => {
    for (const { at, ...event } of format.simulate(setup, { seconds: total, seed: seed + play })) {
      if (clock.has(event.type)) continue;
      let bout = 0;
      let after = at;
      while (bout < bouts.length - 1 && after >= bouts[bout]) {
        after -= bouts[bout];
        bout += 1;
      }
      told[bout].push({ play, after: Math.min(after, bouts[bout] - 0.5), event });
    }
  });
  return told;
}

/** What happened in a run of the past by a seed: phases that ran late, bouts skipped when time was short, play as the formats simulate it, gear counted back. */
export function pastEvents(run: Run, seed: number, lateness: number, note: string, marks: readonly DemoMark[] = []): RunEvent[] {
  const random = seededRng(seed);
  const plan = planOf(run);
  const steps = stepsOf(plan);
  const played = plan.blocks.map((block, i) =>
    playsByBout(
      block,
      block.segments.filter((s) => s.kind === 'work').map((s) => s.until - s.at),
      seed + 31 * i,
    ),
  );
  const events: unknown[] = [];
  let wall = run.startedAt;
  let behind = 0;
  const add = (at: number, type: string, fields: Record<string, unknown> = {}) =>
    events.push({ id: `e${events.length + 1}`, at: Math.round(at), type, ...fields });
  steps.forEach(({ block, segment, seconds }, at) => {
    const { game, id } = plan.blocks[block];
    const bouts = steps.filter((s, i) => i >= at && s.block === block && s.segment.kind === 'work').length;
    if (segment.kind === 'work' && game && behind > 75 && bouts <= 2 && seconds < 2 * behind) {
      add(wall + 500, 'skip');
      wall += 500;
      behind -= seconds;
      return;
    }
    let length = seconds;
    if (segment.kind === 'phase') {
      const late = Math.round(lateness * random.below(Math.max(20, Math.min(110, seconds * 0.6))));
      if (late > 5) {
        add(wall + 1000, 'adjust', { seconds: late });
        length += late;
        behind += late;
      }
    }
    if (segment.kind === 'work' && game)
      for (const { play, after, event } of played[block][segment.round ?? 0] ?? [])
        add(wall + after * 1000, 'play', { blockId: id, ...(game.plays.length > 1 ? { play } : {}), event });
    wall += length * 1000;
  });
  // A mark is made in passing: spread over the lesson's second half.
  const half = (run.startedAt + wall) / 2;
  const seen = marks.filter((mark) => !plan.absent.includes(mark.student));
  seen.forEach((mark, i) => {
    add(half + ((wall - half) * (i + 0.5)) / seen.length, 'mark', { ...mark });
  });
  wall += 4_000;
  const gear = gearIn(plan);
  for (const g of gear.slice(0, 5))
    add(wall, 'count', { gearKind: g.gearKind, counted: Math.max(0, g.need - (random.below(9) === 0 ? 1 : 0)) });
  if (note) add(wall, 'note', { text: note });
  add(wall, 'end');
  const inOrder = (events as { at: number }[]).map((e, i) => ({ e, i })).sort((a, b) => a.e.at - b.e.at || a.i - b.i);
  return inOrder.map(({ e }) => RunEvent.parse(e));
}
