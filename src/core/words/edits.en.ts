import { counted } from '../formats/speak.ts';
import type { Edit } from '../model/edit.ts';
import type { LaidKind } from '../model/laidPiece.ts';
import type { Lesson } from '../model/lesson.ts';
import { FORMAT_WORDS } from './en.ts';
import { LAID_WORDS } from './floor.en.ts';

const settingLabel = (key: string) =>
  Object.values(FORMAT_WORDS)
    .find((w) => key in w.settings)
    ?.settings[key].label.toLowerCase() ?? key;

/** Pieces by kind and count: "3 cones". */
function piecesWords(pieces: readonly { laid: LaidKind; title: string }[]): string {
  if (pieces.length === 1) return pieces[0].title || LAID_WORDS[pieces[0].laid];
  const kinds = new Set(pieces.map((p) => p.laid));
  return kinds.size === 1 ? counted(pieces.length, LAID_WORDS[pieces[0].laid]) : `${pieces.length} pieces`;
}

function layName(edit: Extract<Edit, { kind: 'lay' }>, lesson: Lesson): string {
  const old = lesson.blocks.find((b) => b.id === edit.blockId)?.laid ?? [];
  const gone = old.filter((p) => edit.take.includes(p.id));
  const fresh = edit.put.filter((p) => !old.some((o) => o.id === p.id));
  if (fresh.length) return `add ${piecesWords(fresh)}`;
  return gone.length ? `remove ${piecesWords(gone)}` : `move ${piecesWords(edit.put)}`;
}

/** What an edit is called in "Undo: …". `pieceTitle` names a piece that was placed. */
export function editName(edit: Edit, lesson: Lesson, pieceTitle: (id: string) => string = (id) => id): string {
  const title = (blockId: string) => lesson.blocks.find((b) => b.id === blockId)?.title ?? 'block';
  switch (edit.kind) {
    case 'rename':
      return 'rename the lesson';
    case 'insert-block':
      return `add ${edit.block.title}`;
    case 'remove-block':
      return `remove ${title(edit.blockId)}`;
    case 'move-block':
      return `move ${title(edit.blockId)}`;
    case 'set-block':
      return `change ${title(edit.blockId)}`;
    case 'set-seconds':
      return edit.seconds === null ? `unpin ${title(edit.blockId)}` : `cut ${title(edit.blockId)}`;
    case 'set-setting':
      return settingLabel(edit.key);
    case 'place':
      return edit.at ? `move ${pieceTitle(edit.pieceId)}` : `unpin ${pieceTitle(edit.pieceId)}`;
    case 'lay':
      return layName(edit, lesson);
    case 'set-groups':
      return 'change the groups';
    case 'set-rules':
      return 'change the rules';
    case 'set-locks':
      return 'lock or unlock';
    case 'accept':
      return 'keep a check as is';
    case 'unaccept':
      return 'open a check again';
    case 'many':
      return editName(edit.edits[0], lesson, pieceTitle);
  }
}
