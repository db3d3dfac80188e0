import type { BoardAction, BoardRow } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { BoardActions } from './BoardActions.tsx';
import { RowCard } from './RowCard.tsx';

interface Props {
  rows: readonly BoardRow[];
  actions: readonly BoardAction[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** Students or sides with their counts: the two usual taps large, the others under them. */
export function TallyRows({ rows, actions, label, names, words, onAct }: Props) {
  const wide = rows.length === 1 || rows.length === 3 ? 'grid-cols-1' : rows.length > 16 ? 'grid-cols-3' : 'grid-cols-2';
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 max-[900px]:flex-none">
      <ul className={`grid min-h-0 flex-1 content-start gap-2 overflow-auto max-[900px]:grid-cols-1 ${wide}`} aria-label={label}>
        {rows.map((row) => (
          <li key={(row.player ?? '') + (row.side ?? '') + (row.label ?? '')} className="flex flex-col gap-1.5 bg-ink-2 px-3 py-2">
            <RowCard {...{ row, label, names, words, onAct }} />
          </li>
        ))}
      </ul>
      <BoardActions {...{ actions, words, onAct }} />
    </div>
  );
}
