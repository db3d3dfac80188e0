import type { BoardAction, BoardRow } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { BoardButton } from './BoardButton.tsx';

interface Props {
  rows: readonly BoardRow[];
  actions: readonly BoardAction[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** How many of a row's actions are the usual ones. */
const LARGE = 2;

/** Students or sides with their counts: the two usual taps large, the others under them. */
export function TallyRows({ rows, actions, label, names, words, onAct }: Props) {
  const wide = rows.length <= 4 ? 'grid-cols-1' : rows.length > 16 ? 'grid-cols-3' : 'grid-cols-2';
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 max-[900px]:flex-none">
      <ul className={`grid min-h-0 flex-1 content-start gap-2 overflow-auto max-[900px]:grid-cols-1 ${wide}`} aria-label={label}>
        {rows.map((row) => {
          const name = row.player ? (names[row.player] ?? '') : (row.side ?? '');
          return (
            <li key={name + row.player} className="flex flex-col gap-1.5 bg-ink-2 px-3 py-2">
              <div className="flex items-center gap-2">
                {row.group !== undefined && <Pennant index={row.group} width={34} light />}
                <span className="head min-w-0 flex-1 truncate text-base">{name}</span>
                <output className="wide text-xl" aria-label={`${name}: ${label}`}>
                  {row.value}
                </output>
              </div>
              {row.note && <p className="text-sm leading-4 text-[#c3ccd6]">{words.notes?.[row.note.code]?.(row.note.data)}</p>}
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
            </li>
          );
        })}
      </ul>
      {actions.length > 0 && (
        <div className="flex shrink-0 flex-wrap gap-1.5">
          {actions.map((action) => (
            <BoardButton key={action.code} action={action} words={words} onAct={onAct} />
          ))}
        </div>
      )}
    </div>
  );
}
