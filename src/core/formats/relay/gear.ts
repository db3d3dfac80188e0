import type { GearNeed } from '../../gear/need.ts';
import type { BlockDraft } from '../format.ts';
import type { RelayContext } from './group.ts';
import type { RelayValues } from './setup.ts';

/** For every line an object for each who goes, and what stands at its end. */
export const relayGear = ({ setup, values }: RelayContext, draft: Pick<BlockDraft<RelayValues>, 'groups'>): GearNeed[] =>
  draft.groups.flatMap((_, i) => {
    const at = { pieceId: `lane-${i + 1}`, title: `${setup.line} ${i + 1}`, use: 'stays' as const };
    return [
      { ...at, gearKind: values.object, count: values.atOnce },
      ...(setup.marker.count ? [{ ...at, ...setup.marker }] : []),
      ...(setup.target ? [{ ...at, ...setup.target }] : []),
    ];
  });
