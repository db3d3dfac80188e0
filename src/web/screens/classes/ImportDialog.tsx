import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { RosterColumn, RosterPreview } from '../../../core/exchange/roster.ts';
import type { RosterDiff } from '../../../core/exchange/rosterDiff.ts';
import type { NamesakesOf } from '../../../core/exchange/rosterNamesakes.ts';
import { counted } from '../../../core/formats/speak.ts';
import { inputWords } from '../../../core/words/en.ts';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { CSV_FILES, FileButton } from '../../parts/FileButton.tsx';
import { readTextFile } from '../../parts/readTextFile.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { useLook } from '../../parts/useLook.ts';
import { ColumnChoices, columnName, LookTick, RowTable, SkippedRows } from './ListPreview.tsx';
import { NamesakeWords, namesakeKey } from './NamesakeWords.tsx';
import { RosterDiffView } from './RosterDiffView.tsx';

type Preview = RosterPreview & { added: number; diff: RosterDiff; namesakes: NamesakesOf[] };

/** A class list pasted from a spreadsheet or read from a CSV file: looked at first, then taken over whole or not at all. */
export function ImportDialog({
  open,
  classId,
  there,
  onClose,
  onDone,
}: {
  open: boolean;
  classId: string;
  /** How many students the class has already. */
  there: number;
  onClose: () => void;
  onDone: () => Promise<void>;
}) {
  const [text, setText] = useState('');
  const [shown, setShown] = useState<Preview | null>(null);
  const [columns, setColumns] = useState<RosterColumn[] | undefined>();
  const [repeatsAllowed, setRepeats] = useState(false);
  const [emptyNumbers, setEmptyNumbers] = useState(false);
  const [keep, setKeep] = useState<number[]>([]);
  const [keepGone, setKeepGone] = useState(false);
  const [mode, setMode] = useState<'add' | 'update'>('add');
  const [marks, setMarks] = useState<Record<string, string>>({});
  const told = (shown?.namesakes ?? []).flatMap(({ who }) =>
    who.flatMap((w) => (marks[namesakeKey(w)] === undefined ? [] : [{ row: w.row, id: w.id, mark: marks[namesakeKey(w)] }])),
  );
  const request = (change: object = {}) => ({ marks: told, text, columns, repeatsAllowed, emptyNumbers, keep, keepGone, mode, ...change });
  const look = useLook((change: object) => call<Preview>('POST', `/classes/${classId}/import`, request(change)), setShown);
  const take = useMutation({
    mutationFn: () => call<Preview>('POST', `/classes/${classId}/import`, request({ commit: true })),
    onSuccess: async () => {
      await onDone();
      change('');
      onClose();
    },
    onError: (error) => error instanceof ApiProblem && error.more.preview && setShown(error.more.preview as Preview),
  });
  // What was said of the list holds while its text is changed: columns of another table are not asked for.
  const change = (t: string) => {
    setText(t);
    setShown(null);
    setKeep([]);
    setMarks({});
    if (t !== '') return;
    setColumns(undefined);
    setRepeats(false);
    setEmptyNumbers(false);
  };
  return (
    <Floating open={open} onClose={onClose} title="Paste or import a roster" wide>
      <p className="text-muted">
        One student a row: first name, last name, a rating from 1 to 5 and notes if you have them. A heading row is fine. Comma, semicolon
        or tab.
      </p>
      <label htmlFor="roster-text" className="sr-only">
        Roster
      </label>
      <textarea
        id="roster-text"
        className="field mt-2 font-mono text-xs"
        rows={shown ? 5 : 11}
        value={text}
        onChange={(e) => change(e.target.value)}
        placeholder={'First name\tLast name\nWren\tAshgrove'}
      />
      {there > 0 && (
        <fieldset className="mt-2 flex gap-4">
          <legend className="sr-only">What to do with the list</legend>
          {(
            [
              ['add', 'add these students'],
              ['update', `update: the list becomes the class of ${there}`],
            ] as const
          ).map(([value, label]) => (
            <label key={value} className="flex items-center gap-2">
              <input
                type="radio"
                name="import-mode"
                className="h-4 w-4 accent-tape"
                checked={mode === value}
                onChange={() => {
                  setMode(value);
                  setShown(null);
                }}
              />
              {label}
            </label>
          ))}
        </fieldset>
      )}
      <div className="mt-2 flex items-center gap-3">
        <FileButton label="Read a CSV file" accept={CSV_FILES} onFile={async (file) => change(await readTextFile(file))} />
        <button
          type="button"
          className={`btn ${shown ? '' : 'btn-tape'}`}
          disabled={!text.trim() || look.isPending}
          onClick={() => look.mutate({})}
        >
          Check the list
        </button>
        {shown && (
          <button type="button" className="btn btn-tape" disabled={shown.errors.length > 0 || take.isPending} onClick={() => take.mutate()}>
            {mode === 'update' ? 'Make the class like this list' : `Add ${counted(shown.rows.length, 'student')}`}
          </button>
        )}
        <button type="button" className="btn" onClick={onClose}>
          Cancel
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
                {shown.errors.length === 1 ? 'One thing' : `${shown.errors.length} things`} to fix. Nothing is saved yet. Change the text
                above and look again.
              </p>
              <ul className="max-h-36 overflow-auto" tabIndex={0} aria-label="Errors">
                {shown.errors.map((e, i) => (
                  <li key={`${e.row}-${e.column}-${i}`}>
                    {e.row > 0 && `Row ${e.row}: `}
                    {columnName(e.column)} {e.value ? `“${e.value}” ` : ''}
                    {inputWords(e.code)}
                  </li>
                ))}
              </ul>
            </div>
          ) : (
            <p className="text-good">{counted(shown.rows.length, 'student')}, nothing to fix.</p>
          )}
          {(repeatsAllowed || shown.errors.some((e) => e.code === 'repeated')) && (
            <LookTick
              isOn={repeatsAllowed}
              onPick={(on) => {
                setRepeats(on);
                look.mutate({ repeatsAllowed: on });
              }}
            >
              these are different students with the same name
            </LookTick>
          )}
          {(emptyNumbers || shown.errors.some((e) => e.code === 'number')) && (
            <LookTick
              isOn={emptyNumbers}
              onPick={(on) => {
                setEmptyNumbers(on);
                look.mutate({ emptyNumbers: on });
              }}
            >
              leave ratings empty that are not a number from 1 to 5
            </LookTick>
          )}
          <NamesakeWords
            namesakes={shown.namesakes}
            marks={marks}
            onWord={(key, word) => {
              setMarks({ ...marks, [key]: word });
              // Whatever was wrong with the words is looked at again with the whole list.
              setShown({ ...shown, errors: shown.errors.filter((e) => e.column !== 'mark') });
            }}
          />
          <ColumnChoices
            // What was just chosen, before the list has been looked at again.
            columns={columns?.length === shown.columns.length ? columns : shown.columns}
            sample={shown.sample}
            onChoose={(next) => {
              setColumns(next);
              look.mutate({ columns: next });
            }}
          />
          {mode === 'update' && !shown.errors.length && (
            <RosterDiffView
              diff={shown.diff}
              keepGone={keepGone}
              onKeepGone={(keep) => {
                setKeepGone(keep);
                look.mutate({ keepGone: keep });
              }}
            />
          )}
          {shown.rows.some((r) => r.note) && (
            <p className="mt-2 text-muted">
              Notes are private. Each waits with its student until you turn it into supports and remove the words. To leave them out, set
              their column to “leave out”.
            </p>
          )}
          <SkippedRows
            skipped={shown.skipped}
            onKeep={(row) => {
              setKeep([...keep, row]);
              look.mutate({ keep: [...keep, row] });
            }}
          />
          <RowTable preview={shown} />
        </div>
      )}
    </Floating>
  );
}
