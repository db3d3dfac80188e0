import type { BoardAction, BoardSeats } from '../../../core/formats/board.ts';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  courts: readonly BoardSeats[];
  names: Record<string, string>;
  /** The format's words for its board and its actions. */
  words: Record<string, string>;
  onAct(action: BoardAction): void;
}

/** Every court with its places in rank order, the top first: one tap on the one it happened to, then who waits. */
export function CourtCards({ courts, names, words, onAct }: Props) {
  const columns = courts.length > 6 ? 'grid-cols-4' : courts.length > 4 ? 'grid-cols-3' : 'grid-cols-2';
  return (
    <ul
      className={`grid min-h-0 flex-1 auto-rows-fr gap-3 overflow-auto max-[900px]:flex-none max-[900px]:grid-cols-2 max-[600px]:grid-cols-1 ${columns}`}
      aria-label="Courts"
    >
      {courts.map((court) => (
        <li key={court.group} className="flex min-h-[150px] flex-col bg-ink-2 px-2.5 py-2">
          <div className="flex items-center gap-2">
            <Pennant index={court.group} width={36} light />
            <span className="wide text-[26px] leading-none">{court.group + 1}</span>
            <span className="ml-auto text-sm text-[#c3ccd6]">
              {words.count}: {court.count}
            </span>
          </div>
          <ol
            className="mt-1.5 grid min-h-0 flex-1 auto-rows-fr grid-cols-2 gap-1.5"
            aria-label={`Court ${court.group + 1}, top place first`}
          >
            {[...court.seats].reverse().map((seat, i) => (
              <li key={seat.rank} className="flex">
                <button
                  type="button"
                  disabled={!seat.action.enabled}
                  className={`flex min-h-11 min-w-0 flex-1 items-center gap-1.5 px-1.5 text-left leading-4 disabled:opacity-50 ${i === 0 ? 'bg-tape hover:bg-[#2b62cc]' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
                  onClick={() => onAct(seat.action)}
                >
                  <span className="sr-only">Court {court.group + 1}, place </span>
                  <span className="head text-lg">{seat.rank}</span>
                  <span className="sr-only">, </span>
                  <span className="min-w-0 text-sm">{seat.player ? names[seat.player] : '–'}</span>
                  <span className="sr-only">: {words[seat.action.code]}</span>
                  {seat.value > 0 && (
                    <span className="ml-auto text-xs text-[#dce6f8]">
                      {seat.value} {words.atTop}
                    </span>
                  )}
                </button>
              </li>
            ))}
          </ol>
          <p className="mt-1.5 min-h-5 text-sm leading-5 text-[#c3ccd6]">
            {court.queue.length ? `${words.waits}: ${court.queue.map((id) => names[id]).join(', ')}` : words.nobody}
          </p>
        </li>
      ))}
    </ul>
  );
}
