import { stepOn } from '../../../core/adapt/ladder.ts';
import { AXES, type Cell, type SkillLadder } from '../../../core/model/skillLadder.ts';
import { AXIS_WORDS, valueWords } from '../../../core/words/skills.en.ts';
import { useUnits } from '../../parts/units.ts';

interface Props {
  ladder: SkillLadder;
  at: Cell;
  onStep(to: Cell): void;
}

/** A ladder as four rails from easy to hard: where the student is lies as tape, one press away is one step on one rail. */
export function LadderGrid({ ladder, at, onStep }: Props) {
  const { say } = useUnits();
  return (
    <div className="mt-2 flex flex-col gap-1.5">
      {AXES.filter((axis) => ladder[axis].length > 1).map((axis) => (
        <fieldset key={axis} className="flex items-stretch gap-1.5">
          <legend className="float-left w-28 shrink-0 self-center text-xs text-muted">{AXIS_WORDS[axis]}</legend>
          <div className="grid min-w-0 flex-1 auto-cols-fr grid-flow-col gap-1.5">
            {Array.from({ length: ladder[axis].length }, (_, i) => {
              const words = valueWords(ladder, axis, i, say);
              const to = Math.abs(i - at[axis]) === 1 ? stepOn(ladder, at, axis, i > at[axis] ? 1 : -1) : undefined;
              if (i === at[axis])
                return (
                  <span key={words} aria-current="step" className="torn flex min-h-9 items-center bg-tape px-2.5 text-white">
                    {words}
                  </span>
                );
              return to ? (
                <button
                  key={words}
                  type="button"
                  className="flex min-h-9 items-center border border-tape px-2 text-tape hover:bg-tint"
                  aria-label={`${i > at[axis] ? 'Step up' : 'Step back'}: ${words}`}
                  onClick={() => onStep(to)}
                >
                  {words}
                </button>
              ) : (
                <span key={words} className="flex min-h-9 items-center border border-line px-2 text-muted">
                  {words}
                </span>
              );
            })}
          </div>
        </fieldset>
      ))}
    </div>
  );
}
