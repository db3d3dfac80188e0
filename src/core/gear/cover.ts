import type { Gear } from '../model/gear.ts';
import type { GearNeed } from './need.ts';

/** One kind of gear: how many are needed at the same moment, how many there are, and where they go. */
export interface GearLine {
  blockId: string;
  gearKind: string;
  need: number;
  /** In the cupboard, less what others have at the same time. */
  have: number;
  short: number;
  /** Who has some at the same time. */
  promised: { to: string; count: number }[];
  from: { id: string; name: string; count: number; place: string }[];
  at: { pieceId: string; title: string; count: number; use: GearNeed['use']; where?: string }[];
}

/** How many of a kind there are in the cupboard. */
export const stockOf = (cupboard: readonly Pick<Gear, 'gearKind' | 'count'>[], kind: string): number =>
  cupboard.filter((g) => g.gearKind === kind).reduce((sum, g) => sum + g.count, 0);

/** How many of a kind one carries to a place and puts down at once. House figure. */
const HANDFUL = 6;

/** How often somebody bends down to put the gear of a block where it goes: what is of one kind goes to a place by handfuls, as far as there is enough. */
export function handfuls(lines: readonly GearLine[]): number {
  return lines.reduce((sum, { at, have }) => {
    let left = have;
    return at.reduce((all, { count }) => {
      const here = Math.min(left, count);
      left -= here;
      return all + Math.ceil(here / HANDFUL);
    }, sum);
  }, 0);
}

/** What a lesson that runs at the same time has of the gear, by kind. */
export interface GearClaim {
  to: string;
  gear: Readonly<Record<string, number>>;
}

/** What a block needs against the cupboard, kind by kind, in the order it is laid out. All places are in use at once. */
export function coverNeeds(
  blockId: string,
  needs: readonly GearNeed[],
  cupboard: readonly Gear[],
  claims: readonly GearClaim[] = [],
): GearLine[] {
  const lines = new Map<string, GearLine>();
  for (const need of needs) {
    const stock = cupboard.filter((g) => g.gearKind === need.gearKind);
    const promised = claims.flatMap(({ to, gear }) => (gear[need.gearKind] ? [{ to, count: gear[need.gearKind] }] : []));
    const line = lines.get(need.gearKind) ?? {
      blockId,
      gearKind: need.gearKind,
      need: 0,
      have: Math.max(
        0,
        promised.reduce((left, p) => left - p.count, stockOf(stock, need.gearKind)),
      ),
      short: 0,
      promised,
      from: stock.map(({ id, name, count, place }) => ({ id, name, count, place })),
      at: [],
    };
    line.need += need.count;
    line.short = Math.max(0, line.need - line.have);
    line.at.push({ pieceId: need.pieceId, title: need.title, count: need.count, use: need.use, where: need.where });
    lines.set(need.gearKind, line);
  }
  return [...lines.values()];
}
