import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import type { LaneContext } from './group.ts';
import type { LanePlaySetup, SkillLaneValues } from './setup.ts';

type LaneDraft = BlockDraft<SkillLaneValues>;

/** A turn at a lane is half a minute to four minutes long if nobody says. */
const TURN = [30, 240] as const;

/** Turns of a block: in the fullest lane everyone has `turnsEach` of them. */
const roundsOf = ({ values, groups }: LaneDraft) => ({
  ...values,
  bouts: Math.max(1, ...groups.map((g) => g.length)) * values.turnsEach,
});

export const laneSpan = (_: LaneContext, draft: LaneDraft) => roundsSpan(roundsOf(draft), TURN);

export const laneTimeline = (_: LaneContext, draft: LaneDraft, seconds: number): Timeline =>
  roundsTimeline(roundsOf(draft), seconds, () => draft.groups.map((_, g) => g));

/** One play a student, lane by lane. In turn r the lane's student is member r modulo the lane's size; the next one is the partner. */
export function lanePlays({ setup }: LaneContext, draft: LaneDraft, timeline: Timeline): LanePlaySetup[] {
  const { values, groups } = draft;
  const { workSeconds, rounds } = timeline;
  const blockSeconds = Math.max(1, timeline.segments.at(-1)?.until ?? 1);
  // What falls is the gear of which a lane has most.
  const falls = setup.counts ? Math.max(0, ...setup.gear.map((g) => g.count)) : 0;
  return groups.flatMap((members) =>
    members.map((player, i) => {
      const turns = rounds.filter((_, r) => r % members.length === i).length;
      return {
        player,
        ladder: setup.ladder.map((s) => s.id),
        step: Math.min(values.step, setup.ladder.length) - 1,
        enough: values.enough,
        up: values.upPercent / 100,
        down: values.downPercent / 100,
        ownSeconds: turns * workSeconds,
        blockSeconds,
        ...(falls ? { falls } : {}),
        ...(setup.forms.length ? { forms: setup.forms } : {}),
        waitSeconds: Math.max(0, members.length - 2) * (workSeconds + values.breakSeconds),
      };
    }),
  );
}
