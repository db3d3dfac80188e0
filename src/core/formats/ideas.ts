import type { Edit } from '../model/edit.ts';
import type { FixIdea } from '../model/finding.ts';
import type { BlockId } from '../model/ids.ts';

/** An edit that sets one setting of the block. */
export const setting = (context: { blockId: string }, key: string, value: unknown): Edit => ({
  kind: 'set-setting',
  blockId: context.blockId as BlockId,
  key,
  value,
});

/** A way out: what it is called, the numbers in its name, its edits. */
export const idea = <Code extends string>(code: Code, data: Record<string, unknown>, ...edits: Edit[]): FixIdea<Code> => ({
  code,
  data,
  edits,
});

/** Groups dealt anew: what the teacher chose is given back to fit. */
export const levelGroups = (context: { blockId: string }): FixIdea<'level-groups'> =>
  idea('level-groups', {}, { kind: 'set-groups', blockId: context.blockId as BlockId, groups: null });
