import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, ideasByKind, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { TournamentIdea } from './codes.ts';
import { tournamentGear } from './gear.ts';
import { courtCount, gearCourts, type TournamentContext, teamCount } from './group.ts';
import type { TournamentValues } from './setup.ts';

/** What a team does that neither plays nor referees, if the teacher has set nothing. */
export const RESTING_TASK = 'Practice the first move of your game beside the court';

const courtsIdea = (context: TournamentContext, count: number): TournamentIdea =>
  idea('tournament-courts', { count }, setting(context, 'courts', count));

/** Fewer courts, down to one. */
export const fewerCourts = (context: TournamentContext): TournamentIdea[] =>
  fewerThan(courtCount(context), gearCourts(context)).map((count) => courtsIdea(context, count));

/** More courts, up to one for every two teams. */
export const moreCourts = (context: TournamentContext): TournamentIdea[] =>
  moreThan(courtCount(context), Math.floor(teamCount(context) / 2), 3).map((count) => courtsIdea(context, count));

/** Fewer, larger teams. */
export const fewerTeams = (context: TournamentContext): TournamentIdea[] =>
  [2, 1]
    .map((less) => teamCount(context) - less)
    .filter((count) => count >= 2)
    .map((count) => idea('tournament-teams', { count }, ...groupCount(context, count)));

/** More, smaller teams. */
const moreTeams = (context: TournamentContext): TournamentIdea[] =>
  moreThan(teamCount(context), Math.min(16, Math.floor(context.players.length / 2)), 2).map((count) =>
    idea('tournament-teams', { count }, ...groupCount(context, count)),
  );

/** Pools in place of everybody meeting everybody. */
export const pools = (context: TournamentContext): TournamentIdea[] =>
  context.values.pools === 1 && teamCount(context) >= 6 ? [idea('tournament-pools', { count: 2 }, setting(context, 'pools', 2))] : [];

/** The resting team referees, or has something to do. */
export const busyResting = (context: TournamentContext): TournamentIdea[] => [
  ...(context.values.referees ? [] : [idea('tournament-referees', {}, setting(context, 'referees', true))]),
  ...(context.values.waitingTask ? [] : [idea('tournament-task', { task: RESTING_TASK }, setting(context, 'waitingTask', RESTING_TASK))]),
];

/** What the whole lesson may ask of a tournament: time by pools, courts and teams, gear by another object or fewer courts. */
export function tournamentIdeas(context: TournamentContext, draft: BlockDraft<TournamentValues>): BlockIdeas<TournamentIdea> {
  const { values } = context;
  // How many rounds there are follows from teams and courts: only walk-through and the length of a match are its own to change.
  const { shorter } = roundIdeas({ ...context, values: { ...values, bouts: 1 } }, 'tournament');
  const objects = otherObjects(context, 'tournament', courtCount(context) * context.setup.objectsEach);
  return {
    shorter: [...shorter, ...pools(context), ...moreCourts(context), ...fewerTeams(context)],
    longer: moreTeams(context).slice(0, 1),
    gear: ideasByKind(tournamentGear(context, draft), { gearKind: values.object, ideas: objects }, fewerCourts(context)),
    choices: [
      [...moreCourts(context), ...fewerCourts(context).slice(0, 2)],
      [...fewerTeams(context), ...moreTeams(context)],
      pools(context),
      objects,
    ],
    waitingTask: values.waitingTask || (values.referees ? RESTING_TASK : ''),
  };
}
