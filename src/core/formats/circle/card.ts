import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type CircleContext, isBarrier } from './group.ts';
import type { CircleValues } from './setup.ts';

/** What each kind of circle says of its play. */
function modeRules({ setup, values }: CircleContext): Rule[] {
  switch (setup.mode) {
    case 'sequence':
      return [
        rule('in-play', said('numbers', { count: values.numbers }), ['numbers']),
        ...setup.moves.map(({ title, text }, i) => rule('in-play', said('move', { number: i + 1, title, text }))),
        rule('hands', said('release')),
      ];
    case 'keep-up':
      return [
        rule('hands', said(values.twice ? 'touch-twice' : 'touch-once'), ['twice']),
        rule('in-play', said(values.centre ? 'centre' : values.giveBack ? 'back-allowed' : 'no-back'), ['giveBack', 'centre']),
        rule('in-play', said(values.catching ? 'catch-allowed' : 'no-catch'), ['catching']),
        rule('in-play', said(values.resume ? 'resume' : 'anew'), ['resume']),
        ...(values.centre ? [roleRule('centre', said('centre-changes'), ['centre'])] : []),
      ];
    case 'barrier':
      return [
        rule('in-play', said(values.posture), ['posture']),
        rule('hands', said('touches', { count: values.touches }), ['touches']),
        rule('in-play', said('serve')),
      ];
    case 'crews':
      return [
        roleRule('taker', said('takers', { count: values.takers }), ['takers']),
        roleRule('rescuer', said('rescuers', { count: values.rescuers }), ['rescuers']),
        rule('safety', said('limit', { count: values.limit }), ['limit']),
      ];
    case 'leader':
      return [roleRule('leader', said('leader', { seconds: values.leadSeconds }), ['leadSeconds']), rule('in-play', said('options'))];
  }
}

/** The card at every circle. */
export function circleCard(context: CircleContext, draft: BlockDraft<CircleValues>): Card[] {
  const own = context.setup.moves.map(({ title, text }, i) => said('move', { number: i + 1, title, text }));
  return draft.pieces.map((p) => ({ pieceId: p.id, title: `${context.setup.ring} ${p.number}`, lines: usualLines(context, own) }));
}

const scoreOf = ({ setup, values }: CircleContext): Rule => {
  if (setup.mode === 'barrier')
    return scoringRule(values.joint ? 'joint' : 'points', said(values.joint ? 'score-chain' : 'score-error'), ['joint']);
  return scoringRule('joint', said(setup.mode === 'keep-up' ? 'score-chain' : `score-${setup.mode}`));
};

/** What is held, what is called, what breaks a chain, who has which role. */
export function circleRuleCard(context: CircleContext): Rule[] {
  const { setup, values } = context;
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    ...(setup.objectsEach
      ? [{ ...rule('in-play', said('with', { count: setup.objectsEach, gearKind: values.object }), ['object']), gearKind: values.object }]
      : []),
    ...(setup.cloth ? [{ ...rule('hands', said('cloth', { gearKind: setup.cloth.gearKind })), gearKind: setup.cloth.gearKind }] : []),
    ...(isBarrier(context) ? [rule('in-play', said('over'))] : []),
    ...modeRules(context),
    faultRule('rough', { does: said('rough'), next: said('rough-then'), back: said('rough-back') }),
    scoreOf(context),
    endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
