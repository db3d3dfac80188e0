import type { BoardAction, BoardRow } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { namedBy } from './answerWords.ts';
import { BoardButton } from './BoardButton.tsx';

interface Props {
  row: BoardRow;
  /** What is counted. */
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** How many of a row's actions are the usual ones. */
const LARGE = 2;

/** A student or a side with its count: the two usual taps large, the others under them. */
export function RowCard({ row, label, names, words, onAct }: Props) {
  const shown = row.label ? words.board[row.label] : row.side;
  const name = row.player ? (names[row.player] ?? '') : (shown ?? '');
  return (
    <>
      <div className="flex items-center gap-2">
        {row.group !== undefined && <Pennant index={row.group} width={34} light />}
        <span className="head min-w-0 flex-1 truncate text-base">{name}</span>
        <output className="wide text-xl" aria-label={`${name}: ${label}`}>
          {row.value}
        </output>
      </div>
      {row.note && <p className="text-sm leading-4 text-[#c3ccd6]">{words.notes?.[row.note.code]?.(row.note.data, namedBy(names))}</p>}
      {[row.actions.slice(0, LARGE), row.actions.slice(LARGE)].map(
        (list, i) =>
          list.length > 0 && (
            <div key={i === 0 ? 'usual' : 'others'} className="flex flex-wrap gap-1">
              {list.map((action) => (
                <BoardButton key={action.code} action={action} of={name} words={words} large={i === 0} onAct={onAct} />
              ))}
            </div>
          ),
      )}
    </>
  );
}
