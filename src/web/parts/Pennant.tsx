import { memo } from 'react';

/** Okabe–Ito, the published colour-blind-safe set, its black replaced by ink. */
const COLOURS = [
  '#E69F00',
  '#56B4E9',
  '#009E73',
  '#F0E442',
  '#0072B2',
  '#D55E00',
  '#CC79A7',
  '#FCFCFA',
  '#999999',
  '#E69F00',
  '#56B4E9',
  '#009E73',
];
const INK = '#182230';
const PAPER = '#FCFCFA';

/** Twelve patterns on a 32 × 22 field; from the thirteenth pennant on the numeral alone tells them apart. */
const PATTERNS: ((c: string) => React.ReactNode)[] = [
  (c) => <rect width="32" height="22" fill={c} />,
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <rect width="16" height="22" fill={INK} />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <rect y="8" width="32" height="6" fill={INK} />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <path d="M16 0v22M0 11h32" stroke={INK} strokeWidth="5" />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <path d="M0 0l15 11L0 22z" fill={PAPER} />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={PAPER} />
      <rect x="2.5" y="2.5" width="27" height="17" fill={PAPER} stroke={c} strokeWidth="5" />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <circle cx="16" cy="11" r="6" fill={INK} />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <path d="M0 0h16v11H0zM16 11h16v11H16z" fill={INK} />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <path d="M6 0v22M16 0v22M26 0v22" stroke={INK} strokeWidth="4" />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <path d="M0 0l32 22M32 0L0 22" stroke={INK} strokeWidth="4" />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <path d="M0 0h14v10H0z" fill={INK} />
    </>
  ),
  (c) => (
    <>
      <rect width="32" height="22" fill={c} />
      <circle cx="16" cy="11" r="6.5" fill="none" stroke={INK} strokeWidth="3.5" />
    </>
  ),
];

/** The cloth of a group's pennant, 32 × 22, top left at the origin; with ink outline. For use inside a drawing. */
export function PennantCloth({ index }: { index: number }) {
  return (
    <g>
      {PATTERNS[index % 12](COLOURS[index % 12])}
      <rect width="32" height="22" fill="none" stroke={INK} strokeWidth="1.5" />
    </g>
  );
}

/** A group's pennant as a picture of its own. */
export const Pennant = memo(function Pennant({ index, width = 32, light = false }: { index: number; width?: number; light?: boolean }) {
  return (
    <svg width={width} height={(width * 24) / 34} viewBox="-1 -1 34 24" aria-hidden="true" className="shrink-0">
      {PATTERNS[index % 12](COLOURS[index % 12])}
      <rect width="32" height="22" fill="none" stroke={light ? PAPER : INK} strokeWidth="1.5" />
    </svg>
  );
});
