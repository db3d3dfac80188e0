import { type Stay, stay } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { type RoundsOfBlock, roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { nameOf, planOf, type TournamentContext } from './group.ts';
import { refereesIn } from './schedule.ts';
import type { TieBreak, TournamentPlaySetup, TournamentValues } from './setup.ts';

type TournamentDraft = BlockDraft<TournamentValues>;

/** A match is a minute and a half to eight minutes long if nobody says. */
const MATCH = [90, 480] as const;

/** As many rounds as there are slots of matches. */
const roundsOf = (context: TournamentContext): RoundsOfBlock => {
  const { slots, crossSlots } = planOf(context);
  return { ...context.values, bouts: Math.max(1, slots.length + crossSlots) };
};

export const tournamentSpan = (context: TournamentContext) => roundsSpan(roundsOf(context), MATCH);

/** Who plays, referees or rests in each slot; who meets in a cross-over only play says: all teams then stand by. */
export function tournamentTimeline(context: TournamentContext, draft: TournamentDraft, seconds: number): Timeline {
  const { teams, slots } = planOf(context);
  const keepers = context.values.referees ? refereesIn(teams, slots) : slots.map(() => []);
  const membersOf = (team: string) => draft.groups[draft.groups.findIndex((_, i) => nameOf(context, i) === team)] ?? [];
  const stays = (round: number): Stay[] => {
    const slot = slots[round];
    if (!slot) return draft.groups.map((members) => stay('side', members, -1, 'next'));
    const { matches, resting } = slot;
    return [
      ...matches.flatMap((match, court) => match.map((team) => stay('side', membersOf(team), court))),
      ...resting.map((team) => {
        const court = keepers[round].indexOf(team);
        return court < 0 ? stay('side', membersOf(team), -1, 'resting') : stay('side', membersOf(team), court, 'referee');
      }),
    ];
  };
  return roundsTimeline(roundsOf(context), seconds, stays);
}

const ORDERS: Record<TournamentValues['tieBreak'], TieBreak[]> = {
  between: ['points', 'between', 'difference', 'scored'],
  difference: ['points', 'difference', 'scored', 'between'],
};

/** One play of all matches. */
export function tournamentPlays(context: TournamentContext, draft: TournamentDraft, timeline: Timeline): TournamentPlaySetup[] {
  const { values } = context;
  const { teams, pools, courts } = planOf(context);
  const [win, tie, loss] = values.points.split('-').map(Number);
  return [
    {
      ...{ teams, courts, matchSeconds: Math.max(1, timeline.workSeconds), points: { win, draw: tie, loss } },
      tieBreak: ORDERS[values.tieBreak],
      ...(pools ? { pools, crossOver: values.crossOver } : {}),
      members: Object.fromEntries(teams.map((team, i) => [team, draft.groups[i] ?? []])),
      breakSeconds: values.breakSeconds,
      playSeconds: timeline.bouts.length * timeline.workSeconds,
      ...(values.referees ? { referees: true } : {}),
      lone: true,
    },
  ];
}
