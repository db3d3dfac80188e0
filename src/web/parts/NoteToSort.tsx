import type { SupportKind } from '../../core/model/support.ts';
import { supportsHinted } from '../../core/words/noteHints.en.ts';
import { SUPPORT_WORDS } from '../../core/words/supports.en.ts';

interface Props {
  note: string;
  /** The supports that are entered. */
  has: ReadonlySet<SupportKind>;
  add(kind: SupportKind): void;
  onSorted(): void;
}

/** A note that came with the roster, the supports that its words point to, and the press that removes it. */
export function NoteToSort({ note, has, add, onSorted }: Props) {
  const hinted = supportsHinted(note).filter((kind) => !has.has(kind));
  return (
    <section aria-label="Note to sort" className="border-l-[3px] border-caution pl-2">
      <p className="text-xs text-muted">From the roster. Add what it means in class, then remove the words.</p>
      <p className="break-words">“{note}”</p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {hinted.map((kind) => (
          <button key={kind} type="button" className="border border-tape px-2 py-0.5 text-tape hover:bg-tint" onClick={() => add(kind)}>
            Add “{SUPPORT_WORDS[kind]}”
          </button>
        ))}
        <button type="button" className="border px-2 py-0.5 hover:bg-tint" onClick={onSorted}>
          Remove the note
        </button>
      </div>
    </section>
  );
}
