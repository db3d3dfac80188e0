import type { Gear } from '../model/gear.ts';
import type { GearFamily, GearKind, GearProperties, GearUse } from '../model/gearKind.ts';

/** The kinds that a school knows: its own first, so that what it says of a kind holds over the catalogue. */
export function kindsOf(catalogue: readonly GearKind[], own: readonly GearKind[] = []): GearKind[] {
  const named = new Set(own.map((k) => k.kind));
  return [...own, ...catalogue.filter((k) => !named.has(k.kind))];
}

/** What a kind of a family is used for if nobody says. */
const FAMILY_USES: Record<GearFamily, readonly GearUse[]> = {
  ball: ['throw', 'catch', 'roll'],
  balloon: ['be hit', 'catch'],
  'striking implement': ['hit with'],
  'thrown object': ['throw', 'catch'],
  target: ['aim at'],
  goal: ['aim into'],
  barrier: ['divide'],
  marker: ['mark a spot'],
  'mat or support': ['lie on'],
  'climbing or crawling': ['climb'],
  'scooter or wheeled': ['ride'],
  'cloth or rope': ['wave'],
  sound: ['hear'],
  wearable: ['wear'],
  card: ['read'],
  other: ['carry'],
};

/** What a kind of its own is called after an item: small letters, forty at the most. */
export const kindCalled = (name: string): string => name.toLowerCase().slice(0, 40).trim();

/** A kind that a school adds in a line: a name and a family. */
export const newKind = (kind: string, family: GearFamily): GearKind => ({ kind, family, uses: [...FAMILY_USES[family]], typical: {} });

/** What an item is like: what is said of it, else what is typical of its kind. `typical`: keys that only the kind says. */
export function propertiesOf(item: Gear, kinds: readonly GearKind[]): { properties: GearProperties; typical: (keyof GearProperties)[] } {
  const kind = kinds.find((k) => k.kind === item.gearKind)?.typical ?? {};
  const keys = Object.keys(kind) as (keyof GearProperties)[];
  const own: GearProperties = Object.fromEntries(Object.entries(item).filter(([, value]) => value !== undefined && value !== ''));
  return { properties: { ...kind, ...own }, typical: keys.filter((key) => own[key] === undefined) };
}

/** True for what nothing says has no latex: unknown counts as yes. */
export const mayBeLatex = ({ latex }: GearProperties): boolean => latex !== 'no';

/** Whether somebody who may not touch latex may touch it: only if it is known to have none. */
export const isLatexFree = (item: Gear, kinds: readonly GearKind[]): boolean => !mayBeLatex(propertiesOf(item, kinds).properties);
