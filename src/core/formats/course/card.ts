import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { Card } from '../format.ts';
import { endRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type CourseContext, inUse } from './elements.ts';

/** The card at the start: what is done where, what goes wrong there, who resets it, easier and harder, what stops everyone. */
export function courseCard(context: CourseContext): Card[] {
  const { setup } = context;
  const elements = inUse(context).flatMap((e, i) => [
    said('element', { number: i + 1, title: e.title, text: e.task }),
    said('watch', { title: e.title, text: e.watch }),
    ...(e.resetBy === 'nobody' ? [] : [said(`reset-${e.resetBy}`, { title: e.title })]),
  ]);
  const own = [...elements, ...lines('easier', [setup.easier]), ...lines('harder', [setup.harder]), ...stopLine(context)];
  return [{ pieceId: 'course', title: 'Course', lines: own }];
}

/** How the course is traveled, when one starts, how one passes, where to slow down. */
export function courseRuleCard(context: CourseContext): Rule[] {
  const { setup, values } = context;
  const elements = inUse(context);
  const titles = (list: typeof elements) => list.map((e) => e.title);
  const brakes = titles(elements.filter((e) => e.brake));
  const inOrder = titles(elements.filter((e) => e.noOvertaking));
  return [
    rule('aim', said('travel', { text: setup.travel })),
    rule('start', said('headway', { seconds: values.headwaySeconds, starts: values.groups }), ['headwaySeconds', 'groups']),
    rule('in-play', said('passing', { text: setup.passing })),
    ...(inOrder.length ? [rule('in-play', said('no-overtaking', { list: inOrder }), ['picks'])] : []),
    ...(values.waitingTask ? [rule('in-play', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    scoringRule('own', said('laps')),
    endRule('clock', said('end-clock')),
    ...(brakes.length ? [rule('safety', said('brakes', { list: brakes }), ['picks'])] : []),
    ...signalRules(stopOf(context), { reset: values.resetSeconds > 0 }),
  ];
}
