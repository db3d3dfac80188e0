import type { BoardAction, BoardMatch, BoardPart, BoardTeam } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import type { Piece } from '../../../core/model/piece.ts';
import { Pennant } from '../../parts/Pennant.tsx';

type Matches = Extract<BoardPart, { part: 'matches' }>;
interface Props {
  board: Matches;
  pieces: readonly Piece[];
  label: string;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

const Team = ({ team, end }: { team: BoardTeam; end?: boolean }) => (
  <span className={`flex min-w-0 flex-1 items-center gap-2 ${end ? 'flex-row-reverse text-right' : ''}`}>
    <Pennant index={team.group} width={34} light />
    <span className="head min-w-0 truncate text-base">{team.name}</span>
  </span>
);
const said = (score: readonly number[] | null) => (score ? `${score[0]} : ${score[1]}` : '–');
const named = ({ teams }: BoardMatch) => teams.map((t) => t.name).join(' – ');

/** The matches that are on, large, each with a tap for its result; who is next and who rests; then the cross table, in which any result is corrected. */
export function MatchesPanel({ board, pieces, label, words, onAct }: Props) {
  const numberOf = (place: string) => pieces.find((p) => p.id === place)?.number ?? '';
  const byGroup = [...board.table].sort((a, b) => a.group - b.group);
  const cell = 'px-1 py-1 text-center tabular-nums';
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-auto max-[900px]:flex-none" role="region" aria-label={label} tabIndex={0}>
      <ul className={`grid shrink-0 gap-2 max-[900px]:grid-cols-1 ${board.now.length > 2 ? 'grid-cols-2' : 'grid-cols-1'}`}>
        {board.now.map((match) => (
          <li key={match.place} className="flex items-center gap-2 bg-ink-2 px-3 py-2 max-[900px]:flex-wrap">
            <span className="wide w-8 text-xl">{numberOf(match.place)}</span>
            <Team team={match.teams[0]} />
            <button
              type="button"
              disabled={!match.action.enabled}
              className={`head min-h-12 w-24 shrink-0 text-center text-lg disabled:opacity-50 max-[900px]:order-last max-[900px]:w-full ${match.score ? 'bg-ink-3 hover:bg-[#3a4a60]' : 'bg-tape hover:bg-[#2b62cc]'}`}
              onClick={() => onAct(match.action)}
            >
              <span className="sr-only">
                {named(match)}: {match.score && `${words.actions[match.action.code]}, now `}
              </span>
              {match.score ? said(match.score) : words.actions[match.action.code]}
            </button>
            <Team team={match.teams[1]} end />
          </li>
        ))}
      </ul>
      <p className="shrink-0 text-sm text-[#c3ccd6]">
        {board.slots ? `${board.slot} of ${board.slots}` : 'No matches'}
        {board.referees.length > 0 && ` · Referees: ${board.referees.map((t) => t.name).join(', ')}`}
        {board.resting.length > 0 && ` · Resting: ${board.resting.map((t) => t.name).join(', ')}`}
        {board.next.length > 0 && ` · Next: ${board.next.map(named).join(', ')}`}
      </p>
      <table className="w-full bg-ink-2 text-base">
        <caption className="px-2 pt-1 text-left text-sm text-[#c3ccd6]">
          {words.board.table}. Equal points:{' '}
          {board.order
            .slice(1)
            .map((code) => words.board[code])
            .join(', then ')}
        </caption>
        <thead>
          <tr className="border-b border-white/25 text-sm text-[#c3ccd6]">
            <th scope="col" className="px-2 py-1 text-left font-normal">
              Team
            </th>
            {byGroup.map((team) => (
              <th key={team.name} scope="col" className={`${cell} font-normal max-[900px]:hidden`}>
                <span className="inline-flex justify-center">
                  <Pennant index={team.group} width={24} light />
                </span>
                <span className="sr-only">{team.name}</span>
              </th>
            ))}
            <th scope="col" className={`${cell} font-normal`}>
              played
            </th>
            <th scope="col" className={`${cell} font-normal`}>
              diff.
            </th>
            <th scope="col" className={`${cell} font-normal`}>
              points
            </th>
          </tr>
        </thead>
        <tbody>
          {board.table.map((row) => (
            <tr key={row.name} className="border-b border-white/15">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                <span className="flex items-center gap-2">
                  <span className="wide w-6 text-lg">{row.rank}</span>
                  <Pennant index={row.group} width={26} light />
                  <span className="truncate">{row.name}</span>
                </span>
              </th>
              {row.cells.map((each, i) => (
                <td key={byGroup[i].name} className={`${cell} max-[900px]:hidden`}>
                  {each ? (
                    <button
                      type="button"
                      disabled={!each.action.enabled}
                      className="min-h-8 w-full min-w-10 hover:bg-ink-3 disabled:opacity-60"
                      onClick={() => onAct(each.action)}
                    >
                      <span className="sr-only">
                        {row.name} – {byGroup[i].name}: {words.actions[each.action.code]}{' '}
                      </span>
                      {said(each.score)}
                    </button>
                  ) : (
                    <span className="text-[#6b7683]">·</span>
                  )}
                </td>
              ))}
              <td className={cell}>{row.played}</td>
              <td className={cell}>{row.difference > 0 ? `+${row.difference}` : String(row.difference).replace('-', '−')}</td>
              <td className={`${cell} wide text-lg`}>{row.points}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
