import type { BoardAction, BoardSection } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { BoardButton } from './BoardButton.tsx';

interface Props {
  sections: readonly BoardSection[];
  actions: readonly BoardAction[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** Everyone by name in one of a few states: a tap on a name does the usual thing; what is seldom stands small beside it. */
export function RosterPanel({ sections, actions, label, names, words, onAct }: Props) {
  const shown = sections.filter((s) => s.students.length > 0);
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 max-[900px]:flex-none">
      {actions.length > 0 && (
        <div className="flex shrink-0 flex-wrap gap-1.5">
          {actions.map((action) => (
            <BoardButton key={action.code + JSON.stringify(action.event)} action={action} words={words} large onAct={onAct} />
          ))}
        </div>
      )}
      <div className="min-h-0 flex-1 overflow-auto" role="group" aria-label={label} tabIndex={0}>
        {shown.map((section) => (
          <section key={section.code} className="mb-2" aria-label={words.board[section.code]}>
            <h2 className="mb-0.5 text-sm text-[#c3ccd6]">
              {words.board[section.code]} · {section.students.length}
            </h2>
            <ul className="grid grid-cols-5 gap-1 max-[1100px]:grid-cols-3 max-[600px]:grid-cols-2">
              {section.students.map((student) => {
                const name = names[student.player] ?? '';
                const { action } = student;
                return (
                  <li key={student.player} className="flex min-h-11 items-stretch bg-ink-2">
                    <button
                      type="button"
                      disabled={!action?.enabled}
                      className="flex min-w-0 flex-1 items-center gap-2 px-2.5 text-left enabled:bg-ink-3 enabled:hover:bg-[#3a4a60]"
                      onClick={() => action && onAct(action)}
                    >
                      <span className="min-w-0 flex-1 truncate text-sm">
                        {name}
                        <span className="sr-only">{action ? `: ${words.actions[action.code]}, ` : ', '}</span>
                      </span>
                      <span className={student.value > 0 ? 'wide text-base' : 'sr-only'}>{student.value}</span>
                    </button>
                    {student.more
                      .filter((a) => a.enabled)
                      .map((a) => (
                        <button
                          key={a.code}
                          type="button"
                          aria-label={`${name}: ${words.actions[a.code]}`}
                          className="border-l border-white/20 bg-ink-3 px-2 text-xs hover:bg-[#3a4a60]"
                          onClick={() => onAct(a)}
                        >
                          {words.actions[a.code]}
                        </button>
                      ))}
                  </li>
                );
              })}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}
