import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { ClashContext } from './group.ts';
import type { TargetClashValues } from './setup.ts';

/** Small objects for everyone, large ones or targets, pinnies for all sides but the first. */
export function clashGear({ setup, values }: ClashContext, draft: Pick<BlockDraft<TargetClashValues>, 'groups'>): GearNeed[] {
  const sides = draft.groups.length;
  const players = draft.groups.flat().length;
  const isShared = setup.mode === 'drive' || setup.mode === 'pen';
  const at = { pieceId: 'side-1', title: setup.sides[0] };
  return [
    { ...at, gearKind: values.object, count: Math.max(1, Math.ceil(setup.objectsEach * players)), use: 'stays' },
    { ...at, gearKind: setup.target.gearKind, count: values.targets * (isShared ? 1 : sides), use: 'stays' },
  ];
}
