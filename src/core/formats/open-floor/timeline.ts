import type { PlayView } from '../../play/playRules.ts';
import { stay } from '../bouts.ts';
import type { BlockDraft, Segment, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { floorAt } from '../runningFloor.ts';
import { isOwn, type OpenFloorContext, thiefCount, units } from './group.ts';
import type { OpenFloorPlaySetup, OpenFloorValues } from './setup.ts';
import { stagePlan } from './stagesOf.ts';

type OpenFloorDraft = BlockDraft<OpenFloorValues>;

/** A bout is 20 seconds to a minute long if nobody says; up to two minutes if nobody waits for it to end. */
const SHARED = [20, 60] as const;
const OWN = [20, 120] as const;
/** How long a bout of a stage that was met before is, against another one. */
export const SHORT = 0.5;

/** Bouts of every stage: so many turns for each who shares, in the largest group. */
const boutsEach = (context: OpenFloorContext, { values, groups }: OpenFloorDraft): number =>
  values.turnsEach * Math.max(1, ...units(context, groups).map((g) => g.length));

/** Every bout of the block with its stage, and how they are cut out of its time. */
function roundsOf(context: OpenFloorContext, draft: OpenFloorDraft) {
  const bouts = boutsEach(context, draft);
  const { stages } = stagePlan(context);
  const rounds = stages.flatMap((stage, s) => Array.from({ length: bouts }, (_, b) => ({ stage, s, isFirst: b === 0 })));
  const { breakSeconds, stageSeconds } = draft.values;
  return {
    ...draft.values,
    bouts: rounds.length,
    shares: rounds.map(({ stage }) => (stage.isShort ? SHORT : 1)),
    breaks: rounds.map(({ isFirst }) =>
      isFirst ? { code: 'stage', seconds: Math.max(stageSeconds, breakSeconds) } : { code: 'break', seconds: breakSeconds },
    ),
    rounds,
    each: bouts,
  };
}

export const openFloorSpan = (context: OpenFloorContext, draft: OpenFloorDraft) =>
  roundsSpan(roundsOf(context, draft), isOwn(context) ? OWN : SHARED);

export const openFloorTimeline = (context: OpenFloorContext, draft: OpenFloorDraft, seconds: number): Timeline =>
  roundsTimeline(roundsOf(context, draft), seconds, (round) =>
    draft.groups.flatMap((members) => {
      if (isOwn(context) || members.length < 2) return [stay('group', members, 0)];
      const order = members.map((_, i) => members[(round + i) % members.length]);
      const defends = context.setup.mode === 'defend' ? order.slice(-1) : [];
      const rests = order.slice(1, order.length - defends.length);
      return [
        stay('solo', order.slice(0, 1), 0),
        ...(defends.length ? [stay('solo', defends, 0, 'defender')] : []),
        ...(rests.length ? [stay('line', rests, 0, 'waiting')] : []),
      ];
    }),
  );

/** One play of the whole floor. Those start without an object who did so least in the last lessons. */
export function openFloorPlays(context: OpenFloorContext, draft: OpenFloorDraft, timeline: Timeline): OpenFloorPlaySetup[] {
  const { setup, values, had } = context;
  const { each } = roundsOf(context, draft);
  const players = draft.groups.flat();
  if (!players.length) return [];
  const byTurn = inTurn(players, had?.thief);
  return [
    {
      groups: units(context, draft.groups),
      boutSeconds: Math.max(1, timeline.workSeconds),
      switchSeconds: values.breakSeconds,
      stageSeconds: Math.max(values.stageSeconds, values.breakSeconds),
      stages: stagePlan(context).stages.map(({ id, title, isShort }) => ({
        id,
        title,
        bouts: each,
        ...(isShort ? { shorter: true } : {}),
      })),
      ...(setup.mode === 'steal'
        ? { thieves: byTurn.slice(0, thiefCount(context)), ...floorAt(draft.pieces[0], draft.things, context.defaults.sprint) }
        : {}),
      ...(setup.mode === 'defend' ? { defenders: draft.groups.filter((g) => g.length > 1).map((g) => g.at(-1)!) } : {}),
      lone: true,
    },
  ];
}

/** The clock's switch after every bout, and the next stage after the last one of a stage. */
export function openFloorClock(segment: Segment, setup: OpenFloorPlaySetup): ({ type: 'switch' } | { type: 'stage' })[] {
  if (segment.kind !== 'work' || segment.round === undefined) return [];
  let first = 0;
  for (const { bouts } of setup.stages) {
    if (segment.round < first + bouts) return [{ type: segment.round === first + bouts - 1 ? 'stage' : 'switch' }];
    first += bouts;
  }
  return [];
}

/** Stages of which a bout was played to its end. */
export const stagesReached = ({ stages }: OpenFloorPlaySetup, { tally, done }: PlayView): string[] =>
  stages.slice(0, tally.stage - (tally.bout === 1 && !done ? 1 : 0)).map((s) => s.id);
