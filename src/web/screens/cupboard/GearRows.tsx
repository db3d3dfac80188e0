import { useState } from 'react';
import type { GearAnswer, GearError, GearPreview, GearRow } from '../../../core/exchange/gearCsv.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import { inputWords } from '../../../core/words/en.ts';
import { useUnits } from '../../parts/units.ts';
import { KindDrawing, KindQuestion } from './KindQuestion.tsx';

/** One thing that is wrong, with its line; a count that is missing and a kind that nobody knows are asked for here. */
export function WrongLine({
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
  const isCount = /^\d{1,3}$/.test(count.trim());
  const use = () => onAnswer({ count: Number(count) });
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
            onKeyDown={(event) => event.key === 'Enter' && isCount && use()}
          />
          <button type="button" className="btn" aria-label={`Use this count for row ${e.row}`} disabled={!isCount} onClick={use}>
            Use this count
          </button>
        </span>
      )}
      {e.code === 'unknown-kind' && <KindQuestion name={e.line ?? e.value} kinds={kinds} onAnswer={onAnswer} />}
    </li>
  );
}

/** Every row of the list as it would be stored: what it is, what its name says of color and size, whether it is new. */
export function GearRows({
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
