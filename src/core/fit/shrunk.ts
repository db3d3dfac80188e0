import type { FittedBlock } from './fitted.ts';

type Length = Pick<FittedBlock, 'id' | 'seconds'>;

/**
 * What an added block took from the others: the seconds that each shorter one lasted before, by id. Empty where lengths changed
 * and no block was added, or the lesson is another one; null where no length changed.
 */
export function shrunkBy(before: readonly Length[], after: readonly Length[]): ReadonlyMap<string, number> | null {
  const was = new Map(before.map((b) => [b.id, b.seconds]));
  if (before.length === after.length && after.every((b) => was.get(b.id) === b.seconds)) return null;
  const isAdded = after.length > before.length && before.length > 0 && before.every((b) => after.some((a) => a.id === b.id));
  if (!isAdded) return new Map();
  return new Map(after.flatMap((b) => (b.seconds < (was.get(b.id) ?? 0) ? [[b.id, was.get(b.id)!] as const] : [])));
}
