import { draftFit } from '../fit/draftFit.ts';
import type { FitDraft, FitInput } from '../fit/fitted.ts';
import { gameBlock } from '../formats/gameBlock.ts';
import { applyEdit, type Edit, gesture } from '../model/edit.ts';
import type { LessonNumbers } from '../model/finding.ts';
import type { Game } from '../model/game.ts';

type Taken = Pick<Game, 'id' | 'title' | 'format'>;

/** A game as a new block before the one with that index. */
export const putAt = (index: number, game: Taken, id: string, settings: Record<string, unknown> = {}): Edit => ({
  kind: 'insert-block',
  index,
  block: gameBlock(game, id, settings),
});

/** A lesson before and after a game came in: what it comes to, and how many checks stop it. */
export interface Against {
  numbers: LessonNumbers;
  stops: number;
  spareSeconds: number;
}
/** A game in the place of a block: the gesture, what of the block stays, and the lesson before and after. */
export interface Instead {
  edit: Edit;
  keeps: { groups: boolean; seconds: boolean };
  before: Against;
  after: Against;
}

const against = (draft: FitDraft): Against => ({
  numbers: draft.numbers,
  stops: draft.noticed.filter((n) => n.weight === 'stop').length,
  spareSeconds: draft.spareSeconds,
});

/**
 * A game instead of a block. The block's groups stay if the game makes as many, and its length if one was chosen and the game may last so long. Undefined if
 * the block is not there.
 */
export function putInstead(
  input: FitInput,
  blockId: string,
  game: Game,
  id: string,
  settings: Record<string, unknown> = {},
): Instead | undefined {
  const { lesson } = input;
  const index = lesson.blocks.findIndex((b) => b.id === blockId);
  const old = lesson.blocks[index];
  if (!old) return undefined;
  const before = draftFit(input);
  const remove: Edit = { kind: 'remove-block', blockId: old.id };
  const fresh = gameBlock(game, id, settings);
  const tried = (edits: readonly Edit[]) => {
    const edit = gesture([remove, ...edits]);
    const applied = applyEdit(lesson, edit);
    return applied.ok ? { edit, draft: draftFit({ ...input, lesson: applied.lesson }) } : undefined;
  };
  const plain = tried([{ kind: 'insert-block', index, block: fresh }]);
  if (!plain) return undefined;
  const groups = before.blocks[index].game?.groups ?? [];
  const made = plain.draft.blocks[index];
  const fitsGroups = groups.length > 1 && made.game?.groups.length === groups.length;
  // A length that nobody chose fits itself anew.
  const seconds = old.seconds?.value;
  const fitsSeconds = seconds !== undefined && seconds >= made.least && seconds <= made.most;
  const block = {
    ...fresh,
    ...(fitsSeconds ? { seconds: old.seconds } : {}),
    ...(fitsGroups ? { game: { ...fresh.game!, groups: { value: groups, by: 'fit' as const, pinned: true } } } : {}),
  };
  const kept = fitsGroups || fitsSeconds ? tried([{ kind: 'insert-block', index, block: block as never }]) : undefined;
  const stops = (draft: FitDraft) => against(draft).stops;
  const isKept = kept !== undefined && stops(kept.draft) <= stops(plain.draft);
  const { edit, draft } = isKept ? kept : plain;
  return { edit, keeps: { groups: isKept && fitsGroups, seconds: isKept && fitsSeconds }, before: against(before), after: against(draft) };
}
