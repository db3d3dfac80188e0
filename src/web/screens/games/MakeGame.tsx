import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { type FormatId, Game } from '../../../core/model/game.ts';
import { blankGame, emptyFields, filledGame } from '../../../core/shelf/gameFields.ts';
import { FORMAT_WORDS } from '../../../core/words/formats.en.ts';
import { fieldPath } from '../../../core/words/gameFields.en.ts';
import { call, type Desk, problemWords } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { keepJson, storedJson } from '../../parts/storedJson.ts';
import { GameFloor, GameRulesList } from './GameFloor.tsx';
import { GameForm } from './GameForm.tsx';
import { GameHoles } from './GameHoles.tsx';
import { GamesFrame, shelfPath } from './GamesFrame.tsx';
import { usePreview } from './usePreview.ts';
import { gamesChanged, useFacts, useShelfPeriod } from './useShelfPeriod.ts';

const KEPT = 'side-court-game-draft';
const FORMATS = Object.keys(FORMAT_WORDS) as FormatId[];

/** A game is made from a format, copied, or changed: one page whose preview is the floor itself. */
export function MakeGame() {
  const { gameId } = useParams();
  const period = useShelfPeriod();
  const from = period.search.get('from');
  const format = period.search.get('format');
  return (
    <GamesFrame period={period} empty="A game is drawn for a period. Add one on Today, then come back.">
      {(desk) => {
        const { games } = desk;
        const like = games.find((g) => g.id === (gameId ?? from)) ?? games.find((g) => g.format === (format ?? FORMATS[0]) && !g.own);
        return (
          like && (
            <Making
              key={`${gameId ?? ''} ${from ?? ''} ${format ?? ''}`}
              {...{ desk, like }}
              how={gameId ? 'change' : from ? 'copy' : 'new'}
              onFormat={(next) => period.set('format', next)}
            />
          )
        );
      }}
    </GamesFrame>
  );
}

interface Props {
  desk: Desk;
  /** The game that is changed or copied, or that lends its floor to a new one. */
  like: Game;
  how: 'change' | 'copy' | 'new';
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

function Making({ desk, like, how, onFormat }: Props) {
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
      gamesChanged(client);
      navigate(`/games/${kept.id}?period=${desk.period.id}`);
    },
  });
  const throwAway = () => {
    keepJson(KEPT, null);
    navigate(shelfPath(desk));
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
          <GameFloor preview={preview} desk={desk} stale={stale} />
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
