import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { GearAnswer, GearPreview } from '../../../core/exchange/gearCsv.ts';
import { counted } from '../../../core/formats/speak.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { CSV_FILES, FileButton } from '../../parts/FileButton.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readTextFile } from '../../parts/readTextFile.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { useLook } from '../../parts/useLook.ts';
import { GearRows, WrongLine } from './GearRows.tsx';

/** A gear list pasted from a spreadsheet, typed line by line, or read from a CSV file: looked at first, then taken whole or not at all. */
export function GearImport({ onClose, onDone }: { onClose(): void; onDone(): Promise<void> }) {
  const [text, setText] = useState('');
  const [shown, setShown] = useState<GearPreview | null>(null);
  const [answers, setAnswers] = useState<GearAnswer[]>([]);
  const kinds = useQuery({ queryKey: ['gear-kinds'], queryFn: () => call<GearKind[]>('GET', '/gear-kinds') }).data ?? [];
  const change = (next: string) => {
    setText(next);
    setShown(null);
    setAnswers([]);
  };
  const look = useLook((said: GearAnswer[]) => call<GearPreview>('POST', '/gear/import', { text, answers: said }), setShown);
  const take = useMutation({
    mutationFn: () => call<GearPreview>('POST', '/gear/import', { text, answers, commit: true }),
    onSuccess: async () => {
      await onDone();
      onClose();
    },
    onError: (error) => error instanceof ApiProblem && error.more.preview && setShown(error.more.preview as GearPreview),
  });
  /** Says something of a row: the list is looked at again with that. */
  const answer = (row: number, said: Omit<GearAnswer, 'row'>) => {
    const before = answers.find((a) => a.row === row);
    const { kind, family, count } = said;
    const next = { row, ...before, ...(kind || family ? { kind, family } : {}), ...(count === undefined ? {} : { count }) };
    const all = [...answers.filter((a) => a.row !== row), next];
    setAnswers(all);
    look.mutate(all);
  };
  const failed = look.error ?? (shown ? null : take.error);
  const does = shown && shown.added.length + shown.changed.length;
  const unknown = shown?.rows.filter((r) => r.isUnknown).length ?? 0;
  return (
    <Floating open onClose={onClose} title="Import a gear list" wide>
      <p className="text-muted">
        One kind of thing a line, as you have it: “24 foam balls”, “Hula hoops, 20”, “Jump ropes x 30”, or a table with headings. Comma,
        semicolon or tab.
      </p>
      <label htmlFor="gear-list" className="sr-only">
        Gear list
      </label>
      <textarea
        id="gear-list"
        className="field mt-2 font-mono text-xs"
        rows={shown ? 4 : 10}
        value={text}
        onChange={(e) => change(e.target.value)}
        placeholder={'24 foam balls\nHula hoops, 20\nJump ropes x 30'}
      />
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <FileButton label="Read a CSV file" accept={CSV_FILES} onFile={async (file) => change(await readTextFile(file))} />
        <button
          type="button"
          className={`btn ${shown ? '' : 'btn-tape'}`}
          disabled={!text.trim() || look.isPending}
          onClick={() => look.mutate(answers)}
        >
          Check the list
        </button>
        {shown && (
          <button
            type="button"
            className="btn btn-tape"
            disabled={shown.errors.length > 0 || !does || take.isPending || look.isPending}
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
            {shown.errors.map((e, i) => (
              <WrongLine key={`${e.row} ${e.column} ${e.code} ${i + 1}`} error={e} kinds={kinds} onAnswer={(said) => answer(e.row, said)} />
            ))}
          </ul>
        </section>
      )}
      {shown && unknown > 0 && (
        <p className="mt-3 font-bold text-caution">
          {counted(unknown, 'line')} {unknown === 1 ? 'is' : 'are'} not known here. Say what {unknown === 1 ? 'it is' : 'they are'} like,
          and games will find {unknown === 1 ? 'it' : 'them'}; your words are remembered.
        </p>
      )}
      {shown && shown.rows.length > 0 && (
        <GearRows shown={shown} kinds={[...shown.kinds, ...kinds]} onAnswer={(row, said) => answer(row, said)} />
      )}
      {shown && shown.leftOut.length > 0 && (
        <section className="mt-3 text-muted" aria-label="Left out">
          <p>Left out, since they name no gear:</p>
          <ul>
            {shown.leftOut.map(({ row, text: line }) => (
              <li key={row} className="flex items-baseline gap-3">
                <span className="min-w-0 truncate">
                  Line {row}: “{line}”
                </span>
                <button type="button" className="shrink-0 text-tape underline" onClick={() => answer(row, {})}>
                  Line {row} is gear
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Floating>
  );
}
