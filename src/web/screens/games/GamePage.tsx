import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { formatOf } from '../../../core/formats/registry.ts';
import { duration } from '../../../core/formats/speak.ts';
import { BANDS } from '../../../core/model/band.ts';
import type { Game } from '../../../core/model/game.ts';
import { gameChanges } from '../../../core/shelf/gameFields.ts';
import { BAND_WORDS, formatWords } from '../../../core/words/en.ts';
import { changeWords } from '../../../core/words/gameFields.en.ts';
import { playedWords } from '../../../core/words/shelf.en.ts';
import type { Desk } from '../../api.ts';
import { shortDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { RemoveButton } from '../../parts/RemoveButton.tsx';
import { useUnits } from '../../parts/units.ts';
import { GameFloor, GameRulesList } from './GameFloor.tsx';
import { GamesFrame } from './GamesFrame.tsx';
import { PutIn } from './PutIn.tsx';
import { usePreview } from './usePreview.ts';
import { gamesChanged, useFacts, usePlayed, useShelfPeriod } from './useShelfPeriod.ts';

/** One game: its floor for the period, its rules, what changes by grade, and what is its own against the game it was made from. */
export function GamePage() {
  const { gameId = '' } = useParams();
  const period = useShelfPeriod();
  return (
    <GamesFrame period={period} empty="A game is drawn for a period. Add one on Today, then come back.">
      {(desk) => {
        const game = desk.games.find((g) => g.id === gameId);
        if (!game) return <p>No game here any more. It may have been removed: bring it back in Settings, under “Removed”.</p>;
        return <Shown key={game.id} {...{ desk, game }} />;
      }}
    </GamesFrame>
  );
}

function Shown({ desk, game }: { desk: Desk; game: Game }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const facts = useFacts(desk);
  const { preview, stale, problem, worker } = usePreview(facts, game);
  const played = usePlayed(desk.schoolClass.id)?.find((p) => p.title === game.title);
  const original = desk.games.find((g) => g.id === game.madeFrom);
  const changes = useMemo(() => (original ? gameChanges(original, game) : []), [original, game]);
  const query = `?period=${desk.period.id}`;
  return (
    <div className="grid grid-cols-[600px_minmax(0,1fr)] gap-8 max-[1000px]:grid-cols-1">
      <div>
        <h1 className="text-xl">{game.title}</h1>
        <p className="text-base">{game.aim}</p>
        <p className="text-sm text-muted">
          {formatWords(game.format).name} · {game.families.join(', ') || 'for anything'}
          {game.own ? ' · your own' : ''}
        </p>
        {played && <p className="text-sm text-muted">{playedWords(played, shortDate(played.date))}</p>}
        <div className="mt-3">
          <GameFloor {...{ preview, desk, stale }} />
        </div>
        <p className="mt-2 text-xs text-muted">Time on task is an estimate. {formatWords(game.format).assumes}</p>
        {problem && <Problem text={`The floor cannot be drawn (${problem}).`} />}
        <div className="mt-4 flex flex-wrap items-center gap-3">
          <PutIn {...{ desk, game }} row={preview?.row} worker={worker} />
          {game.own && (
            <Link className="btn flex items-center" to={`/games/${game.id}/change${query}`}>
              Change it
            </Link>
          )}
          <Link className="btn flex items-center" to={`/games/make${query}&from=${game.id}`}>
            Make a copy
          </Link>
          <a className="btn flex items-center" href={`/api/games/file?id=${game.id}`} download>
            Save as a file
          </a>
          {game.own && (
            <RemoveButton
              label="Remove it"
              what="game"
              id={game.id}
              name={game.title}
              path={`/games/${game.id}`}
              onRemoved={() => {
                gamesChanged(client);
                navigate(`/games${query}`);
              }}
            />
          )}
        </div>
        {original && (
          <section aria-label="Its difference" className="mt-4">
            <h2 className="border-b text-base">
              Against{' '}
              <Link className="text-tape underline" to={`/games/${original.id}${query}`}>
                {original.title}
              </Link>
            </h2>
            <ul className="mt-1 list-disc pl-4">
              {changes.map((c) => (
                <li key={c.path.join('.')}>{changeWords(c, game.format)}</li>
              ))}
              {!changes.length && <li>Nothing is different yet</li>}
            </ul>
          </section>
        )}
      </div>
      <div>
        {game.story && <p className="max-w-prose text-base">{game.story}</p>}
        {preview && <GameRulesList game={game} preview={preview} />}
        <Bands game={game} />
        {game.questions.length > 0 && (
          <section aria-label="Questions" className="mt-4">
            <h2 className="border-b text-base">Questions at the end</h2>
            <ul className="mt-1 list-disc pl-4">
              {game.questions.map((q) => (
                <li key={q}>{q}</li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </div>
  );
}

/** What the game sets for each grade, over what its format would. */
function Bands({ game }: { game: Game }) {
  const { settings } = formatWords(game.format);
  const units = useUnits();
  const metas = new Map(
    formatOf(game.format)
      .settings(game.setup)
      .map((m) => [m.key as string, m]),
  );
  const said = (key: string, value: unknown) => {
    const kind = metas.get(key)?.kind;
    return typeof value !== 'number'
      ? String(value)
      : kind === 'metres'
        ? units.say(value)
        : kind === 'seconds'
          ? duration(value)
          : String(value);
  };
  return (
    <section aria-label="By grade" className="mt-4">
      <h2 className="border-b text-base">By grade</h2>
      <dl className="mt-1">
        {BANDS.map((band) => {
          const own = Object.entries(game.bands[band] ?? {});
          const words = own.map(
            ([key, value]) => `${settings[key]?.label ?? key}: ${settings[key]?.options?.[String(value)] ?? said(key, value)}`,
          );
          return (
            <div key={band} className="grid grid-cols-[60px_minmax(0,1fr)] gap-2 py-0.5">
              <dt className="head text-sm">{BAND_WORDS[band]}</dt>
              <dd>{game.bands[band] ? words.join(' · ') || 'as the format has it' : 'not for these grades'}</dd>
            </div>
          );
        })}
      </dl>
    </section>
  );
}
