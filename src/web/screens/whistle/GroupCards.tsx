import { useState } from 'react';
import type { BoardAction, BoardRow } from '../../../core/formats/board.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { PlaceSheet } from './PlaceSheet.tsx';
import { placeOf } from './WhoGoesWhere.tsx';

interface Props {
  block: PlanBlock;
  names: Record<string, string>;
  rows: readonly BoardRow[];
  /** The format's words for its actions. */
  words: Record<string, string>;
  round: number;
  moving: boolean;
  onAct(action: BoardAction): void;
}

/** Every group: pennant, where it is now and goes next, its score and one tap for a point. */
export function GroupCards({ block, names, rows, words, round, moving, onAct }: Props) {
  const game = block.game!;
  const [open, setOpen] = useState<number | null>(null);
  const place = (r: number, g: number) => placeOf(game, r, g);
  const many = game.groups.length > 9;
  return (
    <>
      <ul
        className={`grid min-h-0 flex-1 auto-rows-[minmax(min-content,1fr)] gap-3 [@media(max-height:720px)]:gap-2 overflow-auto max-[900px]:flex-none max-[900px]:grid-cols-3 max-[600px]:grid-cols-2 max-[900px]:gap-2 ${many ? 'grid-cols-4' : game.groups.length > 4 ? 'grid-cols-3' : 'grid-cols-2'}`}
        aria-label="Groups, now and next"
      >
        {game.groups.map((members, g) => {
          const row = rows.find((r) => r.group === g);
          const next = place(round + 1, g);
          return (
            <li
              key={`group-${g + 1}`}
              className="flex min-h-[100px] flex-col bg-ink-2"
              title={members.map((id) => names[id] ?? '').join(', ')}
            >
              <div className="flex min-h-[52px] items-center gap-2.5 px-3 pt-2 [@media(max-height:720px)]:min-h-11 [@media(max-height:720px)]:pt-0 max-[600px]:gap-1.5 max-[600px]:px-2 max-[600px]:[&>svg]:h-auto max-[600px]:[&>svg]:w-8">
                <Pennant index={g} width={many ? 42 : 50} light />
                <span className={`wide leading-none ${many ? 'text-[28px]' : 'text-[34px]'}`}>{g + 1}</span>
                {row && (
                  <span className="ml-auto flex items-center gap-1.5">
                    {row.actions
                      .filter((a) => a.enabled)
                      .map((a, i) => (
                        <button
                          key={a.code}
                          type="button"
                          aria-label={`Group ${g + 1}: ${words[a.code]}`}
                          className={`head flex items-center justify-center bg-ink-3 hover:bg-[#3a4a60] ${i === 0 ? 'order-3 h-11 w-12 text-lg max-[600px]:w-11' : 'h-11 w-9 text-base text-[#b9c2cd]'}`}
                          onClick={() => onAct(a)}
                        >
                          {words[a.code]}
                        </button>
                      ))}
                    <output aria-label={`Points of group ${g + 1}`} className="wide order-2 min-w-6 text-center text-lg">
                      {row.actions.some((a) => a.enabled) || row.value ? row.value : '–'}
                    </output>
                  </span>
                )}
              </div>
              <button
                type="button"
                className="flex min-h-7 flex-1 items-center gap-2 px-3 py-0.5 text-left hover:underline pointer-coarse:min-h-11"
                onClick={() => setOpen(g)}
              >
                <span className="sr-only">Group {g + 1}, names and card: </span>
                <span className="w-9 shrink-0 text-sm text-[#aab4c0]">{moving ? 'from' : 'now'}</span>
                <span className={`head truncate ${many ? 'text-base' : 'text-lg'}`}>{place(round, g)}</span>
              </button>
              <p
                className={`flex h-9 shrink-0 items-center gap-2 px-3 [@media(max-height:720px)]:h-7.5 ${moving ? 'bg-paper text-ink' : 'bg-tape'}`}
              >
                <span className={`w-9 shrink-0 text-sm ${moving ? 'text-muted' : 'text-[#dce6f8]'}`}>{moving ? 'go to' : 'next'}</span>
                <span className={`head truncate ${many ? 'text-base' : 'text-lg'}`}>{next ?? 'gear back, sit down'}</span>
              </p>
            </li>
          );
        })}
      </ul>
      {open !== null && <PlaceSheet {...{ game, names, round }} group={open} onClose={() => setOpen(null)} />}
    </>
  );
}
