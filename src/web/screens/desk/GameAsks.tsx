import { Link } from 'react-router';
import type { FittedGame } from '../../../core/fit/fitted.ts';
import { mostAsked, purposeOf } from '../../../core/formats/asks.ts';
import { listed } from '../../../core/formats/speak.ts';
import type { Demand } from '../../../core/model/demand.ts';
import type { Game } from '../../../core/model/game.ts';
import { ACTION_WORDS, DEMAND_WORDS } from '../../../core/words/adapt.en.ts';

const LEVELS = ['', 'some', 'much', 'very much'];

/** What a game is for, and what it asks of those who play it, the most first. */
export function GameAsks({ fitted, game, blockId }: { fitted: FittedGame; game: Game; blockId: string }) {
  const demands = (Object.entries(mostAsked(fitted.asks, game.demands)) as [Demand, number][]).sort((a, b) => b[1] - a[1]);
  const purpose = game.purpose.length ? game.purpose : purposeOf(fitted.asks);
  const roles = [...new Set(fitted.asks.flatMap((a) => a.role ?? []))];
  return (
    <>
      <p className="mt-3">
        <Link className="text-tape underline" to={`grades?block=${blockId}`}>
          By grade: all six bands
        </Link>
      </p>
      <details className="mt-2">
        <summary className="cursor-pointer">
          <span className="head text-base">What it is for and asks for</span>
        </summary>
        <p className="mt-1">For {listed(purpose.map((a) => ACTION_WORDS[a]))}.</p>
        <ul className="mt-1 grid grid-cols-2 gap-x-3 text-muted">
          {demands.map(([demand, level]) => (
            <li key={demand}>
              {DEMAND_WORDS[demand]}: <span className="text-ink">{LEVELS[level]}</span>
            </li>
          ))}
        </ul>
        {roles.length > 1 && <p className="mt-1 text-xs text-muted">The most of any role: {listed(roles)}.</p>}
      </details>
    </>
  );
}
