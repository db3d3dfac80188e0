import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type InningsContext, isBases } from './group.ts';
import type { InningsValues } from './setup.ts';

/** The card at every field. */
export function inningsCard(context: InningsContext, draft: BlockDraft<InningsValues>): Card[] {
  const { setup } = context;
  const own = [
    said('feed', { text: setup.feed }),
    said('fielding', { text: setup.fielding }),
    ...(isBases(context) ? [said('bases')] : [said('trip')]),
  ];
  return draft.pieces.map((p) => ({ pieceId: p.id, title: `${setup.field} ${p.number}`, lines: usualLines(context, own) }));
}

/** Who hits, what a trip or a base is, when the ball is dead, who changes when. */
export function inningsRuleCard(context: InningsContext): Rule[] {
  const { setup, values } = context;
  const own = isBases(context)
    ? [
        rule('in-play', said('bases')),
        rule('in-play', said('helping')),
        ...(values.capSeconds ? [rule('in-play', said('cap', { seconds: values.capSeconds }), ['capSeconds'])] : []),
        roleRule('field', said('field-bases', { text: setup.fielding })),
      ]
    : [
        rule('in-play', said('trip'), ['runM']),
        rule('in-play', said('dead')),
        rule('in-play', said(values.catchOut ? 'catch-out' : 'catch-free'), ['catchOut']),
        roleRule('field', said('field-shuttle', { text: setup.fielding })),
      ];
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said('feed', { text: setup.feed })),
    ...own,
    faultRule('throws-implement', { does: said('careless'), next: said('careless-then'), back: said('careless-back') }),
    scoringRule('points', said(isBases(context) ? 'score-bases' : 'score-trips')),
    values.innings
      ? endRule('score', said('end-innings', { count: values.innings }), ['innings'])
      : endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
