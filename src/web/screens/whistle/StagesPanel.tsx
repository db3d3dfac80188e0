import type { BoardAction, BoardPart } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { BoardButton } from './BoardButton.tsx';

interface Props {
  board: Extract<BoardPart, { part: 'stages' }>;
  label: string;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

const LOOKS = { done: 'text-[#8f9ba8] line-through', now: 'bg-paper text-ink', next: 'text-[#c3ccd6]' } as const;

/** The stages in a row, the one that is on told large, with its bout and what ends it. */
export function StagesPanel({ board: { stages, count, of, says = [], actions }, label, words, onAct }: Props) {
  return (
    <section className="flex shrink-0 flex-wrap items-center gap-x-3 gap-y-1.5" aria-label={label}>
      <ol className="flex flex-wrap items-center gap-1">
        {stages.map(({ title, is }, i) => (
          <li key={title} aria-current={is === 'now' ? 'step' : undefined} className={`head px-2.5 py-1.5 text-sm ${LOOKS[is]}`}>
            {i + 1} {title}
          </li>
        ))}
      </ol>
      <p className="text-sm">
        {words.board.count} <b className="wide">{count}</b> of {of}
      </p>
      {says.length > 0 && (
        <ul className="w-full">
          {says.map(({ code, data }) => (
            <li key={code} className="text-base leading-6">
              {words.notes?.[code]?.(data, String)}
            </li>
          ))}
        </ul>
      )}
      <div className="flex min-w-56 flex-1 gap-1.5">
        {actions.map((action) => (
          <BoardButton key={action.code} action={action} words={words} large={action.usual} onAct={onAct} />
        ))}
      </div>
    </section>
  );
}
