import type { Card, CardLine, Draft } from '../format.ts';
import type { CourtContext } from './group.ts';
import type { AdvanceCourtValues } from './setup.ts';

/** The card at every court: how it starts, what counts as an error, what the line does, easier and harder, what stops everyone. */
export function courtCard(context: CourtContext, draft: Draft<AdvanceCourtValues>): Card[] {
  const { setup, values, stopSignal } = context;
  const line = (code: string, data: Record<string, unknown> = {}): CardLine => ({ code, data });
  const stop = values.stopSignal || stopSignal;
  const lines = [
    line('task', { text: setup.task }),
    line('object', { gearKind: values.object }),
    line('start', { text: setup.start, positions: values.positions }),
    ...setup.cues.map((text) => line('cue', { text })),
    line(`contact-${values.contact}`),
    line('bounces', { count: values.bounces }),
    ...setup.errors.map((text) => line('error', { text })),
    line('after'),
    ...(values.chain === 'none' ? [] : [line(`chain-${values.chain}`)]),
    ...(values.lineTask ? [line('line', { text: values.lineTask })] : []),
    line('easier', { text: setup.easier }),
    line('harder', { text: setup.harder }),
    ...(stop ? [line('stop', { text: stop })] : []),
  ];
  return draft.groups.map((_, i) => ({ pieceId: `court-${i + 1}`, title: `${setup.court} ${i + 1}`, lines }));
}
