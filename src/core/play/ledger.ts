/** Counts by id: scores, turns, roles had. Plain data; every function returns a new one. */
export type Ledger = Record<string, number>;

/** Nought for every id. */
export const zeros = (ids: readonly string[]): Ledger => Object.fromEntries(ids.map((id) => [id, 0]));

/** Adds `n` for every id of the list; an id that is named twice counts twice. */
export function added(ledger: Ledger, ids: readonly string[], n = 1): Ledger {
  const sums = new Map(Object.entries(ledger));
  for (const id of ids) sums.set(id, (sums.get(id) ?? 0) + n);
  return Object.fromEntries(sums);
}

/** Makes sure that an id is counted, with what it had before. */
export const entered = (ledger: Ledger, id: string): Ledger => (Object.hasOwn(ledger, id) ? ledger : { ...ledger, [id]: 0 });

/** All ids with the best score; none if that is 0 or less. `among`: only these. */
export function leaders(ledger: Ledger, among: readonly string[] = Object.keys(ledger)): string[] {
  const best = Math.max(0, ...among.map((id) => ledger[id] ?? 0));
  return best > 0 ? among.filter((id) => ledger[id] === best) : [];
}
