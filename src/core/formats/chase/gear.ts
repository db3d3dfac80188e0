import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import { type ChaseContext, hunterCount } from './hunters.ts';
import type { ChaseValues } from './setup.ts';

/** What marks the field and the hunters, and what they carry. */
export function chaseGear(context: ChaseContext, draft: Pick<BlockDraft<ChaseValues>, 'things'>): GearNeed[] {
  const count = (laid: string) => draft.things.filter((t) => t.laid === laid).length;
  const at = { pieceId: 'field', title: 'Field', use: 'stays' as const };
  const marks = [
    ['cone', count('cone')],
    ['hoop', count('hoop')],
  ] as const;
  return [
    ...marks.filter(([, n]) => n > 0).map(([gearKind, n]) => ({ ...at, gearKind, count: n })),
    ...context.setup.gear.map(({ gearKind, count: each, per }) => ({
      ...at,
      gearKind,
      count: per === 'hunter' ? each * hunterCount(context) : each,
      use: per === 'hunter' ? ('wear' as const) : ('stays' as const),
    })),
  ];
}
