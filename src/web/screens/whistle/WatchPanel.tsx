import type { BoardAction, BoardWatch } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import { namedBy } from './answerWords.ts';
import { BoardActions } from './BoardActions.tsx';

interface Props {
  /** Second of the play now. */
  at: number;
  rows: readonly BoardWatch[];
  actions: readonly BoardAction[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** Everyone with a stopwatch: one tap on the name counts and starts the next time; the shortest so far stands under it. */
export function WatchPanel({ at, rows, actions, label, names, words, onAct }: Props) {
  return (
    <section className="flex min-h-0 flex-1 flex-col max-[900px]:flex-none" aria-label={label}>
      <h2 className="mb-0.5 text-sm text-[#c3ccd6]">
        {label} · {rows.length}
      </h2>
      <ul className="grid min-h-0 flex-1 auto-rows-min grid-cols-5 content-start gap-1.5 overflow-auto max-[1100px]:grid-cols-3 max-[600px]:grid-cols-2">
        {rows.map(({ player, value, from, best, note, action }) => {
          const name = names[player] ?? '';
          const said = note && words.notes?.[note.code]?.(note.data, namedBy(names));
          const shortest = best === undefined ? '' : `best ${clockOf(Math.round(best))}`;
          const running = from === undefined ? '' : clockOf(Math.max(0, Math.floor(at - from)));
          return (
            <li key={player} className="flex">
              <button
                type="button"
                disabled={!action.enabled}
                className="flex min-h-14 min-w-0 flex-1 flex-col justify-center bg-ink-3 px-2.5 py-1 text-left enabled:hover:bg-[#3a4a60] disabled:bg-ink-2"
                aria-label={`${name}: ${words.actions[action.code]}, ${value}${said ? `, ${said}` : ''}${shortest ? `, ${shortest}` : ''}`}
                onClick={() => onAct(action)}
              >
                <span className="flex w-full items-center gap-2">
                  <span className="min-w-0 flex-1 truncate text-sm">{name}</span>
                  {value > 0 && <span className="wide text-base before:content-[attr(data-shown)]" data-shown={value} />}
                </span>
                {/* Numbers are drawn, not text: the button's own name says them, and a time that runs is not read aloud every second. */}
                <span
                  className="w-full text-xs leading-4 text-[#c3ccd6] tabular-nums before:content-[attr(data-shown)]"
                  data-shown={[running, said, shortest].filter(Boolean).join(' · ')}
                />
              </button>
            </li>
          );
        })}
      </ul>
      <BoardActions {...{ actions, words, onAct }} />
    </section>
  );
}
