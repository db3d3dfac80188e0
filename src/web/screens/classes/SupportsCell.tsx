import { SUPPORT_WORDS } from '../../../core/words/supports.en.ts';
import { Popup } from '../../parts/Popup.tsx';
import { SupportsEditor } from '../../parts/SupportsEditor.tsx';

/** What a student needs, in a few words, and the editor behind it. Private. */
export function SupportsCell({ row, ...editor }: { row: number } & Parameters<typeof SupportsEditor>[0]) {
  const said = editor.known.supports.map((s) => SUPPORT_WORDS[s.kind].toLowerCase()).join(', ');
  return (
    <Popup
      trigger={
        <button
          type="button"
          className="cell block w-full truncate text-left hover:bg-tint"
          title={said || undefined}
          aria-label={`Supports, row ${row}: ${said || 'none'}`}
        >
          {said || <span className="text-muted">none</span>}
        </button>
      }
      label={`${editor.name}, supports`}
      className="w-[26rem] p-3"
    >
      <SupportsEditor {...editor} />
    </Popup>
  );
}
