import type { Gear, Gone } from '../model/gear.ts';
import type { Kit } from '../model/school.ts';

/** An item with some pieces lost or broken: they leave the count and are remembered with the day. Never more than there are. */
export function withGone(item: Gear, { what, count, date }: Gone): Gear {
  const taken = Math.min(count, item.count);
  if (taken < 1) return item;
  return { ...item, count: item.count - taken, gone: [...(item.gone ?? []), { what, count: taken, date }] };
}

/** An item with pieces that are back: found or mended. `index`: which entry of `gone`. */
export function withBack(item: Gear, index: number): Gear {
  const back = item.gone?.[index];
  if (!back) return item;
  const { gone = [], ...rest } = item;
  const left = gone.filter((_, i) => i !== index);
  return { ...rest, count: Math.min(999, item.count + back.count), ...(left.length ? { gone: left } : {}) };
}

export interface KitLine {
  gearId: string;
  name: string;
  place: string;
  count: number;
  /** Fewer in the closet than the kit wants; all of it if the item is gone. */
  short: number;
}

/** A kit against the closet, line by line. */
export function kitLines(kit: Kit, gear: readonly Gear[]): KitLine[] {
  return kit.items.map(({ gearId, count }) => {
    const item = gear.find((g) => g.id === gearId);
    return { gearId, name: item?.name ?? 'gone', place: item?.place ?? '', count, short: Math.max(0, count - (item?.count ?? 0)) };
  });
}

export interface WishLine {
  id: string;
  name: string;
  count: number;
  costCents: number;
}

/** The wish list with what it all costs. */
export function wishList(gear: readonly Gear[]): { lines: WishLine[]; costCents: number } {
  const lines = gear.flatMap(({ id, name, wanted }) =>
    wanted ? [{ id, name, count: wanted.count, costCents: wanted.count * wanted.costCents }] : [],
  );
  return { lines, costCents: lines.reduce((sum, l) => sum + l.costCents, 0) };
}

/** A period as far as promises of gear need it: times as text "HH:MM", what it needs of each kind at once. */
export interface Promising {
  id: string;
  start: string;
  end: string;
  needs: Readonly<Record<string, number>>;
}

/** Kinds that periods of the same time promise more of than there is: whichever rooms they are in. Ids of the periods in the order given. */
export function promisedTwice(
  periods: readonly Promising[],
  have: (kind: string) => number,
): { kind: string; periods: string[]; need: number; have: number }[] {
  const kinds = [...new Set(periods.flatMap((p) => Object.keys(p.needs)))].sort();
  return kinds.flatMap((kind) => {
    const wanting = periods.filter((p) => (p.needs[kind] ?? 0) > 0);
    let worst: Promising[] = [];
    const sum = (list: readonly Promising[]) => list.reduce((all, p) => all + p.needs[kind], 0);
    for (const one of wanting) {
      const atOnce = wanting.filter((p) => p.start <= one.start && one.start < p.end);
      if (atOnce.length > 1 && sum(atOnce) > sum(worst)) worst = atOnce;
    }
    return sum(worst) > have(kind) ? [{ kind, periods: worst.map((p) => p.id), need: sum(worst), have: have(kind) }] : [];
  });
}
