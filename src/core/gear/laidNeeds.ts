import type { Gear } from '../model/gear.ts';
import type { LaidKind, LaidPiece } from '../model/laidPiece.ts';
import { stockOf } from './cover.ts';
import type { GearNeed } from './need.ts';

/** Where gear goes that lies beside a game's places: no place has this id. */
export const ON_THE_FLOOR = '';

const CONES = ['cone', 'tall cone', 'dome marker'];
const SPOTS = ['floor spot', 'number spot'];

/** What kinds of gear a laid piece can be, the usual one first, and how many of them it takes. What is taped, and people, take none. */
const MADE_OF: Partial<Record<LaidKind, { kinds: readonly string[]; each: number }>> = {
  cone: { kinds: CONES, each: 1 },
  gate: { kinds: CONES, each: 2 },
  spot: { kinds: SPOTS, each: 1 },
  home: { kinds: SPOTS, each: 1 },
  hoop: { kinds: ['hoop'], each: 1 },
  goal: { kinds: ['pop-up goal', 'folding goal', 'hoop on a stand', 'basket'], each: 1 },
  barrier: { kinds: ['low net', 'long net', 'stretch cord', 'folding screen', 'hurdle', 'foam hurdle'], each: 1 },
};

type Closet = readonly Pick<Gear, 'gearKind' | 'count'>[];

/** The kind of gear that a laid piece is: the first of its kinds that the closet has, else the usual one. */
export function kindOfLaid(laid: LaidKind, cupboard: Closet): { gearKind: string; each: number } | undefined {
  const made = MADE_OF[laid];
  return made && { gearKind: made.kinds.find((kind) => stockOf(cupboard, kind) > 0) ?? made.kinds[0], each: made.each };
}

/** What the teacher laid out beside a game's places, as gear that is needed: one need a kind. */
export function laidNeeds(laid: readonly Pick<LaidPiece, 'laid' | 'by'>[], cupboard: Closet): GearNeed[] {
  const counts = new Map<string, number>();
  for (const piece of laid) {
    const made = piece.by === 'fit' ? undefined : kindOfLaid(piece.laid, cupboard);
    if (made) counts.set(made.gearKind, (counts.get(made.gearKind) ?? 0) + made.each);
  }
  return [...counts].map(([gearKind, count]) => ({
    pieceId: ON_THE_FLOOR,
    title: 'laid out on the floor',
    gearKind,
    count,
    use: 'stays' as const,
  }));
}
