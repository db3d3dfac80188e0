import { coloursIn, sizeIn } from '../gear/gearNames.ts';
import type { GearFamily, GearKind, GearProperties } from '../model/gearKind.ts';

/** Families whose size is across; those of others that have one are long. */
const ROUND: readonly GearFamily[] = ['ball', 'balloon', 'thrown object'];
const LONG: readonly GearFamily[] = ['cloth or rope', 'mat or support', 'barrier', 'striking implement', 'climbing or crawling'];

/** Color and size that the name says, where the list has no column for them. */
export function readFromName(name: string, kind: GearKind | undefined, said: Record<string, unknown>): GearProperties {
  const colours = coloursIn(name);
  const size = sizeIn(name);
  const isRound = kind && (ROUND.includes(kind.family) || kind.typical.diameterM !== undefined);
  const isLong = kind && !isRound && LONG.includes(kind.family);
  return {
    ...(colours.length && said.colour === undefined ? { colour: colours.join(', ').slice(0, 40) } : {}),
    ...(size && isRound && said.diameterM === undefined && size <= 10 ? { diameterM: size } : {}),
    ...(size && isLong && said.lengthM === undefined ? { lengthM: size } : {}),
  };
}
