import type { FittedGame } from '../../../core/fit/fitted.ts';
import { Sign } from '../../floor/Sign.tsx';
import type { Units } from '../../parts/units.ts';

interface Props {
  game: FittedGame | undefined;
  round: number;
  onRound(round: number): void;
  walking: boolean;
  onWalk(): void;
  units: Units;
  alone: boolean;
  onAlone(): void;
  children?: React.ReactNode;
  tools?: React.ReactNode;
}

/** Under the floor: the round shown, walking it through, and what else is done with the floor. */
export function FloorBar({ game, round, onRound, walking, onWalk, units, alone, onAlone, children, tools }: Props) {
  const rounds = game?.timeline.bouts.length ?? 0;
  return (
    <div className="@container h-[52px] shrink-0 overflow-x-auto overflow-y-hidden [scrollbar-width:thin]">
      <div className="flex h-full items-center gap-3 px-4 whitespace-nowrap @max-[780px]:gap-2 @max-[780px]:px-3">
        {game && rounds > 0 && (
          <>
            <span className="head text-base" aria-live="polite">
              <span className="@max-[780px]:sr-only">Round </span>
              {round + 1} of {rounds}
              <span className="hidden @[1032px]:inline">: now{round + 1 < rounds ? ' → next' : ''}</span>
            </span>
            <button type="button" className="btn px-2" aria-label="Round before" disabled={round === 0} onClick={() => onRound(round - 1)}>
              ‹
            </button>
            <button
              type="button"
              className="btn px-2"
              aria-label="Round after"
              disabled={round >= rounds - 1}
              onClick={() => onRound(round + 1)}
            >
              ›
            </button>
            {game.moveSeconds > 0 && (
              <>
                <button type="button" className="btn btn-tape flex shrink-0 items-center gap-2 @max-[832px]:px-2.5" onClick={onWalk}>
                  <Sign of="walk" />
                  <span className="@max-[832px]:sr-only">{walking ? 'Stop' : 'Walk it through'}</span>
                </button>
                <span className="hidden text-muted @[1152px]:inline">
                  longest move {units.say(game.walkM)}, {game.moveSeconds} s
                </span>
              </>
            )}
          </>
        )}
        <span className="ml-auto min-w-0" />
        {children}
        {tools}
        <button
          type="button"
          className="btn px-2"
          aria-label={alone ? 'Show the sheet' : 'The floor alone'}
          aria-pressed={alone}
          onClick={onAlone}
        >
          <Sign of={alone ? 'besideSheet' : 'floorAlone'} />
        </button>
      </div>
    </div>
  );
}
