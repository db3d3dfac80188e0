import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type ClashContext, postsOf } from './group.ts';
import type { TargetClashValues } from './setup.ts';

/** The card of every side: the task, what to look for, easier and harder, what stops everyone. */
export function clashCard(context: ClashContext, draft: BlockDraft<TargetClashValues>): Card[] {
  const { setup } = context;
  const own = [
    ...lines('task', [setup.task]),
    ...lines('cue', setup.cues),
    ...lines('easier', [setup.easier]),
    ...lines('harder', [setup.harder]),
    ...stopLine(context),
  ];
  return draft.groups.map((_, i) => ({ pieceId: `side-${i + 1}`, title: setup.sides[i], lines: own }));
}

/** What is sent and hit, what scores, who feeds and guards, what the lines mean. */
export function clashRuleCard(context: ClashContext, { things }: BlockDraft<TargetClashValues>): Rule[] {
  const { setup, values } = context;
  const { feeders, guards } = postsOf(context);
  const cross = faultRule('cross', { does: said('cross'), next: said('cross-then'), back: said('cross-back') });
  const hasLines = setup.mode !== 'pen' || things.some((t) => t.laid === 'no-cross');
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start-lines')),
    { ...rule('in-play', said('object', { gearKind: values.object, target: setup.target.gearKind }), ['object']), gearKind: values.object },
    hasLines ? { ...cross, thing: 'no-cross' } : cross,
    ...(feeders ? [roleRule('feeder', said('feeders', { count: feeders }), ['feeders'])] : []),
    ...(guards ? [roleRule('guard', said('guards', { count: guards }), ['guards'])] : []),
    scoringRule('points', said(`mode-${setup.mode}`, { count: values.targets }), ['targets']),
    values.to && setup.mode !== 'protect'
      ? endRule('score', said('end-score', { count: values.to }), ['to'])
      : endRule('clock', said('end-clock')),
    ...(feeders || guards || values.nearPeople ? [rule('safety', said('aim-low'), ['nearPeople'])] : []),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
