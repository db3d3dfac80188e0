import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { PossessionContext } from './group.ts';
import type { PossessionValues } from './setup.ts';

/** What each kind of game says of its play. */
function modeRules({ setup, values }: PossessionContext): Rule[] {
  switch (setup.mode) {
    case 'passes':
      return [
        rule('in-play', said('passes', { count: values.passes }), ['passes']),
        rule('in-play', said('no-return')),
        rule('in-play', said('turnover')),
        rule('in-play', said('knocked-down')),
      ];
    case 'goals':
      return [rule('in-play', said('turnover')), rule('in-play', said(values.goesOn ? 'goes-on' : 'other-starts'), ['goesOn'])];
    case 'halves':
      return [
        rule('in-play', said('carry')),
        rule('in-play', said('tagged')),
        roleRule('guard', said('guard', { count: values.guards }), ['guards']),
      ];
    case 'spots':
      return [rule('in-play', said('spots')), rule('in-play', said('then-moves'))];
  }
}

/** The card at every field. */
export function possessionCard(context: PossessionContext, draft: BlockDraft<PossessionValues>): Card[] {
  const { setup } = context;
  const own = [said('move', { text: setup.move }), ...setup.steps.map((text, i) => said('step', { number: i + 1, text }))];
  return draft.pieces.map((p) => ({ pieceId: p.id, title: `${setup.field} ${p.number}`, lines: usualLines(context, own) }));
}

/** Who may pass to whom, what gives it over, what scores, what changes from round to round. */
export function possessionRuleCard(context: PossessionContext): Rule[] {
  const { setup, values } = context;
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said('move', { text: setup.move })),
    ...modeRules(context),
    ...setup.steps.slice(0, values.bouts).map((text, i) => rule('in-play', said('step', { number: i + 1, text }), ['bouts'])),
    faultRule('contact', { does: said('contact'), next: said('contact-then'), back: said('contact-back') }),
    scoringRule('points', said(`score-${setup.mode}`, { count: values.passes })),
    endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
