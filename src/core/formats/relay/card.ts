import type { Rule } from '../../model/rule.ts';
import { stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { RelayContext } from './group.ts';
import type { RelayValues } from './setup.ts';
import { isRace } from './timeline.ts';

/** The card at every line: the task, what is done on the way, how the next one is sent. */
export function relayCard(context: RelayContext, draft: BlockDraft<RelayValues>): Card[] {
  const { setup } = context;
  const own = [said('leg', { text: setup.leg }), said('hand-over', { text: setup.handOver })];
  return draft.groups.map((_, i) => ({ pieceId: `lane-${i + 1}`, title: `${setup.line} ${i + 1}`, lines: usualLines(context, own) }));
}

/** Who goes when, how the next one is sent, what counts, when it is over. */
export function relayRuleCard(context: RelayContext, draft: BlockDraft<RelayValues>): Rule[] {
  const { setup, values } = context;
  const sizes = draft.groups.map((g) => g.length).filter(Boolean);
  const isUneven = sizes.length > 0 && Math.min(...sizes) < Math.max(...sizes);
  const ending = isRace(context)
    ? endRule('score', said('end-race', { count: values.turns * values.bouts }), ['turns', 'bouts'])
    : values.to
      ? endRule('score', said('end-score', { count: values.to }), ['to'])
      : endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']);
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said('leg', { text: setup.leg }), ['legM', 'actionSeconds']),
    rule('in-play', said(`mode-${setup.mode}`)),
    ...(values.atOnce > 1 ? [rule('in-play', said('at-once', { count: values.atOnce }), ['atOnce'])] : []),
    ...(setup.mode === 'crossing' && values.offset !== 'together' ? [rule('safety', said(values.offset), ['offset'])] : []),
    rule('hands', said('hand-over', { text: setup.handOver }), ['handoverSeconds']),
    faultRule('early', { does: said('early'), next: said('early-then'), back: said('early-back') }),
    ...(isRace(context) && isUneven ? [roleRule('twice', said('twice'), ['groups', 'perLine'])] : []),
    ...(values.waitingTask ? [roleRule('waiting', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    scoringRule(
      'points',
      said(setup.mode === 'until-made' || setup.mode === 'bay-shift' ? 'score-made' : isRace(context) ? 'score-first' : 'score-turns'),
    ),
    ending,
    ...signalRules(stopOf(context), { moves: setup.mode === 'bay-shift', reset: values.resetSeconds > 0 }),
  ];
}
