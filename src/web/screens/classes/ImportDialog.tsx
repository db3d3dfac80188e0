import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { RosterPreview } from '../../../core/exchange/roster.ts';
import { inputWords } from '../../../core/words/en.ts';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { Floating } from '../../parts/Sheet.tsx';

type Preview = RosterPreview & { added: number };

/** A class list pasted from a spreadsheet or read from a CSV file: looked at first, then taken over whole or not at all. */
export function ImportDialog({
  open,
  classId,
  onClose,
  onDone,
}: {
  open: boolean;
  classId: string;
  onClose: () => void;
  onDone: () => Promise<void>;
}) {
  const [text, setText] = useState('');
  const [shown, setShown] = useState<Preview | null>(null);
  const look = useMutation({
    mutationFn: (t: string) => call<Preview>('POST', `/classes/${classId}/import`, { text: t }),
    onSuccess: setShown,
  });
  const take = useMutation({
    mutationFn: () => call<Preview>('POST', `/classes/${classId}/import`, { text, commit: true }),
    onSuccess: async () => {
      await onDone();
      setText('');
      setShown(null);
      onClose();
    },
    onError: (error) => error instanceof ApiProblem && error.more.preview && setShown(error.more.preview as Preview),
  });
  const change = (t: string) => {
    setText(t);
    setShown(null);
  };
  const wrong = new Map((shown?.errors ?? []).map((e) => [`${e.row}|${e.column}`, e]));
  const rowWrong = (row: number) => [...wrong.values()].filter((e) => e.row === row);
  const name = (column: string) =>
    column === 'given'
      ? 'Given name'
      : column === 'family'
        ? 'Family name'
        : column === 'rating'
          ? 'Rating'
          : column === 'name'
            ? 'Name'
            : 'The list';
  return (
    <Floating open={open} onClose={onClose} title="Paste or import a class list" wide>
      <p className="text-muted">
        One student a row: given name, family name, and a rating from 1 to 5 where you have one. A heading row is fine. Comma, semicolon or
        tab.
      </p>
      <label htmlFor="roster-text" className="sr-only">
        Class list
      </label>
      <textarea
        id="roster-text"
        className="field mt-2 font-mono text-xs"
        rows={shown ? 5 : 11}
        value={text}
        onChange={(e) => change(e.target.value)}
        placeholder={'Given name\tFamily name\nWren\tAshgrove'}
      />
      <div className="mt-2 flex items-center gap-3">
        <label className="btn cursor-pointer">
          Read a CSV file
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv"
            className="sr-only"
            onChange={async (e) => {
              const file = e.target.files?.[0];
              if (file) change(await file.text());
              e.target.value = '';
            }}
          />
        </label>
        <button
          type="button"
          className={`btn ${shown ? '' : 'btn-tape'}`}
          disabled={!text.trim() || look.isPending}
          onClick={() => look.mutate(text)}
        >
          Look at it
        </button>
        {shown && (
          <button type="button" className="btn btn-tape" disabled={shown.errors.length > 0 || take.isPending} onClick={() => take.mutate()}>
            Take over {shown.rows.length} students
          </button>
        )}
        <button type="button" className="btn" onClick={onClose}>
          Leave it
        </button>
      </div>
      {(look.error || (take.error && !shown)) && (
        <p role="alert" className="mt-2 text-stop">
          {problemWords(look.error ?? take.error)}
        </p>
      )}
      {shown && (
        <div className="mt-3">
          {shown.errors.length > 0 ? (
            <div role="alert">
              <p className="font-bold text-stop">
                {shown.errors.length === 1 ? 'One thing' : `${shown.errors.length} things`} to mend; nothing is stored yet. Change the text
                above and look again.
              </p>
              <ul className="max-h-36 overflow-auto" tabIndex={0} aria-label="Errors">
                {shown.errors.map((e, i) => (
                  <li key={`${e.row}-${e.column}-${i}`}>
                    Row {e.row}: {name(e.column)} {e.value ? `“${e.value}” ` : ''}
                    {inputWords(e.code)}
                  </li>
                ))}
              </ul>
            </div>
          ) : (
            <p className="text-good">{shown.rows.length} students, nothing to mend.</p>
          )}
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
                    family name
                  </th>
                  <th scope="col" className="font-normal">
                    rating
                  </th>
                </tr>
              </thead>
              <tbody>
                {shown.rows.map((r) => (
                  <tr key={r.row} className={`border-t ${rowWrong(r.row).length ? 'bg-[#fdf3f2]' : ''}`}>
                    <td className="px-2 text-muted">{r.row}</td>
                    <td>{r.givenName}</td>
                    <td>{r.familyName}</td>
                    <td>{r.rating ?? ''}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </div>
      )}
    </Floating>
  );
}
