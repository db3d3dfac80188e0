import type { BoardAction } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';

interface Props {
  action: BoardAction;
  /** Whom it is about, said to who does not see the row. */
  of?: string;
  words: FormatWords;
  large?: boolean;
  onAct(action: BoardAction): void;
}

/** One action of a board, in the format's words. */
export function BoardButton({ action, of, words, large, onAct }: Props) {
  const word = action.title ?? words.actions[action.code];
  return (
    <button
      type="button"
      disabled={!action.enabled}
      aria-label={of ? `${of}: ${word}` : undefined}
      className={`head min-h-11 px-2 text-center whitespace-nowrap disabled:opacity-35 ${large ? 'min-w-16 flex-1 bg-tape text-base hover:bg-[#2b62cc]' : 'flex-1 bg-ink-3 text-sm hover:bg-[#3a4a60]'}`}
      onClick={() => onAct(action)}
    >
      {word}
    </button>
  );
}
