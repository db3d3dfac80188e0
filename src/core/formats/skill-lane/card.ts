import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { LaneContext } from './group.ts';
import type { SkillLaneValues } from './setup.ts';

/** The step that is begun at, with the ones beside it. */
function stepsAt({ setup, values }: LaneContext) {
  const at = Math.min(values.step, setup.ladder.length) - 1;
  return { now: setup.ladder[at], easier: setup.ladder.slice(Math.max(0, at - 1), at), harder: setup.ladder.slice(at + 1, at + 2) };
}

/** The card at every lane: the step and those around it, what to watch, seated and standing. */
export function laneCard(context: LaneContext, draft: BlockDraft<SkillLaneValues>): Card[] {
  const { setup } = context;
  const { now, easier, harder } = stepsAt(context);
  const own = [
    ...lines('task', [now.task]),
    ...lines('cue', setup.cues),
    ...(setup.forms.length ? [said('forms', { list: setup.forms })] : []),
    ...lines('seated', [setup.seated]),
    ...lines(
      'easier',
      easier.map((s) => s.task),
    ),
    ...lines(
      'harder',
      harder.map((s) => s.task),
    ),
    ...stopLine(context),
  ];
  return draft.groups.map((_, i) => ({ pieceId: `lane-${i + 1}`, title: `${setup.lane} ${i + 1}`, lines: own }));
}

/** What is tried, what is said before an object is sent, what the partner does, what counts. */
export function laneRuleCard(context: LaneContext): Rule[] {
  const { setup, values } = context;
  return [
    rule('aim', said('task', { text: stepsAt(context).now.task }), ['step']),
    rule('start', said('countdown', { text: setup.countdown })),
    rule('in-play', said('seated', { text: setup.seated })),
    ...(values.waitingTask ? [rule('in-play', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    ...(values.perLane > 1 ? [roleRule('partner', said('partner', { text: setup.partner }), ['perLane'])] : []),
    scoringRule('own', said(setup.counts ? 'score-counts' : 'score-made')),
    endRule('rounds', said('end-turns', { count: values.turnsEach }), ['turnsEach']),
    ...signalRules(stopOf(context), { moves: values.perLane > 1, reset: values.resetSeconds > 0 }),
  ];
}
