import { HOUSE_LIMITS } from '../../model/band.ts';
import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { levelGroups, smallerCourts } from '../ideas.ts';
import type { TournamentNoticed } from './codes.ts';
import { courtUnit, planOf, type TournamentContext } from './group.ts';
import { busyResting, fewerCourts, fewerTeams, moreCourts, pools } from './ideas.ts';
import type { TournamentValues } from './setup.ts';

type TournamentDraft = BlockDraft<TournamentValues>;

/** Seconds of a match below which it is over before it has begun. House figure. */
const SHORT_S = 120;

/** Courts that find no floor. */
const unplaced = (context: TournamentContext, draft: TournamentDraft): TournamentNoticed[] =>
  doesNotFit(context, 'tournament', draft, courtUnit(context), [...smallerCourts(context, 'tournament'), ...fewerCourts(context)]);

/** Teams without anybody. */
function empty(context: TournamentContext, draft: TournamentDraft): TournamentNoticed[] {
  const none = draft.groups.filter((g) => !g.length).length;
  if (!none || !context.players.length) return [];
  return [
    {
      code: 'tournament-empty',
      weight: 'stop',
      at: { block: context.blockId },
      data: { none, teams: draft.groups.length, playing: context.players.length },
      ideas: [...fewerTeams(context), levelGroups(context)],
    },
  ];
}

/** Both answers to how long a match is: how long it gets with so many matches, and what would make it longer. */
function matches(context: TournamentContext, draft: TournamentDraft, timeline: Timeline): TournamentNoticed[] {
  const { slots, crossSlots, courts } = planOf(context);
  const count = slots.reduce((sum, slot) => sum + slot.matches.length, 0);
  const data = { seconds: timeline.workSeconds, slots: slots.length + crossSlots, matches: count, courts, teams: draft.groups.length };
  const at = { block: context.blockId };
  if (timeline.workSeconds >= SHORT_S) return [{ code: 'tournament-plan', weight: 'note', at, data }];
  return [
    {
      code: 'tournament-short',
      weight: 'caution',
      at,
      data: { ...data, least: SHORT_S },
      ideas: [...moreCourts(context), ...pools(context), ...fewerTeams(context)],
    },
  ];
}

/** Teams that rest while the others play, and whether they have something to do. */
function resting(context: TournamentContext, timeline: Timeline): TournamentNoticed[] {
  const { slots, courts } = planOf(context);
  const { referees, waitingTask: task } = context.values;
  const idle = slots.map((s) => s.resting.length - (referees ? Math.min(s.resting.length, s.matches.length) : 0));
  const most = Math.max(0, ...idle);
  if (!most || timeline.workSeconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  return [
    {
      code: task ? 'tournament-resting-works' : 'tournament-resting',
      weight: task ? 'note' : 'caution',
      at: { block: context.blockId },
      data: { count: most, seconds: timeline.workSeconds, courts, task },
      ideas: task ? [] : [...busyResting(context), ...moreCourts(context)],
    },
  ];
}

/** Everything about a tournament that only its format can see. */
export const tournamentChecks = (context: TournamentContext, draft: TournamentDraft, timeline: Timeline): TournamentNoticed[] => [
  ...unplaced(context, draft),
  ...empty(context, draft),
  ...matches(context, draft, timeline),
  ...resting(context, timeline),
];
