import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { counted, type Speak } from '../../../core/formats/speak.ts';
import type { Played } from '../../../core/live/playedIn.ts';
import type { Game } from '../../../core/model/game.ts';
import type { ShelfRow } from '../../../core/shelf/judge.ts';
import { findingWords, fixWords, formatWords } from '../../../core/words/en.ts';
import { playedWords } from '../../../core/words/shelf.en.ts';
import type { Desk } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { shortDate } from '../../parts/now.ts';
import { type RowFigure, rowFigures } from './rowFigures.ts';

export interface Shown {
  game: Game;
  row?: ShelfRow;
  played?: Played;
}

interface Props {
  shown: readonly Shown[];
  desk: Desk | undefined;
  speak: Speak;
  see(id: string, isSeen: boolean): void;
  /** What stands at the end of a row. */
  children(shown: Shown): React.ReactNode;
}

/** Games one under the other, each with its floor in the room of the period and what it comes to there. */
export function ShelfRows({ shown, ...rest }: Props) {
  return (
    <ol aria-label="Games">
      {shown.map((each) => (
        <Row key={each.game.id} shown={each} {...rest} />
      ))}
    </ol>
  );
}

/** In a line: what makes it fit, what stops it, or how it went the last time. */
function NoteLine({ shown: { row, played }, speak }: Pick<Props, 'speak'> & { shown: Shown }) {
  if (row?.state === 'change' && row.change) return <p className="text-xs text-caution">With one change: {fixWords(row.change, speak)}</p>;
  if (row?.state === 'no' && row.stops[0]) return <p className="text-xs text-stop">{findingWords(row.stops[0], speak).what}</p>;
  if (row?.gaps?.length) return <p className="text-xs text-caution">No solution yet for {counted(row.gaps.length, 'student')}</p>;
  if (played) return <p className="text-xs text-muted">{playedWords(played, shortDate(played.date))}</p>;
  if (row?.toAdapt.length) return <p className="text-xs text-muted">Needs a change for {counted(row.toAdapt.length, 'student')}</p>;
  return <p className="text-xs text-muted">{row ? 'Fits as it is' : 'Not judged yet'}</p>;
}

function Row({ shown, desk, speak, see, children }: Omit<Props, 'shown'> & { shown: Shown }) {
  const { game, row } = shown;
  const item = useRef<HTMLLIElement>(null);
  const id = game.id as string;
  useEffect(() => {
    const watch = new IntersectionObserver(([entry]) => see(id, entry.isIntersecting), { rootMargin: '200px' });
    if (item.current) watch.observe(item.current);
    return () => {
      watch.disconnect();
      see(id, false);
    };
  }, [id, see]);
  const toAdapt = { label: 'to adapt', value: row?.toAdapt.length ? String(row.toAdapt.length) : 'nobody' };
  const figures: RowFigure[] = row ? [...rowFigures(row), toAdapt] : [];
  return (
    <li
      ref={item}
      id={`game-${game.id}`}
      className="grid grid-cols-[160px_minmax(0,1fr)_minmax(0,1.55fr)_auto] items-center gap-x-6 border-t py-2.5 max-[1000px]:grid-cols-[160px_minmax(0,1fr)_auto] max-[600px]:grid-cols-[minmax(0,1fr)_auto]"
    >
      <span className="max-[600px]:col-span-2">
        {desk ? (
          <MiniFloor room={desk.room} pieces={row?.pieces ?? []} things={row?.things} width={160} height={92} />
        ) : (
          <span className="text-xs text-muted">{formatWords(game.format).name}</span>
        )}
      </span>
      <div className="min-w-0">
        <h2 className="text-base leading-5">
          <Link className="hover:underline" to={`/games/${game.id}${desk ? `?period=${desk.period.id}` : ''}`}>
            {game.title}
          </Link>
          {game.own && <span className="ml-2 text-xs font-normal text-muted">your own</span>}
        </h2>
        <p className="text-sm leading-5">{game.aim}</p>
        <NoteLine {...{ shown, speak }} />
      </div>
      <dl className="grid grid-cols-7 gap-x-2 max-[1000px]:col-span-3 max-[1000px]:row-start-2 max-[600px]:col-span-2 max-[600px]:row-start-3 max-[600px]:grid-cols-4">
        {figures.map(({ label, value, look = '' }) => (
          <div key={label} className="flex min-w-0 flex-col-reverse justify-end">
            <dt className="text-xs text-muted">{label}</dt>
            <dd className={`head text-[15px] leading-5 ${look}`}>{value}</dd>
          </div>
        ))}
      </dl>
      {children(shown)}
    </li>
  );
}
