import type { GearNeed } from '../../gear/need.ts';
import { type InningsContext, inningsFields, MARKERS } from './group.ts';

/** For every field its object, what it is hit with and from, and its markers. */
export function inningsGear(context: InningsContext): GearNeed[] {
  const { setup, values } = context;
  return Array.from({ length: inningsFields(context) }, (_, i) => {
    const at = { pieceId: `field-${i + 1}`, title: `${setup.field} ${i + 1}`, use: 'stays' as const, count: 1 };
    return [
      { ...at, gearKind: values.object },
      ...(setup.implement ? [{ ...at, gearKind: setup.implement }] : []),
      ...(setup.tee ? [{ ...at, gearKind: setup.tee }] : []),
      { ...at, gearKind: setup.marker, count: MARKERS },
    ];
  }).flat();
}
