import type { Segment } from '../../../core/formats/format.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { BetweenGames } from './BetweenGames.tsx';
import { CloseLesson } from './CloseLesson.tsx';
import { FloorWorkPanel, NewGroups } from './NewFloor.tsx';
import { TakeAttendance } from './TakeAttendance.tsx';
import type { LiveRun } from './useRun.ts';

/** True for a step of a block with a game that its board has nothing to do with. */
export const isBeforeGame = (segment: Segment | undefined): boolean => segment?.code === 'regroup' || segment?.code === 'floor-change';

/** What a step without play is for: who is here, what is said and who goes where, the new floor, the questions at the end. */
export function PhasePanel({
  run,
  block,
  at,
  segment,
}: {
  run: LiveRun;
  block: PlanBlock | undefined;
  at: number;
  segment: Segment | undefined;
}) {
  if (block?.change && segment?.code === 'regroup') return <NewGroups block={block} change={block.change} names={run.plan.names} />;
  if (block?.change && segment?.code === 'floor-change') return <FloorWorkPanel change={block.change} />;
  if (block?.phase === 'arrive' || block?.phase === 'attendance') return <TakeAttendance run={run} />;
  if (block?.phase === 'close' || block?.phase === 'leave') return <CloseLesson run={run} block={block} />;
  return <BetweenGames plan={run.plan} at={at} />;
}
