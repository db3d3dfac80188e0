import { useState } from 'react';
import { HOUSE_FIGURES } from '../../../../core/adapt/figures.ts';
import type { AdaptCell, PlacePlan } from '../../../../core/fit/adaptLesson.ts';
import type { FittedBlock } from '../../../../core/fit/fitted.ts';
import { ownLane, ownLanes } from '../../../../core/fit/ownLane.ts';
import { gapKeyOf, gapOf } from '../../../../core/formats/setting.ts';
import type { Edit } from '../../../../core/model/edit.ts';
import type { BlockId } from '../../../../core/model/ids.ts';
import { type Desk, freshId } from '../../../api.ts';
import { Problem } from '../../../parts/Problem.tsx';
import { useUnits } from '../../../parts/units.ts';

interface Props {
  plan: PlacePlan;
  cells: readonly AdaptCell[];
  block: FittedBlock;
  desk: Desk;
  wallClearanceM: number;
  perform(edit: Edit, name?: string): void;
}

const laneIn = ({ dials }: Pick<PlacePlan, 'dials'>) => dials.find((d) => d.to === 'own-lane');

/** The lane of a plan in use, put on the block's floor with one press: taped and checked there like any other; nothing if it is there already. */
export function LaneOnFloor({ plan, cells, block, desk, wallClearanceM, perform }: Props) {
  const units = useUnits();
  const [problem, setProblem] = useState('');
  const dial = plan.isAccepted ? laneIn(plan) : undefined;
  const wanted = cells.filter((c) => c.block === block.id && c.plans.some((p) => p.isAccepted && laneIn(p))).length;
  if (!dial || ownLanes(block) >= wanted) return null;
  const [widthM, lengthM] = [Number(dial.data.widthM ?? HOUSE_FIGURES.laneWidthM), Number(dial.data.lengthM ?? HOUSE_FIGURES.laneLengthM)];
  const put = () => {
    const wish = { id: freshId('p'), widthM, lengthM, purpose: plan.purpose, ...(plan.place === undefined ? {} : { place: plan.place }) };
    const lane = ownLane(block, desk.room, wallClearanceM, wish);
    if (!lane)
      return setProblem(
        `No floor of ${units.say(widthM)} × ${units.say(lengthM)} is free in ${block.title}. Move a place first, or take another way.`,
      );
    setProblem('');
    perform({ kind: 'lay', blockId: block.id as BlockId, put: [lane], take: [] }, 'add a lane of its own to the floor');
  };
  return (
    <div className="border-l-[3px] border-tape pl-2">
      <p>The lane isn’t on the floor yet.</p>
      <button type="button" className="btn mt-1" onClick={put}>
        Put the lane on the floor
      </button>
      <Problem text={problem} />
    </div>
  );
}

/** The wider gaps of a plan in use, set for the whole block with one press; nothing if they are as wide already or the game has no such setting. */
export function GapsOnFloor({ plan, block, perform }: Pick<Props, 'plan' | 'block' | 'perform'>) {
  const units = useUnits();
  const dial = plan.isAccepted ? plan.dials.find((d) => d.to === 'wider-gaps') : undefined;
  const key = block.game && gapKeyOf(block.game);
  const toM = Math.ceil(Number(dial?.data.toM ?? 0) * 10) / 10;
  if (!dial || !block.game || key === undefined || gapOf(block.game) >= toM) return null;
  const set = () =>
    perform({ kind: 'set-setting', blockId: block.id as BlockId, key, value: toM }, `make gaps ${units.say(toM)} in ${block.title}`);
  return (
    <div className="border-l-[3px] border-tape pl-2">
      <p>
        Gaps are {units.say(gapOf(block.game))} in {block.title}.
      </p>
      <button type="button" className="btn mt-1" onClick={set}>
        Make gaps {units.say(toM)}
      </button>
    </div>
  );
}
