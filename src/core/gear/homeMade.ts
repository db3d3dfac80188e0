import type { Gear } from '../model/gear.ts';
import type { HomeMade } from '../model/homeMade.ts';
import { stockOf } from './cover.ts';

/** What making some of a thing takes of the closet and of the purse, and how many can be made from what is there. */
export interface Making {
  /** Infinity if nothing of it comes from the closet. */
  canMake: number;
  materials: { what: string; count: number; gearKind?: string; isKept: boolean; have?: number; short: number; costCents: number }[];
  minutes: number;
  costCents: number;
}

/** What `count` of it take. A material that is kept in the closet (a tool, a thing that is lent) is needed once, however many are made. */
export function making(thing: HomeMade, gear: readonly Pick<Gear, 'gearKind' | 'count'>[], count: number): Making {
  const materials = thing.materials.map(({ what, count: each, gearKind, isKept = false, costCents = 0 }) => {
    const needed = Math.ceil(isKept ? each : each * count);
    const have = gearKind === undefined ? undefined : stockOf(gear, gearKind);
    return {
      ...{ what, count: needed, isKept, costCents: costCents * needed, short: have === undefined ? 0 : Math.max(0, needed - have) },
      ...(gearKind === undefined ? {} : { gearKind, have }),
    };
  });
  const limits = thing.materials.flatMap(({ gearKind, isKept, count: each }) => {
    if (gearKind === undefined) return [];
    const have = stockOf(gear, gearKind);
    return [isKept ? (have >= each ? Number.POSITIVE_INFINITY : 0) : Math.floor(have / each)];
  });
  return {
    canMake: Math.min(Number.POSITIVE_INFINITY, ...limits),
    materials,
    minutes: thing.minutes * count,
    costCents: materials.reduce((sum, m) => sum + m.costCents, 0),
  };
}
