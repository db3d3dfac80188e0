import { Footprints, Maximize2, Minimize2 } from 'lucide-react';
import type { FittedGame } from '../../../core/fit/fitted.ts';
import type { Piece } from '../../../core/model/piece.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';

interface Props {
  game: FittedGame | undefined;
  round: number;
  onRound(round: number): void;
  walking: boolean;
  onWalk(): void;
  piece: Piece | undefined;
  units: Units;
  onPlace(at: { x: number; y: number } | null): void;
  alone: boolean;
  onAlone(): void;
  children?: React.ReactNode;
}

/** Under the floor: the round shown, walking it through, and the chosen place's measures to type. */
export function FloorBar({ game, round, onRound, walking, onWalk, piece, units, onPlace, alone, onAlone, children }: Props) {
  const rounds = game?.timeline.rounds.length ?? 0;
  return (
    <div className="@container flex h-[52px] shrink-0 items-center gap-3 overflow-hidden px-4 whitespace-nowrap">
      {piece ? (
        <>
          <span className="head text-base">
            {piece.number} {piece.title}
          </span>
          <div className="flex items-center gap-1.5">
            <span className="text-xs text-muted">from the west wall</span>
            <CommitField
              label={`${piece.title}: metres from the west wall`}
              quiet
              className="w-24"
              value={units.say(piece.x)}
              onCommit={(text) => onPlace({ x: units.read(text), y: piece.y })}
            />
          </div>
          <div className="flex items-center gap-1.5">
            <span className="text-xs text-muted">from the south wall</span>
            <CommitField
              label={`${piece.title}: metres from the south wall`}
              quiet
              className="w-24"
              value={units.say(piece.y)}
              onCommit={(text) => onPlace({ x: piece.x, y: units.read(text) })}
            />
          </div>
          {piece.pinned && (
            <button type="button" className="btn" onClick={() => onPlace(null)}>
              Peel off
            </button>
          )}
        </>
      ) : (
        game &&
        rounds > 0 && (
          <>
            <span className="head text-base" aria-live="polite">
              Round {round + 1} of {rounds}: now{round + 1 < rounds ? ' → next' : ''}
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
                <button type="button" className="btn btn-tape flex shrink-0 items-center gap-2" onClick={onWalk}>
                  <Footprints size={16} aria-hidden="true" /> {walking ? 'Stand still' : 'Walk it through'}
                </button>
                <span className="hidden text-muted @[800px]:inline">
                  longest move {units.say(game.walkM)}, {game.moveSeconds} s
                </span>
              </>
            )}
          </>
        )
      )}
      <span className="ml-auto min-w-0" />
      {children}
      <button
        type="button"
        className="btn px-2"
        aria-label={alone ? 'Show the sheet' : 'The floor alone'}
        aria-pressed={alone}
        onClick={onAlone}
      >
        {alone ? <Minimize2 size={16} aria-hidden="true" /> : <Maximize2 size={16} aria-hidden="true" />}
      </button>
    </div>
  );
}
