/** Students in the order in which they take a role: those first who have had it least in the last lessons. */
export const inTurn = (students: readonly string[], had: Readonly<Record<string, number>> = {}): string[] =>
  [...students].sort((a, b) => (had[a] ?? 0) - (had[b] ?? 0));
