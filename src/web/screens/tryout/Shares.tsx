import { useMemo } from 'react';
import type { FittedGame, FittedLesson } from '../../../core/fit/fitted.ts';
import type { TriedShares } from '../../../core/fit/tryOut.ts';
import { duration, speakIn } from '../../../core/formats/speak.ts';
import { HOUSE_LIMITS } from '../../../core/model/band.ts';
import type { FixIdea } from '../../../core/model/finding.ts';
import { fixWords, formatWords } from '../../../core/words/en.ts';
import { useUnits } from '../../parts/units.ts';
import { type TryOutState, useTryOut } from '../../worker/useTryOut.ts';
import { DotRow } from './DotRow.tsx';

/** Plays that are tried. */
const PLAYS = 200;

interface Props {
  game: FittedGame;
  block: string;
  other: { idea: FixIdea; fitted: FittedLesson } | null;
  onCompare(idea: FixIdea): void;
  onDrop(): void;
  onUse(idea: FixIdea): void;
}

/** How 200 plays go: one dot a play, and what is compared under it on the same axis. */
export function Shares({ game, block, other, onCompare, onDrop, onUse }: Props) {
  const units = useUnits();
  const speak = speakIn(units.units);
  const own = useTryOut(game, PLAYS);
  const second = useMemo(() => other?.fitted.blocks.find((b) => b.id === block)?.game ?? null, [other, block]);
  const theirs = useTryOut(second, PLAYS);
  const wished = Number(game.values.wishPercent);
  const wish = Number.isFinite(wished) ? wished / 100 : HOUSE_LIMITS.activeTarget;
  const ideas = game.ideas.choices.find((list) => list.length)?.slice(0, 5) ?? [];
  const count = own.plays?.length ?? 0;
  return (
    <>
      <h2 className="text-lg">{!own.plays ? 'Trying it out' : count > 1 ? `${count} plays tried out` : 'Every play goes like this'}</h2>
      <p className="text-xs text-muted">
        {count > 1 ? 'Each dot is one play. ' : ''}An estimate for planning, at speeds that are Side Court defaults for these grades.{' '}
        {formatWords(game.format).assumes}
      </p>
      <Progress state={own} />
      {own.plays && (
        <>
          <h3 className="mt-3 text-sm">Active time of the student with the least</h3>
          <DotRow shares={own.plays.map((p) => p.least)} label="As planned" wish={wish} />
          {other && theirs.plays && (
            <DotRow shares={theirs.plays.map((p) => p.least)} label={fixWords(other.idea, speak)} wish={wish} quiet />
          )}
          {other && !theirs.plays && <Progress state={theirs} />}
          <p className="text-xs text-caution">
            Dashed: {Number.isFinite(wished) ? 'your wish' : 'Side Court default'}, {Math.round(wish * 100)}%
          </p>
          <Figures plays={own.plays} other={theirs.plays} />
        </>
      )}
      {other && (
        <div className="mt-3 flex gap-2">
          <button type="button" className="btn btn-tape" onClick={() => onUse(other.idea)}>
            {fixWords(other.idea, speak)}
          </button>
          <button type="button" className="btn" onClick={onDrop}>
            Keep the plan
          </button>
        </div>
      )}
      {ideas.length > 0 && (
        <section className="mt-4 border-t pt-3" aria-label="What if">
          <h3 className="text-sm">What if …</h3>
          <div className="mt-1.5 flex flex-wrap gap-2">
            {ideas.map((idea) => (
              <button
                key={JSON.stringify(idea.edits)}
                type="button"
                className="btn"
                aria-pressed={other?.idea === idea}
                onClick={() => onCompare(idea)}
              >
                {fixWords(idea, speak)}
              </button>
            ))}
          </div>
        </section>
      )}
    </>
  );
}

function Progress({ state }: { state: TryOutState }) {
  if (state.plays) return null;
  if (state.stopped) return <p className="mt-2">Stopped after {state.done} plays.</p>;
  return (
    <div className="mt-2 flex items-center gap-3">
      <div
        className="h-2 flex-1 bg-tint"
        role="progressbar"
        aria-label="Plays tried"
        aria-valuemin={0}
        aria-valuemax={PLAYS}
        aria-valuenow={state.done}
      >
        <div className="h-full bg-tape" style={{ width: `${(state.done / PLAYS) * 100}%` }} />
      </div>
      <button type="button" className="btn" onClick={state.stop}>
        Stop
      </button>
    </div>
  );
}

const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / Math.max(1, values.length);

/** The same figures of the plan and of what is compared. */
function Figures({ plays, other }: { plays: readonly TriedShares[]; other: readonly TriedShares[] | null }) {
  const rows: [string, (list: readonly TriedShares[]) => string][] = [
    ['Active on average', (list) => `${Math.round(mean(list.map((p) => p.mean)) * 100)}%`],
    ['Active the most', (list) => `${Math.round(mean(list.map((p) => p.most)) * 100)}%`],
    ['Longest anyone is out of play', (list) => duration(mean(list.map((p) => p.wait)))],
    ['Ends by itself', (list) => `${list.filter((p) => p.endedAt !== undefined).length} of ${list.length}`],
  ];
  return (
    <table className="mt-2 w-full text-sm">
      <tbody>
        {rows.map(([label, value]) => (
          <tr key={label} className="border-t">
            <th scope="row" className="py-1.5 text-left font-normal">
              {label}
            </th>
            <td className="head py-1.5 text-right">{value(plays)}</td>
            {other && <td className="py-1.5 pl-3 text-right text-muted">{value(other)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
