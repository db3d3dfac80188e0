import { useState } from 'react';
import { counted, money } from '../../../core/formats/speak.ts';
import { withBack, withGone } from '../../../core/gear/stockTaking.ts';
import { CONDITIONS, type Gear } from '../../../core/model/gear.ts';
import { problemWords } from '../../api.ts';
import { isoDate, longDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { readColours } from '../../parts/readColours.ts';
import { readCount } from '../../parts/readCount.ts';
import { SaidChoice, SaidText } from '../../parts/Said.tsx';

/** Amount in cents from "12" or "12.50"; nothing typed costs nothing. */
function readCents(text: string): number {
  if (text.trim() === '') return 0;
  if (!/^\d{1,6}([.,]\d{1,2})?$/.test(text.trim())) throw new Error(`"${text}" is not an amount. Write 12.50.`);
  return Math.round(Number(text.trim().replace(',', '.')) * 100);
}

/** The state of an item: condition, counts by color, what is lost or broken since when, and what is wished for. */
export function GearState({ gear, save }: { gear: Gear; save(gear: Gear, change: Partial<Gear>): Promise<void> }) {
  const [text, setText] = useState('1');
  const [problem, setProblem] = useState('');
  const attempt = (work: () => Promise<unknown>) =>
    void (async () => work())().then(
      () => setProblem(''),
      (e) => setProblem(problemWords(e)),
    );
  const take = (what: 'lost' | 'broken') =>
    attempt(() => {
      const next = withGone(gear, { what, count: readCount(text, 'How many'), date: isoDate(new Date()) });
      return save(gear, { count: next.count, gone: next.gone });
    });
  const wanted = gear.wanted ?? { count: 0, costCents: 0 };
  const wish = (count: number, costCents: number) => save(gear, { wanted: count ? { count, costCents } : undefined });
  return (
    <section className="mt-2 border-t pt-2" aria-label="State">
      <p className="leading-8">
        It is in{' '}
        <SaidChoice
          label="Condition"
          value={gear.condition ?? ''}
          faint={!gear.condition}
          options={[['', 'a condition not said'] as const, ...CONDITIONS.map((c) => [c, `${c} condition`] as const)]}
          onPick={(c) => attempt(() => save(gear, { condition: c === '' ? undefined : c }))}
        />
        . By color:{' '}
        <SaidText
          label="Counts by color"
          usual="not counted"
          value={(gear.byColour ?? []).map((c) => `${c.count} ${c.colour}`).join(', ')}
          onCommit={(t) => save(gear, { byColour: readColours(t) })}
        />
        .
      </p>
      <p className="leading-8">
        Wished for:{' '}
        <SaidText
          label="Wish list: how many more"
          inputMode="numeric"
          usual="none"
          value={wanted.count ? String(wanted.count) : ''}
          onCommit={(t) => wish(t.trim() === '' ? 0 : readCount(t), wanted.costCents)}
        />
        {gear.wanted && (
          <>
            {' '}
            more, at{' '}
            <SaidText
              label="What one costs"
              inputMode="decimal"
              usual="no cost said"
              value={wanted.costCents ? money(wanted.costCents) : ''}
              onCommit={(t) => wish(Math.max(1, wanted.count), readCents(t))}
            />{' '}
            each{wanted.costCents > 0 && `, ${money(wanted.count * wanted.costCents)} in all`}
          </>
        )}
        .
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <label>
          Gone:{' '}
          <input
            className="said"
            aria-label="How many are gone"
            inputMode="numeric"
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        <button type="button" className="btn" onClick={() => take('lost')}>
          Lost
        </button>
        <button type="button" className="btn" onClick={() => take('broken')}>
          Broken
        </button>
      </div>
      {(gear.gone ?? []).length > 0 && (
        <ul className="mt-2" aria-label="Lost and broken">
          {gear.gone!.map((g, i) => (
            <li key={`${g.date}-${i}`} className="flex items-center gap-3 border-b py-1">
              <span className="flex-1">
                {g.count} {g.what}, {longDate(g.date)}
              </span>
              <button
                type="button"
                className="btn"
                onClick={() => {
                  const next = withBack(gear, i);
                  attempt(() => save(gear, { count: next.count, gone: next.gone }));
                }}
              >
                {g.what === 'lost' ? 'Found' : 'Fixed'}: put {counted(g.count, 'piece')} back
              </button>
            </li>
          ))}
        </ul>
      )}
      <Problem text={problem} />
    </section>
  );
}
