import { z } from 'zod';
import { BlockId, StudentId } from './ids.ts';
import { LaidPiece } from './laidPiece.ts';
import { Block, GoesOn, type Lesson, Locks, MARKS, Placed } from './lesson.ts';
import { VIGOURS } from './limits.ts';
import { OwnRule } from './rule.ts';
import { line, mapKey, note, valueAt, whole } from './text.ts';

const blockPatch = z
  .object({
    title: line(60),
    note: note(500),
    least: whole(0, 7200),
    most: whole(0, 7200),
    weight: z.number().min(0).max(100),
    vigour: z.enum(VIGOURS, { message: 'choice' }),
    marks: z.enum(MARKS, { message: 'choice' }),
  })
  .partial();

const Single = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('rename'), title: line(60) }),
  z.object({ kind: z.literal('insert-block'), index: whole(0, 24), block: Block }),
  z.object({ kind: z.literal('remove-block'), blockId: BlockId }),
  z.object({ kind: z.literal('move-block'), blockId: BlockId, index: whole(0, 24) }),
  z.object({ kind: z.literal('set-block'), blockId: BlockId, patch: blockPatch }),
  /** Pins a block's length; null lets fit decide again. */
  z.object({ kind: z.literal('set-seconds'), blockId: BlockId, seconds: whole(0, 7200).nullable() }),
  /** null gives the setting back to the game, the band or fit. */
  z.object({ kind: z.literal('set-setting'), blockId: BlockId, key: mapKey(40), value: z.unknown() }),
  z.object({ kind: z.literal('place'), blockId: BlockId, pieceId: mapKey(64), at: Placed.nullable() }),
  /** Pieces laid out anew or as they lie now, and pieces taken up. */
  z.object({
    kind: z.literal('lay'),
    blockId: BlockId,
    put: z.array(LaidPiece).max(120, { message: 'too-many' }),
    take: z.array(mapKey(64)).max(120),
  }),
  z.object({ kind: z.literal('set-groups'), blockId: BlockId, groups: z.array(z.array(StudentId).max(60)).max(40).nullable() }),
  /** null lets everybody move again. */
  z.object({ kind: z.literal('set-locks'), blockId: BlockId, locks: Locks.nullable() }),
  /** What is taken from the game before; null: nothing but the fewest changes of pennants. */
  z.object({ kind: z.literal('set-goes-on'), blockId: BlockId, goesOn: GoesOn.nullable() }),
  /** The lesson's own rules of a game; null leaves the card to game and format. */
  z.object({ kind: z.literal('set-rules'), blockId: BlockId, rules: z.array(OwnRule).max(24, { message: 'too-many' }).nullable() }),
  z.object({ kind: z.literal('accept'), key: mapKey(300), reason: line(200) }),
  z.object({ kind: z.literal('unaccept'), key: mapKey(300) }),
]);

export type Edit = z.infer<typeof Single> | { kind: 'many'; edits: Edit[] };

/** The most single edits of one gesture, and how deep gestures may hold gestures: an undo of many is as deep as what it undoes. */
const MOST_EDITS = 500;
const MOST_DEPTH = 4;

const AnyEdit: z.ZodType<Edit> = z.lazy(() =>
  z.union([Single, z.object({ kind: z.literal('many'), edits: z.array(AnyEdit).min(1).max(100) })]),
);

/** How many single edits an edit holds; Infinity if it holds gestures deeper than allowed. */
function sizeOf(edit: Edit, depth = 0): number {
  if (edit.kind !== 'many') return 1;
  return depth >= MOST_DEPTH ? Number.POSITIVE_INFINITY : edit.edits.reduce((sum, each) => sum + sizeOf(each, depth + 1), 0);
}

/** A small invertible change of a lesson; `many` is one gesture of several, at most 500 in all. */
export const Edit: z.ZodType<Edit> = AnyEdit.refine((edit) => sizeOf(edit) <= MOST_EDITS, { message: 'too-many' });

/** Several edits as one gesture; one alone as it is. */
export const gesture = (edits: readonly Edit[]): Edit => (edits.length === 1 ? edits[0] : { kind: 'many', edits: [...edits] });

export type Applied =
  | { ok: true; lesson: Lesson; inverse: Edit }
  | { ok: false; code: 'unknown-block' | 'not-a-game' | 'unknown-key' | 'bad-field'; path: string };

const refuse = (code: Extract<Applied, { ok: false }>['code'], path: string): Applied => ({ ok: false, code, path });

/** What a field that was never told stands for, for the edit that undoes. */
const PATCH_DEFAULTS: Partial<Record<keyof z.infer<typeof blockPatch>, string>> = { vigour: 'moderate', marks: 'tape' };

function withBlock(lesson: Lesson, blockId: string, change: (block: Block) => Block): Lesson {
  return { ...lesson, blocks: lesson.blocks.map((b) => (b.id === blockId ? change(b) : b)) };
}

function onGame(
  lesson: Lesson,
  edit: Extract<Edit, { kind: 'set-setting' | 'place' | 'set-groups' | 'set-locks' | 'set-rules' | 'set-goes-on' }>,
  block: Block,
): Applied {
  const game = block.game;
  if (!game) return refuse('not-a-game', 'blockId');
  const put = (next: typeof game, inverse: Edit): Applied => ({
    ok: true,
    lesson: withBlock(lesson, block.id, (b) => ({ ...b, game: next })),
    inverse,
  });
  if (edit.kind === 'set-setting') {
    const old = valueAt(game.settings, edit.key);
    const { [edit.key]: _, ...rest } = game.settings;
    const settings = edit.value === null || edit.value === undefined ? rest : { ...rest, [edit.key]: edit.value };
    return put({ ...game, settings }, { ...edit, value: old ?? null });
  }
  if (edit.kind === 'place') {
    const old = valueAt(game.placed, edit.pieceId);
    const { [edit.pieceId]: _, ...rest } = game.placed;
    return put({ ...game, placed: edit.at ? { ...rest, [edit.pieceId]: edit.at } : rest }, { ...edit, at: old ?? null });
  }
  if (edit.kind === 'set-locks') {
    const { locks: old, ...rest } = game;
    return put(edit.locks ? { ...rest, locks: edit.locks } : rest, { ...edit, locks: old ?? null });
  }
  if (edit.kind === 'set-goes-on') {
    const { goesOn: old, ...rest } = game;
    return put(edit.goesOn ? { ...rest, goesOn: edit.goesOn } : rest, { ...edit, goesOn: old ?? null });
  }
  if (edit.kind === 'set-rules') {
    const { rules: old, ...rest } = game;
    return put(edit.rules ? { ...rest, rules: edit.rules } : rest, { ...edit, rules: old ?? null });
  }
  const { groups: old, ...rest } = game;
  const next = edit.groups ? { ...rest, groups: { value: edit.groups, by: 'teacher' as const, pinned: true } } : rest;
  return put(next, { ...edit, groups: old?.value ?? null });
}

/** The most pieces that a block holds. */
const MOST_LAID = 120;

/** Pieces laid and taken up; the list stays in the order of ids, so that undoing gives the very same one. */
function onLaid(lesson: Lesson, edit: Extract<Edit, { kind: 'lay' }>, block: Block): Applied {
  const old = block.laid ?? [];
  const puts = new Set(edit.put.map((p) => p.id));
  const gone = new Set(edit.take);
  if (edit.take.some((id) => puts.has(id) || !old.some((p) => p.id === id))) return refuse('unknown-key', 'take');
  if (puts.size < edit.put.length) return refuse('bad-field', 'put');
  const next = [...old.filter((p) => !puts.has(p.id) && !gone.has(p.id)), ...edit.put].sort((a, b) => (a.id < b.id ? -1 : 1));
  if (next.length > MOST_LAID) return refuse('bad-field', 'put');
  const before = old.filter((p) => puts.has(p.id) || gone.has(p.id));
  const inverse: Edit = { ...edit, put: before, take: [...puts].filter((id) => !before.some((p) => p.id === id)) };
  const { laid: _, ...rest } = block;
  return { ok: true, lesson: withBlock(lesson, block.id, () => (next.length ? { ...rest, laid: next } : rest)), inverse };
}

function applySingle(lesson: Lesson, edit: Exclude<Edit, { kind: 'many' }>): Applied {
  if (edit.kind === 'rename')
    return { ok: true, lesson: { ...lesson, title: edit.title }, inverse: { kind: 'rename', title: lesson.title } };
  if (edit.kind === 'accept') {
    const old = lesson.accepted.find((a) => a.key === edit.key);
    const accepted = [...lesson.accepted.filter((a) => a.key !== edit.key), { key: edit.key, reason: edit.reason }];
    const inverse: Edit = old ? { ...edit, reason: old.reason } : { kind: 'unaccept', key: edit.key };
    return { ok: true, lesson: { ...lesson, accepted }, inverse };
  }
  if (edit.kind === 'unaccept') {
    const old = lesson.accepted.find((a) => a.key === edit.key);
    if (!old) return refuse('unknown-key', 'key');
    return {
      ok: true,
      lesson: { ...lesson, accepted: lesson.accepted.filter((a) => a !== old) },
      inverse: { kind: 'accept', key: old.key, reason: old.reason },
    };
  }
  if (edit.kind === 'insert-block') {
    if (edit.index > lesson.blocks.length || lesson.blocks.some((b) => b.id === edit.block.id)) return refuse('bad-field', 'index');
    const blocks = [...lesson.blocks.slice(0, edit.index), edit.block, ...lesson.blocks.slice(edit.index)];
    return { ok: true, lesson: { ...lesson, blocks }, inverse: { kind: 'remove-block', blockId: edit.block.id } };
  }
  const at = lesson.blocks.findIndex((b) => b.id === edit.blockId);
  if (at < 0) return refuse('unknown-block', 'blockId');
  const block = lesson.blocks[at];
  if (edit.kind === 'remove-block') {
    return {
      ok: true,
      lesson: { ...lesson, blocks: lesson.blocks.filter((b) => b !== block) },
      inverse: { kind: 'insert-block', index: at, block },
    };
  }
  if (edit.kind === 'move-block') {
    const rest = lesson.blocks.filter((b) => b !== block);
    if (edit.index > rest.length) return refuse('bad-field', 'index');
    return {
      ok: true,
      lesson: { ...lesson, blocks: [...rest.slice(0, edit.index), block, ...rest.slice(edit.index)] },
      inverse: { ...edit, index: at },
    };
  }
  if (edit.kind === 'set-block') {
    const next = { ...block, ...edit.patch };
    if (next.most < next.least) return refuse('bad-field', 'most');
    const old = Object.fromEntries(
      Object.keys(edit.patch).map((key) => [
        key,
        block[key as keyof typeof edit.patch] ?? PATCH_DEFAULTS[key as keyof typeof edit.patch] ?? '',
      ]),
    );
    return { ok: true, lesson: withBlock(lesson, block.id, () => next), inverse: { kind: 'set-block', blockId: edit.blockId, patch: old } };
  }
  if (edit.kind === 'set-seconds') {
    const { seconds: old, ...rest } = block;
    const next = edit.seconds === null ? rest : { ...rest, seconds: { value: edit.seconds, by: 'teacher' as const, pinned: true } };
    return { ok: true, lesson: withBlock(lesson, block.id, () => next), inverse: { ...edit, seconds: old?.value ?? null } };
  }
  if (edit.kind === 'lay') return onLaid(lesson, edit, block);
  return onGame(lesson, edit, block);
}

/** The lesson with the edit applied and the edit that undoes it; misfit comes back as `ok: false` and changes nothing. */
export function applyEdit(lesson: Lesson, edit: Edit): Applied {
  if (edit.kind !== 'many') return applySingle(lesson, edit);
  let current = lesson;
  const inverses: Edit[] = [];
  for (const each of edit.edits) {
    const applied = applyEdit(current, each);
    if (!applied.ok) return applied;
    current = applied.lesson;
    inverses.unshift(applied.inverse);
  }
  return { ok: true, lesson: current, inverse: { kind: 'many', edits: inverses } };
}
