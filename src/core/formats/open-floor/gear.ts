import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import { type OpenFloorContext, thiefCount, units } from './group.ts';
import type { OpenFloorValues } from './setup.ts';

/** An object (and an implement) for every group, what marks homes and the field, and what stands in it. */
export function openFloorGear(context: OpenFloorContext, draft: Pick<BlockDraft<OpenFloorValues>, 'groups' | 'things'>): GearNeed[] {
  const { setup, values } = context;
  const objects = Math.max(1, units(context, draft.groups).filter((g) => g.length).length - thiefCount(context));
  const laid = (id: string) => draft.things.filter((t) => t.id.startsWith(`field:${id}-`)).length;
  const needs: [string | undefined, number][] = [
    [values.object, objects],
    [setup.implement, objects],
    [setup.home, laid('home')],
    [setup.hoop, laid('hoop')],
    [setup.obstacles?.gearKind, laid('obstacle')],
    [setup.gates?.gearKind, 2 * laid('gate')],
    ['cone', laid('cone')],
  ];
  return needs.flatMap(([gearKind, count]) =>
    gearKind && count > 0 ? [{ pieceId: 'field', title: 'Field', use: 'stays' as const, gearKind, count }] : [],
  );
}
