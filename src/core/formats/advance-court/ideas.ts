import { stockOf } from '../../gear/cover.ts';
import type { BlockDraft, BlockIdeas } from '../format.ts';
import { groupCount, idea, ideasByKind, setting } from '../ideas.ts';
import type { CourtIdea } from './codes.ts';
import { courtGear } from './gear.ts';
import type { CourtContext } from './group.ts';
import type { AdvanceCourtValues } from './setup.ts';

/** What a waiting line does where the teacher has set nothing. */
export const LINE_TASK = 'Count the passes aloud; juggle a scarf while you wait';

/** One to four courts more. */
export function moreCourts(context: CourtContext, now: number): CourtIdea[] {
  return [1, 2, 3, 4]
    .filter((more) => now + more <= 12 && (now + more) * 2 <= context.players.length)
    .map((more) => idea('courts', { count: now + more }, ...groupCount(context, now + more)));
}

/** One to three courts less. */
export function fewerCourts(context: CourtContext, now: number): CourtIdea[] {
  return [1, 2, 3]
    .filter((less) => now - less >= 1)
    .map((less) => idea('courts', { count: now - less }, ...groupCount(context, now - less)));
}

/** What else could be done with advance courts: courts, places on each, bouts, a task for the line, the object. */
function choices(context: CourtContext, draft: BlockDraft<AdvanceCourtValues>, objects: CourtIdea[]): CourtIdea[][] {
  const { positions, bouts, lineTask } = context.values;
  const now = draft.groups.length;
  const numbers = [-3, -2, -1, 1, 2, 3, 4].map((by) => now + by);
  return [
    numbers
      .filter((count) => count >= 1 && count <= 12 && count * 2 <= context.players.length)
      .map((count) => idea('courts', { count }, ...groupCount(context, count))),
    [2, 3, 4, 5].filter((k) => k !== positions).map((k) => idea('places-each', { count: k }, setting(context, 'positions', k))),
    lineTask ? [] : [idea('task-in-line', { task: LINE_TASK }, setting(context, 'lineTask', LINE_TASK))],
    [1, 2, 3, 4].filter((b) => b !== bouts).map((b) => idea('bouts', { count: b }, setting(context, 'bouts', b))),
    objects,
  ];
}

/** What the whole lesson may ask an advance court for: time by fewer or more bouts, gear by another object or fewer courts. */
export function courtIdeas(context: CourtContext, draft: BlockDraft<AdvanceCourtValues>): BlockIdeas<CourtIdea> {
  const { bouts, rehearseSeconds, object, workSeconds } = context.values;
  const shorter: CourtIdea[] = [];
  if (rehearseSeconds > 0) shorter.push(idea('skip-rehearsal', { seconds: rehearseSeconds }, setting(context, 'rehearseSeconds', 0)));
  if (workSeconds !== undefined) shorter.push(idea('let-fit-decide', {}, setting(context, 'workSeconds', null)));
  for (let fewer = bouts - 1; fewer >= 1; fewer--)
    shorter.push(idea('bouts', { count: fewer }, setting(context, 'bouts', fewer), setting(context, 'rehearseSeconds', 0)));
  const longer = bouts < 4 ? [idea('bouts', { count: bouts + 1 }, setting(context, 'bouts', bouts + 1))] : [];
  const stock = (kind: string) => stockOf(context.cupboard, kind);
  const now = draft.groups.length;
  const others = context.setup.objects
    .filter((o) => o !== object && stock(o) >= now)
    .map((to) => idea('play-with', { to }, setting(context, 'object', to)));
  const gear = ideasByKind(courtGear(context, draft), { gearKind: object, ideas: others }, fewerCourts(context, now));
  return { shorter, longer, gear, choices: choices(context, draft, others), waitingTask: context.values.lineTask };
}
