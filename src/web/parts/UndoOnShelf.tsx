import { Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { problemWords } from '../api.ts';
import { isTyping } from './KeyHelp.tsx';
import { useShelfUndo } from './shelfUndo.ts';

/** The last change of facts in this window, taken back by a press or by Ctrl+Z. */
export function UndoOnShelf() {
  const { list, undo } = useShelfUndo();
  const [problem, setProblem] = useState('');
  const last = list.at(-1);
  const takeBack = () =>
    last &&
    undo(last).then(
      () => setProblem(''),
      (error) => setProblem(problemWords(error)),
    );
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (!last || e.key.toLowerCase() !== 'z' || !(e.ctrlKey || e.metaKey) || e.shiftKey || isTyping(e)) return;
      e.preventDefault();
      void takeBack();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
  if (!last) return null;
  return (
    <span className="flex min-w-0 items-center gap-2">
      <button type="button" className="btn flex min-w-0 items-center gap-2" onClick={() => void takeBack()}>
        <Undo2 size={15} aria-hidden="true" className="shrink-0" />
        <span className="max-w-64 truncate">Undo: {last.name}</span>
      </button>
      {problem && (
        <span role="alert" className="text-stop">
          {problem}
        </span>
      )}
    </span>
  );
}
