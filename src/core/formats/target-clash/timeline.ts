import { eachAtOwn } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type ClashContext, postsOf } from './group.ts';
import type { ClashPlaySetup, TargetClashValues } from './setup.ts';

type ClashDraft = BlockDraft<TargetClashValues>;

/** A round is a minute and a half to five minutes long if nobody says. */
const ROUND = [90, 300] as const;

export const clashSpan = (_: ClashContext, draft: ClashDraft) => roundsSpan(draft.values, ROUND);

export const clashTimeline = (_: ClashContext, draft: ClashDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () => eachAtOwn('side', draft.groups));

/** One play of all sides; the first members feed, the last ones guard, and the rota moves on from there. */
export function clashPlays(context: ClashContext, draft: ClashDraft, timeline: Timeline): ClashPlaySetup[] {
  const { setup, values } = context;
  const { feeders, guards } = postsOf(context);
  return [
    {
      mode: setup.mode,
      sides: draft.groups.map((group, i) => {
        const members = inTurn(group, context.had?.[feeders ? 'feeder' : 'guard']);
        const feeding = members.slice(0, Math.min(feeders, Math.max(0, members.length - 1)));
        const rest = members.slice(feeding.length);
        const guarding = feeders
          ? rest.slice(Math.max(1, rest.length - guards))
          : rest.slice(0, Math.min(guards, Math.max(0, rest.length - 1)));
        return { id: setup.sides[i], members, feeders: feeding, guards: guarding };
      }),
      targets: values.targets,
      ...(values.to ? { to: values.to } : {}),
      playSeconds: values.bouts * timeline.workSeconds,
      rounds: values.bouts,
      breaks: values.breakSeconds > 0,
    },
  ];
}
