import type { FloorWork } from '../arrange/floorWork.ts';
import type { Block } from '../model/lesson.ts';
import { type BlockChange, blockChange, floorWorkBetween, type StandingFloor } from './blockChange.ts';
import type { BlockPlan, PlanOf } from './blockPlans.ts';
import { type FitInput, laidIn } from './fitted.ts';
import { endsOf, goOn, type WentOn } from './goingOn.ts';

export interface PlannedOne {
  block: Block;
  plan: BlockPlan;
  /** What is done at its start. */
  change?: BlockChange;
  /** What it took from the game before. */
  wentOn?: WentOn;
}

/** The work between the floors of two plans, which they decide alone: an idea about one block of many asks for the others' again. */
const works = new WeakMap<BlockPlan, WeakMap<BlockPlan, FloorWork>>();

function workBetween(was: BlockPlan | undefined, next: BlockPlan, make: () => FloorWork): FloorWork {
  if (!was) return make();
  const known = works.get(was) ?? new WeakMap<BlockPlan, FloorWork>();
  works.set(was, known);
  const work = known.get(next) ?? make();
  known.set(next, work);
  return work;
}

/** Every block planned, one after the other: groups go on from the game before, and its floor has to go. */
export function plannedBlocks(input: FitInput, playing: readonly string[], planOf: PlanOf): PlannedOne[] {
  let standing: StandingFloor | undefined = input.standing;
  /** The plan whose floor lies there. */
  let standingPlan: BlockPlan | undefined;
  let format: string | undefined;
  let between = 0;
  return input.lesson.blocks.map((block, i) => {
    const game = block.game && input.games.find((g) => g.id === block.game!.gameId);
    const fresh = planOf(input, block, game, playing);
    const again = (b: Block) => planOf(input, b, game, playing);
    const { plan, wentOn } = standing && game ? goOn(input, standing, format === game.format, block, fresh, again) : { plan: fresh };
    const floor = {
      pieces: plan.plan?.pieces ?? [],
      laid: laidIn({ laid: block.laid ?? [], ...(plan.plan && { game: plan.plan }) }),
      groups: plan.plan?.groups ?? standing?.groups ?? [],
    };
    const hasFloor = floor.pieces.length + floor.laid.length > 0;
    const was = standing;
    const work = was && hasFloor && plan.plan && workBetween(standingPlan, plan, () => floorWorkBetween(input, was, floor));
    const change = was && work && blockChange(input.school, was, floor, work, between);
    if (hasFloor) {
      const next = input.lesson.blocks.slice(i + 1).find((b) => b.game);
      standing = {
        ...{ title: block.title, ...floor, values: plan.plan?.values, gear: plan.plan?.needs.map((need) => need.gearKind) },
        ...(next?.game?.goesOn?.start && plan.plan && { ends: endsOf(plan.plan) }),
      };
      standingPlan = plan;
      format = game?.format ?? format;
      between = 0;
    } else between += block.seconds?.value ?? block.least;
    return { block, plan, ...(change && { change }), ...(wentOn && { wentOn }) };
  });
}
