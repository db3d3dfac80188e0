import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { planOf, type TournamentContext } from './group.ts';
import type { TournamentValues } from './setup.ts';

/** The card at every court: the task, what it is played with, what to look for, easier and harder. */
export function tournamentCard(context: TournamentContext, draft: BlockDraft<TournamentValues>): Card[] {
  const { setup, values } = context;
  return draft.pieces.map(({ id, number }) => ({
    pieceId: id,
    title: `${setup.court} ${number}`,
    lines: [
      ...lines('task', [setup.task]),
      said('object', { gearKind: values.object }),
      ...lines('point', [setup.point]),
      ...lines('cue', setup.cues),
      ...lines('easier', [setup.easier]),
      ...lines('harder', [setup.harder]),
      ...stopLine(context),
    ],
  }));
}

/** Who meets whom, what a match is worth, what decides between equal teams, what a resting team does. */
export function tournamentRuleCard(context: TournamentContext): Rule[] {
  const { setup, values } = context;
  const { pools, slots, teams } = planOf(context);
  const rests = slots.some((s) => s.resting.length > 0);
  const [win, tie, loss] = values.points.split('-').map(Number);
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    pools
      ? rule('in-play', said(values.crossOver ? 'meet-cross' : 'meet-pools', { count: pools.length }), ['pools', 'crossOver'])
      : rule('in-play', said('meet-all', { count: teams.length })),
    ...(rests && values.referees ? [roleRule('referee', said('referee'), ['referees'])] : []),
    ...(rests && values.waitingTask ? [roleRule('resting', said('resting', { text: values.waitingTask }), ['waitingTask'])] : []),
    scoringRule('points', said('table', { point: setup.point, win, tie, loss }), ['points']),
    rule('tie', said(`tie-${values.tieBreak}`), ['tieBreak']),
    endRule('rounds', said('end-matches')),
    ...signalRules(stopOf(context), { moves: true, reset: values.resetSeconds > 0 }),
  ];
}
