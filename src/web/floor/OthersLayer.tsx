import { boundsOf, middleOf, type Polygon } from '../../core/geometry/point.ts';
import type { Scale } from './scale.ts';

/** A place that another class has at the same time. */
export interface OtherPlace {
  name: string;
  outline: Polygon;
}

/** What other classes have of this floor at the same time: dashed, with the name of each once, in the middle of what it has. */
export function OthersLayer({ others, scale }: { others: readonly OtherPlace[]; scale: Scale }) {
  const names = [...new Set(others.map((o) => o.name))];
  return (
    <g>
      {others.map(({ name, outline }) => {
        const points = outline.map((p) => `${scale.x(p.x)},${scale.y(p.y)}`).join(' ');
        return (
          <polygon key={`${name} ${points}`} points={points} fill="#e4e2dc" fillOpacity={0.75} stroke="#6b7280" strokeDasharray="5 4" />
        );
      })}
      {names.map((name) => {
        const { x, y } = middleOf(boundsOf(others.filter((o) => o.name === name).flatMap((o) => [...o.outline])));
        return (
          <text
            key={name}
            x={scale.x(x)}
            y={scale.y(y)}
            textAnchor="middle"
            className="head fill-ink text-base"
            stroke="#fcfcfa"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {name} is here
          </text>
        );
      })}
    </g>
  );
}
