import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type FormatId, Game } from '../../../core/model/game.ts';
import { blankGame, emptyFields, filledGame } from '../../../core/shelf/gameFields.ts';
import { FORMAT_WORDS } from '../../../core/words/formats.en.ts';
import { fieldPath } from '../../../core/words/gameFields.en.ts';
import { call, type Desk, problemWords } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { keepJson, storedJson } from '../../parts/storedJson.ts';
import { GameFloor, GameRulesList } from './GameFloor.tsx';
import { GameForm } from './GameForm.tsx';
import { GameHoles } from './GameHoles.tsx';
import { usePreview } from './usePreview.ts';
import { useFacts, useShelfPeriod } from './useShelfPeriod.ts';

const KEPT = 'side-court-game-draft';
const FORMATS = Object.keys(FORMAT_WORDS) as FormatId[];

/** A game is made from a format, copied, or changed: one page whose preview is the floor itself. */
export function MakeGame() {
  const { gameId } = useParams();
  const { desk, error, search, set, isOpening } = useShelfPeriod();
  const from = search.get('from');
  const format = search.get('format');
  const like = desk?.games.find((g) => g.id === (gameId ?? from)) ?? desk?.games.find((g) => g.format === (format ?? FORMATS[0]) && !g.own);
  const back = `/games${desk ? `?period=${desk.period.id}` : ''}`;
  return (
    <div className="flex h-full flex-col">
      <DayBar date={desk?.period.date} current={desk?.period.id}>
        <Link className="btn flex items-center" to={back}>
          Back to the games
        </Link>
      </DayBar>
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4">
        {error && <Problem text={problemWords(error)} />}
        {!desk && !error && !isOpening && <p className="text-muted">A game is drawn for a period. Add one on Today, then come back.</p>}
        {desk && like && (
          <Making
            key={`${gameId ?? ''} ${from ?? ''} ${format ?? ''}`}
            {...{ desk, like, back }}
            how={gameId ? 'change' : from ? 'copy' : 'new'}
            onFormat={(next) => set('format', next)}
          />
        )}
      </main>
    </div>
  );
}

interface Props {
  desk: Desk;
  /** The game that is changed or copied, or that lends its floor to a new one. */
  like: Game;
  how: 'change' | 'copy' | 'new';
  back: string;
  onFormat(format: string): void;
}

const HEADS = { change: 'Change a game', copy: 'A copy with changes', new: 'Make a game' } as const;

/** What a page begins with: what was typed and not kept yet, the game itself, its copy, or a blank one. */
function startOf(like: Game, how: Props['how'], name: string): Game {
  const kept = storedJson('localStorage', KEPT) as { name: string; game: Game } | null;
  if (kept?.name === name) return kept.game;
  if (how === 'new') return blankGame(like);
  return how === 'copy' ? { ...like, own: true, madeFrom: like.id, title: `${like.title}, our way`.slice(0, 60) } : like;
}

function Making({ desk, like, how, back, onFormat }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const name = `${how} ${like.id}`;
  const [game, setGame] = useState<Game>(() => startOf(like, how, name));
  const change = (next: Game) => {
    keepJson(KEPT, { name, game: next });
    setGame(next);
  };
  const facts = useFacts(desk);
  const deferred = useDeferredValue(game);
  const drawn = useMemo(() => {
    const filled = filledGame(deferred);
    return Game.safeParse(filled).success ? filled : null;
  }, [deferred]);
  const { preview, stale, problem } = usePreview(facts, drawn);
  const empty = useMemo(() => emptyFields(game), [game]);
  const save = useMutation({
    mutationFn: () => (how === 'change' ? call<Game>('PUT', `/games/${game.id}`, game) : call<Game>('POST', '/games', game)),
    onSuccess(kept) {
      keepJson(KEPT, null);
      for (const key of ['games', 'day', 'desk']) void client.invalidateQueries({ queryKey: [key] });
      navigate(`/games/${kept.id}?period=${desk.period.id}`);
    },
  });
  const throwAway = () => {
    keepJson(KEPT, null);
    navigate(back);
  };
  return (
    <div className="grid grid-cols-[600px_minmax(0,1fr)] gap-8 max-[1000px]:grid-cols-1">
      <div>
        <h1 className="text-xl">{HEADS[how]}</h1>
        {how === 'new' && (
          <div className="mt-2 w-72">
            <ChoiceField
              label="Format"
              value={like.format}
              options={FORMATS.map((id) => [id, FORMAT_WORDS[id].name] as const)}
              onPick={onFormat}
            />
          </div>
        )}
        <div className="mt-3">
          <GameFloor game={game} preview={preview} desk={desk} stale={stale} />
        </div>
        {problem && <Problem text={`The floor cannot be drawn so (${problem}). Change the last value back.`} />}
        <GameHoles {...{ game, preview, empty }} onChange={change} />
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <button type="button" className="btn btn-tape" disabled={empty.length > 0 || save.isPending} onClick={() => save.mutate()}>
            {how === 'change' ? 'Keep the changes' : 'Keep this game'}
          </button>
          <button type="button" className="underline" onClick={throwAway}>
            Throw it away
          </button>
          {empty.length > 0 && <span className="text-xs text-muted">First: {fieldPath(empty[0])}</span>}
        </div>
        {save.error && <Problem text={problemWords(save.error)} />}
        {preview && <GameRulesList game={game} preview={preview} />}
      </div>
      <GameForm {...{ game, preview, desk }} onChange={change} />
    </div>
  );
}
