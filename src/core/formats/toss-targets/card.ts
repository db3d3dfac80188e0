import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { TossContext } from './group.ts';
import type { TossTargetsValues } from './setup.ts';

/** The card at every lane: the task, what a zone is worth, what to look for, easier and harder. */
export function tossCard(context: TossContext, draft: BlockDraft<TossTargetsValues>): Card[] {
  const { setup, values } = context;
  return draft.groups.map((_, i) => ({
    pieceId: `lane-${i + 1}`,
    title: `${setup.lane} ${i + 1}`,
    lines: [
      ...lines('task', [setup.task]),
      said('objects', { count: values.objectsEach, gearKind: values.object }),
      said('zones', { list: setup.zones.map(String) }),
      ...lines('cue', setup.cues),
      ...lines('easier', [setup.easier]),
      ...lines('harder', [setup.harder]),
      ...stopLine(context),
    ],
  }));
}

/** Whose turn it is, when they collect, what counts in the end, who may strike. */
export function tossRuleCard(context: TossContext, draft: BlockDraft<TossTargetsValues>): Rule[] {
  const { setup, values } = context;
  const waits = values.turns === 'one' && draft.groups.some((g) => g.length > 1);
  const early = faultRule('collects-early', { does: said('early'), next: said('early-then'), back: said('early-back') });
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    {
      ...rule('in-play', said('objects', { count: values.objectsEach, gearKind: values.object }), ['object', 'objectsEach']),
      gearKind: values.object,
    },
    rule('in-play', said(values.turns === 'one' ? 'turns-one' : 'turns-together'), ['turns']),
    ...(values.ownDistance ? [rule('in-play', said('own-distance'), ['ownDistance'])] : []),
    ...(values.stepM > 0 ? [rule('in-play', said('farther'), ['stepM'])] : []),
    early,
    ...(values.striker ? [roleRule('striker', said('striker'), ['striker'])] : []),
    ...(waits && values.waitingTask ? [roleRule('waiting', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    scoringRule('points', said('final', { list: setup.zones.map(String) })),
    values.to
      ? endRule('score', said('end-score', { count: values.to }), ['to'])
      : endRule('rounds', said('end-rounds', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
