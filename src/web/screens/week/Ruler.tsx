import { bellText } from '../../../core/model/period.ts';
import { shortBell } from '../../parts/now.ts';

/** From when to when a week is shown: seconds after midnight. */
export interface Span {
  from: number;
  until: number;
}
/** Pixels of a minute: a period of 40 minutes holds three lines. */
export const MINUTE = 1.7;
export const heightOf = (seconds: number): number => (seconds / 60) * MINUTE;
/** Width of the ruler. */
export const RULER = 56;
/** Height of a day's name above its bells. */
export const HEAD = 44;

/** The ruler of bells at the left, a mark every half hour. */
export function Ruler({ span }: { span: Span }) {
  const marks = Array.from({ length: Math.floor((span.until - span.from) / 1800) + 1 }, (_, i) => span.from + i * 1800);
  return (
    <div style={{ width: RULER }} className="sticky left-0 z-10 shrink-0 border-r border-ink bg-paper" aria-hidden="true">
      <div style={{ height: HEAD }} />
      <div className="relative" style={{ height: heightOf(span.until - span.from) + 12 }}>
        {marks.map((at) => (
          <span
            key={at}
            className="head absolute right-0 flex items-start gap-1 text-xs text-muted"
            style={{ top: heightOf(at - span.from) }}
          >
            {at % 3600 === 0 ? shortBell(bellText(at)) : ''}
            <span className={`mt-0 border-t border-paint ${at % 3600 === 0 ? 'w-3' : 'w-1.5'}`} />
          </span>
        ))}
      </div>
    </div>
  );
}
