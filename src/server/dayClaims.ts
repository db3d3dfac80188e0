import { fitUnweighed } from '../core/fit/fit.ts';
import type { GearClaim } from '../core/gear/cover.ts';
import type { Period } from '../core/model/period.ts';
import type { DeskInput } from './deskInput.ts';

/** True if two periods of one day are at the same time. */
export const overlap = (a: Period, b: Period): boolean => a.id !== b.id && a.date === b.date && a.start < b.end && b.start < a.end;

/** The most of each kind that a lesson has at once. */
function claimOf(desk: DeskInput): GearClaim {
  const gear: Record<string, number> = {};
  const { lesson } = desk;
  for (const line of lesson ? fitUnweighed({ ...desk, lesson }).gear : [])
    gear[line.gearKind] = Math.max(gear[line.gearKind] ?? 0, line.need);
  return { to: desk.schoolClass.name, gear };
}

/** Desks with what the others of the same time have of the gear; what is alone in its time stays as it is. */
export function withClaims(desks: readonly DeskInput[], others: readonly DeskInput[] = desks): DeskInput[] {
  const claims = new Map<DeskInput, GearClaim>();
  return desks.map((desk) => {
    const beside = others.filter((other) => overlap(desk.period, other.period));
    for (const other of beside) if (!claims.has(other)) claims.set(other, claimOf(other));
    return beside.length ? { ...desk, day: { claims: beside.map((other) => claims.get(other)!) } } : desk;
  });
}
