import { checkOnce } from './checkOnce.ts';
import { smallest } from './smallest.ts';

/** Who of every side is here, and everyone in the order in which they belong to it, those who left or sit out too. */
export interface SideRoster {
  here: Record<string, string[]>;
  order: Record<string, string[]>;
}
type Sides = readonly { id: string; members: readonly string[] }[];

/** Throws RangeError if a side or a student is there twice, or if nobody plays (`lone`: a fitted lesson draws what is there). */
export function checkSides(sides: Sides, lone = false): void {
  const ids = sides.map((s) => s.id);
  if (new Set(ids).size !== ids.length) throw new RangeError(`invalid setup sides: repeated id in ${JSON.stringify(ids)}`);
  const players = sides.flatMap((s) => s.members);
  checkOnce('sides', players);
  if (!lone && !players.length) throw new RangeError('invalid setup sides: nobody plays');
}

/** Everyone where the setup has them. */
export function rosterOf(sides: Sides): SideRoster {
  const here = Object.fromEntries(sides.map((s) => [s.id, [...s.members]]));
  return { here, order: here };
}

/** The side that a student belongs to, also while they sit out. */
export const sideOf = (order: SideRoster['order'], player: string): string | undefined =>
  Object.keys(order).find((id) => order[id].includes(player));

/** The same without that student. */
export const offRoster = <R extends SideRoster>(roster: R, player: string): R => ({
  ...roster,
  here: Object.fromEntries(Object.entries(roster.here).map(([id, side]) => [id, side.filter((p) => p !== player)])),
});

/** The same with that student at the end of a side, which is theirs from now on. */
export function onRoster<R extends SideRoster>(roster: R, player: string, to: string): R {
  const before = sideOf(roster.order, player);
  const order =
    before === undefined || before === to
      ? roster.order
      : { ...roster.order, [before]: roster.order[before].filter((id) => id !== player) };
  return {
    ...roster,
    here: { ...roster.here, [to]: [...roster.here[to], player] },
    order: order[to].includes(player) ? order : { ...order, [to]: [...order[to], player] },
  };
}

/** The side of that index, or else the one with the fewest here. */
export function sideToJoin(sides: Sides, { here }: SideRoster, index?: number): string {
  return sides[index ?? smallest(sides.map(({ id }) => here[id]))].id;
}
