import { counted, uncapital } from '../formats/speak.ts';
import type { Edit } from '../model/edit.ts';
import type { LaidKind, LaidPiece } from '../model/laidPiece.ts';
import type { Lesson } from '../model/lesson.ts';
import { FORMAT_WORDS } from './en.ts';
import { LAID_WORDS } from './floor.en.ts';

const settingLabel = (key: string) =>
  uncapital(Object.values(FORMAT_WORDS).find((w) => key in w.settings)?.settings[key].label ?? 'a setting');

/** Pieces by kind and count: "3 cones". */
function piecesWords(pieces: readonly { laid: LaidKind; title: string }[]): string {
  if (pieces.length === 1) return pieces[0].title || LAID_WORDS[pieces[0].laid];
  const kinds = new Set(pieces.map((p) => p.laid));
  return kinds.size === 1 ? counted(pieces.length, LAID_WORDS[pieces[0].laid]) : `${pieces.length} pieces`;
}

/** Fields of a piece that are changed together, and the verb for it. */
const PIECE_VERBS: [readonly (keyof LaidPiece)[], string][] = [
  [['x', 'y'], 'move'],
  [['turnedDeg'], 'turn'],
  [['widthM', 'lengthM'], 'resize'],
  [['locked'], 'lock or unlock'],
];

/** What was done to pieces that were there: one verb where one says it, else "change". */
function pieceVerb(put: readonly LaidPiece[], old: readonly LaidPiece[]): string {
  const fields = (p: LaidPiece) => p as unknown as Record<string, unknown>;
  const changed = put.flatMap((p) => {
    const was = old.find((o) => o.id === p.id);
    const keys = [...new Set([...Object.keys(p), ...(was ? Object.keys(was) : [])])];
    return was ? keys.filter((key) => JSON.stringify(fields(p)[key]) !== JSON.stringify(fields(was)[key])) : [];
  });
  return PIECE_VERBS.find(([keys]) => changed.every((key) => (keys as readonly string[]).includes(key)))?.[1] ?? 'change';
}

function layName(edit: Extract<Edit, { kind: 'lay' }>, lesson: Lesson): string {
  const old = lesson.blocks.find((b) => b.id === edit.blockId)?.laid ?? [];
  const gone = old.filter((p) => edit.take.includes(p.id));
  const fresh = edit.put.filter((p) => !old.some((o) => o.id === p.id));
  if (fresh.length) return `add ${piecesWords(fresh)}`;
  return gone.length ? `remove ${piecesWords(gone)}` : `${pieceVerb(edit.put, old)} ${piecesWords(edit.put)}`;
}

const PATCH_NAMES = {
  title: (title: string) => `rename ${title}`,
  note: (title: string) => `change the note of ${title}`,
  weight: (title: string) => `change the share of ${title}`,
  marks: (title: string) => `change what marks ${title}`,
  vigour: (title: string) => `change how hard ${title} is`,
};

function blockName(patch: Extract<Edit, { kind: 'set-block' }>['patch'], title: string): string {
  const keys = Object.keys(patch) as (keyof typeof PATCH_NAMES)[];
  return keys.length === 1 && keys[0] in PATCH_NAMES ? PATCH_NAMES[keys[0]](title) : `change ${title}`;
}

/** A gesture by its first name, and how many others it holds. */
function manyName(names: readonly string[]): string {
  const different = [...new Set(names)];
  return different.length > 1 ? `${different[0]} and ${different.length - 1} more` : different[0];
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
      return blockName(edit.patch, title(edit.blockId));
    case 'set-seconds':
      return edit.seconds === null ? `unpin ${title(edit.blockId)}` : `cut ${title(edit.blockId)}`;
    case 'set-setting':
      return edit.value === null ? `reset ${settingLabel(edit.key)}` : `change ${settingLabel(edit.key)}`;
    case 'place':
      return edit.at ? `move ${pieceTitle(edit.pieceId)}` : `unpin ${pieceTitle(edit.pieceId)}`;
    case 'lay':
      return layName(edit, lesson);
    case 'set-groups':
      return 'change the groups';
    case 'set-rules':
      return 'change the rules';
    case 'set-goes-on':
      return edit.goesOn ? `go on in ${title(edit.blockId)}` : `begin ${title(edit.blockId)} anew`;
    case 'set-locks':
      return 'lock or unlock';
    case 'accept':
      return 'keep a check as is';
    case 'unaccept':
      return 'open a check again';
    case 'many':
      return manyName(edit.edits.map((each) => editName(each, lesson, pieceTitle)));
  }
}
