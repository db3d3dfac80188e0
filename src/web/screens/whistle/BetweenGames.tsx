import { FrozenCard } from './FrozenCard.tsx';
import type { LiveRun } from './useRun.ts';
import { WhoGoesWhere } from './WhoGoesWhere.tsx';

/** A block without a game: what comes next. While a game is explained its rules are there to be read aloud. */
export function BetweenGames({ plan, at }: { plan: LiveRun['plan']; at: number }) {
  const [block, next] = [plan.blocks[at], plan.blocks[at + 1]];
  const isExplained = block?.phase === 'explain' && next?.game && next.game.rules.length > 0;
  return (
    <div
      className={`flex min-h-0 flex-1 flex-col overflow-auto bg-ink-2 p-8 max-[600px]:p-4 ${isExplained ? '' : 'justify-center'}`}
      tabIndex={0}
      role="region"
      aria-label="Now"
    >
      <h2 className="head text-2xl">{isExplained ? next.title : block?.title}</h2>
      {isExplained ? (
        <>
          <FrozenCard game={next.game!} large />
          <h2 className="head mt-4 text-xl">Who goes where</h2>
          <WhoGoesWhere game={next.game!} names={plan.names} />
        </>
      ) : (
        next && <p className="mt-2 text-lg text-[#c3ccd6]">Next: {next.title}</p>
      )}
    </div>
  );
}
