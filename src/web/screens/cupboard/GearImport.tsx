import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { GearAnswer, GearError, GearPreview, GearRow } from '../../../core/exchange/gearCsv.ts';
import { counted } from '../../../core/formats/speak.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { inputWords } from '../../../core/words/en.ts';
import { ApiProblem, call, problemWords } from '../../api.ts';
import { CSV_FILES, FileButton } from '../../parts/FileButton.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readTextFile } from '../../parts/readTextFile.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { useUnits } from '../../parts/units.ts';
import { KindDrawing, KindQuestion } from './KindQuestion.tsx';

/** A gear list pasted from a spreadsheet, typed line by line, or read from a CSV file: looked at first, then taken whole or not at all. */
export function GearImport({ onClose, onDone }: { onClose(): void; onDone(): Promise<void> }) {
  const [text, setText] = useState('');
  const [shown, setShown] = useState<GearPreview | null>(null);
  const [answers, setAnswers] = useState<GearAnswer[]>([]);
  const asking = useRef(0);
  const kinds = useQuery({ queryKey: ['gear-kinds'], queryFn: () => call<GearKind[]>('GET', '/gear-kinds') }).data ?? [];
  const change = (next: string) => {
    setText(next);
    setShown(null);
    setAnswers([]);
  };
  const look = useMutation({
    mutationFn: async (said: GearAnswer[]) => {
      const asked = ++asking.current;
      return { asked, preview: await call<GearPreview>('POST', '/gear/import', { text, answers: said }) };
    },
    // An answer that a newer question has overtaken shows nothing.
    onSuccess: ({ asked, preview }) => asked === asking.current && setShown(preview),
  });
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
              <Wrong key={`${e.row} ${e.column} ${e.code} ${i + 1}`} error={e} kinds={kinds} onAnswer={(said) => answer(e.row, said)} />
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
        <Rows shown={shown} kinds={[...shown.kinds, ...kinds]} onAnswer={(row, said) => answer(row, said)} />
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

/** One thing that is wrong, with its line; a count that is missing and a kind that nobody knows are asked for here. */
function Wrong({
  error: e,
  kinds,
  onAnswer,
}: {
  error: GearError;
  kinds: readonly GearKind[];
  onAnswer(said: Omit<GearAnswer, 'row'>): void;
}) {
  const [count, setCount] = useState('');
  const asksCount = e.column === 'Count';
  return (
    <li className="border-b py-1">
      Row {e.row}
      {e.column && `, ${e.column}`}
      {e.value && ` “${e.value}”`}: {inputWords(e.code)}.{e.line && <span className="block text-muted">The line: “{e.line}”</span>}
      {asksCount && (
        <span className="mt-1 flex items-center gap-2">
          <input
            className="field w-24"
            inputMode="numeric"
            aria-label={`How many, row ${e.row}`}
            placeholder="how many"
            value={count}
            onChange={(event) => setCount(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && /^\d{1,3}$/.test(count.trim()) && onAnswer({ count: Number(count) })}
          />
          <button
            type="button"
            className="btn"
            aria-label={`Use this count for row ${e.row}`}
            disabled={!/^\d{1,3}$/.test(count.trim())}
            onClick={() => onAnswer({ count: Number(count) })}
          >
            Use this count
          </button>
        </span>
      )}
      {e.code === 'unknown-kind' && <KindQuestion name={e.line ?? e.value} kinds={kinds} onAnswer={onAnswer} />}
    </li>
  );
}

/** Every row of the list as it would be stored: what it is, what its name says of color and size, whether it is new. */
function Rows({
  shown,
  kinds,
  onAnswer,
}: {
  shown: GearPreview;
  kinds: readonly GearKind[];
  onAnswer(row: number, said: Omit<GearAnswer, 'row'>): void;
}) {
  const [asked, setAsked] = useState<number | null>(null);
  const units = useUnits();
  const added = new Set(shown.added.map((r) => r.row));
  const changed = new Set(shown.changed.map((r) => r.row));
  const state = (row: number) => (added.has(row) ? 'new' : changed.has(row) ? 'changed' : 'as it is');
  const said = ({ fields: f }: GearRow) =>
    [f.colour, f.diameterM && `${units.say(f.diameterM)} across`, f.lengthM && `${units.say(f.lengthM)} long`, f.place]
      .filter(Boolean)
      .join(' · ');
  const parts = [
    [shown.added.length, 'New'],
    [shown.changed.length, 'Changed'],
    [shown.same, 'As they are'],
  ] as const;
  return (
    <section aria-label="Every row" className="mt-3">
      <p className="font-bold">
        {parts
          .filter(([n]) => n > 0)
          .map(([n, word]) => `${word}: ${n}`)
          .join(' · ')}
      </p>
      <ul className="mt-1 border-t">
        {shown.rows.map((r) => {
          const kind = kinds.find((k) => k.kind === r.fields.gearKind);
          return (
            <li key={r.row} className={`border-b py-1 ${r.isUnknown ? 'bg-[#fdf6ea]' : ''}`}>
              <div className="flex items-center gap-3">
                <span className="head w-10 shrink-0 text-right text-base">{r.fields.count}</span>
                <span className="w-11 shrink-0">{kind && <KindDrawing kind={kind.kind} family={kind.family} />}</span>
                <span className="min-w-0 flex-1">
                  <span className="font-bold break-words">{r.fields.name}</span>
                  {said(r) && <span className="block text-xs text-muted">{said(r)}</span>}
                </span>
                <button
                  type="button"
                  className={`shrink-0 underline ${r.isUnknown ? 'font-bold text-caution' : 'text-tape'}`}
                  aria-expanded={asked === r.row}
                  aria-label={`${r.isUnknown ? 'What is it?' : `${r.fields.gearKind}:`} ${r.fields.name}`}
                  onClick={() => setAsked(asked === r.row ? null : r.row)}
                >
                  {r.isUnknown ? 'What is it?' : r.fields.gearKind}
                </button>
                <span className="w-16 shrink-0 text-right text-xs text-muted">{state(r.row)}</span>
              </div>
              {asked === r.row && (
                <KindQuestion
                  name={r.fields.name}
                  kinds={kinds}
                  onClose={() => setAsked(null)}
                  onAnswer={(answer) => {
                    setAsked(null);
                    onAnswer(r.row, answer);
                  }}
                />
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
