import type { Edit } from '../model/edit.ts';
import type { Lesson } from '../model/lesson.ts';
import { FORMAT_WORDS } from './en.ts';

const settingLabel = (key: string) =>
  Object.values(FORMAT_WORDS)
    .find((w) => key in w.settings)
    ?.settings[key].label.toLowerCase() ?? key;

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
      return edit.at ? `move ${pieceTitle(edit.pieceId)}` : `peel off ${pieceTitle(edit.pieceId)}`;
    case 'set-groups':
      return 'change the groups';
    case 'accept':
      return 'accept a check';
    case 'unaccept':
      return 'open a check again';
    case 'many':
      return editName(edit.edits[0], lesson, pieceTitle);
  }
}
