/** Index of the group with the fewest; of several the first. */
export function smallest(groups: readonly (readonly unknown[])[]): number {
  const sizes = groups.map((g) => g.length);
  return sizes.indexOf(Math.min(...sizes));
}
