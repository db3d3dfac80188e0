import { duration } from '../../../core/formats/speak.ts';
import { pastBell } from '../../../core/live/bell.ts';
import type { LiveRun } from './useRun.ts';

/** Seconds past the bell from which it is said, and seconds to spare beyond what was planned. */
const LATE = 30;
const SPARE = 120;

/** What is left does not fit the time to the bell any more: by how much, and the press that shares it out. */
export function BellBand({ run, onShare }: { run: LiveRun; onShare(): void }) {
  const { plan, state } = run;
  const past = pastBell(state, run.bell, run.now);
  const plannedSpare = plan.periodSeconds - plan.blocks.reduce((sum, b) => sum + b.seconds, 0);
  const current = state.steps[state.step]?.block ?? 0;
  const more = plan.blocks.length > current + 1;
  const isLate = past >= LATE;
  const isSpare = -past - Math.max(0, plannedSpare) >= SPARE;
  if (!more || !(isLate || isSpare)) return null;
  // Whole half minutes: the band does not tick.
  const rounded = Math.round(Math.abs(isLate ? past : past + Math.max(0, plannedSpare)) / 30) * 30;
  return (
    <p className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-4 bg-[#5a3a00] px-6 max-[900px]:px-3" role="status">
      <span className="head text-base">
        {isLate ? `What is left is ${duration(rounded)} too long for the bell.` : `${duration(rounded)} to spare before the bell.`}
      </span>
      <button type="button" className="head min-h-11 text-base underline" onClick={onShare}>
        Share out what is left
      </button>
    </p>
  );
}
