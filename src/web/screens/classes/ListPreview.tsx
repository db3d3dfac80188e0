import { ROSTER_COLUMNS, type RosterColumn, type RosterPreview } from '../../../core/exchange/roster.ts';

const COLUMN_WORDS: Record<RosterColumn, string> = {
  given: 'first name',
  family: 'last name',
  name: 'whole name',
  rating: 'rating',
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

/** The list row by row; rows with something to mend are marked. */
export function RowTable({ preview }: { preview: RosterPreview }) {
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
              given name
            </th>
            <th scope="col" className="font-normal">
              last name
            </th>
            <th scope="col" className="font-normal">
              rating
            </th>
          </tr>
        </thead>
        <tbody>
          {preview.rows.map((r) => (
            <tr key={r.row} className={`border-t ${wrong.has(r.row) ? 'bg-[#fdf3f2]' : ''}`}>
              <td className="px-2 text-muted">{r.row}</td>
              <td>{r.givenName}</td>
              <td>{r.familyName}</td>
              <td>{r.rating ?? ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
