import type { BoardTableRow } from '../../../core/formats/board.ts';
import type { Piece } from '../../../core/model/piece.ts';
import { Pennant } from '../../parts/Pennant.tsx';

interface Props {
  columns: readonly string[];
  rows: readonly BoardTableRow[];
  pieces: readonly Piece[];
  label: string;
}

/** Every group's numbers by place, the best of each place in bold. */
export function PointsTable({ columns, rows, pieces, label }: Props) {
  const best = columns.map((_, c) => Math.max(0, ...rows.map((row) => row.cells[c] ?? 0)));
  const piece = (id: string) => pieces.find((p) => p.id === id);
  const cell = 'px-2 py-1.5 text-center tabular-nums';
  return (
    <div className="min-h-0 flex-1 overflow-auto bg-ink-2 px-3 max-[900px]:flex-none" role="region" aria-label={label} tabIndex={0}>
      <table className="w-full text-base">
        <caption className="sr-only">{label}</caption>
        <thead>
          <tr className="border-b border-white/25 text-[#c3ccd6]">
            <th scope="col" className="py-1.5 text-left text-sm font-normal">
              Group
            </th>
            {columns.map((id) => (
              <th key={id} scope="col" className={`${cell} text-sm font-normal`} title={piece(id)?.title}>
                {piece(id)?.number}
                <span className="sr-only"> {piece(id)?.title}</span>
              </th>
            ))}
            <th scope="col" className={`${cell} text-sm font-normal`}>
              All
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ group, cells, total }) => (
            <tr key={group} className="border-b border-white/15">
              <th scope="row" className="flex items-center gap-2 py-1 text-left font-normal">
                <Pennant index={group} width={30} light />
                <span className="wide text-lg">{group + 1}</span>
              </th>
              {cells.map((value, c) => (
                <td key={columns[c]} className={`${cell} ${value !== null && value === best[c] ? 'head text-lg' : 'text-[#c3ccd6]'}`}>
                  {value ?? '–'}
                </td>
              ))}
              <td className={`${cell} wide text-lg`}>{total}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
