import type { FittedBlock } from '../../core/fit/fitted.ts';
import { clockOf } from '../../core/formats/speak.ts';

/** How much larger the lens draws time than the strip does. */
const TIMES = 4;
/** Rounds narrower than this on the strip cannot be read there: the chosen block opens a lens over them. */
export const LENS_BELOW_PX = 20;

/** The chosen block's rounds drawn larger, above its tape; it scrolls sideways where even that is wider than the window. */
export function Lens({
  block,
  left,
  wide,
  px,
  round,
  onRound,
}: {
  block: FittedBlock;
  /** Where the block starts and how wide the strip is, px. */
  left: number;
  wide: number;
  px: (seconds: number) => number;
  round: number;
  onRound: (round: number) => void;
}) {
  const rounds = block.game?.timeline.bouts ?? [];
  const first = rounds[0]?.at ?? 0;
  const length = (rounds.at(-1)?.until ?? 0) - first;
  const at = (seconds: number) => Math.max(26 * (seconds / Math.max(1, length / rounds.length)), px(seconds) * TIMES);
  const width = Math.min(wide, at(length) + 16);
  const middle = left + px(first + length / 2);
  return (
    <section
      aria-label={`Rounds of ${block.title}, larger`}
      className="mx-4 my-1 shrink-0 overflow-x-auto"
      style={{ paddingLeft: Math.max(0, Math.min(wide - width, middle - width / 2)) }}
    >
      <div className="relative h-9" style={{ width: at(length) }}>
        {rounds.map((r, i) => (
          <button
            key={r.at}
            type="button"
            aria-label={`Round ${i + 1} of ${block.title}, ${clockOf(r.until - r.at)}`}
            aria-pressed={i === round}
            onClick={() => onRound(i)}
            className={`head absolute top-0 flex h-9 items-center justify-center border text-sm ${i === round ? 'border-2 border-ink bg-white font-bold text-ink' : 'border-tape bg-tint hover:bg-white'}`}
            style={{ left: at(r.at - first), width: Math.max(24, at(r.until - r.at) - 2) }}
          >
            {i + 1}
          </button>
        ))}
      </div>
    </section>
  );
}
