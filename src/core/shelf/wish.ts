import { compareKeys, wishedKeys } from '../fit/rankWays.ts';
import type { Measure, WayMeasures } from '../fit/waysMeasured.ts';
import type { Game, GameFamily } from '../model/game.ts';
import type { ShelfRow, Vigour } from './judge.ts';

/** What a teacher looks for. `null`: it does not matter. */
export interface ShelfWish {
  /** Any of them. */
  families: readonly GameFamily[];
  format: string | null;
  place: 'in' | 'out' | null;
  /** At most so loud. */
  noise: 1 | 2 | 3;
  /** Games that can be over within so many minutes. */
  minutes: number | null;
  /** 'ours': nothing of their gear is short. */
  gear: 'ours' | null;
  vigour: Vigour | null;
  /** They leave half the floor free. */
  half: boolean;
  /** Nobody there needs anything changed. */
  toAll: boolean;
  first: Measure;
  second: Measure;
}

export const NO_WISH: ShelfWish = {
  families: [],
  ...{ format: null, place: null, noise: 3, minutes: null, gear: null, vigour: null },
  ...{ half: false, toAll: false, first: 'activeShare', second: 'waitSeconds' },
};

/** Whether a game is what is looked for, as far as its record tells. */
export const isWished = (game: Game, { families, format, place, noise }: ShelfWish): boolean =>
  (!families.length || families.some((f) => game.families.includes(f))) &&
  (format === null || game.format === format) &&
  (place === null || game.outdoors === 'both' || game.outdoors === place) &&
  game.noise <= noise;

/** Whether a game that was judged is what is looked for. */
export const isWishedThere = (row: ShelfRow, { minutes, gear, vigour, half, toAll }: ShelfWish): boolean =>
  (minutes === null || row.least <= minutes * 60) &&
  (gear === null || row.measures.gearShort === 0) &&
  (vigour === null || row.vigour === vigour) &&
  (!half || row.measures.floorShare <= 0.5) &&
  (!toAll || row.toAdapt.length === 0);

const STATES: ShelfRow['state'][] = ['fits', 'change', 'no'];

/** Rows in the order that a teacher wishes: those that fit first, then by the two measures as they are told, then as they stood. */
export function rankRows<R extends { state: ShelfRow['state']; measures: WayMeasures }>(
  rows: readonly R[],
  { first, second }: Pick<ShelfWish, 'first' | 'second'>,
): R[] {
  return rows
    .map((row) => ({ row, key: [STATES.indexOf(row.state), ...wishedKeys(row.measures, [first, second])] }))
    .sort((a, b) => compareKeys(a.key, b.key))
    .map(({ row }) => row);
}
