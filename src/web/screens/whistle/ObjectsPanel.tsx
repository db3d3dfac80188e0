import type { BoardAction, BoardObjects } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { namedBy } from './answerWords.ts';
import { BoardActions } from './BoardActions.tsx';

interface Props {
  sides: readonly BoardObjects[];
  actions: readonly BoardAction[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** Each side's things as they stand: a tap on one that stands knocks it down, on one that is down stands it up again. */
export function ObjectsPanel({ sides, actions, label, names, words, onAct }: Props) {
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 max-[900px]:flex-none">
      <ul className="grid min-h-0 flex-1 content-start gap-2 overflow-auto" aria-label={label}>
        {sides.map((side) => (
          <li key={side.side} className="flex flex-col gap-1.5 bg-ink-2 px-3 py-2">
            <div className="flex items-center gap-2">
              <Pennant index={side.group} width={34} light />
              <span className="head min-w-0 flex-1 truncate text-base">{side.side}</span>
              <output className="wide text-xl" aria-label={`${side.side}: ${label}`}>
                {side.value}
              </output>
            </div>
            <div className="flex flex-wrap gap-1">
              {Array.from({ length: side.count }, (_, i) => {
                const isUp = i < side.standing;
                const action = isUp ? side.down : side.up;
                const word = words.actions[action.code];
                return (
                  <button
                    key={`thing-${i + 1}`}
                    type="button"
                    disabled={!action.enabled}
                    aria-label={`${side.side}: ${word}, ${isUp ? 'standing' : 'down'} ${i + 1}`}
                    className={`flex h-12 min-w-11 flex-1 items-end justify-center pb-1.5 disabled:opacity-35 ${isUp ? 'bg-tape hover:bg-[#2b62cc]' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
                    onClick={() => onAct(action)}
                  >
                    <span aria-hidden="true" className={isUp ? 'h-8 w-3 bg-paper' : 'h-3 w-8 border-2 border-[#aab4c0]'} />
                  </button>
                );
              })}
            </div>
            <p className="text-sm leading-4 text-[#c3ccd6]">
              {side.standing} of {side.count} standing
              {side.note ? ` · ${words.notes?.[side.note.code]?.(side.note.data, namedBy(names))}` : ''}
            </p>
          </li>
        ))}
      </ul>
      <BoardActions {...{ actions, words, onAct }} />
    </div>
  );
}
