import { assign } from '../assign.ts';

/** Groups of ids, by index: a pennant each. */
export type Groups = readonly (readonly string[])[];

const sizes = (groups: Groups) =>
  groups
    .map((g) => g.length)
    .sort((a, b) => a - b)
    .join();
const everyone = (groups: Groups) => groups.flat().sort().join();

/**
 * Groups of a next game with the pennants that move the fewest students from the groups before: the order of the groups alone
 * changes, not who is with whom. `mayStay`: where the groups before would do as they are (as many, as large, of the same
 * students), they stay.
 */
export function continueGroups(before: Groups, after: Groups, mayStay = false): string[][] {
  if (mayStay && sizes(before) === sizes(after) && everyone(before) === everyone(after)) return before.map((g) => [...g]);
  const shared = (a: readonly string[], b: readonly string[] = []) => a.filter((id) => b.includes(id)).length;
  const pennant = assign(after.map((group) => after.map((_, j) => -shared(group, before[j]))));
  const order = after.map((_, i) => i).sort((a, b) => pennant[a] - pennant[b]);
  return order.map((i) => [...after[i]]);
}

/** A student whose pennant is another one in the next game; `from` is undefined for one who had none. */
export interface Mover {
  student: string;
  from?: number;
  to: number;
}

/** Who changes pennant from one game to the next, by the pennant they go to. */
export function moversBetween(before: Groups, after: Groups): Mover[] {
  if (before.length < 2 || after.length < 2) return [];
  const was = new Map(before.flatMap((group, i) => group.map((id) => [id, i] as const)));
  return after.flatMap((group, to) =>
    group.flatMap((student) => {
      const from = was.get(student);
      return from === to ? [] : [{ student, to, ...(from === undefined ? {} : { from }) }];
    }),
  );
}
