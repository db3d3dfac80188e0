import { unitsThatFit } from '../../arrange/grid.ts';
import { memoize } from '../../memoize.ts';
import { roomArea } from '../../model/room.ts';
import { courtsOfGear } from '../courts.ts';
import { dealtGroups } from '../dealtGroups.ts';
import type { PlanContext } from '../format.ts';
import type { LadderGame, LadderPlaySetup, LadderValues } from './setup.ts';

const fits = memoize(unitsThatFit);

export type LadderContext = PlanContext<LadderGame, LadderValues>;

/** What one court takes of the floor. */
export const ladderUnit = ({ values }: Pick<LadderContext, 'values'>) => ({
  width: values.widthM,
  depth: values.lengthM,
  gap: values.gapM,
});

/** How many courts the gear is enough for. */
export const gearCourts = (context: LadderContext): number => courtsOfGear(context, 2 * context.values.each);

/** How many courts: what the teacher set, else as many as there are twos (or fours) for, and as floor and gear allow. */
export function courtCount(context: LadderContext): number {
  const { values, players, room, wallClearanceM, taken } = context;
  if (values.groups !== undefined) return values.groups;
  const wanted = Math.floor(players.length / (2 * values.each));
  const most = Math.min(fits(roomArea(room, wallClearanceM, taken), ladderUnit(context)), gearCourts(context) || 1);
  return Math.max(1, Math.min(wanted, most, 16));
}

/** Those who start on one court, two or two pairs of them, and who of it rests first. */
export const ladderGroups = (context: LadderContext) => dealtGroups(context, courtCount(context));

/** A court's group in sides: single students, or pairs of which the last takes one more in. */
function sidesOf(group: readonly string[], each: number): string[][] {
  if (each === 1) return group.map((id) => [id]);
  if (group.length < 4) return [group.slice(0, 1), group.slice(1)].filter((side) => side.length > 0);
  const sides: string[][] = [];
  for (let i = 0; i + 1 < group.length; i += 2) sides.push(group.slice(i, i + 2));
  if (group.length % 2) sides.at(-1)!.push(group.at(-1)!);
  return sides;
}

/** Who stands where at first, who plays together, who rests, the courts' first resting ones before their second ones. */
export function startOf(groups: readonly (readonly string[])[], each: number): Pick<LadderPlaySetup, 'courts' | 'resting' | 'members'> {
  const bySides = groups.map((group) => sidesOf(group, each));
  const whole = bySides.filter((sides) => sides.length >= 2);
  const over = [...whole.map((sides) => sides.slice(2)), ...bySides.filter((sides) => sides.length < 2)];
  const longest = Math.max(0, ...over.map((sides) => sides.length));
  const resting = Array.from({ length: longest }, (_, k) => over.flatMap((sides) => (sides[k] ? [sides[k]] : []))).flat();
  const all = [...whole.flatMap((sides) => sides.slice(0, 2)), ...resting];
  return {
    courts: whole.map(([a, b]): [string, string] => [a[0], b[0]]),
    resting: resting.map((side) => side[0]),
    members: Object.fromEntries(all.filter((side) => side.length > 1).map(([id, ...more]) => [id, more])),
  };
}
