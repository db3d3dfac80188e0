import { AXES, type Axis, type Cell, FIRST_CELL, type SkillLadder } from '../model/skillLadder.ts';

/** Steps above the ladder's start: 0 there, one more for every value beyond the first. */
export const heightOf = (at: Cell): number => AXES.reduce((sum, axis) => sum + at[axis], 0);

/** Height of a ladder's last cell. */
export const topOf = (ladder: SkillLadder): number => AXES.reduce((sum, axis) => sum + ladder[axis].length - 1, 0);

/** The cell of a stored one, by the keys of its values; a value that the ladder lost counts as the nearest by number. */
export function onLadder(ladder: SkillLadder, stored: Cell): Cell {
  const cell = { ...FIRST_CELL };
  for (const axis of AXES) {
    const found = ladder.keys?.[axis]?.indexOf(stored[axis]) ?? stored[axis];
    cell[axis] = Math.min(found < 0 ? stored[axis] : found, ladder[axis].length - 1);
  }
  return cell;
}

/** The keys of a cell's values, as it is stored. */
export function storedCell(ladder: SkillLadder, at: Cell): Cell {
  const stored = { ...FIRST_CELL };
  for (const axis of AXES) stored[axis] = ladder.keys?.[axis]?.[at[axis]] ?? at[axis];
  return stored;
}

/**
 * Keys for the values that a ladder is changed to: a value of the same words keeps its own; if as many values are there as before, one
 * in the place of another was reworded and keeps that one's; any other gets a number that no value has had.
 */
export function keysFor(before: SkillLadder, after: Pick<SkillLadder, Axis>): Required<Pick<SkillLadder, 'keys' | 'topKeys'>> {
  const keys: SkillLadder['keys'] = {};
  const topKeys: SkillLadder['topKeys'] = {};
  for (const axis of AXES) {
    const old: readonly (string | number)[] = before[axis];
    const fresh: readonly (string | number)[] = after[axis];
    const keyAt = (i: number) => before.keys?.[axis]?.[i] ?? i;
    let top = Math.max(before.topKeys?.[axis] ?? 0, ...old.map((_, i) => keyAt(i)));
    keys[axis] = fresh.map((value, i) => {
      const same = old.indexOf(value);
      if (same >= 0) return keyAt(same);
      if (fresh.length === old.length && !fresh.includes(old[i])) return keyAt(i);
      top += 1;
      return top;
    });
    topKeys[axis] = top;
  }
  return { keys, topKeys };
}

export const isSameCell = (a: Cell, b: Cell): boolean => AXES.every((axis) => a[axis] === b[axis]);

/** The cell one up (1) or down (−1) on one axis; undefined if the ladder ends there. */
export function stepOn(ladder: SkillLadder, at: Cell, axis: Axis, by: 1 | -1): Cell | undefined {
  const to = at[axis] + by;
  return to >= 0 && to < ladder[axis].length ? { ...at, [axis]: to } : undefined;
}

/** Which axis the ladder's order raises first from this cell: the one whose next value comes earliest in it. Undefined at the top. */
export function nextAxis({ order }: SkillLadder, at: Cell): Axis | undefined {
  const used = { ...at };
  return order.find((axis) => {
    if (used[axis] === 0) return true;
    used[axis] -= 1;
    return false;
  });
}

/** Which axis the order raised last to reach this cell: an easier step goes back on it. Undefined at the start. */
export function lastAxis({ order }: SkillLadder, at: Cell): Axis | undefined {
  const left = { ...at };
  let last: Axis | undefined;
  for (const axis of order) {
    if (left[axis] === 0) continue;
    left[axis] -= 1;
    last = axis;
  }
  return last;
}

/**
 * An order that fits the values: what of the given one still does, then what is missing, axis after axis in turn. Distance comes
 * first in a turn, since it asks for no other gear.
 */
export function orderFor(values: Pick<SkillLadder, Axis>, order: readonly Axis[] = []): Axis[] {
  const left = { object: 0, implement: 0, motion: 0, distance: 0 };
  for (const axis of AXES) left[axis] = values[axis].length - 1;
  const kept = order.filter((axis) => {
    left[axis] -= 1;
    return left[axis] >= 0;
  });
  for (const axis of AXES) left[axis] = Math.max(0, left[axis]);
  const missing: Axis[] = [];
  while (AXES.some((axis) => left[axis] > 0))
    for (const axis of ['distance', 'motion', 'object', 'implement'] as const)
      if (left[axis] > 0) {
        left[axis] -= 1;
        missing.push(axis);
      }
  return [...kept, ...missing];
}
