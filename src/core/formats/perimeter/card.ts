import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { hoopCounts, isRings, type PerimeterContext } from './group.ts';
import type { PerimeterValues } from './setup.ts';

/** The card at the loop: the task and the ways to travel. */
export function perimeterCard(context: PerimeterContext, draft: BlockDraft<PerimeterValues>): Card[] {
  const own = context.setup.travels.map((text, i) => said('travel', { number: i + 1, text }));
  return draft.pieces.slice(0, 1).map((p) => ({ pieceId: p.id, title: p.title, lines: usualLines(context, own) }));
}

/** Which way, what the stop means, what happens if anybody is late, what goes and what stays. */
export function perimeterRuleCard(context: PerimeterContext): Rule[] {
  const { setup, values } = context;
  const { least } = hoopCounts(context);
  const hoops = [
    { ...rule('in-play', said('hoops', { gearKind: setup.hoop, seconds: values.graceSeconds }), ['graceSeconds']), gearKind: setup.hoop },
    // Who they are is agreed between them and the teacher: no card and no run names anybody.
    ...(values.ownGraceSeconds > values.graceSeconds
      ? [rule('in-play', said('own-grace', { seconds: values.ownGraceSeconds }), ['ownGraceSeconds'])]
      : []),
    rule('in-play', said('fewer', { count: values.removePerRound, least }), ['removePerRound', 'leastHoops', 'hoops', 'perHoop']),
    ...(values.jointTask ? [rule('in-play', said('joint', { text: setup.joint }), ['jointTask'])] : []),
  ];
  const rings = [
    rule('in-play', said('mirror', { text: setup.joint })),
    ...(context.players.length % 2 && setup.free ? [roleRule('free', said('free', { text: setup.free }))] : []),
  ];
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    rule('in-play', said('one-way')),
    rule('in-play', said('travels', { list: setup.travels })),
    ...(isRings(context) ? rings : hoops),
    faultRule('cuts', { does: said('cuts'), next: said('cuts-then'), back: said('cuts-back') }),
    scoringRule('joint', said(isRings(context) ? 'score-rings' : 'score-hoops')),
    endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { moves: isRings(context), reset: values.resetSeconds > 0 }),
  ];
}
