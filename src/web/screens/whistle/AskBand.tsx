import { useState } from 'react';
import type { Answer, BoardAction } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import type { Onward } from '../../../core/live/placesAfter.ts';
import type { Piece } from '../../../core/model/piece.ts';
import { answerWords, BAND } from './answerWords.ts';
import { EachBand } from './EachBand.tsx';

interface Props {
  action: BoardAction;
  names: Record<string, string>;
  words: FormatWords;
  /** The places of the board, for their numbers. */
  pieces: readonly Piece[];
  /** Who goes where once an action counts. */
  follows(action: BoardAction): Onward[];
  onAct(action: BoardAction): void;
  onCancel(): void;
}

/** What an action still has to be told, in one band of tape: a tap on the answer, or several and then Done. */
export function AskBand({ action, names, words, pieces, follows, onAct, onCancel }: Props) {
  const { ask, ...bare } = action;
  const [chosen, setChosen] = useState<readonly Answer['value'][]>([]);
  if (!ask) return null;
  if (ask.each) return <EachBand {...{ action, names, words, pieces, follows, onAct, onCancel }} />;
  const send = (value: unknown) => onAct({ ...bare, event: { ...bare.event, [ask.field]: value } });
  const pick = (value: Answer['value']) => {
    if (!ask.many) return send(value);
    setChosen(chosen.includes(value) ? chosen.filter((v) => v !== value) : [...chosen, value]);
  };
  return (
    <section className={BAND} aria-label={words.board[ask.field] ?? words.actions[action.code]}>
      <p className="head text-base">{words.board[ask.field] ?? words.actions[action.code]}</p>
      <div className="mt-1.5 flex max-h-[40vh] flex-wrap gap-1.5 overflow-auto">
        {ask.among.map((answer) => (
          <button
            key={answer.value}
            type="button"
            disabled={ask.many && chosen.length >= (ask.most ?? ask.among.length) && !chosen.includes(answer.value)}
            aria-pressed={ask.many ? chosen.includes(answer.value) : undefined}
            className={`head min-h-11 px-3 text-base disabled:opacity-50 ${chosen.includes(answer.value) ? 'bg-paper text-ink' : 'bg-[#12306f] hover:bg-ink'}`}
            onClick={() => pick(answer.value)}
          >
            {answerWords(answer, names, words)}
          </button>
        ))}
        {ask.many && (
          <button
            type="button"
            className="head min-h-11 bg-paper px-4 text-base text-ink"
            disabled={!chosen.length}
            onClick={() => send(chosen)}
          >
            Done
          </button>
        )}
        <button type="button" className="min-h-11 px-3 underline" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </section>
  );
}
