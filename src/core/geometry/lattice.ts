/**
 * How many people stand in a width × depth rectangle with at least `spacing` between any two: the better of a square and of
 * the two hexagonal lattices, people allowed up to the edge. Metres. RangeError on a non-positive argument.
 */
export function latticeSpots(width: number, depth: number, spacing: number): number {
  for (const [name, value] of Object.entries({ width, depth, spacing })) {
    if (!Number.isFinite(value) || value <= 0) throw new RangeError(`invalid ${name}: ${value}`);
  }
  const along = (length: number, step: number) => Math.floor(length / step + 1e-9) + 1;
  const square = along(width, spacing) * along(depth, spacing);
  const hexagonal = (w: number, d: number) => {
    const rows = along(d, (spacing * Math.sqrt(3)) / 2);
    const even = along(w, spacing);
    const odd = w >= spacing / 2 ? along(w - spacing / 2, spacing) : 0;
    return Math.ceil(rows / 2) * even + Math.floor(rows / 2) * odd;
  };
  return Math.max(square, hexagonal(width, depth), hexagonal(depth, width));
}
