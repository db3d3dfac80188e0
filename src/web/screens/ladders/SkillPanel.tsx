import { lazy, Suspense } from 'react';
import { heightOf, topOf } from '../../../core/adapt/ladder.ts';
import { ladderDays } from '../../../core/adapt/ladderDays.ts';
import { type Advice, placeOn, progressAt, type SkillTries } from '../../../core/adapt/progress.ts';
import { counted, uncapital } from '../../../core/formats/speak.ts';
import {
  type Cell,
  type FollowedSkill,
  type LadderFigures,
  PROMPTS,
  type Prompt,
  type SkillLadder,
} from '../../../core/model/skillLadder.ts';
import { adviceWords, cellWords, PROMPT_WORDS, SKILL_WORDS } from '../../../core/words/skills.en.ts';
import { isoDate, longDate, shortDate } from '../../parts/now.ts';
import { useUnits } from '../../parts/units.ts';
import { LadderGrid } from './LadderGrid.tsx';

const StepsChart = lazy(() => import('./StepsChart.tsx'));

interface Props {
  student: string;
  followed: FollowedSkill;
  ladder: SkillLadder;
  tries: readonly SkillTries[];
  figures: LadderFigures;
  handYes: boolean;
  onDecide(at: Cell, prompt: Prompt, said: string): void;
  onStop(): void;
}

/** One skill of one student: the step they are at, what the tries suggest, and the weeks behind it. */
export function SkillPanel({ student, followed, ladder, tries, figures, handYes, onDecide, onStop }: Props) {
  const { say } = useUnits();
  const place = placeOn(ladder, followed);
  const { at } = place;
  const mine = tries.filter((t) => t.student === student);
  const progress = progressAt(ladder, place, mine, figures, handYes);
  const days = ladderDays(ladder, student, tries);
  const title = SKILL_WORDS[ladder.skill];
  const take = (advice: Advice) => {
    const words = `${title}, ${uncapital(adviceWords(ladder, at, advice, say))}`;
    if (advice.to === 'harder-step' || advice.to === 'easier-step') onDecide(advice.at, place.prompt, words);
    else if (advice.to === 'lighter-prompt' || advice.to === 'more-help') onDecide(at, advice.prompt, words);
  };
  const due = progress.advice.filter((a) => a.to !== 'stay');
  return (
    <section aria-label={title} className="border-b border-ink pb-5">
      <div className="flex items-baseline gap-3">
        <h2 className="text-lg first-letter:uppercase">{title}</h2>
        <p className="text-muted">
          step {heightOf(at) + 1} of {topOf(ladder) + 1} since {longDate(isoDate(new Date(place.since)))}
        </p>
        <button type="button" className="ml-auto text-tape underline" onClick={onStop} aria-label={`Stop following: ${title}`}>
          Stop following
        </button>
      </div>
      <LadderGrid
        ladder={ladder}
        at={at}
        onStep={(to) => take({ to: heightOf(to) > heightOf(at) ? 'harder-step' : 'easier-step', at: to })}
      />
      <fieldset className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <legend className="float-left w-28 shrink-0 text-xs text-muted">help agreed on</legend>
        {PROMPTS.map((prompt) => (
          <label key={prompt} className={`flex items-center gap-1.5 ${prompt === 'hand' && !handYes ? 'text-muted' : ''}`}>
            <input
              type="radio"
              className="h-4 w-4 accent-tape"
              name={`help-${ladder.skill}`}
              checked={place.prompt === prompt}
              disabled={prompt === 'hand' && !handYes}
              onChange={() => onDecide(at, prompt, `${title}, help: ${PROMPT_WORDS[prompt]}`)}
            />
            {PROMPT_WORDS[prompt]}
          </label>
        ))}
      </fieldset>
      <div className="mt-3 flex flex-wrap items-center gap-2" role="status">
        <p className={due.length ? 'head text-base' : 'text-muted'}>
          {progress.tries
            ? `${progress.made} of ${counted(progress.tries, 'try')} made at this step on ${counted(progress.days, 'day')}.`
            : 'No tries at this step yet.'}
          {due.length === 0 && ` A step is suggested after ${figures.tries} on ${counted(figures.days, 'day')}.`}
        </p>
        {due.map((advice, i) => (
          <button key={advice.to} type="button" className={`btn ${i === 0 ? 'btn-tape' : ''}`} onClick={() => take(advice)}>
            {adviceWords(ladder, at, advice, say)}
          </button>
        ))}
      </div>
      {days.length > 0 && (
        <>
          <div className="mt-3 h-[230px]">
            <Suspense fallback={<p className="text-muted">Drawing the weeks …</p>}>
              <StepsChart days={days} />
            </Suspense>
          </div>
          <details className="mt-1">
            <summary className="cursor-pointer text-tape">The same in numbers</summary>
            <table className="mt-1 w-full">
              <caption className="sr-only">Tries by day and step</caption>
              <thead className="text-xs text-muted">
                <tr>
                  <th scope="col" className="w-20 py-1 text-left font-normal">
                    Day
                  </th>
                  <th scope="col" className="text-left font-normal">
                    Step
                  </th>
                  {['tries', 'alone', 'with help'].map((name) => (
                    <th key={name} scope="col" className="w-20 text-right font-normal">
                      {name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {days.toReversed().map((day) => (
                  <tr key={`${day.date} ${day.height} ${JSON.stringify(day.at)}`} className="border-t">
                    <td className="head py-1">{shortDate(day.date)}</td>
                    <td>
                      {day.height + 1}: {cellWords(ladder, day.at, say)}
                    </td>
                    <td className="text-right">{day.tries}</td>
                    <td className="text-right">{day.alone}</td>
                    <td className="text-right">{day.helped}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </details>
        </>
      )}
    </section>
  );
}
