/** Plays that lie in one step of the axis stand on one another. */
const STEP = 0.025;
const WIDTH = 318;
const [LEFT, RIGHT] = [6, 6];

/** One dot a play over a share from 0 to 1, with a line for what is wished. */
export function DotRow({ shares, label, wish, quiet }: { shares: readonly number[]; label: string; wish: number; quiet?: boolean }) {
  const x = (share: number) => LEFT + share * (WIDTH - LEFT - RIGHT);
  const columns = new Map<number, number>();
  for (const share of shares) {
    const step = Math.round(share / STEP);
    columns.set(step, (columns.get(step) ?? 0) + 1);
  }
  const tallest = Math.max(1, ...columns.values());
  const gap = Math.min(6, 78 / tallest);
  const mean = shares.length ? shares.reduce((a, b) => a + b, 0) / shares.length : 0;
  const base = 96;
  return (
    <svg
      width={WIDTH}
      height={118}
      className="mt-1 block"
      role="img"
      aria-label={`${label}: ${Math.round(mean * 100)}% on average of ${shares.length} plays`}
    >
      <line x1={x(wish)} x2={x(wish)} y1="14" y2={base} stroke="var(--color-caution)" strokeWidth="1.5" strokeDasharray="3 3" />
      {[...columns].flatMap(([step, count]) =>
        Array.from({ length: count }, (_, i) => (
          <circle
            key={`${step}-${i + 1}`}
            cx={x(step * STEP)}
            cy={base - 4 - i * gap}
            r={Math.max(1.4, Math.min(2.8, gap / 2))}
            fill={quiet ? 'var(--color-paint)' : 'var(--color-tape)'}
          />
        )),
      )}
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={base} y2={base} stroke="var(--color-ink)" strokeWidth="1.5" />
      <text
        x={LEFT}
        y="11"
        fontSize="13"
        fontWeight="700"
        fontFamily="var(--font-head)"
        fill={quiet ? 'var(--color-muted)' : 'var(--color-tape)'}
      >
        {label}: {Math.round(mean * 100)}%
      </text>
      {[0, 0.25, 0.5, 0.75, 1].map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y="112"
          fontSize="12"
          textAnchor={tick === 0 ? 'start' : tick === 1 ? 'end' : 'middle'}
          fill="var(--color-muted)"
        >
          {tick * 100}%
        </text>
      ))}
    </svg>
  );
}
