/** Small signs in the floor's own hand: thin is paint, thick is tape. Each a thin and a thick path in a square of 16. */
const SIGNS = {
  /** The same frame with more, with less of a court in it. */
  nearer: ['M1 1h14v14H1z', 'M4 4h11M4 4v11'],
  farther: ['M1 1h14v14H1z', 'M6 6h4v4H6z'],
  /** The room with its door. */
  wholeRoom: ['M1 5V1h14v14H1v-4M1 5q4 1 4 6H1', ''],
  /** Tape across a painted circle. */
  layers: ['M8 2a6 6 0 1 0 .01 0', 'M1 11L15 5'],
  /** The floor beside its sheet, and without it. */
  besideSheet: ['M1 2h14v12H1zM10 2v12M12 5h2M12 8h2M12 11h2', ''],
  floorAlone: ['M1 2h14v12H1z', 'M4 11h8'],
  /** A pennant on its way. */
  walk: ['M2 15V2l6 2.5L2 7', 'M6 12h8M11 9l3 3l-3 3'],
} as const satisfies Record<string, readonly [thin: string, thick: string]>;

/** One of the signs; what it means is said by what holds it. */
export function Sign({ of }: { of: keyof typeof SIGNS }) {
  const [thin, thick] = SIGNS[of];
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" fill="none" stroke="currentColor" aria-hidden="true">
      <path d={thin} strokeWidth={1.25} />
      {thick && <path d={thick} strokeWidth={2.5} />}
    </svg>
  );
}
