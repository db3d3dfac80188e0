import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { CourtContext } from './group.ts';
import type { AdvanceCourtValues } from './setup.ts';

/** The card at every court: the task, what it is played with, what to look for, easier and harder, what stops everyone. */
export function courtCard(context: CourtContext, draft: BlockDraft<AdvanceCourtValues>): Card[] {
  const { setup, values } = context;
  const own = [
    ...lines('task', [setup.task]),
    said('object', { gearKind: values.object }),
    ...lines('cue', setup.cues),
    ...lines('line', values.lineTask ? [values.lineTask] : []),
    ...lines('easier', [setup.easier]),
    ...lines('harder', [setup.harder]),
    ...stopLine(context),
  ];
  return draft.groups.map((_, i) => ({ pieceId: `court-${i + 1}`, title: `${setup.court} ${i + 1}`, lines: own }));
}

/** How a rally starts, what a miss is and where it leads, how the object is played. */
export function courtRuleCard({ setup, values, ...context }: CourtContext): Rule[] {
  const { positions, bounces, contact, chain, lineTask } = values;
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start, positions }), ['positions']),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said('bounces', { count: bounces }), ['bounces']),
    ...(chain === 'none' ? [] : [rule('in-play', said(`chain-${chain}`), ['chain'])]),
    rule('hands', said(`contact-${contact}`), ['contact']),
    faultRule('error', { does: said('errors', { list: setup.errors }), next: said('after'), back: said('after-back') }),
    ...(lineTask ? [roleRule('line', said('line', { text: lineTask }), ['lineTask'])] : []),
    scoringRule('own', said('top', { positions }), ['positions']),
    endRule('clock', said('end-clock')),
    ...signalRules(stopOf({ values, ...context }), { reset: values.resetSeconds > 0 }),
  ];
}
