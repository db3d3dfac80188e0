import { useMemo, useState } from 'react';
import type { Answer } from '../../../core/formats/board.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import type { AskBand } from './AskBand.tsx';
import { answerWords, BAND } from './answerWords.ts';

/** One answer for each place, such as who won on each court: a tap a place, then who goes where, big, and one press that lets it happen. */
export function EachBand({ action, names, words, pieces, follows, onAct, onCancel }: Parameters<typeof AskBand>[0]) {
  const { ask, ...bare } = action;
  const each = ask?.each ?? [];
  const [chosen, setChosen] = useState<Readonly<Record<number, Answer['value']>>>(() => ({
    // What has only one answer is known.
    ...Object.fromEntries(each.flatMap(({ among }, i) => (among.length === 1 ? [[i, among[0].value]] : []))),
    ...ask?.chosen,
  }));
  const open = each.filter((_, i) => chosen[i] === undefined).length;
  const done = { ...bare, event: { ...bare.event, [ask!.field]: each.map((_, i) => chosen[i]) } };
  // The clock draws this anew several times a second, and what follows is a fold of the whole log.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only another choice makes another event of the same question
  const ways = useMemo(() => (open ? [] : follows(done)), [chosen]);
  const numberOf = (place: string) => pieces.find((p) => p.id === place)?.number;
  const labelOf = (place: string) => {
    const number = numberOf(place);
    return number === undefined ? (words.board.waits ?? place) : `${words.unit} ${number}`;
  };
  return (
    <section className={`flex max-h-[70vh] flex-col ${BAND}`} aria-label={words.board[ask!.field]}>
      <p className="head text-base">{words.board[ask!.field]}</p>
      <ul className="mt-1.5 grid min-h-0 grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-x-4 gap-y-1.5 overflow-auto">
        {each.map(({ place, title, group, among }, i) => (
          <li key={place} className={`flex items-center gap-1.5 ${title ? 'flex-wrap' : ''}`}>
            <span className={`wide flex shrink-0 items-center gap-1.5 text-lg ${title ? 'w-full' : 'w-16'}`}>
              <Pennant index={group ?? i} width={24} light />
              {title ?? numberOf(place)}
            </span>
            {among.map((answer) => (
              <button
                key={answer.value}
                type="button"
                aria-pressed={chosen[i] === answer.value}
                aria-label={`${title ?? labelOf(place)}: ${answerWords(answer, names, words)}`}
                className={`head min-h-11 min-w-0 ${title ? 'min-w-11' : 'flex-1'} px-2 text-base leading-5 ${chosen[i] === answer.value ? 'bg-paper text-ink' : 'bg-[#12306f] hover:bg-ink'} ${answer.player ? '' : 'max-w-16'}`}
                onClick={() => setChosen({ ...chosen, [i]: answer.value })}
              >
                {answerWords(answer, names, words)}
              </button>
            ))}
          </li>
        ))}
      </ul>
      {ways.length > 0 && (
        <ul
          className="mt-2 flex max-h-[24vh] flex-wrap gap-x-5 gap-y-0.5 overflow-auto border-t border-paper/40 pt-1.5"
          aria-label="Who goes where"
        >
          {ways.map(({ player, to }) => (
            <li key={player} className="wide text-xl">
              {names[player]} <span aria-hidden="true">→</span>
              <span className="sr-only"> goes to </span> {numberOf(to) ?? labelOf(to)}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-2 flex gap-2">
        <button
          type="button"
          className="head min-h-11 flex-1 bg-paper px-4 text-center text-base text-ink disabled:opacity-60"
          disabled={open > 0}
          onClick={() => onAct(done)}
        >
          {open > 0 ? `${open} more to choose` : (words.board.move ?? 'Done')}
        </button>
        <button type="button" className="min-h-11 px-3 underline" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </section>
  );
}
