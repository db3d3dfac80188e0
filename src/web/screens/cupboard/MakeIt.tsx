import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { measuresIn } from '../../../core/formats/measures.ts';
import { counted, money } from '../../../core/formats/speak.ts';
import { making } from '../../../core/gear/homeMade.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { HomeMade } from '../../../core/model/homeMade.ts';
import { limitWords } from '../../../core/words/gear.en.ts';
import { call, problemWords } from '../../api.ts';
import { Problem } from '../../parts/Problem.tsx';
import { useUnits } from '../../parts/units.ts';

/** Things that a school can make: how many from what is there, what else it takes, how, how long; once made they are in the closet. */
export function MakeIt({ gear, onMade }: { gear: readonly Gear[]; onMade(): Promise<void> }) {
  const { data = [] } = useQuery({ queryKey: ['home-made'], queryFn: () => call<HomeMade[]>('GET', '/home-made') });
  if (!data.length) return null;
  return (
    <section className="mt-6" aria-label="Make it yourself">
      <h2 className="border-b-2 border-paint pb-0.5 text-base">Make it yourself</h2>
      <ul>
        {data.map((thing) => (
          <li key={thing.id} className="border-b">
            <details>
              <summary className="flex min-h-11 cursor-pointer items-baseline gap-3 py-2">
                <span className="head text-base">{thing.title}</span>
                <span className="min-w-0 flex-1">{thing.use}</span>
                <span className="shrink-0 text-muted">{possible(thing, gear)}</span>
              </summary>
              <Recipe thing={thing} gear={gear} onMade={onMade} />
            </details>
          </li>
        ))}
      </ul>
    </section>
  );
}

const possible = (thing: HomeMade, gear: readonly Gear[]): string => {
  const { canMake } = making(thing, gear, 1);
  if (!Number.isFinite(canMake)) return 'all of it to buy or bring';
  return canMake === 0 ? 'something is missing' : `enough here for ${canMake}`;
};

function Recipe({ thing, gear, onMade }: { thing: HomeMade; gear: readonly Gear[]; onMade(): Promise<void> }) {
  const units = useUnits();
  const limits = limitWords(thing.limits, units);
  const said = (ours: string) => measuresIn(ours, units.units);
  const [text, setText] = useState('1');
  const [problem, setProblem] = useState('');
  const count = /^\d+$/.test(text.trim()) ? Math.min(200, Math.max(1, Number(text))) : 1;
  const { materials, minutes, costCents } = making(thing, gear, count);
  const made = async () => {
    if (!/^[1-9]\d*$/.test(text.trim())) throw new Error(`How many: "${text}" is not a count. Write 4.`);
    await call('POST', `/home-made/${thing.id}/made`, { count: Number(text), place: '' });
    setProblem('');
    await onMade();
  };
  return (
    <div className="grid grid-cols-[1fr_1.2fr] gap-8 pb-4 max-[900px]:grid-cols-1">
      <div>
        <h3 className="text-base">For {counted(count, 'piece')}</h3>
        <ul>
          {materials.map((m) => (
            <li key={m.what} className={m.short ? 'text-stop' : ''}>
              {m.count} × {said(m.what)}
              {m.have !== undefined && (
                <span className="text-muted">
                  {' '}
                  · {m.isKept ? 'lent, ' : ''}in the closet: {m.have}
                </span>
              )}
              {m.costCents > 0 && <span className="text-muted"> · about {money(m.costCents)}</span>}
            </li>
          ))}
        </ul>
        <p className="mt-1">
          About {minutes} min for one adult{costCents > 0 && `, ${money(costCents)} to buy`}.
        </p>
        <form
          className="mt-2 flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            made().catch((error) => setProblem(problemWords(error)));
          }}
        >
          <label className="w-24 text-xs text-muted">
            How many
            <input className="field text-sm text-ink" inputMode="numeric" value={text} onChange={(e) => setText(e.target.value)} />
          </label>
          <button type="submit" className="btn btn-tape">
            Made: put them into the closet<span className="sr-only">: {thing.title}</span>
          </button>
        </form>
        {problem && <Problem text={problem} />}
      </div>
      <div>
        <h3 className="text-base">How</h3>
        <ol className="list-decimal pl-5">
          {thing.steps.map((step) => (
            <li key={step}>{said(step)}</li>
          ))}
        </ol>
        <p className="mt-1">
          <b>Before every use:</b> {said(thing.check)}.
        </p>
        {limits.length > 0 && <p className="text-caution">{limits.join('. ')}.</p>}
        <p className="text-xs text-muted">A proposal. Local rules and your own judgment decide what is used with students.</p>
      </div>
    </div>
  );
}
