/** A student as groups are dealt: private things that never leave the desk. */
export interface GroupTraits {
  id: string;
  rating: number;
  /** GroupTraits evenly over the groups. */
  tags?: readonly string[];
  /** The adult who supports several: kept where that adult can be. */
  helper?: string;
  /** Works best in a calm group: these are kept together. */
  calm?: boolean;
}
export interface Locks {
  /** Students who stay in their group. */
  students: readonly string[];
  /** Groups that nobody leaves or joins, from 0. */
  groups: readonly number[];
}

/** A pair's key in what has been: ids sorted. */
export const pairKey = (a: string, b: string) => (a < b ? `${a}|${b}` : `${b}|${a}`);
/** Wishes as pairs of ids. */
export type Pairs = readonly (readonly [string, string])[];
