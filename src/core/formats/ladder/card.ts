import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { LadderContext } from './group.ts';
import type { LadderValues } from './setup.ts';

/** The card at every court: the task, what it is played with, what to look for, easier and harder, where a winner goes. */
export function ladderCard(context: LadderContext, draft: BlockDraft<LadderValues>): Card[] {
  const { setup, values } = context;
  const last = draft.groups.length - 1;
  const onward = (i: number) => (last === 0 ? [] : [said(i === last ? 'next-top' : 'next', { court: i + 2 })]);
  return draft.groups.map((_, i) => ({
    pieceId: `court-${i + 1}`,
    title: `${i === last && i > 0 ? setup.top : setup.court} ${i + 1}`,
    lines: [
      ...lines('task', [setup.task]),
      said('object', { gearKind: values.object }),
      ...lines('point', [setup.point]),
      ...onward(i),
      ...lines('cue', setup.cues),
      ...lines('easier', [setup.easier]),
      ...lines('harder', [setup.harder]),
      ...stopLine(context),
    ],
  }));
}

/** How a point begins and is won, how the score is shown, where everybody goes after a round, what a tie is. */
export function ladderRuleCard(context: LadderContext, draft: BlockDraft<LadderValues>): Rule[] {
  const { setup, values } = context;
  const hasTop = draft.groups.length > 1;
  const rests = draft.groups.some((g) => g.length > 2 * values.each);
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said(`shown-${values.shown}`), ['shown']),
    ...(hasTop ? [rule('in-play', said('moves'))] : []),
    ...(hasTop ? [rule('in-play', said('mixes'))] : []),
    rule('tie', said(`tie-${values.tie}`), ['tie']),
    ...(rests ? [roleRule('resting', said(values.waitingTask ? 'rest-task' : 'rest', { text: values.waitingTask }), ['waitingTask'])] : []),
    scoringRule('own', said(`count-${hasTop ? values.count : 'all'}`, { point: setup.point }), ['count']),
    endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { moves: hasTop, reset: values.resetSeconds > 0 }),
  ];
}
