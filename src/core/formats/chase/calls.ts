import type { Rng } from '../../rng.ts';
import { ME } from './modes.ts';
import type { ChasePlaySetup } from './setup.ts';

/** What agents know of the last call: the index of the zone, −1 before the first, and the type that may run, if types are called. */
export interface Called {
  called: number;
  calledType?: string;
  type: readonly string[];
  zone: Int16Array;
  mode: Uint8Array;
}

/** True if an agent runs at the last call: everyone, or those of the type that was called. */
export const isCalled = ({ calledType, type }: Pick<Called, 'calledType' | 'type'>, i: number): boolean =>
  calledType === undefined || type[i] === calledType;

/** The fields of the next call: the other zone; if types are called, one of them by chance and the zone that fewer of them are in. */
export function nextCall({ zones, callsTypes }: ChasePlaySetup, m: Called, at: number, random: Rng): { to?: string; typeCalled?: string } {
  if (!zones) {
    m.called = -1;
    return {};
  }
  if (!callsTypes) {
    m.called = (m.called + 1 + zones.length) % zones.length;
    if (m.called === 0 && at === 0) m.called = 1 % zones.length;
    return { to: zones[m.called] };
  }
  const types = [...new Set(m.type)].filter((type) => type !== '');
  const typeCalled = types[random.below(types.length)];
  const there = zones.map((_, z) => m.type.filter((type, i) => type === typeCalled && m.mode[i] === ME.free && m.zone[i] === z).length);
  m.calledType = typeCalled;
  m.called = there.lastIndexOf(Math.min(...there));
  return { to: zones[m.called], typeCalled };
}
