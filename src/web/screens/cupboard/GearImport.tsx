import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { GearPreview, GearRow } from '../../../core/exchange/gearCsv.ts';
import { inputWords } from '../../../core/words/en.ts';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { CSV_FILES, FileButton } from '../../parts/FileButton.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readTextFile } from '../../parts/readTextFile.ts';
import { Floating } from '../../parts/Sheet.tsx';

/** The most rows that are listed. */
const SHOWN = 12;

/** A gear list pasted from a spreadsheet or read from a CSV file: looked at first, then taken whole or not at all. */
export function GearImport({ onClose, onDone }: { onClose(): void; onDone(): Promise<void> }) {
  const [text, setText] = useState('');
  const [shown, setShown] = useState<GearPreview | null>(null);
  const change = (next: string) => {
    setText(next);
    setShown(null);
  };
  const look = useMutation({ mutationFn: () => call<GearPreview>('POST', '/gear/import', { text }), onSuccess: setShown });
  const take = useMutation({
    mutationFn: () => call<GearPreview>('POST', '/gear/import', { text, commit: true }),
    onSuccess: async () => {
      await onDone();
      onClose();
    },
    onError: (error) => error instanceof ApiProblem && error.more.preview && setShown(error.more.preview as GearPreview),
  });
  const failed = look.error ?? (shown ? null : take.error);
  const does = shown && shown.added.length + shown.changed.length;
  return (
    <Floating open onClose={onClose} title="Import a gear list" wide>
      <p className="text-muted">
        One kind of thing a row: name and count, and whatever else you know. Headings in any order, or name, count, kind, kept in. Comma,
        semicolon or tab.
      </p>
      <label htmlFor="gear-list" className="sr-only">
        Gear list
      </label>
      <textarea
        id="gear-list"
        className="field mt-2 font-mono text-xs"
        rows={shown ? 5 : 10}
        value={text}
        onChange={(e) => change(e.target.value)}
        placeholder={'Name\tCount\tKept in\nSmall foam balls\t24\tbasket 3'}
      />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <FileButton label="Read a CSV file" accept={CSV_FILES} onFile={async (file) => change(await readTextFile(file))} />
        <button
          type="button"
          className={`btn ${shown ? '' : 'btn-tape'}`}
          disabled={!text.trim() || look.isPending}
          onClick={() => look.mutate()}
        >
          Check the list
        </button>
        {shown && (
          <button
            type="button"
            className="btn btn-tape"
            disabled={shown.errors.length > 0 || !does || take.isPending}
            onClick={() => take.mutate()}
          >
            Add {shown.added.length}, change {shown.changed.length}
          </button>
        )}
        <button type="button" className="btn" onClick={onClose}>
          Cancel
        </button>
      </div>
      {failed && <Problem text={problemWords(failed)} />}
      {shown && shown.errors.length > 0 && (
        <section className="mt-3" aria-label="What to fix">
          <p className="text-stop">
            {shown.errors.length === 1 ? '1 thing' : `${shown.errors.length} things`} to fix. Nothing is saved yet.
          </p>
          <ul className="mt-1">
            {shown.errors.slice(0, SHOWN).map((e) => (
              <li key={`${e.row} ${e.column} ${e.code}`}>
                Row {e.row}
                {e.column && `, ${e.column}`}
                {e.value && ` “${e.value}”`}: {inputWords(e.code)}.
              </li>
            ))}
          </ul>
          {shown.errors.length > SHOWN && <p className="text-muted">and {shown.errors.length - SHOWN} more</p>}
        </section>
      )}
      {shown && !shown.errors.length && (
        <div className="mt-3 grid grid-cols-2 gap-6 max-[900px]:grid-cols-1">
          <Rows title="New" rows={shown.added} />
          <Rows title="Changed" rows={shown.changed} />
          {shown.same > 0 && <p className="text-muted">{shown.same === 1 ? '1 stays as it is.' : `${shown.same} stay as they are.`}</p>}
          {shown.kinds.length > 0 && <p>New kinds of your own: {shown.kinds.map((k) => `${k.kind} (${k.family})`).join(', ')}.</p>}
        </div>
      )}
    </Floating>
  );
}

function Rows({ title, rows }: { title: string; rows: readonly GearRow[] }) {
  if (!rows.length) return null;
  return (
    <section aria-label={title}>
      <h3 className="border-b pb-0.5 text-base">
        {title}: {rows.length}
      </h3>
      <ul>
        {rows.slice(0, SHOWN).map(({ row, fields }) => (
          <li key={row} className="flex gap-2 border-b py-0.5">
            <span className="head w-10 text-right">{fields.count}</span>
            <span className="min-w-0 flex-1">
              {fields.name} <span className="text-muted">{fields.gearKind}</span>
            </span>
          </li>
        ))}
      </ul>
      {rows.length > SHOWN && <p className="text-muted">and {rows.length - SHOWN} more</p>}
    </section>
  );
}
