import type { BoardAction, BoardZones } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { counted } from '../../../core/formats/speak.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { namedBy } from './answerWords.ts';

interface Props {
  sides: readonly BoardZones[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** Each side's target seen from above, zone beside zone: a tap says that one more lies there, a tap below it that one was moved. */
export function ZonesPanel({ sides, label, names, words, onAct }: Props) {
  const wordOf = (i: number, points: number | null) => words.board[points === null ? 'outside' : `zone-${i + 1}`];
  return (
    <ul
      className={`grid min-h-0 flex-1 content-start gap-2 overflow-auto max-[900px]:flex-none max-[900px]:grid-cols-1 ${sides.length > 4 ? 'grid-cols-2' : 'grid-cols-1'}`}
      aria-label={label}
    >
      {sides.map((side) => (
        <li key={side.side} className="flex flex-col gap-1.5 bg-ink-2 px-3 py-2">
          <div className="flex items-center gap-2">
            <Pennant index={side.group} width={34} light />
            <span className="head min-w-0 flex-1 truncate text-base">{side.side}</span>
            {side.now > 0 && <span className="text-sm text-[#c3ccd6]">now {side.now}</span>}
            <output className="wide text-xl" aria-label={`${side.side}: ${label}`}>
              {side.value}
            </output>
          </div>
          <div className="flex gap-1">
            {side.cells.map(({ points, count, add, move }, i) => (
              <div key={points === null ? 'outside' : `zone-${i + 1}`} className="flex min-w-0 flex-1 flex-col gap-1">
                <button
                  type="button"
                  disabled={!add.enabled}
                  className={`head flex h-14 flex-col items-center justify-center text-sm leading-4 disabled:opacity-50 ${points === null ? 'bg-ink-3 hover:bg-[#3a4a60]' : 'bg-tape hover:bg-[#2b62cc]'}`}
                  onClick={() => onAct(add)}
                >
                  <span className="sr-only">
                    {side.side}, {wordOf(i, points)}, {words.actions[add.code]}:{' '}
                  </span>
                  <span className="wide text-xl">{count}</span> {points === null ? 'out' : counted(points, 'point')}
                </button>
                <button
                  type="button"
                  disabled={!move.enabled}
                  className="head min-h-11 bg-ink-3 text-sm hover:bg-[#3a4a60] disabled:opacity-35"
                  onClick={() => onAct(move)}
                >
                  <span className="sr-only">
                    {side.side}, {wordOf(i, points)}:{' '}
                  </span>
                  {words.actions[move.code]}
                </button>
              </div>
            ))}
          </div>
          <p className="text-sm leading-4 text-[#c3ccd6]">
            {side.left} to come
            {side.note ? ` · ${words.notes?.[side.note.code]?.(side.note.data, namedBy(names))}` : ''}
          </p>
        </li>
      ))}
    </ul>
  );
}
