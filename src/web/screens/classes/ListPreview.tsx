import { ROSTER_COLUMNS, type RosterColumn, type RosterPreview, type SkippedRow } from '../../../core/exchange/roster.ts';

const COLUMN_WORDS: Record<RosterColumn, string> = {
  given: 'first name',
  family: 'last name',
  name: 'whole name',
  rating: 'rating',
  note: 'note (private)',
  other: 'leave out',
};

/** What each column of the list is, as it was guessed; the teacher may say otherwise. */
export function ColumnChoices({
  columns,
  sample,
  onChoose,
}: {
  columns: RosterColumn[];
  sample: string[][];
  onChoose(columns: RosterColumn[]): void;
}) {
  return (
    <fieldset className="mt-2 flex flex-wrap items-end gap-2">
      <legend className="text-xs text-muted">What each column is</legend>
      {(sample[0] ?? []).map((_, c) => (
        <label key={`column-${c + 1}`} className="min-w-28 text-xs text-muted">
          {sample
            .slice(0, 2)
            .map((cells) => cells[c])
            .join(', ') || `column ${c + 1}`}
          <select
            className="field text-sm text-ink"
            aria-label={`Column ${c + 1} is`}
            value={columns[c] ?? 'other'}
            onChange={(e) => {
              onChoose(columns.map((old, k) => (k === c ? (e.target.value as RosterColumn) : old)));
            }}
          >
            {ROSTER_COLUMNS.map((column) => (
              <option key={column} value={column}>
                {COLUMN_WORDS[column]}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  );
}

const WHY: Record<SkippedRow['why'], string> = { title: 'a title', heading: 'the heading again', total: 'a total', empty: 'empty' };

/** Rows that were left out since they are no students, and the way to take one in all the same. */
export function SkippedRows({ skipped, onKeep }: { skipped: readonly SkippedRow[]; onKeep(row: number): void }) {
  const said = skipped.filter((s) => s.why !== 'empty');
  const empty = skipped.length - said.length;
  if (!skipped.length) return null;
  return (
    <section aria-label="Left out" className="mt-2 text-muted">
      <p>Left out: {[...said.map((s) => `row ${s.row}, ${WHY[s.why]}`), ...(empty ? [`${empty} empty`] : [])].join('; ')}.</p>
      <ul>
        {said.map((s) => (
          <li key={s.row} className="flex items-baseline gap-3">
            <span className="min-w-0 truncate">“{s.text}”</span>
            {s.why !== 'heading' && (
              <button type="button" className="shrink-0 text-tape underline" onClick={() => onKeep(s.row)}>
                Row {s.row} is a student
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The list row by row; rows with something to fix are marked. */
export function RowTable({ preview }: { preview: RosterPreview }) {
  const hasNotes = preview.rows.some((r) => r.note);
  const wrong = new Set(preview.errors.map((e) => e.row));
  return (
    <div className="mt-2 max-h-64 overflow-auto border" tabIndex={0} role="region" aria-label="Preview">
      <table className="w-full">
        <thead className="sticky top-0 bg-bench text-left text-xs text-muted">
          <tr>
            <th scope="col" className="px-2 py-1 font-normal">
              row
            </th>
            <th scope="col" className="font-normal">
              first name
            </th>
            <th scope="col" className="font-normal">
              last name
            </th>
            <th scope="col" className="font-normal">
              rating
            </th>
            {hasNotes && (
              <th scope="col" className="font-normal">
                note (private)
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {preview.rows.map((r) => (
            <tr key={r.row} className={`border-t ${wrong.has(r.row) ? 'bg-[#fdf3f2]' : ''}`}>
              <td className="px-2 text-muted">{r.row}</td>
              <td>{r.givenName}</td>
              <td>{r.familyName}</td>
              <td>{r.rating ?? ''}</td>
              {hasNotes && <td className="max-w-60 break-words">{r.note}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const NAMES: Record<string, string> = {
  given: 'First name',
  family: 'Last name',
  rating: 'Rating',
  name: 'Name',
  note: 'Note',
  mark: 'Word for namesakes',
};
/** What a column of the list is called where something in it is wrong. */
export const columnName = (column: string): string => NAMES[column] ?? 'The list';

/** What the teacher says of the list: it is looked at again with that. */
export function LookTick({ isOn, onPick, children }: { isOn: boolean; onPick(on: boolean): void; children: React.ReactNode }) {
  return (
    <label className="mt-1 flex items-center gap-2">
      <input type="checkbox" className="h-4 w-4 accent-tape" checked={isOn} onChange={(e) => onPick(e.target.checked)} />
      {children}
    </label>
  );
}
