import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { RingContext } from './group.ts';
import type { WinnersRingValues } from './setup.ts';

/** The card at every bay: the task, when a game is won, where the winner goes, what to look for. */
export function ringCard(context: RingContext, draft: BlockDraft<WinnersRingValues>): Card[] {
  const { setup, values } = context;
  const bays = draft.groups.length / 2;
  return Array.from({ length: bays }, (_, i) => ({
    pieceId: `bay-${i + 1}`,
    title: `${setup.bay} ${i + 1}`,
    lines: [
      ...lines('task', [setup.task]),
      said('object', { gearKind: values.object }),
      said('to', { count: values.target }),
      ...(bays > 1 ? [said('next', { bay: ((i + 1) % bays) + 1 })] : []),
      ...lines('cue', setup.cues),
      ...lines('easier', [setup.easier]),
      ...lines('harder', [setup.harder]),
      ...stopLine(context),
    ],
  }));
}

/** How a point is won, who walks on, who meets whom, what a lone team may do. */
export function ringRuleCard(context: RingContext, draft: BlockDraft<WinnersRingValues>): Rule[] {
  const { setup, values } = context;
  const moves = draft.groups.length > 2;
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    ...(moves
      ? [rule('in-play', said('walk')), rule('in-play', said(values.headStart ? 'alone-starts' : 'alone-waits'), ['headStart'])]
      : []),
    ...(moves && values.waitingTask ? [roleRule('waiting', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    scoringRule('own', said('won', { point: setup.point, count: values.target }), ['target']),
    endRule('clock', said('end-clock'), []),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
