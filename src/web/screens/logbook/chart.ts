import Wrapped from 'react-apexcharts';

/** The build hands the package over inside its namespace, the development server does not. */
export const Chart = ((Wrapped as unknown as { default?: typeof Wrapped }).default ?? Wrapped) as typeof Wrapped;

/** How the numbers beside an axis are written. */
export const AXIS = { style: { fontSize: '12px', fontFamily: 'Atkinson Hyperlegible, sans-serif', colors: '#55606B' } };

interface Beside {
  name: string;
  colour: string;
  x: string;
  y: number;
}

/** Names at the right of the last points, in place of a legend; at least `apart` of the axis between two, so that none lies on another. */
export function besideLast(series: readonly Beside[], apart: number, dx = 10) {
  let below = Number.NEGATIVE_INFINITY;
  return [...series]
    .sort((a, b) => a.y - b.y)
    .map(({ name, colour, x, y }) => {
      below = Math.max(y, below + apart);
      return {
        ...{ x, y: below },
        marker: { size: 0 },
        label: {
          text: name,
          textAnchor: 'start',
          ...{ offsetX: dx, offsetY: 12 },
          borderWidth: 0,
          style: { background: 'transparent', color: colour, fontSize: '13px', fontWeight: 700, fontFamily: AXIS.style.fontFamily },
        },
      };
    });
}
