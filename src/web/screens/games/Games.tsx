import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Played } from '../../../core/live/playedIn.ts';
import type { Game } from '../../../core/model/game.ts';
import type { HomeMade } from '../../../core/model/homeMade.ts';
import { findGames, indexGames } from '../../../core/shelf/search.ts';
import { isWished, isWishedThere, NO_WISH, rankRows, type ShelfWish } from '../../../core/shelf/wish.ts';
import { formatWords } from '../../../core/words/en.ts';
import { call, type Desk, problemWords } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { keepJson, storedJson } from '../../parts/storedJson.ts';
import { speakWith, useSchool, useUnits } from '../../parts/units.ts';
import { type ShelfState, useShelf } from '../../worker/useShelf.ts';
import { ImportGames } from './ImportGames.tsx';
import { PutIn } from './PutIn.tsx';
import { ShelfMap } from './ShelfMap.tsx';
import { ShelfRows, type Shown } from './ShelfRows.tsx';
import { useFacts, usePlayed, useShelfPeriod } from './useShelfPeriod.ts';
import { WishSentence } from './WishSentence.tsx';

const KEPT = 'side-court-shelf-wish';
const readWish = (): ShelfWish => ({ ...NO_WISH, ...(storedJson('localStorage', KEPT) as Partial<ShelfWish> | null) });

/** The games shelf: what is looked for in a sentence, and every game on the floor of the period with what it comes to there. */
export function Games() {
  const { desk, day, error, search, set, isOpening } = useShelfPeriod();
  const { data: all } = useQuery({ queryKey: ['games'], queryFn: () => call<Game[]>('GET', '/games'), enabled: !desk });
  const games = desk?.games ?? all ?? [];
  return (
    <div className="flex h-full flex-col">
      <DayBar date={desk?.period.date} current={desk?.period.id}>
        {desk && (
          <Link className="btn flex items-center" to={`/games/make?period=${desk.period.id}`}>
            Make a game
          </Link>
        )}
        {desk && (
          <Link className="btn btn-tape flex items-center" to={`/games/lesson?period=${desk.period.id}`}>
            Make me a lesson
          </Link>
        )}
      </DayBar>
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4">
        <h1 className="sr-only">Games</h1>
        {error && <Problem text={problemWords(error)} />}
        <Looked {...{ desk, day, games, isOpening }} isMap={search.get('view') === 'map'} set={set} />
      </main>
    </div>
  );
}

interface LookedProps {
  desk: Desk | undefined;
  day: readonly Desk[];
  games: readonly Game[];
  isMap: boolean;
  isOpening: boolean;
  set(key: string, value: string | null): void;
}

function Looked({ desk, day, games, isMap, isOpening, set }: LookedProps) {
  const units = useUnits();
  const school = useSchool();
  const [wish, setWish] = useState(readWish);
  const [text, setText] = useState('');
  const typed = useDeferredValue(text);
  const classId = desk?.schoolClass.id;
  const played = usePlayed(classId);
  const { data: homeMade } = useQuery({ queryKey: ['home-made'], queryFn: () => call<HomeMade[]>('GET', '/home-made') });
  const byTitle = useMemo(() => new Map((played ?? []).map((p) => [p.title, p])), [played]);
  const index = useMemo(() => indexGames(games, (g) => [formatWords(g.format).name, byTitle.get(g.title)?.note ?? '']), [games, byTitle]);
  const found = useMemo(() => {
    const byId = new Map(games.map((g) => [g.id as string, g]));
    return findGames(index, typed).flatMap((id) => (isWished(byId.get(id)!, wish) ? [byId.get(id)!] : []));
  }, [games, index, typed, wish]);
  const ids = useMemo(() => found.map((g) => g.id as string), [found]);
  const facts = useFacts(desk);
  const adults = useMemo(
    () => (school.adults ?? []).filter((a) => desk?.period.adults?.includes(a.id)).map(({ id, can }) => ({ id, can })),
    [school.adults, desk?.period.adults],
  );
  const help = useMemo(() => ({ adults, homeMade: homeMade ?? [] }), [adults, homeMade]);
  const shelf = useShelf(homeMade ? facts : null, help, ids);
  const shown = useOrder(found, shelf, wish, byTitle);
  const speak = useMemo(() => speakWith(units, desk?.students ?? []), [units, desk?.students]);
  const choose = (next: ShelfWish) => {
    keepJson(KEPT, next);
    setWish(next);
  };
  const open = (id: string) => {
    set('view', null);
    // Once the rows are there again.
    setTimeout(() => document.getElementById(`game-${id}`)?.scrollIntoView({ block: 'center' }), 60);
  };
  return (
    <>
      <WishSentence {...{ wish, day, desk }} onWish={choose} onPeriod={(id) => set('period', id)} />
      <div className="mt-3 flex flex-wrap items-center gap-4 border-b border-ink pb-3">
        <input
          type="text"
          aria-label="Search games"
          placeholder="a word: title, rule, gear, your own note"
          className="field w-80 max-w-full"
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <Progress {...{ shelf, shown }} count={ids.length} isJudged={desk !== undefined} />
        <span className="ml-auto" />
        <ImportGames />
        <div className="flex" role="radiogroup" aria-label="View">
          {(['Rows', 'Map'] as const).map((view) => (
            <button
              key={view}
              type="button"
              role="radio"
              aria-checked={isMap === (view === 'Map')}
              className="btn aria-checked:bg-tint"
              disabled={!desk}
              onClick={() => set('view', view === 'Map' ? 'map' : null)}
            >
              {view}
            </button>
          ))}
        </div>
      </div>
      {!desk && !isOpening && (
        <p className="py-3 text-muted">No period today: games are judged for a period. Add one on Today, or open the week.</p>
      )}
      {isMap && desk ? (
        <ShelfMap {...{ shown, desk }} onOpen={open} />
      ) : (
        <ShelfRows {...{ shown, desk, speak }} see={shelf.see}>
          {({ game, row }) => desk && <PutIn {...{ desk, game, row }} worker={shelf.worker} />}
        </ShelfRows>
      )}
      {shown.length === 0 && games.length > 0 && (
        <p className="py-6 text-muted">No game is like that. Take a word out of the search, or choose “anything” in the sentence.</p>
      )}
    </>
  );
}

/** Games in the teacher's order; while some of them are still being judged those stay where they stand. */
function useOrder(found: readonly Game[], shelf: ShelfState, wish: ShelfWish, played: ReadonlyMap<string, Played>): Shown[] {
  const { rows } = shelf;
  const order = useRef<string[]>([]);
  return useMemo(() => {
    const there = found.flatMap((game): Shown[] => {
      const row = rows.get(game.id);
      return !row || isWishedThere(row, wish) ? [{ game, row, played: played.get(game.title) }] : [];
    });
    const isOver = found.every((g) => rows.has(g.id));
    if (!isOver) {
      const at = new Map(order.current.map((id, i) => [id, i]));
      return [...there].sort((a, b) => (at.get(a.game.id) ?? 999) - (at.get(b.game.id) ?? 999));
    }
    const ranked = rankRows(
      there.map((s) => ({ ...s.row!, shown: s })),
      wish,
    ).map((r) => r.shown);
    order.current = ranked.map((s) => s.game.id as string);
    return ranked;
  }, [found, rows, wish, played]);
}

interface ProgressProps {
  shelf: ShelfState;
  shown: readonly Shown[];
  count: number;
  isJudged: boolean;
}

/** How many fit, how far judging has come, and a way to end it. */
function Progress({ shelf, shown, count, isJudged }: ProgressProps) {
  const fits = shown.filter((s) => s.row?.state === 'fits').length;
  const changed = shown.filter((s) => s.row?.state === 'change').length;
  if (!isJudged) return <p role="status">{count} games</p>;
  if (shelf.problem)
    return (
      <p role="alert" className="text-stop">
        Judging stopped ({shelf.problem}).{' '}
        <button type="button" className="underline" onClick={shelf.again}>
          Judge again
        </button>
      </p>
    );
  const isBusy = !shelf.stopped && shelf.whole < count;
  return (
    <>
      <p role="status">
        {fits} of {count} fit{changed > 0 ? ` · ${changed} more with one change` : ''}
        {shelf.stopped ? `, ${shelf.judged} judged` : ''}
      </p>
      {isBusy && (
        <span className="flex items-center gap-2 text-xs text-muted">
          <progress aria-label="Games judged" className="h-2 w-24 accent-tape" max={2 * count} value={shelf.judged + shelf.whole} />
          {shelf.judged < count ? `${shelf.judged} of ${count} at first sight` : `${shelf.whole} of ${count} by every check`}
          <button type="button" className="underline" onClick={shelf.stop}>
            Stop
          </button>
        </span>
      )}
      {shelf.stopped && shelf.whole < count && (
        <button type="button" className="underline" onClick={shelf.again}>
          Go on judging
        </button>
      )}
    </>
  );
}
