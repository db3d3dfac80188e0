import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { PodsContext } from './group.ts';
import type { PodsValues } from './setup.ts';

/** The balance that is held: the chosen level, or the hardest that there is. */
const balanceOf = ({ setup, values }: PodsContext): string => setup.balances[Math.min(values.balance, setup.balances.length) - 1] ?? '';

/** The card of every pod: what is done to the music, what then, what to look for. */
export function podCard(context: PodsContext, draft: BlockDraft<PodsValues>): Card[] {
  const { setup, values } = context;
  const moves = setup.moves.map((text) => said('move', { text }));
  return draft.groups.map((_, i) => ({
    pieceId: `pod-${i + 1}`,
    title: `${setup.pod} ${i + 1}`,
    lines: [
      ...lines('task', [setup.task]),
      ...moves,
      said(values.leading === 'follow' ? 'follow' : 'list'),
      ...(setup.mode === 'hold' ? [said('hold', { text: balanceOf(context), seconds: values.holdSeconds })] : []),
      ...lines('cue', setup.cues),
      ...lines('easier', [setup.easier]),
      ...lines('harder', [setup.harder]),
      ...stopLine(context),
    ],
  }));
}

/** What the music means, who wins a round, what happens to the object, who leads. */
export function podRuleCard(context: PodsContext): Rule[] {
  const { setup, values } = context;
  const isHeld = setup.mode === 'hold';
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    { ...rule('in-play', said('object', { gearKind: values.object }), ['object']), gearKind: values.object },
    rule('in-play', said(values.leading === 'follow' ? 'follow' : 'list'), ['leading']),
    rule('in-play', said('music'), ['leastSeconds', 'mostSeconds']),
    ...(isHeld
      ? [rule('in-play', said('hold', { text: balanceOf(context), seconds: values.holdSeconds }), ['holdSeconds', 'balance'])]
      : [rule('safety', said('one-hand')), rule('in-play', said('put-back'))]),
    ...(values.leading === 'follow' ? [roleRule('leader', said('leader'), ['leading'])] : []),
    scoringRule('own', said(isHeld ? 'score-hold' : 'score-take')),
    endRule('rounds', said('end-sets', { count: values.bouts }), ['bouts']),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
