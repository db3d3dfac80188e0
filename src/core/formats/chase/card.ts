import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type ChaseContext, hunterCount } from './hunters.ts';

/** The card at the field: the task, what to look for, easier and harder, what stops everyone. */
export function chaseCard(context: ChaseContext): Card[] {
  const { task, cues, easier, harder } = context.setup;
  const own = [...lines('task', [task]), ...lines('cue', cues), ...lines('easier', [easier]), ...lines('harder', [harder])];
  return [{ pieceId: 'field', title: 'Field', lines: [...own, ...stopLine(context)] }];
}

/** Those caught have to be let back in, and may have a task until then. */
const HELD = ['frozen', 'jail', 'out'];

/** Who hunts how, what a catch means, how one comes back, what is safe, when one runs. */
export function chaseRuleCard(context: ChaseContext): Rule[] {
  const { setup, values } = context;
  const { hunters, runners } = setup;
  const seconds = values.taskSeconds;
  const isHeld = HELD.includes(setup.caught);
  const back = isHeld ? said(`release-${setup.release}`, { runners, seconds }) : said(`back-${setup.caught}`, { seconds });
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said(setup.crossing ? 'start-lines' : 'start-field', { hunters })),
    rule('in-play', said('move', { text: setup.move })),
    ...(setup.types ? [roleRule('kind', said('kinds', { kinds: setup.types }))] : []),
    ...(setup.crossing
      ? [rule('in-play', said(setup.types ? 'crossing-kind' : 'crossing', { seconds: values.callSeconds }), ['callSeconds'])]
      : []),
    ...(values.safeSpots
      ? [
          {
            ...rule('in-play', said('safe', { count: values.safeSpots, seconds: values.spotSeconds }), ['safeSpots', 'spotSeconds']),
            thing: 'hoop' as const,
          },
        ]
      : []),
    ...(setup.objective ? [rule('in-play', said('objective', { hunters }))] : []),
    ...(values.waitingTask && isHeld ? [rule('in-play', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    rule('hands', said(`how-${setup.how}`, { hunters })),
    faultRule('caught', { does: said('is-caught'), next: said(`caught-${setup.caught}`, { seconds, hunters }), back }, ['taskSeconds']),
    roleRule('hunter', said('hunters', { count: hunterCount(context), hunters, rounds: values.bouts }), [
      'hunters',
      'wishPercent',
      'bouts',
    ]),
    scoringRule(setup.crossing ? 'joint' : 'own', said(setup.crossing ? 'score-crossings' : 'score-own')),
    endRule('clock', said('end-clock')),
    ...(values.dim ? [rule('safety', said('dim'), ['dim'])] : []),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
