import { useState } from 'react';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { type InPlay, whoIsWhere } from '../../../core/live/whoIsWhere.ts';
import type { BlockId, StudentId } from '../../../core/model/ids.ts';
import { LADDER_STEPS, stepAfter } from '../../../core/model/school.ts';
import { formatWords } from '../../../core/words/en.ts';
import { LADDER_WORDS } from '../../../core/words/ladder.en.ts';
import { saidWords } from '../../../core/words/rules.en.ts';
import { addressOf } from './addressOf.ts';
import type { LiveRun } from './useRun.ts';

/** An offence in two taps: what, then who. What follows is the next step of the school's ladder; it says so before the tap. Seen here alone. */
export function OffenceBand({ run, block }: { run: LiveRun; block: PlanBlock }) {
  const { plan, state, send } = run;
  const game = block.game!;
  const offences = game.rules.flatMap((rule) => (rule.kind === 'fault' && rule.ladder ? [rule] : []));
  const [open, setOpen] = useState(false);
  const [what, setWhat] = useState(0);
  const [said, setSaid] = useState('');
  if (!offences.length || state.ended) return null;
  const { playing } = whoIsWhere(plan, state);
  const ladder = offences[what]?.ladder ?? LADDER_STEPS;
  const words = { ...LADDER_WORDS, restart: `out until ${formatWords(game.format).restart}` };
  const tap = (student: string, address: InPlay) => {
    const step = stepAfter(ladder, state.offences[student] ?? 0);
    send({
      type: 'offence',
      blockId: block.id as BlockId,
      ...addressOf(address),
      student: student as StudentId,
      what: offences[what].fault,
      step,
    });
    setSaid(`${plan.names[student]}: ${words[step]}.`);
    setOpen(false);
  };
  return (
    <section className={`min-w-0 grow bg-ink-2 ${open ? 'basis-full' : 'basis-0'}`} aria-label="Offenses">
      <div className="flex items-center gap-3 px-3">
        <button type="button" className="head min-h-11 text-base hover:underline" aria-expanded={open} onClick={() => setOpen(!open)}>
          Offense …
        </button>
        <span role="status" className="min-w-0 truncate text-sm text-[#c3ccd6]">
          {said}
        </span>
      </div>
      {open && (
        <div className="max-h-[42vh] overflow-auto px-3 pb-2">
          <div className="flex flex-wrap gap-1.5" role="radiogroup" aria-label="What">
            {offences.map((rule, i) => (
              <button
                key={rule.fault}
                type="button"
                role="radio"
                aria-checked={what === i}
                className={`min-h-11 px-3 text-sm ${what === i ? 'bg-paper text-ink' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
                onClick={() => setWhat(i)}
              >
                {saidWords(rule.say, game.format)[1]}
              </button>
            ))}
          </div>
          <ul className="mt-1.5 grid grid-cols-4 gap-1.5 max-[1100px]:grid-cols-3 max-[600px]:grid-cols-2" aria-label="Who">
            {playing.map(({ student, ...address }) => (
              <li key={student} className="flex">
                <button
                  type="button"
                  className="flex min-h-11 min-w-0 flex-1 flex-col justify-center bg-ink-3 px-2.5 text-left hover:bg-[#3a4a60]"
                  onClick={() => tap(student, address)}
                >
                  <span className="truncate text-sm">{plan.names[student]}</span>
                  <span className="truncate text-xs text-[#c3ccd6]">{words[stepAfter(ladder, state.offences[student] ?? 0)]}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
