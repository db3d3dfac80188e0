import type { GearLine } from './cover.ts';

/** What changes on the floor between two periods, by kind and count. */
export interface ChangeOver {
  comes: { gearKind: string; count: number }[];
  goes: { gearKind: string; count: number }[];
  stays: { gearKind: string; count: number }[];
}

function totals(lines: readonly GearLine[]): Map<string, number> {
  const sums = new Map<string, number>();
  for (const line of lines) sums.set(line.gearKind, Math.max(sums.get(line.gearKind) ?? 0, line.need));
  return sums;
}

/** What comes, goes and stays from one fitted lesson's gear to the next. */
export function changeOver(before: readonly GearLine[], after: readonly GearLine[]): ChangeOver {
  const old = totals(before);
  const next = totals(after);
  const kinds = [...new Set([...old.keys(), ...next.keys()])];
  const pick = (count: (kind: string) => number) =>
    kinds.map((gearKind) => ({ gearKind, count: count(gearKind) })).filter((c) => c.count > 0);
  const had = (k: string) => old.get(k) ?? 0;
  const wants = (k: string) => next.get(k) ?? 0;
  return { comes: pick((k) => wants(k) - had(k)), goes: pick((k) => had(k) - wants(k)), stays: pick((k) => Math.min(had(k), wants(k))) };
}
