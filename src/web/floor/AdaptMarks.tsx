import type { Point } from '../../core/geometry/point.ts';
import type { Scale } from './scale.ts';

/** Initials at a place of the floor, metres. */
export interface FloorMark extends Point {
  id: string;
  initials: string[];
}

/** Initials of students whose plan is in use at a place, each in a broken ring. Never on anything public. */
export function AdaptMarks({ marks, scale }: { marks: readonly FloorMark[]; scale: Scale }) {
  return marks.map(({ id, x, y, initials }) => (
    <g key={id} pointerEvents="none">
      {initials.map((text, i) => {
        const cx = scale.x(x) + (i - (initials.length - 1) / 2) * 28;
        const cy = scale.y(y);
        return (
          <g key={`${text}-${i}`}>
            <circle cx={cx} cy={cy} r="12" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="1.5" strokeDasharray="9 3.6" />
            <text x={cx} y={cy + 4} textAnchor="middle" className="head" fontSize="12" fill="var(--color-ink)">
              {text}
            </text>
          </g>
        );
      })}
    </g>
  ));
}
