import type { BoardAction } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { BoardButton } from './BoardButton.tsx';

/** The actions of a whole board, under its rows. */
export function BoardActions({
  actions,
  words,
  onAct,
}: {
  actions: readonly BoardAction[];
  words: FormatWords;
  onAct(action: BoardAction): void;
}) {
  if (!actions.length) return null;
  return (
    <div className="flex shrink-0 flex-wrap gap-1.5">
      {actions.map((action) => (
        <BoardButton key={action.code + (action.title ?? '')} action={action} words={words} large={action.usual} onAct={onAct} />
      ))}
    </div>
  );
}
