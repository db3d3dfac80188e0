import { stay } from '../bouts.ts';
import type { BlockDraft, Stay, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import type { LaneContext } from './group.ts';
import type { LanePlaySetup, SkillLaneValues } from './setup.ts';
import { startOf } from './startSteps.ts';

type LaneDraft = BlockDraft<SkillLaneValues>;

/** A turn at a lane is half a minute to four minutes long if nobody says. */
const TURN = [30, 240] as const;

/** Turns of a block: in the fullest lane everyone has `turnsEach` of them. */
const roundsOf = ({ values, groups }: LaneDraft) => ({
  ...values,
  bouts: Math.max(1, ...groups.map((g) => g.length)) * values.turnsEach,
});

export const laneSpan = (_: LaneContext, draft: LaneDraft) => roundsSpan(roundsOf(draft), TURN);

/** Who has the turn at a lane, who is the partner, and who waits there. */
function staysAt(lane: number, members: readonly string[], round: number): Stay[] {
  const order = members.map((_, i) => members[(round + i) % members.length]);
  const waiting = order.slice(2);
  return [
    ...order.slice(0, 1).map((id) => stay('solo', [id], lane, 'turn')),
    ...order.slice(1, 2).map((id) => stay('solo', [id], lane, 'partner')),
    ...(waiting.length ? [stay('line', waiting, lane, 'waiting')] : []),
  ];
}

export const laneTimeline = (_: LaneContext, draft: LaneDraft, seconds: number): Timeline =>
  roundsTimeline(roundsOf(draft), seconds, (round) => draft.groups.flatMap((members, lane) => staysAt(lane, members, round)));

/** One play a student, lane by lane. In turn r the lane's student is member r modulo the lane's size; the next one is the partner. */
export function lanePlays(context: LaneContext, draft: LaneDraft, timeline: Timeline): LanePlaySetup[] {
  const { setup } = context;
  const { values, groups } = draft;
  const { workSeconds, bouts } = timeline;
  const blockSeconds = Math.max(1, timeline.segments.at(-1)?.until ?? 1);
  // What falls is the gear of which a lane has most.
  const falls = setup.counts ? Math.max(0, ...setup.gear.map((g) => g.count)) : 0;
  const cells = setup.skill ? setup.ladder.flatMap(({ cell }) => (cell ? [cell] : [])) : [];
  return groups.flatMap((members, lane) =>
    members.map((player, i) => {
      const turns = bouts.filter((_, r) => r % members.length === i).length;
      return {
        player,
        ...{ lane, order: i, of: members.length },
        ladder: setup.ladder.map((s) => s.id),
        step: startOf(context, player),
        enough: values.enough,
        up: values.upPercent / 100,
        down: values.downPercent / 100,
        ownSeconds: turns * workSeconds,
        blockSeconds,
        ...(cells.length === setup.ladder.length ? { skill: setup.skill, cells } : {}),
        ...(falls ? { falls } : {}),
        ...(setup.forms.length ? { forms: setup.forms } : {}),
        waitSeconds: Math.max(0, members.length - 2) * (workSeconds + values.breakSeconds),
      };
    }),
  );
}
