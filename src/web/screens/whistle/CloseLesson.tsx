import { praiseOf, questionsOf } from '../../../core/live/praise.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { formatWords } from '../../../core/words/en.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import type { LiveRun } from './useRun.ts';

/** The end of a lesson: questions to ask, what there is to praise; gear is counted back below. */
export function CloseLesson({ run: { plan, state }, block }: { run: LiveRun; block: PlanBlock }) {
  const questions = questionsOf(plan, block.note);
  const praise = praiseOf(state);
  return (
    <div
      className="min-h-0 flex-1 overflow-auto bg-ink-2 p-6 max-[900px]:flex-none max-[600px]:p-4"
      tabIndex={0}
      role="region"
      aria-label="Close"
    >
      <p className="head text-2xl">Ask</p>
      {questions.length ? (
        <ul className="mt-1 text-xl">
          {questions.map((question) => (
            <li key={question} className="border-t border-white/20 py-2">
              {question}
            </li>
          ))}
        </ul>
      ) : (
        <p className="mt-1 text-lg text-[#c3ccd6]">What worked today? What will you try next time?</p>
      )}
      <p className="head mt-4 text-2xl">Praise</p>
      <ul className="mt-1 text-lg">
        {praise.map(({ block: title, format, code, best }) => (
          <li key={`${title}-${code}`} className="border-t border-white/20 py-2">
            {title}, {formatWords(format).board[code]}:{' '}
            {best.map((row) => (
              <span key={`${row.group} ${row.members.join()}`} className="mr-3 inline-flex items-center gap-2 align-middle">
                <Pennant index={row.group} width={28} light />
                <span className="head">{row.members.length === 1 ? (plan.names[row.members[0]] ?? row.group + 1) : row.group + 1}</span>
                <span className="text-[#c3ccd6]">({row.value})</span>
              </span>
            ))}
          </li>
        ))}
        <li className="border-t border-white/20 py-2 text-[#c3ccd6]">Name one who helped somebody, and one who kept trying.</li>
      </ul>
    </div>
  );
}
