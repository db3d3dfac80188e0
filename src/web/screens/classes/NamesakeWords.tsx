import type { Namesake, NamesakesOf } from '../../../core/exchange/rosterNamesakes.ts';
import { counted } from '../../../core/formats/speak.ts';

/** What a word was told for: a row of the list, or one who is in the class already. */
export const namesakeKey = (who: Namesake): string => who.id ?? `row ${who.row}`;

/** Students of one name are told apart on every screen: the teacher says by which word. */
export function NamesakeWords({
  namesakes,
  marks,
  onWord,
}: {
  namesakes: readonly NamesakesOf[];
  marks: Readonly<Record<string, string>>;
  onWord(key: string, word: string): void;
}) {
  return namesakes.map(({ name, who }) => (
    <fieldset key={name} className="mt-2 border-[1.5px] border-ink p-3">
      <legend className="px-1 font-bold">
        {counted(who.length, 'student')} called {name}
      </legend>
      <p className="text-muted">
        A word for each tells them apart on every screen and list: a homeroom, a birth month, nothing private. Without words they are
        numbered.
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        {who.map((w) => (
          <label key={namesakeKey(w)} className="flex flex-col text-xs text-muted">
            {w.id ? 'In the class already' : `Row ${w.row}`}
            <input
              className="field w-40 text-sm text-ink"
              aria-label={`Word for ${name}, ${w.id ? 'in the class already' : `row ${w.row}`}`}
              maxLength={16}
              value={marks[namesakeKey(w)] ?? w.mark ?? ''}
              onChange={(e) => onWord(namesakeKey(w), e.target.value)}
            />
          </label>
        ))}
      </div>
    </fieldset>
  ));
}
