import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { SpotContext } from './group.ts';
import type { SpotValues } from './setup.ts';

/** The card at every field. */
export function spotCard(context: SpotContext, draft: BlockDraft<SpotValues>): Card[] {
  const { setup } = context;
  const own = [said(`mode-${setup.mode}`), ...(setup.mode === 'struck' ? [] : [said('another')])];
  return draft.pieces.map((p) => ({ pieceId: p.id, title: `${setup.field} ${p.number}`, lines: usualLines(context, own) }));
}

/** What a made shot is worth, what follows a miss, what the others do. */
export function spotRuleCard(context: SpotContext): Rule[] {
  const { setup, values } = context;
  const other = setup.other
    ? [roleRule(setup.mode === 'stay' ? 'returner' : 'others', said(setup.mode === 'stay' ? 'returner' : 'others', { text: setup.other }))]
    : [];
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object', 'objectsEach']), gearKind: values.object },
    rule('in-play', said(`mode-${setup.mode}`), ['spots', 'nearM']),
    ...(setup.mode === 'struck' ? [] : [rule('in-play', said('another'))]),
    ...other,
    faultRule('in-the-way', { does: said('in-the-way'), next: said('in-the-way-then'), back: said('in-the-way-back') }),
    scoringRule('points', said(`score-${setup.mode}`)),
    values.to
      ? endRule('score', said('end-score', { count: values.to }), ['to'])
      : endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
