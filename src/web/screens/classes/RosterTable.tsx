import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import { namesakesIn, wholeName } from '../../../core/model/names.ts';
import type { Student } from '../../../core/model/student.ts';
import { type ClassData, call, problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { RemoveButton } from '../../parts/RemoveButton.tsx';
import type { SupportsChange, SupportsKnown } from '../../parts/SupportsEditor.tsx';
import { saveRecord } from '../../parts/saveRecord.ts';
import { GroupTraits, type Traits } from './GroupTraits.tsx';
import { SupportsCell } from './SupportsCell.tsx';

interface Row extends Student, Traits {
  rating: number;
  known: SupportsKnown;
}
const column = createColumnHelper<Row>();
/** What names leave of the table's width. */
const WIDTHS: Record<string, string> = { rating: 'w-[104px]', supports: 'w-[116px]', traits: 'w-[104px]' };
const RATINGS = ['1', '2', '3', '4', '5'].map((r) => [r, r === '1' ? '1 new' : r === '5' ? '5 leads' : r] as const);

/** The class list: every cell is edited in place, by keyboard too. Ratings, supports and what counts for groups are private: there once unfolded. */
export function RosterTable({ data, refresh, isUnfolded }: { data: ClassData; refresh: () => Promise<void>; isUnfolded: boolean }) {
  const [sorting, setSorting] = useState<SortingState>([{ id: 'givenName', desc: false }]);
  const [adding, setAdding] = useState({ givenName: '', familyName: '' });
  const [problem, setProblem] = useState('');
  const classId = data.schoolClass.id;
  const rows = useMemo<Row[]>(
    () =>
      data.students.map((s) => {
        const own = data.ratings.find((r) => r.studentId === s.id);
        const traits: Traits = { tags: own?.tags ?? [], helper: own?.helper ?? '' };
        return { ...s, ...traits, rating: own?.rating ?? 3, known: own ?? { supports: [] } };
      }),
    [data],
  );
  const namesakes = useMemo(() => new Set(namesakesIn(data.students).flatMap((same) => same.map((s) => s.id))), [data]);
  const save = async ({ rating: _, known: __, tags: ___, helper: ____, ...student }: Row, change: Partial<Row> | SupportsChange) => {
    await saveRecord<Student & Partial<Omit<Row, keyof Student>> & SupportsChange>(
      `/classes/${classId}/students/${student.id}`,
      student,
      change,
    );
    await refresh();
  };
  const table = useReactTable({
    data: rows,
    columns: [
      column.accessor('givenName', { header: 'First name' }),
      column.accessor('familyName', { header: 'Last name' }),
      column.accessor('rating', { header: 'Rating (private)' }),
      column.accessor((s) => s.known.supports.map((x) => x.kind).join(), { id: 'supports', header: 'Supports (private)' }),
      column.accessor((s) => [...s.tags, s.helper].join(), { id: 'traits', header: 'For groups (private)' }),
    ],
    state: { sorting, columnVisibility: { rating: isUnfolded, supports: isUnfolded, traits: isUnfolded } },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <div>
      <table className="w-full table-fixed border-collapse">
        <caption className="sr-only">Students of {data.schoolClass.name}</caption>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-b border-ink text-left">
              <th scope="col" className="w-9 py-1 text-xs font-normal text-muted">
                <span className="sr-only">Number</span>
              </th>
              {group.headers.map((header) => (
                <th
                  key={header.id}
                  scope="col"
                  className={`py-1 pr-2 align-bottom ${WIDTHS[header.column.id] ?? ''}`}
                  aria-sort={
                    header.column.getIsSorted() === 'asc' ? 'ascending' : header.column.getIsSorted() === 'desc' ? 'descending' : 'none'
                  }
                >
                  <button
                    type="button"
                    className="text-xs font-normal text-muted hover:text-ink hover:underline"
                    onClick={header.column.getToggleSortingHandler()}
                  >
                    {flexRender(header.column.columnDef.header, header.getContext())}{' '}
                    {header.column.getIsSorted() === 'asc' ? '↑' : header.column.getIsSorted() === 'desc' ? '↓' : ''}
                  </button>
                </th>
              ))}
              <th scope="col" className="w-10">
                <span className="sr-only">Remove</span>
              </th>
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map(({ original: s }, i) => (
            <tr key={s.id} className="group border-b">
              <td className="head text-muted">{i + 1}</td>
              <td className="py-0.5 pr-2">
                <CommitField
                  quiet
                  className="cell"
                  label={`First name, row ${i + 1}`}
                  value={s.givenName}
                  onCommit={(givenName) => save(s, { givenName })}
                />
              </td>
              <td className="py-0.5 pr-2">
                <CommitField
                  quiet
                  className="cell"
                  label={`Last name, row ${i + 1}`}
                  value={s.familyName}
                  onCommit={(familyName) => save(s, { familyName })}
                />
                {(s.mark || namesakes.has(s.id)) && (
                  <CommitField
                    quiet
                    className="cell text-xs text-muted"
                    label={`Word for ${wholeName(s, data.students)}, row ${i + 1}`}
                    placeholder="a word to tell them apart"
                    value={s.mark ?? ''}
                    onCommit={(mark) => save(s, { mark })}
                  />
                )}
              </td>
              {isUnfolded && (
                <>
                  <td className="border-l border-dashed border-paint bg-bench py-0.5 pr-2">
                    <ChoiceField
                      quiet
                      className="cell"
                      label={`Rating, row ${i + 1}`}
                      value={String(s.rating)}
                      options={RATINGS}
                      onPick={(r) => void save(s, { rating: Number(r) }).catch((e) => setProblem(problemWords(e)))}
                    />
                  </td>
                  <td className="bg-bench py-0.5 pr-2">
                    <SupportsCell name={wholeName(s, data.students)} row={i + 1} known={s.known} save={(change) => save(s, change)} />
                  </td>
                  <td className="bg-bench py-0.5 pr-2">
                    <GroupTraits
                      name={wholeName(s, data.students)}
                      row={i + 1}
                      {...{ tags: s.tags, helper: s.helper }}
                      save={(change) => save(s, change)}
                    />
                  </td>
                </>
              )}
              <td className="opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 pointer-coarse:opacity-100">
                <RemoveButton
                  what="student"
                  id={s.id}
                  name={wholeName(s, data.students)}
                  path={`/classes/${classId}/students/${s.id}`}
                  onRemoved={refresh}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Problem text={problem} />
      <form
        className="mt-3 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          call('POST', `/classes/${classId}/students`, adding).then(
            async () => {
              setAdding({ givenName: '', familyName: '' });
              setProblem('');
              await refresh();
            },
            (error) => setProblem(problemWords(error)),
          );
        }}
      >
        <label className="flex-1 text-xs text-muted">
          First name
          <input
            className="field text-sm text-ink"
            value={adding.givenName}
            onChange={(e) => setAdding({ ...adding, givenName: e.target.value })}
          />
        </label>
        <label className="flex-1 text-xs text-muted">
          Last name
          <input
            className="field text-sm text-ink"
            value={adding.familyName}
            onChange={(e) => setAdding({ ...adding, familyName: e.target.value })}
          />
        </label>
        <button type="submit" className="btn">
          Add a student
        </button>
      </form>
    </div>
  );
}
