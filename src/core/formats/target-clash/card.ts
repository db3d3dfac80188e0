import type { Card, CardLine, Draft } from '../format.ts';
import { type ClashContext, postsOf } from './group.ts';
import type { TargetClashValues } from './setup.ts';

/** The card of every side: what is sent and hit, who feeds and guards, what the lines mean, what happens at a goal, what stops everyone. */
export function clashCard(context: ClashContext, draft: Draft<TargetClashValues>): Card[] {
  const { setup, values, stopSignal } = context;
  const { feeders, guards } = postsOf(context);
  const line = (code: string, data: Record<string, unknown> = {}): CardLine => ({ code, data });
  const stop = values.stopSignal || stopSignal;
  const lines = [
    line('task', { text: setup.task }),
    line('object', { gearKind: values.object, target: setup.target.gearKind }),
    line(`mode-${setup.mode}`, { count: values.targets }),
    ...(feeders ? [line('feeders', { count: feeders })] : []),
    ...(guards ? [line('guards', { count: guards })] : []),
    line('cross'),
    ...(values.to ? [line('to', { count: values.to })] : []),
    ...setup.cues.map((text) => line('cue', { text })),
    line('easier', { text: setup.easier }),
    line('harder', { text: setup.harder }),
    ...(stop ? [line('stop', { text: stop })] : []),
  ];
  return draft.groups.map((_, i) => ({ pieceId: `side-${i + 1}`, title: setup.sides[i], lines }));
}
