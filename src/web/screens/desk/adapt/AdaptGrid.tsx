import { type AdaptCell, changesIn } from '../../../../core/fit/adaptLesson.ts';
import type { FittedLesson } from '../../../../core/fit/fitted.ts';
import { shortName } from '../../../../core/model/names.ts';
import { SUPPORT_WORDS } from '../../../../core/words/supports.en.ts';
import type { Desk } from '../../../api.ts';

interface At {
  student: string;
  block: string;
}
interface Props {
  cells: readonly AdaptCell[];
  fitted: FittedLesson;
  desk: Desk;
  at: At | null;
  onPick(at: At): void;
  onStudent(id: string): void;
}

/** One mark for each student in each game: a painted dash fits, tape is a change, a chalk ring wants a choice, a torn strip misses something. */
export function AdaptGrid({ cells, fitted, desk, at, onPick, onStudent }: Props) {
  const blocks = fitted.blocks.filter((b) => b.game);
  const students = [...new Set(cells.map((c) => c.student))];
  if (students.length === 0) return null;
  return (
    <table className="w-full table-fixed border-collapse">
      <caption className="sr-only">Students with supports, game by game</caption>
      <thead>
        <tr className="border-b text-left">
          <th scope="col" className="w-[190px] py-1 font-normal">
            <span className="sr-only">Student</span>
          </th>
          {blocks.map((b) => (
            <th key={b.id} scope="col" className="head truncate px-1 py-1 text-center text-sm text-muted">
              {b.title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {students.map((id) => {
          const student = desk.students.find((s) => s.id === id);
          const supports = desk.ratings.find((r) => r.studentId === id)?.supports ?? [];
          return (
            <tr key={id} className="border-b">
              <th scope="row" className="py-1 pr-2 text-left font-normal">
                <button type="button" className="block max-w-full text-left hover:underline" onClick={() => onStudent(id)}>
                  <span className="block font-bold">{student ? shortName(student, desk.students) : 'A student'}</span>
                  <span className="block truncate text-xs text-muted">
                    {supports.map((s) => SUPPORT_WORDS[s.kind].toLowerCase()).join(', ') || 'for today'}
                  </span>
                </button>
              </th>
              {blocks.map((b) => {
                const cell = cells.find((c) => c.student === id && c.block === b.id);
                const isPicked = at?.student === id && at.block === b.id;
                return (
                  <td key={b.id} className={`h-11 px-1 text-center ${isPicked ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}>
                    {cell ? (
                      <button
                        type="button"
                        aria-pressed={isPicked}
                        aria-label={`${student ? shortName(student, desk.students) : 'A student'} in ${b.title}: ${sayMark(cell)}`}
                        className="flex min-h-9 w-full items-center justify-center"
                        onClick={() => onPick({ student: id, block: b.id })}
                      >
                        <Mark cell={cell} />
                      </button>
                    ) : (
                      <span className="text-xs text-muted">not here</span>
                    )}
                  </td>
                );
              })}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

const changesOf = (cell: AdaptCell) => cell.plans.reduce((sum, p) => sum + changesIn(p).length, 0);

function sayMark(cell: AdaptCell): string {
  const n = changesOf(cell);
  if (cell.state === 'fits') return 'fits';
  if (cell.state === 'gap') return 'missing';
  if (cell.state === 'open') return n === 1 ? 'choose 1' : `choose ${n}`;
  return n === 1 ? '1 change' : `${n} changes`;
}

function Mark({ cell }: { cell: AdaptCell }) {
  const words = sayMark(cell);
  if (cell.state === 'fits') return <span aria-hidden="true" className="h-[2.5px] w-5 bg-paint" />;
  if (cell.state === 'adapted') return <span className="torn head bg-tape px-4 py-0.5 text-sm text-white">{words}</span>;
  if (cell.state === 'open')
    return <span className="head rounded-[50%] border-2 border-caution px-4 py-0.5 text-sm text-caution">{words}</span>;
  return (
    <span className="torn head border-y-[1.5px] border-stop px-4 py-0.5 text-sm text-stop" style={{ borderStyle: 'dashed' }}>
      {words}
    </span>
  );
}
