import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { Card } from '../format.ts';
import { endRule, faultRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type PaceContext, splitsOf, trialsOf } from './group.ts';

/** The card at the lap: every trial with its target and the time after each lap at an even pace. */
export function paceCard(context: PaceContext): Card[] {
  const own = trialsOf(context).map((trial, i) => said('trial', { number: i + 1, ...trial, splits: splitsOf(trial) }));
  return [{ pieceId: 'lap', title: 'Lap', lines: usualLines(context, own) }];
}

/** From the own cone, so many laps in so many seconds; closest is best. */
export function paceRuleCard(context: PaceContext): Rule[] {
  const { setup, values } = context;
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('own-cone', { gearKind: setup.marker })), gearKind: setup.marker },
    rule('in-play', said('travel', { text: setup.travel })),
    ...trialsOf(context).map((trial, i) =>
      rule('in-play', said('trial', { number: i + 1, ...trial, splits: splitsOf(trial) }), ['laps', 'targetSeconds', 'change', 'bouts']),
    ),
    ...(values.hidden ? [rule('in-play', said('hidden'), ['hidden'])] : []),
    faultRule('cuts', { does: said('cuts'), next: said('cuts-then'), back: said('cuts-back') }),
    scoringRule('own', said('score')),
    endRule('rounds', said('end-trials', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
