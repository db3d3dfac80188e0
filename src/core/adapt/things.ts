import { familyOfName } from '../gear/familyOfName.ts';
import { propertiesOf } from '../gear/kinds.ts';
import type { Gear } from '../model/gear.ts';
import type { GearFamily, GearKind, GearProperties, GearUse } from '../model/gearKind.ts';

/** Something of the closet as matching sees it: what it is like, what it is used for, how many there are. */
export interface Thing extends GearProperties {
  id: string;
  count: number;
  family: GearFamily;
  /** Empty if nobody says what it is used for: then its family decides. */
  uses: readonly GearUse[];
  limits: NonNullable<Gear['limits']>;
  /** Made of what the closet has, by the id of the home-made thing. */
  homeMade?: string;
  /** What making one uses up. */
  materials?: readonly { gearId: string; count: number }[];
}

/** An item of the closet with what is typical of its kind filled in. */
export function thingOf(item: Gear, kinds: readonly GearKind[]): Thing {
  const kind = kinds.find((k) => k.kind === item.gearKind);
  const { properties } = propertiesOf(item, kinds);
  return {
    ...properties,
    id: item.id,
    count: item.count,
    family: kind?.family ?? familyOfName(`${item.name} ${item.gearKind}`),
    uses: kind?.uses ?? [],
    limits: item.limits ?? {},
  };
}

/** Families of things that are sent, taken, hit or carried. */
const OBJECTS: readonly GearFamily[] = ['ball', 'balloon', 'thrown object'];

export const isObject = ({ family, uses }: Thing): boolean =>
  OBJECTS.includes(family) || (family === 'cloth or rope' && (uses.includes('juggle') || uses.includes('catch')));
export const isImplement = ({ family, uses }: Thing): boolean =>
  family === 'striking implement' && (uses.length === 0 || uses.includes('hit with'));
export const isTarget = ({ family }: Thing): boolean => family === 'target' || family === 'goal';

/** A text that tells two things apart by what they are, not by their ids. */
export function likeness({ id: _, ...rest }: Thing): string {
  return JSON.stringify(Object.entries(rest).sort(([a], [b]) => (a < b ? -1 : 1)));
}
