import Wrapped from 'react-apexcharts';

/** The build hands the package over inside its namespace, the development server does not. */
export const Chart = ((Wrapped as unknown as { default?: typeof Wrapped }).default ?? Wrapped) as typeof Wrapped;

/** How the numbers beside an axis are written. */
export const AXIS = { style: { fontSize: '12px', fontFamily: 'Atkinson Hyperlegible, sans-serif', colors: '#55606B' } };

/** True if nothing should move. */
export const isStill = (): boolean => window.matchMedia('(prefers-reduced-motion: reduce)').matches;
