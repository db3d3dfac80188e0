import type { Gear } from '../model/gear.ts';
import type { GearKind } from '../model/gearKind.ts';

/** The items of the closet that may be what a kind is meant by, the likeliest first: those that nobody has said a kind of, then those of its family, then the others; none of the kind itself. */
export function maybeThis(kind: string, cupboard: readonly Gear[], kinds: readonly GearKind[]): Gear[] {
  const familyOf = (name: string) => kinds.find((k) => k.kind === name)?.family;
  const family = familyOf(kind);
  const words = new Set(kind.split(' '));
  const far = (item: Gear) => {
    const isUnsaid = item.gearKind === 'other' || familyOf(item.gearKind) === undefined;
    const sharesWord = item.name
      .toLowerCase()
      .split(/\W+/)
      .some((word) => words.has(word) || words.has(word.replace(/s$/, '')));
    return (sharesWord ? 0 : 2) + (isUnsaid ? 0 : familyOf(item.gearKind) === family ? 1 : 4);
  };
  return cupboard
    .filter((g) => g.gearKind !== kind && g.count > 0)
    .map((item, at) => ({ item, at, far: far(item) }))
    .sort((a, b) => a.far - b.far || a.at - b.at)
    .map(({ item }) => item);
}
