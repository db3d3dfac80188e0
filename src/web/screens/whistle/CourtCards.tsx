import { useState } from 'react';
import type { BoardAction, BoardSeats } from '../../../core/formats/board.ts';
import { FACINGS, type Facing, seenFrom } from '../../../core/live/seenFrom.ts';
import type { Piece } from '../../../core/model/piece.ts';
import { boxOf } from '../../../core/model/shape.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { keepJson, storedJson } from '../../parts/storedJson.ts';

const KEPT = 'side-court-facing';
/** More columns than this are too narrow for two names side by side. */
const WIDE_COLUMNS = 4;

interface Props {
  courts: readonly BoardSeats[];
  /** The floor's places, for where each court lies. */
  pieces: readonly Piece[];
  names: Record<string, string>;
  /** The format's words for its board and its actions. */
  words: Record<string, string>;
  onAct(action: BoardAction): void;
}

/** The wall that the teacher looks at, kept in this browser, and one press on to the next. */
function useFacing(): [Facing, () => void] {
  const [facing, setFacing] = useState<Facing>(() => FACINGS.find((f) => f === storedJson('localStorage', KEPT)) ?? 'north');
  const turn = () => {
    const next = FACINGS[(FACINGS.indexOf(facing) + 1) % FACINGS.length];
    keepJson(KEPT, next);
    setFacing(next);
  };
  return [facing, turn];
}

/** The courts where they lie on the floor, each with its positions in rank order, the top first: one tap on the one it happened to, then who waits. */
export function CourtCards({ courts, pieces, names, words, onAct }: Props) {
  const [facing, turn] = useFacing();
  const nameOf = (court: BoardSeats, id: string) => court.titles?.[id] ?? names[id];
  const placed = courts.flatMap((court) => {
    const piece = pieces.find((p) => p.id === court.place);
    return piece ? [{ court, box: boxOf(piece.shape) }] : [];
  });
  const { columns, cells } = seenFrom(
    placed.map((p) => p.box),
    facing,
  );
  const shown = placed.map(({ court }, i) => ({ court, ...cells[i] })).sort((a, b) => a.row - b.row || a.column - b.column);
  return (
    <>
      {courts.length > 1 && (
        <button
          type="button"
          className="head flex min-h-11 shrink-0 items-center gap-3 self-start bg-ink-3 px-4 text-base hover:bg-[#3a4a60]"
          onClick={turn}
        >
          <TurnSign />
          Turn the courts
          <span className="text-[#c3ccd6]">you face {facing}</span>
        </button>
      )}
      <ul
        className={`grid min-h-0 flex-1 grid-cols-(--columns) gap-3 overflow-auto max-[900px]:flex-none max-[600px]:grid-cols-1 ${courts[0]?.unranked ? 'auto-rows-auto content-start' : 'auto-rows-fr'}`}
        style={{ '--columns': `repeat(${Math.max(1, columns)}, minmax(0, 1fr))` } as React.CSSProperties}
        aria-label="Courts"
      >
        {shown.map(({ court, row, column }) => (
          <li
            key={court.group}
            aria-label={`Court ${court.group + 1}`}
            className={`flex flex-col bg-ink-2 px-2.5 py-2 min-[601px]:[grid-area:var(--area)] ${court.unranked ? '' : 'min-h-[150px]'}`}
            style={{ '--area': `${row + 1} / ${column + 1}` } as React.CSSProperties}
          >
            <div className="flex items-center gap-2">
              {!court.titles && <Pennant index={court.group} width={36} light />}
              <span className="wide text-[26px] leading-none">{court.group + 1}</span>
              {!court.unranked && (
                <span className="ml-auto text-sm text-[#c3ccd6]">
                  {words.count}: {court.count}
                </span>
              )}
            </div>
            <ol
              className={`mt-1.5 grid gap-1.5 ${court.unranked ? 'auto-rows-[minmax(44px,auto)]' : 'min-h-0 flex-1 auto-rows-fr'} ${columns > WIDE_COLUMNS ? 'grid-cols-1' : 'grid-cols-2'}`}
              aria-label={`Court ${court.group + 1}, top place first`}
            >
              {[...court.seats].reverse().map((seat, i) => (
                <li key={seat.rank} className="flex">
                  <button
                    type="button"
                    disabled={!seat.action.enabled}
                    className={`flex min-h-11 min-w-0 flex-1 items-center gap-1.5 px-1.5 text-left leading-4 disabled:opacity-50 ${i === 0 || court.unranked ? 'bg-tape hover:bg-[#2b62cc]' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
                    onClick={() => onAct(seat.action)}
                  >
                    <span className="sr-only">Court {court.group + 1}, place </span>
                    {!court.unranked && <span className="head text-lg">{court.titles ? seat.value : seat.rank}</span>}
                    <span className="sr-only">, </span>
                    <span className="min-w-0 text-sm">{seat.player ? nameOf(court, seat.player) : '–'}</span>
                    <span className="sr-only">: {words[seat.action.code]}</span>
                    {seat.value > 0 && !court.titles && (
                      <span className="ml-auto text-xs text-[#dce6f8]">
                        {seat.value} {words.atTop}
                      </span>
                    )}
                  </button>
                </li>
              ))}
            </ol>
            <p className="mt-1.5 min-h-5 text-sm leading-5 text-[#c3ccd6]">
              {court.coming?.length ? `${words.coming}: ${court.coming.map((id) => nameOf(court, id)).join(', ')}. ` : ''}
              {court.queue.length ? `${words.waits}: ${court.queue.map((id) => nameOf(court, id)).join(', ')}` : words.nobody}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A quarter of a turn, drawn in our own hand. */
const TurnSign = () => (
  <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
    <path d="M4 16 V9 A5 5 0 0 1 9 4 H15" fill="none" stroke="currentColor" strokeWidth="2" />
    <path d="M12 0.5 L17 4 L12 7.5 Z" fill="currentColor" />
  </svg>
);
