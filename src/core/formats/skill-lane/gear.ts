import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { LaneContext } from './group.ts';
import type { SkillLaneValues } from './setup.ts';

/** What every lane needs, all at once. */
export const laneGear = ({ setup }: LaneContext, draft: Pick<BlockDraft<SkillLaneValues>, 'groups'>): GearNeed[] =>
  draft.groups.flatMap((_, i) =>
    setup.gear.map(({ gearKind, count }) => ({
      pieceId: `lane-${i + 1}`,
      title: `${setup.lane} ${i + 1}`,
      gearKind,
      count,
      use: 'stays' as const,
    })),
  );
