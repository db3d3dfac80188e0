import type { Edit } from '../model/edit.ts';
import type { FixIdea, Noticed } from '../model/finding.ts';
import type { BlockId } from '../model/ids.ts';
import type { PlanContext } from './format.ts';

type Any = PlanContext<unknown, { stopSignal: string }>;

/** An edit that sets one setting of the block. */
export const setting = (context: { blockId: string }, key: string, value: unknown): Edit => ({
  kind: 'set-setting',
  blockId: context.blockId as BlockId,
  key,
  value,
});

/** A way out: what it is called, the numbers in its name, its edits. */
export const idea = (code: string, data: Record<string, unknown>, ...edits: Edit[]): FixIdea => ({ code, data, edits });

/** Groups dealt anew: what the teacher chose is given back to fit. */
export const levelGroups = (context: { blockId: string }): FixIdea =>
  idea('level-groups', {}, { kind: 'set-groups', blockId: context.blockId as BlockId, groups: null });

/** The check that every card says what stops everyone. */
export function stopSignalCheck(context: Any): Noticed[] {
  if (context.values.stopSignal || context.stopSignal) return [];
  const signal = 'One long whistle and a raised arm: freeze, gear on the floor';
  return [
    {
      code: 'no-stop-signal',
      weight: 'stop',
      at: { block: context.blockId },
      data: {},
      ideas: [idea('set-stop-signal', { signal }, setting(context, 'stopSignal', signal))],
    },
  ];
}
