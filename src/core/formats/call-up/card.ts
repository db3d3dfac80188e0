import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { CallUpContext } from './group.ts';
import type { CallUpValues } from './setup.ts';

/** The card of every side: the task, what those at the line do, what to look for, easier and harder. */
export function callUpCard(context: CallUpContext, draft: BlockDraft<CallUpValues>): Card[] {
  const { setup } = context;
  return draft.groups.map((_, i) => ({
    pieceId: `side-${i + 1}`,
    title: setup.sides[i % 2],
    lines: [
      ...lines('task', [setup.task]),
      said('sideline', { text: setup.sideline }),
      ...lines('cue', setup.cues),
      ...lines('easier', [setup.easier]),
      ...lines('harder', [setup.harder]),
      ...stopLine(context),
    ],
  }));
}

/** The rules of a call-up: whose numbers play and for how long, what the others may do, scoring, end. */
export function callUpRuleCard(context: CallUpContext, draft: BlockDraft<CallUpValues>): Rule[] {
  const { setup, values } = context;
  const isUneven = draft.groups.some((g, i) => i % 2 === 0 && g.length !== draft.groups[i + 1].length);
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said('called', { count: values.atOnce, seconds: values.callSeconds }), ['atOnce', 'callSeconds']),
    ...(isUneven ? [rule('in-play', said('shared'))] : []),
    roleRule('sideline', said('sideline', { text: setup.sideline })),
    scoringRule('points', said('point', { text: setup.point })),
    endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
