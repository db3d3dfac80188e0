import type { Card, CardLine } from '../format.ts';
import { type CourseContext, inUse } from './elements.ts';

/** The card at the start: what is done where, how one goes past another, easier and harder, what stops everyone. */
export function courseCard(context: CourseContext): Card[] {
  const { setup, values, stopSignal } = context;
  const line = (code: string, data: Record<string, unknown> = {}): CardLine => ({ code, data });
  const stop = values.stopSignal || stopSignal;
  const lines = [
    line('travel', { text: setup.travel }),
    ...inUse(context).map((e, i) => line('element', { number: i + 1, title: e.title, text: e.task })),
    ...inUse(context).flatMap((e) => (e.resetBy === 'nobody' ? [] : [line(`reset-${e.resetBy}`, { title: e.title })])),
    line('headway', { seconds: values.headwaySeconds }),
    line('passing', { text: setup.passing }),
    line('easier', { text: setup.easier }),
    line('harder', { text: setup.harder }),
    ...(stop ? [line('stop', { text: stop })] : []),
  ];
  return [{ pieceId: 'course', title: 'Course', lines }];
}
