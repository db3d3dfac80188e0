import { SUPPORT_WORDS } from '../../../core/words/supports.en.ts';
import { SupportsEditor } from '../../parts/SupportsEditor.tsx';
import { CellPopup } from './CellPopup.tsx';

/** What a student needs, in a few words, and the editor behind it. Private. */
export function SupportsCell({ row, ...editor }: { row: number } & Parameters<typeof SupportsEditor>[0]) {
  const { supports, toSort } = editor.known;
  const said = [...(toSort ? ['note to sort'] : []), ...supports.map((s) => SUPPORT_WORDS[s.kind].toLowerCase())].join(', ');
  return (
    <CellPopup name="Supports" nothing="none" label={`${editor.name}, supports`} className="w-[26rem] p-3" {...{ row, said }}>
      <SupportsEditor {...editor} />
    </CellPopup>
  );
}
