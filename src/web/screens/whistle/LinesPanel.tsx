import { useState } from 'react';
import type { BoardAction, BoardLine } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import type { Piece } from '../../../core/model/piece.ts';
import { RowCard } from './RowCard.tsx';

interface Props {
  lines: readonly BoardLine[];
  pieces: readonly Piece[];
  label: string;
  names: Record<string, string>;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** A card for each line: the student whose turn it is with what can be tapped, the next ones as names; a tap on a name shows that student instead. */
export function LinesPanel({ lines, pieces, label, names, words, onAct }: Props) {
  const wide = lines.length <= 4 ? 'grid-cols-2' : 'grid-cols-3';
  return (
    <ul
      className={`grid min-h-0 flex-1 content-start gap-2 overflow-auto max-[900px]:flex-none max-[900px]:grid-cols-1 ${wide}`}
      aria-label={label}
    >
      {lines.map((line) => (
        // Another turn begins with its own student again.
        <Line
          key={line.rows[0].player}
          line={line}
          title={titleOf(pieces.find((p) => p.id === line.place))}
          {...{ label, names, words, onAct }}
        />
      ))}
    </ul>
  );
}

/** "Lane 3". */
const titleOf = (piece: Piece | undefined) => piece && `${piece.title} ${piece.number}`;

function Line({ line, title, ...rest }: { line: BoardLine; title: string | undefined } & Omit<Props, 'lines' | 'pieces'>) {
  const [shown, setShown] = useState(0);
  const others = line.rows.map((row, i) => ({ row, i })).filter(({ i }) => i !== shown);
  return (
    <li className="flex flex-col gap-1.5 bg-ink-2 px-3 py-2">
      <RowCard row={line.rows[shown] ?? line.rows[0]} {...rest} />
      {(title || others.length > 0) && (
        <p className="flex flex-wrap items-center gap-1 text-sm leading-5 text-[#c3ccd6]">
          {title}
          {others.length > 0 && (title ? `, ${shown === 0 ? 'then' : 'also'}` : shown === 0 ? 'Then' : 'Also')}
          {others.map(({ row, i }) => (
            <button
              key={row.player}
              type="button"
              className="min-h-11 px-1.5 underline"
              aria-label={`Show ${rest.names[row.player ?? ''] ?? ''}`}
              onClick={() => setShown(i)}
            >
              {rest.names[row.player ?? ''] ?? ''}
            </button>
          ))}
        </p>
      )}
    </li>
  );
}
